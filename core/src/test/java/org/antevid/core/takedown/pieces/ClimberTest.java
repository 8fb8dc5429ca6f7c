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
import java.util.Optional;
import java.util.Set;
import org.antevid.core.stem.StemReading;
import org.antevid.core.takedown.Finding;
import org.junit.jupiter.api.Test;

/** Whoever cuts aloft: attachments, life line, a way down. */
class ClimberTest {
    private static final Climb HELD =
            new Climb(Optional.empty(), Optional.of(2), Optional.of(true), Optional.of(true), Optional.of(6));
    private static final Set<PieceRemark> OF_CLIMBER = EnumSet.of(
            PieceRemark.ONE_ATTACHMENT,
            PieceRemark.NOT_CUT_PROOF,
            PieceRemark.NO_WAY_DOWN,
            PieceRemark.TIED_TO_WHAT_GOES,
            PieceRemark.TIE_IN_OVER,
            PieceRemark.TIE_IN_THIN,
            PieceRemark.LINES_TOGETHER);

    private static TakeDown plan(Climb climb, Cut... cuts) {
        return plan(GEAR, climb, cuts);
    }

    private static TakeDown plan(Gear gear, Climb climb, Cut... cuts) {
        StemReading r = sound();
        return TakeDown.of(CutFigure.of(r, List.of(EAST, WEST)), Aloft.of(r), climb, List.of(cuts), gear, LAWN);
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

    @Test
    void oneAttachmentNoneCutProofOrNoWayDownStops() {
        Cut cut = limb("L1", Way.BY_HAND);
        assertThat(said(HELD, cut)).doesNotContainAnyElementsOf(OF_CLIMBER);
        assertThat(said(
                        new Climb(
                                Optional.empty(), Optional.of(1), Optional.of(true), Optional.of(true), Optional.of(6)),
                        cut))
                .contains(PieceRemark.ONE_ATTACHMENT);
        assertThat(said(
                        new Climb(
                                Optional.empty(),
                                Optional.of(2),
                                Optional.of(false),
                                Optional.of(true),
                                Optional.of(6)),
                        cut))
                .contains(PieceRemark.NOT_CUT_PROOF);
        assertThat(said(
                        new Climb(
                                Optional.empty(),
                                Optional.of(2),
                                Optional.of(true),
                                Optional.of(false),
                                Optional.of(6)),
                        cut))
                .contains(PieceRemark.NO_WAY_DOWN);
    }

    @Test
    void aRescueThatTakesTooLongIsAskedAbout() {
        Cut cut = limb("L1", Way.BY_HAND);
        Climb slow = new Climb(Optional.empty(), Optional.of(2), Optional.of(true), Optional.of(true), Optional.of(11));
        assertThat(plan(slow, cut).remarks()).contains(PieceRemark.RESCUE_SLOW);
        assertThat(plan(HELD, cut).remarks()).doesNotContain(PieceRemark.RESCUE_SLOW);
    }

    @Test
    void nobodyIsTiedToWhatGoes() {
        Climb high = new Climb(Optional.of(15.5), Optional.of(2), Optional.of(true), Optional.of(true), Optional.of(6));
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
