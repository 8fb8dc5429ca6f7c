package org.antevid.core.brief;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Step;
import org.antevid.core.lay.Means;
import org.antevid.core.site.EmergencyCard;
import org.antevid.core.takedown.pieces.Way;
import org.antevid.core.takedown.step.PiecePart;
import org.junit.jupiter.api.Test;

/** What of a tree's pieces is a change between two briefings. */
class PieceChangeTest {
    private static PlanDocument plan(boolean done, double massKg) {
        PlanDocument p = BriefedPlans.plan(
                Means.Kind.WEDGES, Step.Kind.ALOFT, BriefedPlans.post("nadia", "Nadia Quill", Role.CLIMBER));
        PlanDocument.StepPart s = p.steps().get(0);
        PiecePart piece = new PiecePart(
                List.of(1),
                3,
                Way.LET_RUN,
                9,
                3,
                massKg,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                1,
                Optional.empty(),
                Optional.empty(),
                List.of(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
        return new PlanDocument(
                p.job(),
                p.windLimitMs(),
                p.slopeDeg(),
                p.downhillDeg(),
                p.things(),
                p.stems(),
                List.of(new PlanDocument.StepPart(
                        s.id(),
                        s.turn(),
                        s.kind(),
                        s.stem(),
                        s.startMin(),
                        s.endMin(),
                        s.posts(),
                        s.ticks(),
                        s.work(),
                        s.kit(),
                        done,
                        Optional.of(piece))),
                EmergencyCard.EMPTY);
    }

    /** What has come down is briefed to nobody again, whatever gear the rest hangs on now. */
    @Test
    void aPieceThatIsDownIsNoChange() {
        assertThat(PlanComparison.between(plan(false, 40), plan(false, 60))).isNotEmpty();
        assertThat(PlanComparison.between(plan(true, 40), plan(true, 60))).isEmpty();
        assertThat(PlanComparison.between(plan(false, 40), plan(false, 40))).isEmpty();
    }
}
