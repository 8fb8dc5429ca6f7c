package org.antevid.core.judge.cut;

import static org.antevid.core.judge.Severity.SECOND_OPINION;

import java.util.stream.Stream;
import org.antevid.core.cutting.CutPlan;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.lay.Means;
import org.antevid.core.message.Arg;
import org.antevid.core.stem.Condition;

/** Dead wood breaks under wedges and splits the stem, and the blows bring down what is loose above. */
final class WedgesInDeadWood implements CardRule {
    @Override
    public Stream<Finding> check(CutPlan p, Situation s) {
        Condition wood = p.lay().stem().corners(p.lay().choice().layDeg()).worse();
        boolean dead = wood == Condition.DEAD_OLD || wood == Condition.DEAD_RECENT || wood.rotten();
        return p.lay().choice().means().kind() != Means.Kind.WEDGES || !dead
                ? Stream.empty()
                : Stream.of(Finding.of(RuleId.WEDGES_IN_DEAD_WOOD, SECOND_OPINION, CardRule.label(p))
                        .with("wood", Arg.term(wood)));
    }
}
