package org.antevid.core.outcome;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import java.util.Random;
import org.antevid.core.outcome.Explanation.Cause;
import org.antevid.core.outcome.Explanation.Says;
import org.antevid.core.outcome.Explanation.Share;
import org.antevid.core.quantity.RefusedInput;
import org.junit.jupiter.api.Test;

class FallTest {
    private static Foreseen foreseen(double layDeg, double biasDeg, double sigmaDeg, double yieldDeg) {
        return new Foreseen(
                layDeg,
                Optional.of(biasDeg),
                Optional.of(sigmaDeg),
                Optional.of(yieldDeg),
                Optional.of(23.5),
                0.414,
                0.050);
    }

    private static Fall taped(double bearingDeg, double distanceM) {
        return new Fall(bearingDeg, distanceM, Optional.of(MeasuredBy.TAPE));
    }

    private static StumpReading hinge(double left, double right) {
        return StumpReading.ofHinge(Optional.of(left), Optional.of(right), Optional.empty(), Optional.empty());
    }

    private static Share share(Explanation e, Cause cause) {
        return e.shares().stream().filter(s -> s.cause() == cause).findFirst().orElseThrow();
    }

    @Test
    void aTurnThatWasForeseenIsNoMiss() {
        Deviation d = Deviation.of(foreseen(58, 3, 2.9, 3), taped(61, 24));
        assertThat(d.missDeg()).isCloseTo(0, within(1e-9));
        assertThat(d.acrossM()).isCloseTo(0, within(1e-9));
        assertThat(d.withinFan()).contains(true);
    }

    /** 8 degrees right on 23.9 m: 23.9 sin 8 = 3.33 m; the usual error 2.7 and the tape's 1.1: 8 / 2.919 = 2.741. */
    @Test
    void theMissIsSaidInDegreesInMetresAndAgainstTheUsualError() {
        Deviation d = Deviation.of(foreseen(58, 0, 2.7, 0), taped(66, 23.9));
        assertThat(d.missDeg()).isCloseTo(8, within(1e-9));
        assertThat(d.acrossM()).isCloseTo(3.326, within(1e-3));
        assertThat(d.alongM().orElseThrow()).isCloseTo(23.9 * Math.cos(Math.toRadians(8)) - 23.5, within(1e-9));
        assertThat(d.times().orElseThrow()).isCloseTo(2.741, within(1e-3));
        assertThat(d.withinFan()).contains(false);
        assertThat(d.foreseenDeg().orElseThrow()).isCloseTo(1.96 * 2.7, within(1e-9));
    }

    @Test
    void theForeseenFanReachesFartherToTheSideOfTheBias() {
        Foreseen f = foreseen(58, -3.5, 3.3, -3.5);
        assertThat(Deviation.of(f, taped(61, 24)).withinFan()).contains(true);
        assertThat(Deviation.of(f, taped(70, 24)).withinFan()).contains(false);
        assertThat(Deviation.of(f, taped(49, 24)).withinFan()).contains(true);
    }

