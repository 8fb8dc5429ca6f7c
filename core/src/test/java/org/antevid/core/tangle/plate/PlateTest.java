package org.antevid.core.tangle.plate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Raised and lifted plates: the worked example by hand, and what holds of every one. */
class PlateTest {
    private static RootPlate plate(double psi, double uPsi) {
        return new RootPlate(2, 2, 0.5, psi, uPsi, 1, 1100, 1900, 0.15);
    }

    private static final List<RootPlate.Piece> PIECES =
            List.of(new RootPlate.Piece(8, 200, 260), new RootPlate.Piece(3, 300, 390));

    @Test
    void theWorkedExample() {
        FallenPlate f = FallenPlate.of(plate(90, 0), PIECES, true, Optional.of(2.0), Optional.empty());
        assertThat(f.plateLowKg()).isCloseTo(1151.9, within(0.1));
        assertThat(f.plateHighKg()).isCloseTo(1989.7, within(0.1));
        assertThat(f.rows())
                .extracting(FallenPlate.Row::state)
                .containsExactly(FallenPlate.State.STAYS, FallenPlate.State.UNCERTAIN, FallenPlate.State.STANDS_UP);
        assertThat(f.rows().get(0).ratio().orElseThrow()).isCloseTo(3.141, within(0.001));
        assertThat(f.rows().get(1).holdDownN().orElseThrow()).isCloseTo(1441.1, within(0.1));
        assertThat(f.rows().get(0).setBackN().orElseThrow()).isCloseTo(22322.8, within(0.1));
        assertThat(f.firstUnsafeAfterCut()).contains(1);
        assertThat(f.minStubM()).isEqualTo(1);
        assertThat(f.zoneBehindM()).isCloseTo(4.062, within(0.001));
    }

    /** The fewer pieces lie on it, the less holds it: the answer never gets better on the way. */
    @Test
    void takingMoreOffNeverHoldsItBetter() {
        Random r = new Random(5);
        for (int i = 0; i < 300; i++) {
            List<RootPlate.Piece> pieces = List.of(
                    new RootPlate.Piece(6 + 8 * r.nextDouble(), 100, 150 + r.nextInt(100)),
                    new RootPlate.Piece(3 + 3 * r.nextDouble(), 150, 200 + r.nextInt(200)),
                    new RootPlate.Piece(1.5, 100, 180));
            FallenPlate f = FallenPlate.of(
                    plate(70 + r.nextInt(25), 5), pieces, r.nextBoolean(), Optional.empty(), Optional.empty());
            for (int k = 1; k < f.rows().size(); k++) {
                assertThat(f.rows().get(k).state())
                        .isGreaterThanOrEqualTo(f.rows().get(k - 1).state());
            }
        }
    }

    /** Less seen of the soil, more doubt of the angle: never a safer answer. */
    @Test
    void knowingLessOfThePlateNeverMakesItStay() {
        FallenPlate sure = FallenPlate.of(plate(85, 0), PIECES, true, Optional.empty(), Optional.empty());
        FallenPlate unsure = FallenPlate.of(plate(85, 10), PIECES, true, Optional.empty(), Optional.empty());
        for (int k = 0; k < sure.rows().size(); k++) {
            assertThat(unsure.rows().get(k).ratio().orElseThrow())
                    .isLessThanOrEqualTo(sure.rows().get(k).ratio().orElseThrow());
        }
    }

    @Test
    void moreHeaveIsNeverABetterGrade() {
        TiltedPlate.Grade last = TiltedPlate.Grade.ELASTIC;
        for (int mm = 0; mm < 400; mm += 10) {
            TiltedPlate t = TiltedPlate.of(new TiltedPlate.Tilt(1.8, mm / 1000.0, 16, 700, 7.2, 8, 35, 1.5, 0, 0));
            assertThat(t.grade()).isGreaterThanOrEqualTo(last);
            last = t.grade();
        }
        assertThat(last).isEqualTo(TiltedPlate.Grade.FAILING);
    }

    /** 0.20 m on a plate of 1.8 m: turns by up to 12.8 degrees, past its peak. */
    @Test
    void aGuyOnAFailingPlateIsNoRescue() {
        TiltedPlate t = TiltedPlate.of(new TiltedPlate.Tilt(1.8, 0.2, 16, 700, 7.2, 8, 35, 1.5, 0, 0));
        assertThat(t.phiHighDeg()).isCloseTo(12.84, within(0.01));
        assertThat(t.grade()).isEqualTo(TiltedPlate.Grade.FAILING);
        assertThat(t.warnings()).contains(TiltedPlate.Warning.PAST_PEAK_ANCHORAGE_GUY_IS_NO_RESCUE);
    }

    @Test
    void theStopValueIsNeverAboveAnyLimit() {
        SetBack s = SetBack.of(
                plate(85, 5),
                PIECES,
                new SetBack.Ask(4, new SetBack.Anchor(12, 0.5), 1.5, List.of(9000.0, 4000.0), 0.25, 2.4, 0, 8));
        assertThat(s.stopN().orElseThrow()).isLessThanOrEqualTo(4000);
        assertThat(s.greatest().orElseThrow().expectedN()).isPositive();
    }
}
