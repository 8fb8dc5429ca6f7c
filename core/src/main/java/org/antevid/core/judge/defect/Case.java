package org.antevid.core.judge.defect;

import java.util.Optional;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Severity;
import org.antevid.core.judge.Situation;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.Means;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.stem.Defect;
import org.antevid.core.stem.StemReading;

/** One fault of one stem in its situation. */
public record Case(Defect defect, Situation.StemFacts facts, Situation situation) {
    /** The same fault, same key, whatever is said of it. */
    Finding says(Severity severity, Consequence what) {
        return Finding.of(what.rule(), severity, stem().label(), defect.id())
                .saying(what)
                .with("kind", Arg.term(defect.kind()))
                .with("at", Arg.of(Dimension.LENGTH, defect.fromM()));
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
}
