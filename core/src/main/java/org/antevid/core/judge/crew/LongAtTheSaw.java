package org.antevid.core.judge.crew;

import static org.antevid.core.judge.Severity.CAUTION;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.core.crew.Person;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Step;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;

/**
 * Tired hands and eyes: nobody cuts for hours on end. Practice rule; local rules on vibration and breaks outrank it.
 */
public final class LongAtTheSaw implements Rule {
    /** Cutting without a break, minutes (judgement). */
    private static final int MOST_MIN = 240;
    /** A pause that counts as a break, minutes (judgement). */
    private static final int BREAK_MIN = 15;

    @Override
    public Stream<Finding> check(Situation s) {
        return s.people().stream().flatMap(p -> longest(s, p).stream());
    }

    private static Optional<Finding> longest(Situation s, Person p) {
        List<Step> cuts = new ArrayList<>(s.steps().stream()
                .filter(st -> !st.done()
                        && st.posts().stream()
                                .anyMatch(x ->
                                        x.role() == Role.CUTTER && x.personId().equals(p.id())))
                .sorted(Comparator.comparingInt(Step::startMin))
                .toList());
        int begun = 0;
        int until = Integer.MIN_VALUE;
        for (Step step : cuts) {
            begun = until == Integer.MIN_VALUE || step.startMin() - until >= BREAK_MIN ? step.startMin() : begun;
            until = Math.max(until, step.endMin());
            if (until - begun > MOST_MIN) {
                return Optional.of(Finding.of(RuleId.LONG_AT_THE_SAW, CAUTION, step, p.id())
                        .with("person", Arg.name(p.name()))
                        .with("minutes", Arg.count(until - begun))
                        .with("most", Arg.count(MOST_MIN))
                        .with("break", Arg.count(BREAK_MIN)));
            }
        }
        return Optional.empty();
    }
}
