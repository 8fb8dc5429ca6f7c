package org.antevid.core.takedown.pieces;

import static org.antevid.core.takedown.pieces.Limes.EAST;
import static org.antevid.core.takedown.pieces.Limes.GEAR;
import static org.antevid.core.takedown.pieces.Limes.LAWN;
import static org.antevid.core.takedown.pieces.Limes.WEST;
import static org.antevid.core.takedown.pieces.Limes.limb;
import static org.antevid.core.takedown.pieces.Limes.sound;
import static org.antevid.core.takedown.pieces.Limes.stem;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.antevid.core.stem.StemReading;
import org.antevid.core.takedown.Finding;
import org.junit.jupiter.api.Test;

/** Whoever cuts aloft: attachments, life line, a way down. */
class ClimberTest {
    private static final Climb HELD = held(Optional.empty(), 2, true, true)
            .rescued(6, "edda")
            .in(Map.of(ClimbKit.HARNESS, 20_000, ClimbKit.LIFE_LINE, 20_000, ClimbKit.LANYARD, 20_000));
    private static final Set<PieceRemark> OF_CLIMBER = EnumSet.of(
            PieceRemark.ONE_ATTACHMENT,
            PieceRemark.NOT_CUT_PROOF,
            PieceRemark.NO_WAY_DOWN,
            PieceRemark.TIED_TO_WHAT_GOES,
            PieceRemark.TIE_IN_OVER,
            PieceRemark.TIE_IN_THIN,
            PieceRemark.LINES_TOGETHER);

    private static Climb held(Optional<Double> tieInM, int attachments, boolean cutProof, boolean wayDown) {
        return Climb.held(tieInM, Optional.of(attachments), Optional.of(cutProof), Optional.of(wayDown));
    }

    private static TakeDown plan(Climb climb, Cut... cuts) {
        return plan(GEAR, climb, cuts);
    }

    private static TakeDown plan(Gear gear, Climb climb, Cut... cuts) {
        StemReading r = sound();
        return TakeDown.of(
                CutFigure.of(r, List.of(EAST, WEST)), Aloft.of(r), climb, List.of(cuts), gear, LAWN, HouseLimits.USUAL);
    }

    private static List<PieceRemark> said(Climb climb, Cut cut) {
        return plan(climb, cut).pieces().get(0).remarks();
    }

    /**
     * An ordinary tree, a climber who is held: nothing of it stands in the way, from the first limb to the last log.
     */
    @Test
    void anOrdinaryTreeIsNotHeldUp() {
        StemReading r = sound();
        List<Cut> cuts = Proposal.of(CutFigure.of(r, List.of(EAST, WEST)), Aloft.of(r), GEAR, LAWN);
        TakeDown t = plan(HELD, cuts.toArray(Cut[]::new));
        assertThat(t.remarks()).doesNotContain(PieceRemark.CLIMBER_NOT_ASKED);
        t.pieces().forEach(p -> assertThat(p.remarks())
                .as("piece %d", p.number())
                .doesNotContainAnyElementsOf(OF_CLIMBER.stream()
                        .filter(x -> x.level().compareTo(Finding.CAUTION) > 0)
                        .toList()));
    }

    /** Nobody said it: asked once, no stop. */
    @Test
    void whatNobodySaidIsAsked() {
        TakeDown t = plan(Climb.NOT_SAID, limb("L1", Way.BY_HAND));
        assertThat(t.remarks()).contains(PieceRemark.CLIMBER_NOT_ASKED);
        assertThat(plan(HELD, stem(0.3, Way.FELLED)).remarks()).doesNotContain(PieceRemark.CLIMBER_NOT_ASKED);
        assertThat(plan(Climb.NOT_SAID, stem(0.3, Way.FELLED)).remarks())
                .as("nobody is aloft")
                .doesNotContain(PieceRemark.CLIMBER_NOT_ASKED);
    }

    /** Who said it and that the kit was looked over belong to it. */
    @Test
    void allOfItIsSaidWithWhoSaidItAndTheKit() {
        int today = 20_000;
        Climb all = HELD.in(
                Map.of(ClimbKit.HARNESS, today - 183, ClimbKit.LIFE_LINE, today, ClimbKit.LANYARD, today - 184));
        assertThat(HELD.in(Map.of()).said()).as("the kit").isFalse();
        assertThat(all.said()).isTrue();
        assertThat(plan(all, limb("L1", Way.BY_HAND)).remarks()).doesNotContain(PieceRemark.CLIMBER_NOT_ASKED);
        assertThat(all.overdue(today)).containsExactly(ClimbKit.LANYARD);
        assertThat(all.overdue(today + 365)).hasSize(3);
        assertThat(Climb.NOT_SAID.overdue(today)).isEmpty();
    }

    /** A top goes over its hinge: how deep, how thick, and the sway that only somebody there can say. */
    @Test
    void aToppedPieceAsksForItsSwayAndSaysFaceAndHinge() {
        Piece top = plan(HELD, stem(12, Way.TOPPED)).pieces().get(0);
        assertThat(top.remarks()).contains(PieceRemark.SWAY_NOT_SAID);
        Piece.Topping over = top.topping().orElseThrow();
        assertThat(over.faceM()).isBetween(0.2 * top.diameterM(), top.diameterM() / 3);
        assertThat(over.hingeM()).isLessThan(over.faceM());
        assertThat(over.pushN()).isPositive();
        Climb swayed = HELD.reaching(Optional.of(0.6), Optional.empty());
        assertThat(said(swayed, stem(12, Way.TOPPED))).doesNotContain(PieceRemark.SWAY_NOT_SAID);
        assertThat(said(HELD, limb("L1", Way.BY_HAND))).doesNotContain(PieceRemark.SWAY_NOT_SAID);
        assertThat(plan(HELD, limb("L1", Way.BY_HAND)).pieces().get(0).topping())
                .isEmpty();
    }

