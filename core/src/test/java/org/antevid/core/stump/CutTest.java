package org.antevid.core.stump;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Species;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

class CutTest {
    static IntStream seeds() {
        return IntStream.range(0, 80);
    }

    private static CutCard card(School school, double diameter, Condition wood, CutCard.MovedBy by, double bar) {
        return CutCard.of(CutCard.Stump.plain(school, diameter, wood, 0, 0, bar, by));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void thePartsOfTheStumpAddUpToItsDiameter(int seed) {
        Random random = new Random(seed);
        double d = 0.25 + random.nextDouble();
        School school = School.values()[random.nextInt(School.values().length)];
        CutCard c = card(school, d, Condition.SOUND, CutCard.MovedBy.LINE, 0.6);
        assertThat(c.depthM() + c.hingeThickM() + c.behindHingeM())
                .as("seed %d", seed)
                .isCloseTo(d, within(1e-12));
        assertThat(c.hingeLengthM()).as("seed %d", seed).isLessThanOrEqualTo(d);
        c.boreLengthM()
                .ifPresent(
                        b -> assertThat(b + c.strapM()).as("seed %d", seed).isCloseTo(c.behindHingeM(), within(1e-12)));
    }

    @ParameterizedTest
    @EnumSource(School.class)
    void theRuleStaysInsideItsOwnSchool(School school) {
        CutCard c = card(school, 0.45, Condition.SOUND, CutCard.MovedBy.LINE, 0.5);
        assertThat(c.warnings())
                .doesNotContain(
                        CutCard.Warning.DEPTH_OUTSIDE_SCHOOL,
                        CutCard.Warning.FACE_OUTSIDE_SCHOOL,
                        CutCard.Warning.HINGE_OUTSIDE_SCHOOL);
        assertThat(c.hingeThickM()).isEqualTo(c.ruleHingeM());
    }

    @Test
    void deadWoodGetsHalfAgainTheHingeUnlessOnWedges() {
        // 10 % of 0.5 m = 50 mm, x 1.5 = 75 mm
        assertThat(card(School.OPEN_FACE, 0.5, Condition.DEAD_RECENT, CutCard.MovedBy.LINE, 0.5)
                        .hingeThickM())
                .isCloseTo(0.075, within(1e-12));
        assertThat(card(School.OPEN_FACE, 0.5, Condition.DEAD_RECENT, CutCard.MovedBy.WEDGES, 0.5)
                        .hingeThickM())
                .isCloseTo(0.05, within(1e-12));
    }

    @Test
    void theBarGetsThroughFromOneSideBothSidesOrNotAtAll() {
        assertThat(card(School.OPEN_FACE, 0.40, Condition.SOUND, CutCard.MovedBy.LINE, 0.40)
                        .barReach())
                .isEqualTo(CutCard.BarReach.ONE_SIDE);
        assertThat(card(School.OPEN_FACE, 0.75, Condition.SOUND, CutCard.MovedBy.LINE, 0.40)
                        .barReach())
                .isEqualTo(CutCard.BarReach.BOTH_SIDES);
        assertThat(card(School.OPEN_FACE, 0.95, Condition.SOUND, CutCard.MovedBy.LINE, 0.40)
                        .barReach())
                .isEqualTo(CutCard.BarReach.BOTH_SIDES_AND_FACE_BORE);
        assertThat(card(School.OPEN_FACE, 1.10, Condition.SOUND, CutCard.MovedBy.LINE, 0.40)
                        .barReach())
                .isEqualTo(CutCard.BarReach.NOT_REACHABLE);
    }

    @Test
    void aHingeThatLeavesNoWoodBehindIsRefused() {
        CutCard.Stump s = new CutCard.Stump(
                School.DEEP_FACE,
                0.2,
                0.2,
                Optional.empty(),
                Optional.empty(),
                Condition.SOUND,
                0,
                0,
                CutCard.Bar.ofLength(0.4),
                0.1,
                0.04,
                0,
                CutCard.MovedBy.LEAN,
                new CutCard.Own(Optional.of(0.12), Optional.of(0.12), Optional.empty(), Optional.empty()),
                0,
                1);
        assertThatThrownBy(() -> CutCard.of(s))
                .isInstanceOf(RefusedInput.class)
                .hasMessageContaining("NO_ROOM_FOR_BACK_CUT");
    }

    @Test
    void sideCapacityGrowsWithTheSquareOfTheHingesLength() {
        double one = HingeHold.of(Species.QUERCUS.wood(), Condition.SOUND, 0.2, 0.04, 1000, 0)
                .capacityNm();
        double two = HingeHold.of(Species.QUERCUS.wood(), Condition.SOUND, 0.4, 0.04, 1000, 0)
                .capacityNm();
        assertThat(two).isCloseTo(4 * one, within(1e-6));
        // oak by its weakest member, 48 MPa: 0.6 * 48e6 * 0.04 * 0.16 / 6 = 30 720 N m
        assertThat(two).isCloseTo(30720, within(0.1));
    }

    @Test
    void theHoldCountsTheUncertaintyAgainstTheHinge() {
        HingeHold h = HingeHold.of(Species.QUERCUS.wood(), Condition.SOUND, 0.4, 0.04, -12000, 1500);
        // |12000| + 1.6449 * sqrt(1500^2 + (0.2 * 12000)^2) = 12 000 + 1.6449 * 2830.2 = 16 655 N m; / 30 720 = 0.5422
        assertThat(h.designNm()).isCloseTo(16655.39, within(0.01));
        assertThat(h.utilisation()).isCloseTo(0.5422, within(1e-4));
        assertThat(HingeHold.of(Species.QUERCUS.wood(), Condition.UNRELIABLE, 0.4, 0.04, 1, 0)
                        .utilisation())
                .isInfinite();
    }
}
