package org.antevid.core.assist;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import java.util.Random;
import java.util.stream.LongStream;
import org.antevid.core.quantity.RefusedInput;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class LineAndGuyTest {
    private static PullLine.Geometry line(double backM, double ropeM, double anchorM, double offDeg) {
        return new PullLine.Geometry(1500, backM, 0.1, 0, 0, 8.5, ropeM, 22, anchorM, 0, offDeg);
    }

    private static PullLine.Rigging doubled(double legDeg) {
        return new PullLine.Rigging(
                true,
                legDeg,
                Optional.empty(),
                0.9,
                1,
                0.9,
                250,
                Optional.empty(),
                Optional.of(60000.0),
                0.6,
                5,
                Optional.empty(),
                1.5);
    }

    static LongStream seeds() {
        return LongStream.range(0, 200);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void legTensionGrowsWithTheLegAngle(long seed) {
        Random r = new Random(seed);
        PullLine.Geometry g = line(0.3 + r.nextDouble(), 8 + 6 * r.nextDouble(), 25 + 30 * r.nextDouble(), 0);
        double deg = 100 * r.nextDouble();
        double wider = deg + 1 + 19 * r.nextDouble();
        assertThat(PullLine.of(g, doubled(wider), Optional.empty()).legN())
                .as("seed %d", seed)
                .isGreaterThan(PullLine.of(g, doubled(deg), Optional.empty()).legN());
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void moreBackLeanNeverNeedsLessPullAndLeftMirrorsRight(long seed) {
        Random r = new Random(seed);
        double back = r.nextDouble();
        double off = 40 * r.nextDouble();
        PullLine a = PullLine.of(line(back, 12, 40, off), PullLine.Rigging.STRAIGHT, Optional.empty());
        assertThat(PullLine.of(line(back + r.nextDouble(), 12, 40, off), PullLine.Rigging.STRAIGHT, Optional.empty())
                        .tensionN())
                .as("seed %d", seed)
                .isGreaterThanOrEqualTo(a.tensionN());
        PullLine left = PullLine.of(line(back, 12, 40, -off), PullLine.Rigging.STRAIGHT, Optional.empty());
        assertThat(left.tensionN()).isCloseTo(a.tensionN(), within(1e-6));
        assertThat(left.sideNm()).isCloseTo(-a.sideNm(), within(1e-6));
    }

    @Test
    void aBlockWhoseRopeReturnsCarriesTwiceThePullAndAStraightOneNothing() {
        assertThat(PullLine.blockN(1000, 0, 1)).isCloseTo(2000, within(1e-9));
        assertThat(PullLine.blockN(1000, 180, 1)).isCloseTo(0, within(1e-6));
        // with friction the pulling side has 1000/0.9 = 1111 N
        assertThat(PullLine.blockN(1000, 0, 0.9)).isCloseTo(2111.1, within(0.1));
    }

    @Test
    void aTruckersHitchIsWorthLessThanItsName() {
        // 1 + 0.5 + 0.25
        assertThat(PullLine.advantage(3, 0.5)).isCloseTo(1.75, within(1e-12));
        assertThat(PullLine.advantage(1, 0.5)).isEqualTo(1);
    }

    @Test
    void aTieInTheTopAndALineThatPullsDownAreRefused() {
        assertThatThrownBy(() -> line(0.3, 21.5, 35, 0)).isInstanceOfSatisfying(RefusedInput.class, e -> assertThat(
                        e.faults().get(0).code())
                .isEqualTo("ROPE_ABOVE_SAFE_TOP"));
        assertThatThrownBy(() -> PullLine.of(
                        new PullLine.Geometry(1500, 12, 0.1, 0, 0, 8.5, 3, 22, 1, 0, 0),
                        PullLine.Rigging.STRAIGHT,
                        Optional.empty()))
                .isInstanceOfSatisfying(
                        RefusedInput.class,
                        e -> assertThat(e.faults().get(0).field()).isEqualTo("anchor_dist_m"));
    }

    @Test
    void aSaggingStemTravelsFartherTheMoreItLeansBack() {
        Travel little = Travel.of(0.1, 9, 3000, 20000, 12, 0.2, 50, 0, 1);
        Travel much = Travel.of(0.6, 9, 3000, 20000, 12, 0.9, 50, 0, 1);
        assertThat(much.tieM()).isGreaterThan(little.tieM());
        assertThat(Travel.of(0.1, 9, 3000, 20000, 12, 0.2, 50, 0, 3).haulM())
                .isCloseTo(3 * little.haulM(), within(1e-9));
        // turned: atan(0.1/9) + asin(3000/180000) = 0.637 + 0.955 degrees
        assertThat(little.turnedDeg()).isCloseTo(1.592, within(0.001));
    }

    @Test
    void aThinAnchorTreeBendsMoreThanItMay() {
        // 32 * 10 kN * 0.5 m / (pi * 0.15^3) = 15.1 MPa, 46 % of 33
        assertThat(new Rig.AnchorTree(0.15, 0.5).stressShare(10000)).isCloseTo(0.457, within(0.001));
        assertThat(new Rig.AnchorTree(0.15, 0.5).bears(10000)).isFalse();
        assertThat(new Rig.AnchorTree(0.25, 0.5).bears(10000)).isTrue();
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void aGuyKeepsItsLengthOnTheHingeLineOnly(long seed) {
        Random r = new Random(seed);
        double height = 5 + 10 * r.nextDouble();
        double side = 10 + 30 * r.nextDouble();
        SideGuy on = SideGuy.of(
                new SideGuy.Geometry(height, side, 0, 0, r.nextDouble(), 22), SideGuy.Load.all(9000, Optional.empty()));
        assertThat(on.lengthChangeM().values()).as("seed %d", seed).allSatisfy(c -> assertThat(c)
                .isCloseTo(0, within(1e-9)));
        double out = 1 + 8 * r.nextDouble();
        assertThat(SideGuy.of(
                                new SideGuy.Geometry(height, side, -out, 0, 0, 22),
                                SideGuy.Load.all(9000, Optional.empty()))
                        .lengthChangeM()
                        .get(90))
                .as("behind, seed %d", seed)
                .isPositive();
        assertThat(SideGuy.of(
                                new SideGuy.Geometry(height, side, out, 0, 0, 22),
                                SideGuy.Load.all(9000, Optional.empty()))
                        .lengthChangeM()
                        .get(90))
                .as("ahead, seed %d", seed)
                .isNegative();
    }

    @Test
    void aGuyHoldsWhatItsRopeMayCarry() {
        SideGuy.Geometry g = new SideGuy.Geometry(12, 30, 0, 0, 0, 22);
        // 30 kN * 0.6 / 5 = 3.6 kN on an arm of 11.142 m, a reserve of 1.5
        assertThat(SideGuy.capacityNm(g, 30000)).isCloseTo(3600 * 11.1417 / 1.5, within(1.0));
        assertThat(SideGuy.of(g, SideGuy.Load.all(SideGuy.capacityNm(g, 30000), Optional.of(30000.0)))
                        .wllUse()
                        .orElseThrow())
                .isCloseTo(1, within(1e-9));
    }

    @Test
    void kitWithoutWhatItsKindNeedsIsRefusedAtTheField() {
        Optional<Double> none = Optional.empty();
        assertThatThrownBy(() -> new KitItem(
                        KitItem.Kind.SAW, "saw", 1, Optional.of(0.03), none, none, none, none, Optional.empty(), ""))
                .isInstanceOfSatisfying(
                        RefusedInput.class,
                        e -> assertThat(e.faults().get(0).field()).isEqualTo("barM"));
        assertThatThrownBy(() -> new KitItem(
                        KitItem.Kind.ROPE, "rope", 1, none, none, Optional.of(50.0), none, none, Optional.empty(), ""))
                .isInstanceOfSatisfying(
                        RefusedInput.class,
                        e -> assertThat(e.faults().get(0).field()).isEqualTo("strengthN"));
        KitItem rope = new KitItem(
                KitItem.Kind.ROPE,
                " rope ",
                1,
                none,
                none,
                Optional.of(50.0),
                Optional.of(30000.0),
                none,
                Optional.of(2010),
                "");
        assertThat(rope.name()).isEqualTo("rope");
        assertThat(rope.asRope(2026).ageYears()).contains(16.0);
        assertThat(rope.asRope(2026).workingN()).isCloseTo(3600, within(1e-9));
    }
}
