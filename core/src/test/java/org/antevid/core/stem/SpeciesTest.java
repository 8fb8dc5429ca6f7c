package org.antevid.core.stem;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import org.antevid.core.Samples;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.site.Spot;
import org.antevid.core.stump.HingeHold;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** The one species table hangs together, and not knowing the species is never the lighter answer. */
class SpeciesTest {
    @ParameterizedTest
    @EnumSource(Species.class)
    void densitiesAreInOrderAndStrengthsWithinWhatWoodHas(Species s) {
        assertThat(s.wood().densityLowKgm3()).isLessThan(s.wood().densityKgm3());
        assertThat(s.wood().densityKgm3()).isLessThan(s.wood().densityHighKgm3());
        assertThat(s.wood().densityHighKgm3()).isLessThanOrEqualTo(1300);
        assertThat(s.wood().holdsMPa()).isBetween(27.0, s.wood().bendsMPa());
        assertThat(s.wood().bendsMPa()).isBetween(30.0, 100.0);
        assertThat(s.wood().moeGPa()).isBetween(5.0, 14.0);
    }

    @Test
    void everyGenusIsFoundByItsOwnName() {
        assertThat(new HashSet<>(
                        Arrays.stream(Species.values()).map(Species::genus).toList()))
                .hasSize(Species.values().length);
        assertThat(Species.FAGUS.genus()).isEqualTo("fagus");
    }

    @ParameterizedTest
    @EnumSource(Species.class)
    void anUnknownSpeciesIsTakenForOneThatIsHeavyWeakAndReadyToSplit(Species s) {
        double unknown = Species.UNKNOWN.wood().holdsMPa()
                * Species.UNKNOWN.wood().hinge().factor();
        assertThat(unknown)
                .isLessThanOrEqualTo(s.wood().holdsMPa() * s.wood().hinge().factor());
        assertThat(Species.UNKNOWN.wood().split()).isEqualTo(Species.SplitClass.HIGH);
        assertThat(Species.UNKNOWN.wood().densityHighKgm3()).isGreaterThanOrEqualTo(1200);
    }

    @Test
    void aHouseThatKnowsItsWoodToBeHeavierAndWeakerHasMoreMassAndLessHinge() {
        StemReading usual = Samples.oak("S1", new Spot(0, 0), List.of());
        GreenWood of = usual.greenWood();
        GreenWood own = new GreenWood(
                of.densityLowKgm3() + 60,
                of.densityKgm3() + 60,
                of.densityHighKgm3() + 60,
                of.holdsMPa() - 5,
                of.bendsMPa(),
                of.moeGPa(),
                of.hinge(),
                of.split());
        StemReading heavier = usual.as(usual.species(), Optional.of(own), WeighedBefore.NOTHING);
        assertThat(heavier.greenWood()).isEqualTo(own);
        assertThat(heavier.mass(0.3).orElseThrow().massKg())
                .isGreaterThan(usual.mass(0.3).orElseThrow().massKg());
        assertThat(HingeHold.of(own, Condition.SOUND, 0.4, 0.04, 1000, 0).capacityNm())
                .isLessThan(
                        HingeHold.of(of, Condition.SOUND, 0.4, 0.04, 1000, 0).capacityNm());
        assertThat(heavier.as(Species.UNKNOWN, Optional.empty(), WeighedBefore.NOTHING)
                        .greenWood())
                .as("another species has its own figures")
                .isEqualTo(Species.UNKNOWN.wood());
    }

    @ParameterizedTest
    @CsvSource({
        "900, 850, 1000, 40, 50, 9, densityKgm3",
        "800, 1050, 1000, 40, 50, 9, densityKgm3",
        "800, 900, 1000, 60, 50, 9, bendsMPa",
        "80, 900, 1000, 40, 50, 9, densityLowKgm3",
        "800, 900, 1000, 40, 50, NaN, moeGPa"
    })
    void figuresThatCannotBeAreRefusedByName(
            double low, double usual, double high, double holds, double bends, double moe, String field) {
        assertThatThrownBy(() -> new GreenWood(
                        low, usual, high, holds, bends, moe, Species.HingeGrade.STRONG, Species.SplitClass.LOW))
                .isInstanceOfSatisfying(
                        RefusedInput.class,
                        e -> assertThat(e.faults().get(0).field()).isEqualTo(field));
    }

    @ParameterizedTest
    @EnumSource(Condition.class)
    void everyConditionIsSaidInPlainWordsAndNoneIsStrongerThanSound(Condition c) {
        assertThat(ConditionWords.of(c).code().name()).isEqualTo(c.name());
        assertThat(c.factor()).isBetween(0.0, 1.0);
        assertThat(Wood.worst(c, Condition.SOUND)).isEqualTo(c == Condition.SOUND ? Condition.SOUND : c);
        assertThat(Wood.worst(c, Condition.UNRELIABLE)).isEqualTo(Condition.UNRELIABLE);
    }

    @Test
    void aFrustumBetweenACylinderAndAPointHasItsBalanceBetweenTheirs() {
        double cylinder = Frustum.of(0.5, 0.5, 6, 900).cgM();
        double point = Frustum.of(0.5, 0, 6, 900).cgM();
        assertThat(Frustum.of(0.5, 0.3, 6, 900).cgM()).isBetween(point, cylinder);
        assertThat(Frustum.of(0.5, 0.3, 6, 900).massKg())
                .isBetween(
                        Frustum.of(0.5, 0, 6, 900).massKg(),
                        Frustum.of(0.5, 0.5, 6, 900).massKg());
    }
}