    @Test
    void whereNoSpreadWasForeseenNothingIsInsideOrOutside() {
        Foreseen f =
                new Foreseen(58, Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), 0.414, 0.050);
        Deviation d = Deviation.of(f, taped(66, 23.9));
        assertThat(d.withinFan()).isEmpty();
        assertThat(d.times()).isEmpty();
        assertThat(d.alongM()).isEmpty();
    }

    @Test
    void whatNeverSaidHowItWasMeasuredCountsAsSeenByEye() {
        double eye = new Fall(60, 24, Optional.of(MeasuredBy.EYE)).sigmaDeg();
        assertThat(new Fall(60, 24, Optional.empty()).sigmaDeg()).isEqualTo(eye).isGreaterThan(5);
        assertThatThrownBy(() -> taped(60, 0.5)).isInstanceOf(RefusedInput.class);
    }

    /** 41 left, 58 right: 5 (58 - 41) / 49.5 = 1.72 degrees to the right. */
    @Test
    void anUnevenHingeDrawsToItsThickerEnd() {
        Foreseen f = foreseen(58, 0, 2.7, 0);
        Deviation right = Deviation.of(f, taped(66, 23.9));
        Share s = share(Explanation.of(f, right, hinge(0.041, 0.058)), Cause.HINGE_UNEVEN);
        assertThat(s.deg()).isCloseTo(1.717, within(1e-3));
        assertThat(s.says()).isEqualTo(Says.AGREES);
    }

    @Test
    void theStumpSaysWhetherItAgreesWithTheMissBothWays() {
        Foreseen f = foreseen(58, 0, 2.7, 0);
        Deviation right = Deviation.of(f, taped(66, 23.9));
        Deviation left = Deviation.of(f, taped(50, 23.9));
        assertThat(share(Explanation.of(f, right, hinge(0.058, 0.041)), Cause.HINGE_UNEVEN)
                        .says())
                .isEqualTo(Says.OTHER_WAY);
        assertThat(share(Explanation.of(f, left, hinge(0.058, 0.041)), Cause.HINGE_UNEVEN)
                        .says())
                .isEqualTo(Says.AGREES);
        assertThat(share(Explanation.of(f, right, hinge(0.050, 0.051)), Cause.HINGE_UNEVEN)
                        .says())
                .isEqualTo(Says.NOTHING);
    }

    /** A hinge a tenth shorter than planned yields 1 / 0.9^3 = 1.372 times what was foreseen. */
    @Test
    void aShorterHingeYieldsMoreToWhatLeansAside() {
        Foreseen f = foreseen(58, -2, 2.7, -2);
        Deviation d = Deviation.of(f, taped(66, 23.9));
        StumpReading s =
                StumpReading.ofHinge(Optional.empty(), Optional.empty(), Optional.of(0.9 * 0.414), Optional.of(2.1));
        Explanation e = Explanation.of(f, d, s);
        assertThat(share(e, Cause.SIDE_LEAN).deg()).isCloseTo(-2 * 0.3717, within(1e-3));
        assertThat(share(e, Cause.NOTCH_LINE).deg()).isEqualTo(2.1);
        assertThat(e.rest().deg()).isCloseTo(10 - 2.1 + 0.743, within(1e-3));
        assertThat(e.restShare().orElseThrow()).isCloseTo(e.rest().deg() / 10, within(1e-9));
        assertThat(e.notRead()).hasSize(1);
    }

    @Test
    void whatNobodyReadIsAskedForAndExplainsNothing() {
        Foreseen f = foreseen(58, 0, 2.7, 0);
        Deviation d = Deviation.of(f, taped(66, 23.9));
        Explanation e = Explanation.of(f, d, StumpReading.NONE);
        assertThat(e.shares()).isEmpty();
        assertThat(e.notRead()).hasSize(3);
        assertThat(e.rest().deg()).isEqualTo(d.missDeg());
        assertThat(e.restShare()).contains(1.0);
    }

    @Test
    void mirroredFallsMirrorEverything() {
        Random random = new Random(16);
        for (int i = 0; i < 500; i++) {
            double bias = 6 * random.nextDouble() - 3;
            double off = 40 * random.nextDouble() - 20;
            double line = 8 * random.nextDouble() - 4;
            double left = 0.02 + 0.05 * random.nextDouble();
            double right = 0.02 + 0.05 * random.nextDouble();
            Foreseen f = foreseen(0, bias, 2 + random.nextDouble(), bias);
            Foreseen m = foreseen(0, -bias, f.sigmaDeg().orElseThrow(), -bias);
            StumpReading s =
                    StumpReading.ofHinge(Optional.of(left), Optional.of(right), Optional.of(0.4), Optional.of(line));
            StumpReading sm =
                    StumpReading.ofHinge(Optional.of(right), Optional.of(left), Optional.of(0.4), Optional.of(-line));
            Deviation d = Deviation.of(f, taped(off, 20));
            Deviation dm = Deviation.of(m, taped(-off, 20));
            assertThat(dm.missDeg()).isCloseTo(-d.missDeg(), within(1e-9));
            assertThat(dm.acrossM()).isCloseTo(-d.acrossM(), within(1e-9));
            assertThat(dm.times().orElseThrow()).isCloseTo(d.times().orElseThrow(), within(1e-9));
            assertThat(dm.withinFan()).isEqualTo(d.withinFan());
            Explanation e = Explanation.of(f, d, s);
            Explanation em = Explanation.of(m, dm, sm);
            for (int k = 0; k < e.shares().size(); k++) {
                assertThat(em.shares().get(k).deg())
                        .isCloseTo(-e.shares().get(k).deg(), within(1e-9));
                assertThat(em.shares().get(k).says())
                        .isEqualTo(e.shares().get(k).says());
            }
            assertThat(em.rest().deg()).isCloseTo(-e.rest().deg(), within(1e-9));
        }
    }
}
