package org.antevid.core.stem;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.HashSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The one species table hangs together, and not knowing the species is never the lighter answer. */
class SpeciesTest {
    @ParameterizedTest
    @EnumSource(Species.class)
    void densitiesAreInOrderAndStrengthsWithinWhatWoodHas(Species s) {
        assertThat(s.densityLowKgm3()).isLessThan(s.densityKgm3());
        assertThat(s.densityKgm3()).isLessThan(s.densityHighKgm3());
        assertThat(s.densityHighKgm3()).isLessThanOrEqualTo(1300);
        assertThat(s.holdsMPa()).isBetween(27.0, s.bendsMPa());
        assertThat(s.bendsMPa()).isBetween(30.0, 100.0);
        assertThat(s.moeGPa()).isBetween(5.0, 14.0);
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
        double unknown = Species.UNKNOWN.holdsMPa() * Species.UNKNOWN.hinge().factor();
        assertThat(unknown).isLessThanOrEqualTo(s.holdsMPa() * s.hinge().factor());
        assertThat(Species.UNKNOWN.split()).isEqualTo(Species.SplitClass.HIGH);
        assertThat(Species.UNKNOWN.densityHighKgm3()).isGreaterThanOrEqualTo(1200);
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
