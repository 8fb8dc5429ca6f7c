package org.antevid.core.judge.cut;

import java.util.stream.Stream;
import org.antevid.core.cutting.CutPlan;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Situation;

/** One rule about one cut card. */
@FunctionalInterface
public interface CardRule {
    Stream<Finding> check(CutPlan card, Situation s);

    static String label(CutPlan card) {
        return card.lay().stem().label();
    }
}
