package org.antevid.core.stump;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.LongStream;
import org.antevid.core.message.Arg;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Hollow;
import org.antevid.core.stem.Species;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The leader's own values, the oval stump, the tapered hinge, the opened face. */
class OwnMeasuresTest {
    private static final Optional<Double> NONE = Optional.empty();

    private static CutChoice own(
            Optional<Double> left,
            Optional<Double> right,
            Optional<Double> depth,
            Optional<Double> face,
            Optional<Double> bark) {
        return new CutChoice(
                Optional.empty(),
                FaceOrder.SLOPING_FIRST,
                left,
                right,
                depth,
                face,
                NONE,
                NONE,
                bark,
                NONE,
                NONE,
                "",
                Set.of(),
                Optional.empty());
    }

    private static CutCard card(CutChoice c) {
        return CutCard.of(c.stump(
                School.OPEN_FACE,
                c.wood(0.55, 0),
                0,
                Condition.SOUND,
                0,
                0,
                CutChoice.bar(0.45),
                CutCard.MovedBy.LEAN,
                1));
    }

    @Test
    void barkIsTakenOffBothSidesAndComesBackForTheTape() {
        CutCard c = card(own(NONE, NONE, NONE, NONE, Optional.of(0.025)));
        assertThat(c.dLayM()).isCloseTo(0.50, within(1e-12));
        assertThat(c.depthM()).isCloseTo(0.11, within(1e-12));
        assertThat(c.depthFromBarkM()).isCloseTo(0.135, within(1e-12));
        assertThat(c.strapFromBarkM()).isCloseTo(0.075, within(1e-12));
        // the outer circle of 0.55 m, 0.135 m behind its front: 2 * 0.55 * sqrt(0.24545 * 0.75455)
        assertThat(c.hingeOverBarkM(0.025)).isCloseTo(0.47339, within(1e-5));
        assertThat(c.hingeOverBarkM(0)).isCloseTo(c.hingeLengthM(), within(1e-12));
        assertThatThrownBy(() -> own(NONE, NONE, NONE, NONE, Optional.of(0.2)).wood(0.3, 0))
                .isInstanceOfSatisfying(
                        RefusedInput.class,
                        e -> assertThat(e.faults().get(0).field()).isEqualTo("barkM"));
    }

    @Test
    void aBoredFiftyFiveDegreeFaceBelongsToSomeoneToo() {
        CutCard c = card(own(NONE, NONE, NONE, Optional.of(55.0), NONE));
        assertThat(c.faceDeg()).isEqualTo(55);
        assertThat(c.warnings()).contains(CutCard.Warning.FACE_OUTSIDE_SCHOOL);
        assertThat(c.borePossible()).isTrue();
    }

    @Test
    void aNotchDeeperThanTheStemIsRefusedWithWhatWouldBeRight() {
        assertThatThrownBy(() -> card(own(NONE, NONE, Optional.of(0.6), NONE, NONE)))
                .isInstanceOfSatisfying(RefusedInput.class, e -> {
                    assertThat(e.faults().get(0).field()).isEqualTo("depthM");
                    assertThat(e.faults().get(0).code()).isEqualTo("NOTCH_DEEPER_THAN_STEM");
                    assertThat(((Arg.Amount) e.faults().get(0).says().args().get("low")).value())
                            .isCloseTo(0.055, within(1e-9));
                    assertThat(((Arg.Amount) e.faults().get(0).says().args().get("high")).value())
                            .isCloseTo(0.33, within(1e-9));
                });
        assertThatThrownBy(() -> card(own(Optional.of(0.5), NONE, NONE, NONE, NONE)))
                .isInstanceOfSatisfying(
                        RefusedInput.class,
                        e -> assertThat(e.faults().get(0).field()).isEqualTo("hingeLeftM"));
        assertThatThrownBy(() -> own(NONE, NONE, NONE, Optional.of(Double.NaN), NONE))
                .isInstanceOf(RefusedInput.class);
    }

