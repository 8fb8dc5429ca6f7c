package org.antevid.core.takedown.pieces;

import static org.antevid.core.takedown.pieces.Limes.EAST;
import static org.antevid.core.takedown.pieces.Limes.GEAR;
import static org.antevid.core.takedown.pieces.Limes.WEST;
import static org.antevid.core.takedown.pieces.Limes.force;
import static org.antevid.core.takedown.pieces.Limes.limb;
import static org.antevid.core.takedown.pieces.Limes.plan;
import static org.antevid.core.takedown.pieces.Limes.sound;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.site.Ground;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.StemMass;
import org.antevid.core.takedown.spar.Point;
import org.junit.jupiter.api.Test;

/** A piece between two lines. */
class DriftTest {
    private static final Point BLOCK = new Point(0, 0, 12);
    private static final Optional<Gear.Part> LINE =
            Optional.of(new Gear.Part("line 14", 50_000, true, Optional.empty()));

    private static SecondLine second(double heightM, double toM, double downM, Optional<Boolean> sound) {
        return new SecondLine(LINE, 270, 15, heightM, toM, downM, sound);
    }

    private static Drift drift(double heightM, double toM, double downM) {
        return Drift.of(100, BLOCK, 1, second(heightM, toM, downM, Optional.of(true)));
    }

    private static Piece drawn(Gear gear) {
        return plan(sound(), List.of(EAST, WEST), gear, limb("L1", Way.DRIFTED))
                .pieces()
                .get(0);
    }

    private static Gear with(Optional<SecondLine> s) {
        return new Gear(GEAR.line(), GEAR.block(), GEAR.sling(), GEAR.brake(), Optional.empty(), 8, 200, 0.3, s);
    }

    @Test
    void atTheStartTheFirstLineCarriesItAllWithHandling() {
        Drift d = drift(8, 6, 3);
        assertThat(d.places().get(0).firstN()).isCloseTo(1.3 * 100 * StemMass.G, within(1e-6));
        assertThat(d.places().get(0).secondN()).isCloseTo(0, within(1e-6));
        assertThat(d.start().z()).isCloseTo(8, within(1e-9));
        assertThat(d.end().x()).as("west of the block").isCloseTo(-6, within(1e-9));
    }

    /** Both lines together carry the weight upwards and nothing sideways, wherever it is. */
    @Test
    void theLinesBalanceThePiece() {
        Drift d = drift(9, 8, 4);
        for (Drift.Place p : d.places()) {
            Point first = p.at().towards(BLOCK).times(p.firstN());
            Point other = p.at().towards(new Point(-15, 0, 9)).times(p.secondN());
            Point sum = first.plus(other);
            assertThat(sum.z()).isCloseTo(1.3 * 100 * StemMass.G, within(1e-3));
            assertThat(sum.x()).isCloseTo(0, within(1e-3));
        }
    }

    @Test
    void deeperIsNeverHarderAndHeavierNeverEasier() {
        Random r = new Random(5);
        for (int i = 0; i < 200; i++) {
            double to = 1 + r.nextDouble() * 12;
            double down = 1 + r.nextDouble() * 5;
            double high = 9 + r.nextDouble() * 3;
            Drift shallow = drift(high, to, down);
            Drift deep = drift(high, to, down + 1);
            if (shallow.remarks().isEmpty() && deep.remarks().isEmpty()) {
                assertThat(deep.betweenDeg()).isLessThanOrEqualTo(shallow.betweenDeg() + 1e-9);
                Drift heavy = Drift.of(120, BLOCK, 1, second(high, to, down, Optional.of(true)));
                assertThat(heavy.firstN()).isGreaterThan(shallow.firstN());
                assertThat(heavy.secondN()).isGreaterThanOrEqualTo(shallow.secondN());
            }
        }
    }

    @Test
    void tooFlatStopsAndLettingItDownFurtherClears() {
        assertThat(drift(12, 7, 0).remarks()).containsExactly(PieceRemark.DRIFT_TOO_FLAT);
        assertThat(drift(12, 7, 2.5).remarks()).containsExactly(PieceRemark.DRIFT_FLAT);
        assertThat(drift(12, 7, 8).remarks()).isEmpty();
    }

    /** Nobody looked is not sound. */
    @Test
    void theOtherTreeIsAskedFor() {
        assertThat(Drift.of(100, BLOCK, 1, second(12, 7, 8, Optional.empty())).remarks())
                .containsExactly(PieceRemark.SECOND_TREE_NOT_SEEN);
        assertThat(Drift.of(100, BLOCK, 1, second(12, 7, 8, Optional.of(false))).remarks())
                .containsExactly(PieceRemark.SECOND_TREE_BAD);
    }

    @Test
    void withoutASecondLineItIsAStop() {
        assertThat(drawn(GEAR).remarks()).contains(PieceRemark.NO_SECOND_LINE);
        SecondLine nothing = new SecondLine(Optional.empty(), 270, 15, 9, 6, 3, Optional.of(true));
        assertThat(drawn(with(Optional.of(nothing))).remarks()).contains(PieceRemark.NO_SECOND_LINE);
    }

    /** Drawn across it bends the stem more than hanging below its block, and the brake hand holds more. */
    @Test
    void theStemAndTheBrakeFeelTheSecondLine() {
        Piece hung = plan(sound(), List.of(EAST, WEST), GEAR, limb("L1", Way.TIED_ABOVE))
                .pieces()
                .get(0);
        Piece across = drawn(with(Optional.of(new SecondLine(LINE, 90, 15, 9, 8, 3, Optional.of(true)))));
        assertThat(across.remarks()).doesNotContain(PieceRemark.NO_SECOND_LINE);
        assertThat(force(across, Link.Kind.FOOT)).isGreaterThan(force(hung, Link.Kind.FOOT));
        assertThat(across.loading().wraps().orElseThrow())
                .isGreaterThanOrEqualTo(hung.loading().wraps().orElseThrow());
        assertThat(force(across, Link.Kind.SECOND_LINE)).isPositive();
    }

    @Test
    void nobodyStandsUnderTheWayItIsDrawn() {
        Piece across = drawn(with(Optional.of(second(9, 8, 3, Optional.of(true)))));
        Spot foot = new Spot(0, 0);
        Shape zone =
                Shape.polygon(KeepClear.whileCut(foot, across, Ground.LEVEL).orElseThrow());
        Shape ends = Shape.polygon(KeepClear.of(foot, across, Ground.LEVEL).orElseThrow());
        for (double m = 0; m <= 8; m += 0.5) {
            assertThat(zone.distanceTo(foot.at(270, m))).as("%.1f m", m).isZero();
            assertThat(ends.distanceTo(foot.at(270, m))).as("%.1f m", m).isZero();
        }
    }

    @Test
    void fartherThanTheOtherTreeIsRefused() {
        assertThatThrownBy(() -> second(9, 16, 3, Optional.empty())).isInstanceOf(RefusedInput.class);
    }
}
