package org.antevid.core.judge.cut;

import static org.antevid.core.judge.Severity.CAUTION;

import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.core.cutting.CutPlan;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.stump.CutCard;

/** The hinge steers the fall: what the card warns of is taken note of. */
final class CardWarnings implements CardRule {
    private static final Map<CutCard.Warning, RuleId> WARNED = Map.of(
            CutCard.Warning.THIN_HINGE_LARGE_STEM, RuleId.THIN_HINGE,
            CutCard.Warning.FACE_CLOSES_EARLY_BYPASS, RuleId.FACE_BYPASS,
            CutCard.Warning.BACK_CUT_BELOW_FACE, RuleId.BACK_CUT_LOW);

    @Override
    public Stream<Finding> check(CutPlan p, Situation s) {
        return p.card().warnings().stream().flatMap(w -> Optional.ofNullable(WARNED.get(w)).stream()
                .map(r -> Finding.of(r, CAUTION, CardRule.label(p), w.name())));
    }
}