    /** Its reach is asked; what is cut above it is out of reach. */
    @Test
    void aPlatformReachesWhatIsCut() {
        Aloft basket = Aloft.of(sound()).said(Aloft.Allowed.PLATFORM);
        for (Map.Entry<Optional<Double>, Set<PieceRemark>> e : Map.of(
                        Optional.<Double>empty(), Set.of(PieceRemark.REACH_NOT_SAID),
                        Optional.of(5.0), Set.of(PieceRemark.OUT_OF_REACH),
                        Optional.of(20.0), Set.<PieceRemark>of())
                .entrySet()) {
            TakeDown t = TakeDown.of(
                    CutFigure.of(sound(), List.of(EAST, WEST)),
                    basket,
                    HELD.reaching(Optional.empty(), e.getKey()),
                    List.of(limb("L1", Way.BY_HAND)),
                    GEAR,
                    LAWN,
                    HouseLimits.USUAL);
            assertThat(t.pieces().get(0).remarks().stream()
                            .filter(r -> r == PieceRemark.REACH_NOT_SAID || r == PieceRemark.OUT_OF_REACH))
                    .as(e.getKey().toString())
                    .containsExactlyInAnyOrderElementsOf(e.getValue());
        }
        assertThat(said(HELD, limb("L1", Way.BY_HAND))).doesNotContain(PieceRemark.REACH_NOT_SAID);
    }

    @Test
    void oneAttachmentNoneCutProofOrNoWayDownStops() {
        Cut cut = limb("L1", Way.BY_HAND);
        assertThat(said(HELD, cut)).doesNotContainAnyElementsOf(OF_CLIMBER);
        assertThat(said(held(Optional.empty(), 1, true, true).rescued(6, "edda"), cut))
                .contains(PieceRemark.ONE_ATTACHMENT);
        assertThat(said(held(Optional.empty(), 2, false, true).rescued(6, "edda"), cut))
                .contains(PieceRemark.NOT_CUT_PROOF);
        assertThat(said(held(Optional.empty(), 2, true, false).rescued(6, "edda"), cut))
                .contains(PieceRemark.NO_WAY_DOWN);
    }

    @Test
    void aRescueThatTakesTooLongIsAskedAbout() {
        Cut cut = limb("L1", Way.BY_HAND);
        Climb slow = held(Optional.empty(), 2, true, true).rescued(11, "edda");
        assertThat(plan(slow, cut).remarks()).contains(PieceRemark.RESCUE_SLOW);
        assertThat(plan(HELD, cut).remarks()).doesNotContain(PieceRemark.RESCUE_SLOW);
        TakeDown quicker = TakeDown.of(
                CutFigure.of(sound(), List.of(EAST, WEST)),
                Aloft.of(sound()),
                HELD,
                List.of(cut),
                GEAR,
                LAWN,
                new HouseLimits(5, HouseLimits.USUAL.leastWoodM()));
        assertThat(quicker.remarks())
                .as("six minutes where the house says five")
                .contains(PieceRemark.RESCUE_SLOW);
    }

    @Test
    void nobodyIsTiedToWhatGoes() {
        Climb high = held(Optional.of(15.5), 2, true, true).rescued(6, "edda");
        TakeDown t = plan(high, stem(12, Way.SNAPPED), limb("L1", Way.BY_HAND));
        assertThat(t.pieces().get(0).climber().orElseThrow().tieIn().z())
                .as("of the stem: below the cut, whatever was said for limbs")
                .isLessThan(12);
        assertThat(t.pieces().get(1).remarks()).contains(PieceRemark.TIED_TO_WHAT_GOES);
        assertThat(said(high, limb("L1", Way.BY_HAND))).contains(PieceRemark.TIE_IN_THIN);
    }

    /** The cut lies below the neck, the feet below the cut, the life line of the stem below it too. */
    @Test
    void theClimberHangsBelowTheCut() {
        Piece p = plan(HELD, stem(12, Way.SNAPPED)).pieces().get(0);
        Climber c = p.climber().orElseThrow();
        assertThat(c.feet().z()).isLessThan(p.from().z());
        assertThat(c.tieIn().z()).isLessThan(p.from().z());
        assertThat(c.peakN()).isPositive();
    }

    @Test
    void aLowerBlockIsNamedThatHolds() {
        Gear across = new Gear(
                GEAR.line(),
                GEAR.block(),
                GEAR.sling(),
                GEAR.brake(),
                Optional.empty(),
                8,
                200,
                0.3,
                Optional.of(new SecondLine(GEAR.line(), 90, 15, 9, 8, 3, Optional.of(true))));
        int found = 0;
        for (double atM = 0; atM < 3.5; atM += 0.25) {
            Cut cut = limb("L1", Way.DRIFTED).at(atM);
            Piece p = plan(across, HELD, cut).pieces().get(0);
            if (p.lowerBlockM().isPresent()) {
                found++;
                assertThat(p.remarks()).contains(PieceRemark.LINK_OVER);
                assertThat(p.lowerBlockM().get())
                        .isLessThan(p.block().orElseThrow().z());
                Piece then = plan(across, HELD, cut.blockAt(p.lowerBlockM().get()))
                        .pieces()
                        .get(0);
                assertThat(then.remarks()).doesNotContain(PieceRemark.LINK_OVER);
                assertThat(then.lowerBlockM()).isEmpty();
            }
        }
        assertThat(found).isPositive();
    }
}
