package org.antevid.core.judge;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.antevid.core.judge.defect.DefectRule;

/** All rules asked about one situation, worst first. Computed each time, never stored but in a briefing. */
public final class Findings {
    private static final List<Rule> RULES = new ArrayList<>();

    static {
        RULES.addAll(PlaceRules.ALL);
        RULES.addAll(WeatherRules.ALL);
        RULES.addAll(StemRules.ALL);
        RULES.add(new DefectRule());
        RULES.addAll(LayRules.ALL);
        RULES.addAll(ZoneRules.ALL);
        RULES.add(new CutRules());
        RULES.addAll(TangleRules.ALL);
        RULES.addAll(CrewRules.ALL);
    }

    private Findings() {}

    public static List<Finding> of(Situation situation) {
        return RULES.stream()
                .flatMap(r -> r.check(situation))
                .sorted(Comparator.comparing(Finding::severity)
                        .thenComparingInt(Finding::stage)
                        .thenComparing(Finding::key))
                .toList();
    }
}