    @Test
    void anOvalIsAsWideAsItWasMeasuredAndTurnsWithTheLay() {
        Oval o = new Oval(0.6, 0.4, 30);
        assertThat(o.along(30)).isCloseTo(0.6, within(1e-12));
        assertThat(o.across(30)).isCloseTo(0.4, within(1e-12));
        assertThat(o.along(120)).isCloseTo(0.4, within(1e-12));
        // sqrt(0.36/2 + 0.16/2)
        assertThat(o.along(75)).isCloseTo(0.50990, within(1e-5));
        assertThatThrownBy(() -> new Oval(0.6, 0.2, 0)).isInstanceOf(RefusedInput.class);
    }

    static LongStream seeds() {
        return LongStream.range(0, 200);
    }

    private static double capacity(double length, double left, double right) {
        return HingeHold.of(new HingeHold.Hinge(
                        Species.QUERCUS.wood(),
                        Condition.SOUND,
                        length,
                        left,
                        right,
                        1,
                        0,
                        0,
                        0,
                        Optional.empty(),
                        0.5,
                        0.3))
                .capacityNm();
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void aLongerOrThickerHingeNeverHasLessSideCapacity(long seed) {
        Random r = new Random(seed);
        double length = 0.1 + r.nextDouble();
        double left = 0.02 + 0.06 * r.nextDouble();
        double right = 0.02 + 0.06 * r.nextDouble();
        double base = capacity(length, left, right);
        assertThat(capacity(length + 0.3 * r.nextDouble(), left, right))
                .as("seed %d", seed)
                .isGreaterThanOrEqualTo(base);
        double more = 0.03 * r.nextDouble();
        assertThat(capacity(length, left + more, right + more))
                .as("seed %d", seed)
                .isGreaterThanOrEqualTo(base);
        assertThat(capacity(length, right, left)).as("mirrored, seed %d", seed).isCloseTo(base, within(1e-6 * base));
        assertThat(base)
                .as("no more than a hinge of its mean thickness, seed %d", seed)
                .isLessThanOrEqualTo(capacity(length, (left + right) / 2, (left + right) / 2) * (1 + 1e-9));
    }

    @Test
    void bendingSpringsFirstAndEndsAtTheWholeHold() {
        HingeHold h = HingeHold.of(Species.FAGUS.wood(), Condition.SOUND, 0.4, 0.05, 0, 0);
        // 1.25 * 60e6 * 0.4 * 0.0025/6 = 12 500 N m; 10e9 * 0.4 * 0.0025/24 = 416 667 N m a radian
        assertThat(h.forwardHoldNm()).isCloseTo(12500, within(1e-6));
        assertThat(h.bendNm(0.01)).isCloseTo(4166.67, within(0.01));
        assertThat(h.bendNm(1)).isCloseTo(12500, within(1e-6));
        assertThat(h.bendNm(-1)).isZero();
    }

    @Test
    void theOpenedFaceDecidesByCornersAndWoodShare() {
        CutCard c = card(CutChoice.BY_THE_RULE);
        assertThat(new OpenedFace(1, 1, Condition.SOUND).of(c).woodShare()).isCloseTo(1, within(1e-12));
        assertThat(new OpenedFace(1, 1, Condition.SOUND).of(c).result()).isEqualTo(Hollow.Result.OK);
        OpenedFace.WoodLeft some = new OpenedFace(0.14, 0.14, Condition.SOUND).of(c);
        assertThat(some.woodShare()).isCloseTo(0.28 / c.hingeLengthM(), within(1e-12));
        assertThat(some.result()).isEqualTo(Hollow.Result.CAUTION);
        assertThat(some.sideShare()).as("the modulus flatters").isGreaterThan(some.woodShare());
        assertThat(new OpenedFace(0.2, 0.04, Condition.SOUND).of(c).result())
                .as("one thin corner")
                .isEqualTo(Hollow.Result.RAISE_CUT_OR_MACHINE_ASSIST);
        assertThat(new OpenedFace(0.05, 0.05, Condition.SOUND).of(c).result())
                .isEqualTo(Hollow.Result.MACHINE_OR_DISMANTLE);
    }
}
