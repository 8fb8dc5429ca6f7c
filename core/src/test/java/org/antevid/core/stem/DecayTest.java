package org.antevid.core.stem;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.LongStream;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.quantity.RefusedInput;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Cavities, probed walls, raised cuts, wood by place. */
class DecayTest {
    static LongStream seeds() {
        return LongStream.rangeClosed(1, 80);
    }

    @Test
    void soundWoodKeepsEverything() {
        Hollow h = hollow(0.8, 0, 0, 0);
        assertThat(h.hingeWoodShare()).isEqualTo(1);
        assertThat(h.result()).isEqualTo(Hollow.Result.OK);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void aWiderCavityNeverLeavesMore(long seed) {
        Random r = new Random(seed);
        double d = 0.4 + 0.8 * r.nextDouble();
        double small = d * 0.8 * r.nextDouble();
        double large = small + (d * 0.8 - small) * r.nextDouble();
        Hollow a = hollow(d, small, 0, 0);
        Hollow b = hollow(d, large, 0, 0);
        assertThat(b.wallMinM()).as("seed %d", seed).isLessThanOrEqualTo(a.wallMinM());
        assertThat(b.hingeWoodShare()).as("seed %d", seed).isLessThanOrEqualTo(a.hingeWoodShare() + 1e-12);
        assertThat(b.result()).as("seed %d", seed).isGreaterThanOrEqualTo(a.result());
    }

    @Test
    void aCavityToTheRightSparesTheLeftCorner() {
        Hollow h = hollow(0.8, 0.3, 0, 0.1);
        assertThat(h.cornerLeftM()).isGreaterThan(h.cornerRightM());
        Hollow mirrored = hollow(0.8, 0.3, 0, -0.1);
        assertThat(mirrored.cornerLeftM()).isCloseTo(h.cornerRightM(), within(1e-12));
    }

    @Test
    void aCavityThatReachesOutsideIsRefused() {
        assertThatThrownBy(() -> hollow(0.6, 0.4, 0.15, 0))
                .isInstanceOf(RefusedInput.class)
                .hasMessageContaining("CAVITY_REACHES_OUTSIDE");
    }

    @Test
    void weightOnAThinShellCounts() {
        Hollow light = Hollow.of(new Hollow.Section(0.8, 0.5, 0, 0, 0.2, 0.08, 0.015, 2000, 0, Species.FAGUS.wood()));
        Hollow bent =
                Hollow.of(new Hollow.Section(0.8, 0.5, 0, 0, 0.2, 0.08, 0.015, 2000, 400_000, Species.FAGUS.wood()));
        assertThat(bent.stressShare().orElseThrow())
                .isGreaterThan(light.stressShare().orElseThrow());
    }

    @Test
    void threeEvenProbesMakeARoundCavityInTheMiddle() {
        // radius 0.3, wall 0.2 all round: a cavity of 0.2 m, grown by 1.6449 x 15 mm on each side
        Hollow h = probed(0.6, List.of(wall(0, 0.2), wall(120, 0.2), wall(240, 0.2)))
                .orElseThrow();
        assertThat(h.wallMinM()).isCloseTo(0.2 - 1.6449 * 0.015, within(1e-6));
    }

    @Test
    void aThinWallOnOneSideIsNeverForgottenInTheMean() {
        Hollow h = probed(0.6, List.of(wall(0, 0.25), wall(90, 0.25), wall(180, 0.25), wall(270, 0.05)))
                .orElseThrow();
        assertThat(h.wallMinM()).isLessThanOrEqualTo(0.05);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void noProbeIsEverCountedThickerThanItWasMeasured(long seed) {
        Random r = new Random(seed);
        double d = 0.4 + 0.6 * r.nextDouble();
        List<FieldBook.Wall> walls = java.util.stream.IntStream.range(0, 3 + r.nextInt(4))
                .mapToObj(i -> wall(360 * r.nextDouble(), d / 2 * r.nextDouble()))
                .toList();
        double thinnest =
                walls.stream().mapToDouble(w -> w.thicknessM().value()).min().orElseThrow();
        assertThat(probed(d, walls).orElseThrow().wallMinM())
                .as("seed %d", seed)
                .isLessThanOrEqualTo(thinnest + 1e-9);
    }

    @Test
    void noCornerIsCountedThickerThanWasFoundThere() {
        // the hinge lies in front of the round cavity that fits, yet 160 mm were all that was found at the left corner
        Hollow h = probed(0.6, List.of(wall(180, 0.1), wall(270, 0.16), wall(90, 0.17)))
                .orElseThrow();
        assertThat(h.cornerLeftM()).isLessThanOrEqualTo(0.16 - 1.6449 * 0.015 + 1e-4);
        assertThat(h.cornerRightM()).isLessThanOrEqualTo(0.17 - 1.6449 * 0.015 + 1e-4);
        assertThat(h.hingeWoodShare()).isLessThan(0.7);
    }

    @Test
    void twoProbesSayNothing() {
        assertThat(probed(0.6, List.of(wall(0, 0.2), wall(90, 0.2)))).isEmpty();
    }

    @Test
    void cornersAreCoveredOnlyByAcceptedProbesNearBothOfThem() {
        List<FieldBook.Wall> good = List.of(wall(80, 0.2), wall(275, 0.2), wall(180, 0.2));
        assertThat(Probes.covers(good, 0)).isTrue();
        assertThat(Probes.covers(good, 90)).as("the corners of another lay").isFalse();
        assertThat(Probes.covers(
                        List.of(
                                wall(80, 0.2),
                                wall(275, 0.2),
                                new FieldBook.Wall(180, 0.3, new Estimate(0.2, 0.015), false)),
                        0))
                .isFalse();
    }

    @Test
    void theCutGoesUpToWhereTheWallIsThickEnough() {
        // 4 cm more are needed, 8 cm come on 0.7 m: 0.35 m above 0.3
        assertThat(RaisedCut.of(0.3, 0.08, 1.0, 0.16, 0.12).cutHeightM()).contains(0.65);
        assertThat(RaisedCut.of(0.3, 0.2, 1.0, 0.16, 0.12).cutHeightM())
                .as("thick enough below")
                .hasValueSatisfying(h -> assertThat(h).isCloseTo(0.3, within(1e-9)));
        assertThat(RaisedCut.of(0.9, 0.08, 1.1, 0.1, 0.15).answer()).isEqualTo(RaisedCut.Answer.ABOVE_WORKING_HEIGHT);
    }

    @Test
    void cornersOfAnotherLayAreTheWorstOfTheOuterWood() {
        Wood w = new Wood(
                Condition.SOUND,
                Condition.STRESSED,
                Condition.DECAYED,
                Condition.DECAYED,
                Condition.DEAD_RECENT,
                Optional.of(90.0));
        assertThat(w.corners(100)).isEqualTo(Condition.STRESSED);
        assertThat(w.corners(200)).isEqualTo(Condition.DECAYED);
        assertThat(w.strap(100)).isEqualTo(Condition.DECAYED);
    }

    @Test
    void aRottenCoreBetweenSoundCornersIsNoRottenHinge() {
        Wood w = new Wood(
                Condition.SOUND,
                Condition.SOUND,
                Condition.SOUND,
                Condition.DECAYED,
                Condition.SOUND,
                Optional.of(0.0));
        assertThat(w.corners(0)).isEqualTo(Condition.SOUND);
        assertThat(w.corners(180)).isEqualTo(Condition.SOUND);
    }

    private static Hollow hollow(double d, double cavity, double forward, double right) {
        return Hollow.of(
                new Hollow.Section(d, cavity, forward, right, 0.22 * d, 0.1 * d, 0.015, 0, 0, Species.QUERCUS.wood()));
    }

    private static Optional<Hollow> probed(double d, List<FieldBook.Wall> walls) {
        return Probes.hollow(walls, 0, d, 0.22 * d, 0.1 * d, 0, 0, Species.QUERCUS.wood());
    }

    private static FieldBook.Wall wall(double azimuth, double thickness) {
        return new FieldBook.Wall(azimuth, 0.3, new Estimate(thickness, 0.015), true);
    }
}
