package org.antevid.core.outcome;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.MassPart;
import org.antevid.core.stem.MassRecord;
import org.antevid.core.stem.Species;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.StemState;
import org.antevid.core.stem.WeighedBefore;
import org.junit.jupiter.api.Test;

/** What is written down beside the falls. */
class RecordsTest {
    private static StemReading stem(Optional<Estimate> height) {
        return new StemReading(
                "S1",
                Species.ALNUS,
                StemState.FELLED,
                new Spot(0, 0),
                Optional.of(new Estimate(0.4, 0.01)),
                height,
                Optional.empty(),
                Optional.of(3.0),
                Condition.SOUND,
                StemMass.Shape.FOREST,
                StemMass.Crown.FOREST_BROADLEAF,
                List.of(),
                false);
    }

    private static final StemReading MEASURED = stem(Optional.of(new Estimate(15, 0.5)));

    private static Weighed log(double kg) {
        return new Weighed(MassPart.STEM, 0.3, 4, kg, WeighedBy.CRANE);
    }

    @Test
    void aLogIsComparedWithTheSameLog() {
        double kg = log(500).reckonedKg(MEASURED).orElseThrow();
        assertThat(kg).isCloseTo(MEASURED.logKg(0.3, 4).orElseThrow(), within(1e-9));
        assertThat(new Weighed(MassPart.WHOLE, 1, 2, 900, WeighedBy.CRANE)
                        .reckonedKg(MEASURED)
                        .orElseThrow())
                .isCloseTo(MEASURED.mass(0.3).orElseThrow().massKg(), within(1e-9));
    }

    @Test
    void whatWasWeighedBeforeIsNotCountedTwice() {
        MassRecord.Learned heavy = new MassRecord(Species.ALNUS, MassPart.STEM, List.of(1.5, 1.5), Optional.empty())
                .learned()
                .orElseThrow();
        StemReading corrected = MEASURED.weighed(new WeighedBefore(Optional.of(heavy), Optional.empty()));
        assertThat(log(500).reckonedKg(corrected)).isEqualTo(log(500).reckonedKg(MEASURED));
    }

    @Test
    void whatNobodyMeasuredIsNotCompared() {
        assertThat(log(500).reckonedKg(stem(Optional.empty()))).isEmpty();
    }

    @Test
    void aWeightFarBesideIsAskedBack() {
        double kg = log(500).reckonedKg(MEASURED).orElseThrow();
        assertThat(log(1.9 * kg).odd(kg)).isFalse();
        assertThat(log(2.1 * kg).odd(kg)).isTrue();
        assertThat(log(0.4 * kg).odd(kg)).isTrue();
        assertThatThrownBy(() -> log(11 * kg).ratio(kg)).isInstanceOf(RefusedInput.class);
    }

    @Test
    void aLogHasTwoEndsAndAWeight() {
        assertThatThrownBy(() -> new Weighed(MassPart.STEM, 4, 4, 500, WeighedBy.CRANE))
                .isInstanceOf(RefusedInput.class);
        assertThatThrownBy(() -> new Weighed(MassPart.CROWN, 0, 0, 0, WeighedBy.CRANE))
                .isInstanceOf(RefusedInput.class);
    }

    @Test
    void damageSaysWhatWasHitANearMissDoesNot() {
        assertThatThrownBy(() -> new Incident(
                        Incident.Kind.DAMAGE,
                        Optional.empty(),
                        Harm.FIRST_AID,
                        Optional.of(" "),
                        Optional.empty(),
                        "gone"))
                .isInstanceOf(RefusedInput.class);
        assertThatThrownBy(() -> new Incident(
                        Incident.Kind.NEAR_MISS,
                        Optional.empty(),
                        Harm.DEADLY,
                        Optional.empty(),
                        Optional.empty(),
                        "  "))
                .isInstanceOf(RefusedInput.class);
        assertThat(new Incident(
                                Incident.Kind.NEAR_MISS,
                                Optional.empty(),
                                Harm.DEADLY,
                                Optional.of("gate"),
                                Optional.of("f1"),
                                "close")
                        .struck())
                .isEmpty();
    }

    @Test
    void onlyWhatFellWhereItLikedCountsAsControlLost() {
        assertThat(List.of(Control.values()).stream().filter(Control::lost)).containsExactly(Control.LOST);
    }
}
