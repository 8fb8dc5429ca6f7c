package org.antevid.core.takedown.pieces;

import static org.antevid.core.takedown.pieces.Limes.LAWN;
import static org.antevid.core.takedown.pieces.Limes.fault;
import static org.antevid.core.takedown.pieces.Limes.lime;
import static org.antevid.core.takedown.pieces.Limes.sound;
import static org.antevid.core.takedown.pieces.Limes.stem;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.site.Ground;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.DefectKind;
import org.antevid.core.stem.Lean;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.Wood;
import org.junit.jupiter.api.Test;

/** A top over its hinge: where it goes, and whether two hands push it there. */
class ToppedTest {
    private static final Spot FOOT = new Spot(0, 0);

    private static Piece top(StemReading r, Optional<Double> toward) {
        Cut c = stem(12, Way.TOPPED);
        return Limes.plan(r, List.of(), Gear.NONE, toward.map(c::toward).orElse(c))
                .pieces()
                .get(0);
    }

    private static StemReading leaning(double deg) {
        return lime(Optional.of(new Lean(deg, 90, 0.5)), List.of());
    }

    /** What is ahead never leaves the ring, holds all of it to both sides of the face, and nothing far behind. */
    @Test
    void itGoesToBothSidesOfItsFaceAndNotBehind() {
        IntStream.range(0, 36).mapToDouble(i -> 10 * i + 3).forEach(to -> {
            Piece p = top(sound(), Optional.of(to));
            Spot below = new Spot(p.from().x(), p.from().y());
            Shape ring = Shape.polygon(KeepClear.of(FOOT, p, Ground.LEVEL).orElseThrow());
            Shape ahead = Shape.polygon(KeepClear.ahead(FOOT, p, Ground.LEVEL).orElseThrow());
            double reach = p.drop().acrossM().orElseThrow() - 0.1;
            assertThat(ring.grown(0.01).without(ahead)).isPresent();
            assertThat(ahead.without(ring.grown(0.01))).as("%s", to).isEmpty();
            for (double turn : List.of(-45.0, -20.0, 0.0, 20.0, 45.0)) {
                assertThat(ahead.distanceTo(below.at(to + turn, 0.98 * reach))).isZero();
            }
            for (double turn : List.of(-70.0, 90.0, 180.0)) {
                assertThat(ahead.distanceTo(below.at(to + turn, reach))).isPositive();
            }
        });
    }

    @Test
    void whatNobodySaidGoesAnyWay() {
        assertThat(KeepClear.ahead(FOOT, top(sound(), Optional.empty()), Ground.LEVEL))
                .isEmpty();
        assertThat(stem(12, Way.SNAPPED).toward(90).facingDeg()).isEmpty();
        assertThatThrownBy(() -> stem(12, Way.TOPPED).toward(1000))
                .isInstanceOf(RefusedInput.class)
                .hasMessageContaining("towardDeg");
    }

    /** Dead or unseen wood, a fault where the hinge would be: it may go any way, and is not proposed over a hinge. */
    @Test
    void overAHingeNobodyReliesOnItMayGoAnyWay() {
        StemReading r = sound();
        for (Condition c : Condition.values()) {
            boolean bends = c == Condition.SOUND || c == Condition.STRESSED;
            hinge(Limes.of(Wood.all(c)), bends);
        }
        hinge(lime(r.lean(), List.of(), fault(DefectKind.CRACK, 11.5, 12.5)), false);
        hinge(lime(r.lean(), List.of(), fault(DefectKind.DEAD_TOP, 12.2, 16)), false);
        hinge(lime(r.lean(), List.of(), fault(DefectKind.DECAY_POCKET, 3, 4)), true);
    }

    private static void hinge(StemReading r, boolean trusted) {
        Piece p = top(r, Optional.of(90.0));
        assertThat(p.topping().orElseThrow().trusted()).isEqualTo(trusted);
        assertThat(p.remarks().contains(PieceRemark.HINGE_NOT_TRUSTED)).isNotEqualTo(trusted);
        assertThat(KeepClear.ahead(FOOT, p, Ground.LEVEL).isPresent()).isEqualTo(trusted);
    }

    /** A little against its lean two hands push it over; much needs a line, and with its lean nothing does. */
    @Test
    void againstItsLeanItNeedsALine() {
        assertThat(top(leaning(1), Optional.of(270.0)).remarks()).doesNotContain(PieceRemark.TOP_NEEDS_LINE);
        assertThat(top(leaning(20), Optional.of(270.0)).remarks()).contains(PieceRemark.TOP_NEEDS_LINE);
        assertThat(top(leaning(20), Optional.of(90.0)).remarks()).doesNotContain(PieceRemark.TOP_NEEDS_LINE);
        assertThat(top(leaning(20), Optional.empty()).remarks()).doesNotContain(PieceRemark.TOP_NEEDS_LINE);
    }

    /** Proposed the way it leans; beside it where that may not be. */
    @Test
    void aTopIsProposedWhereItMayGo() {
        StemReading r = sound();
        assertThat(proposed(r, 0)).hasValue(90.0);
        assertThat(Math.abs(Azimuth.turn(90, proposed(r, 70).orElseThrow()))).isEqualTo(90);
    }

    /** From a split stem nothing is proposed to be topped: going, it pushes the stem back. */
    @Test
    void fromASplitStemNoTopIsProposed() {
        StemReading split = lime(sound().lean(), List.of(), fault(DefectKind.SPLIT_UNION, 2, 3));
        assertThat(Proposal.of(
                        CutFigure.of(split, List.of()),
                        Aloft.of(split).said(Aloft.Allowed.PLATFORM),
                        Gear.NONE,
                        LAWN,
                        HouseLimits.USUAL,
                        List.of(),
                        p -> true))
                .hasSizeGreaterThan(3)
                .extracting(Cut::way)
                .doesNotContain(Way.TOPPED);
    }

    /** @return where the first top goes that is proposed so far off the lean at least */
    private static Optional<Double> proposed(StemReading r, double offDeg) {
        return Proposal.of(
                        CutFigure.of(r, List.of()),
                        Aloft.of(r),
                        Gear.NONE,
                        LAWN,
                        HouseLimits.USUAL,
                        List.of(),
                        p -> p.cut()
                                .facingDeg()
                                .filter(d -> Math.abs(Azimuth.turn(90, d)) >= offDeg)
                                .isPresent())
                .stream()
                .flatMap(c -> c.facingDeg().stream())
                .findFirst();
    }
}
