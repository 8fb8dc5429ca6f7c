package org.antevid.core.judge.defect;

import java.util.Locale;
import java.util.Optional;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Severity;
import org.antevid.core.judge.Situation;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.Means;
import org.antevid.core.stem.Defect;
import org.antevid.core.stem.StemReading;

/** One fault on one stem in the plan as it stands. */
public record Case(Defect defect, Situation.StemFacts facts, Situation situation) {
    /** The same fault, same key, whatever is said of it. */
    Finding says(Severity severity, String words, String why, String source, String clears) {
        return Finding.of(
                "defect:" + stem().label() + ":" + defect.id(),
                severity,
                2,
                stem().label(),
                String.format(
                        Locale.ROOT,
                        "%s: %s at %.1f m: %s",
                        stem().label(),
                        defect.kind().words(),
                        defect.fromM(),
                        words),
                why,
                source,
                clears);
    }

    StemReading stem() {
        return facts.reading();
    }

    /** @return the height of the line on the stem above ground, where one is planned */
    Optional<Double> ropeM() {
        return facts.lay()
                .flatMap(l ->
                        l.choice().means().ropeHeightM().map(h -> h + l.choice().cutHeightM()));
    }

    boolean wedged() {
        return facts.lay()
                .map(LayPlan::choice)
                .filter(c -> c.means().kind() == Means.Kind.WEDGES)
                .isPresent();
    }

    Optional<Double> cutM() {
        return facts.lay().map(l -> l.choice().cutHeightM());
    }

    static String metres(double m) {
        return String.format(Locale.ROOT, "%.2f m", m);
    }
}
