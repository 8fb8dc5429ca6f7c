package org.antevid.core.tangle.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.quantity.Fault;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Species;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.StemState;
import org.antevid.core.stem.Wood;
import org.antevid.core.tangle.plate.SetBack;
import org.antevid.core.tangle.plate.TiltedPlate;
import org.junit.jupiter.api.Test;

/** Plates of a stem as it was measured: set back, and tilted beneath a tree that stands. */
class PlatesTest {
    private static StemReading reading(Optional<Double> heaveM, Optional<Double> heightM, Optional<Double> dbhM) {
        return new StemReading(
                "S9",
                Species.ALNUS,
                StemState.LYING,
                new Spot(0, 0),
                dbhM.map(d -> new Estimate(d, 0.01)),
                heightM.map(h -> new Estimate(h, 0.5)),
                Optional.empty(),
                Optional.empty(),
                Wood.all(Condition.SOUND),
                StemMass.Shape.FOREST,
                StemMass.Crown.FOREST_BROADLEAF,
                List.of(),
                false,
                new StemReading.More(
                        Optional.empty(),
                        List.of(),
                        heaveM.map(h -> new Estimate(h, 0.02)),
                        Optional.empty(),
                        List.of(),
                        0));
    }

    private static Member thrown() {
        return Members.of(reading(Optional.empty(), Optional.of(12.0), Optional.of(0.25)))
                .plate(new Member.Plate(1.8, 1.6, 0.4, 85))
                .seen();
    }

    private static PlateBack.Ask ask(Optional<Double> stubM, double lineXM) {
        return new PlateBack.Ask(
                stubM, lineXM, new SetBack.Fixed(90), Optional.empty(), Optional.empty(), Optional.empty(), 0);
    }

    @Test
    void aShorterStubIsEasierToPullUp() {
        double before = Double.MAX_VALUE;
        for (double stub : new double[] {10, 6, 3, 1.5}) {
            double pull = PlateBack.of(thrown(), ask(Optional.of(stub), 1.2))
                    .back()
                    .start()
                    .forceN()
                    .orElseThrow();
            assertThat(pull).isLessThan(before);
            before = pull;
        }
    }

    @Test
    void aLineBeyondTheStubAndAStubLongerThanTheStemAreRefused() {
        assertThatThrownBy(() -> PlateBack.of(thrown(), ask(Optional.of(1.0), 1.2)))
                .isInstanceOfSatisfying(
                        RefusedInput.class, e -> assertThat(fields(e)).containsExactly("lineXM"));
        assertThatThrownBy(() -> PlateBack.of(thrown(), ask(Optional.of(20.0), 1.2)))
                .isInstanceOfSatisfying(
                        RefusedInput.class, e -> assertThat(fields(e)).containsExactly("stubM"));
    }

    private static List<String> fields(RefusedInput e) {
        return e.faults().stream().map(Fault::field).toList();
    }

    @Test
    void whatWasNotMeasuredOfATiltedTreeIsAskedForAllAtOnce() {
        StemReading nothing = reading(Optional.empty(), Optional.empty(), Optional.empty());
        assertThatThrownBy(() -> TiltPlan.of(nothing, 1.8, Optional.empty(), Optional.empty(), 0))
                .isInstanceOfSatisfying(
                        RefusedInput.class, e -> assertThat(fields(e)).containsExactly("heave", "height", "girth"));
    }

    @Test
    void aPlateThatLiftedFartherIsNeverGradedBetter() {
        TiltedPlate.Grade before = TiltedPlate.Grade.values()[0];
        double added = 0;
        for (double heave : new double[] {0.02, 0.05, 0.1, 0.2, 0.4}) {
            TiltedPlate t = TiltPlan.of(
                    reading(Optional.of(heave), Optional.of(15.0), Optional.of(0.3)),
                    1.8,
                    Optional.empty(),
                    Optional.empty(),
                    0);
            assertThat(t.grade()).isGreaterThanOrEqualTo(before);
            assertThat(t.addedNm()).isGreaterThan(added);
            before = t.grade();
            added = t.addedNm();
        }
        assertThat(before).isEqualTo(TiltedPlate.Grade.values()[TiltedPlate.Grade.values().length - 1]);
    }
}
