package org.antevid.core.stem;

import static org.antevid.core.Samples.oak;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.site.Spot;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class StemTest {
    static IntStream seeds() {
        return IntStream.range(0, 60);
    }

    private static StemMass mass(double dbh, double height, double cut) {
        return StemMass.of(StemMass.Tree.whole(
                Species.FAGUS.wood(),
                new Estimate(dbh, 0.01),
                new Estimate(height, 1),
                cut,
                StemMass.Shape.FOREST,
                StemMass.Crown.FOREST_BROADLEAF));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void massGrowsWithTheSquareOfTheDiameter(int seed) {
        Random random = new Random(seed);
        double d = 0.2 + random.nextDouble() * 0.4;
        double h = 10 + random.nextDouble() * 20;
        assertThat(mass(2 * d, h, 0.3).massKg())
                .as("seed %d", seed)
                .isCloseTo(4 * mass(d, h, 0.3).massKg(), within(1e-6));
        assertThat(mass(d, h, 1).massKg())
                .as("a higher cut leaves less, seed %d", seed)
                .isLessThan(mass(d, h, 0.3).massKg());
        assertThat(mass(d, h, 0.3).massHighKg())
                .as("seed %d", seed)
                .isGreaterThan(mass(d, h, 0.3).massKg());
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void aHeightSightedForwardComesBack(int seed) {
        Random random = new Random(seed);
        double height = 5 + random.nextDouble() * 30;
        double eye = 1.6;
        double distance = height * (1 + random.nextDouble());
        double top = Math.toDegrees(Math.atan((height - eye) / distance));
        double base = -Math.toDegrees(Math.atan(eye / distance));
        HeightByAngles h = HeightByAngles.of(HeightByAngles.Sighting.level(distance, top, base));
        assertThat(h.height().value()).as("seed %d", seed).isCloseTo(height, within(1e-9));
        assertThat(h.height().sigma()).as("seed %d", seed).isPositive();
    }

    @Test
    void aBaseReadAboveTheTopIsRefusedWithAHint() {
        assertThatThrownBy(() -> HeightByAngles.of(HeightByAngles.Sighting.level(20, -10, 5)))
                .isInstanceOf(RefusedInput.class)
                .hasMessageContaining("TOP_NOT_ABOVE_BASE");
        assertThatThrownBy(() -> HeightByAngles.of(HeightByAngles.Sighting.level(20, 85, 0)))
                .hasMessageContaining("ANGLE_TOO_STEEP");
    }

    @Test
    void barkThickerThanTheStemIsRefused() {
        assertThatThrownBy(() -> Diameter.ofGirth(0.5, 0.01, 0.1))
                .isInstanceOf(RefusedInput.class)
                .hasMessageContaining("BARK_LEAVES_NO_WOOD");
    }

    @Test
    void aLeanOffsetsAlongItsDirectionAndNotAcross() {
        Lean lean = new Lean(2, 90, 0.5);
        // 10 m up: 10 tan 2 = 0.349 m
        assertThat(lean.offsetM(10, 90)).isCloseTo(0.349, within(1e-3));
        assertThat(lean.offsetM(10, 0)).isCloseTo(0, within(1e-9));
        assertThat(lean.offsetM(10, 270)).isCloseTo(-0.349, within(1e-3));
    }

    @Test
    void onlyFaultsAtTheCutSpoilTheHinge() {
        Defect low = new Defect("a", DefectKind.CRACK, 0.5, 2, 0, "");
        Defect high = new Defect("b", DefectKind.CRACK, 6, 8, 0, "");
        assertThat(oak("S1", new Spot(0, 0), List.of(high)).hingeWood()).isEqualTo(Condition.SOUND);
        assertThat(oak("S1", new Spot(0, 0), List.of(high, low)).hingeWood()).isEqualTo(Condition.UNRELIABLE);
    }

    @Test
    void aDeadTopIsBrashAndThrowsMore() {
        assertThat(oak("S1", new Spot(0, 0), List.of()).brash()).isFalse();
        assertThat(oak("S1", new Spot(0, 0), List.of(new Defect("a", DefectKind.DEAD_TOP, 15, 20, 0, "")))
                        .brash())
                .isTrue();
    }

    @Test
    void aDefectUpsideDownIsRefused() {
        assertThatThrownBy(() -> new Defect("a", DefectKind.CRACK, 3, 2, 0, ""))
                .isInstanceOf(RefusedInput.class)
                .hasMessageContaining("BELOW_LOWER_END");
    }

    @Test
    void theUnknownSpeciesIsHeavyAndWeakAndSplits() {
        assertThat(Species.UNKNOWN.wood().densityKgm3()).isGreaterThanOrEqualTo(1050);
        assertThat(Species.UNKNOWN.wood().hinge()).isEqualTo(Species.HingeGrade.BRITTLE);
        assertThat(Species.UNKNOWN.wood().split()).isEqualTo(Species.SplitClass.HIGH);
        for (Species s : Species.values()) {
            assertThat(s.wood().densityLowKgm3()).isLessThan(s.wood().densityKgm3());
            assertThat(s.wood().densityKgm3()).isLessThan(s.wood().densityHighKgm3());
            assertThat(s.wood().holdsMPa())
                    .isGreaterThanOrEqualTo(Species.UNKNOWN.wood().holdsMPa());
        }
    }
}
