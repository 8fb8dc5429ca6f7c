package org.antevid.core.outcome;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.antevid.core.message.Message;
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

    private static Foreseen foreseen(double layDeg, double biasDeg, double sigmaDeg, double yieldDeg, Turns turns) {
        return new Foreseen(
                layDeg,
                Optional.of(biasDeg),
                Optional.of(sigmaDeg),
                Optional.of(yieldDeg),
                Optional.of(23.5),
                0.414,
                0.050,
                Optional.of(turns));
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
            double gust = 5 * random.nextDouble();
            Foreseen f = foreseen(0, bias, 2 + random.nextDouble(), bias, new Turns(10, gust, bias));
            Foreseen m = foreseen(0, -bias, f.sigmaDeg().orElseThrow(), -bias, new Turns(10, gust, -bias));
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
            Optional<WindFrom> from = Optional.of(random.nextBoolean() ? WindFrom.LEFT : WindFrom.RIGHT);
            Optional<WindFrom> fromM =
                    Optional.of(from.orElseThrow() == WindFrom.LEFT ? WindFrom.RIGHT : WindFrom.LEFT);
            Explanation e = Explanation.of(f, d, s, Optional.of(new GustAtFall(9, from.map(GustAtFall.Across::of))));
            Explanation em =
                    Explanation.of(m, dm, sm, Optional.of(new GustAtFall(9, fromM.map(GustAtFall.Across::of))));
            for (int k = 0; k < e.shares().size(); k++) {
                assertThat(em.shares().get(k).deg())
                        .isCloseTo(-e.shares().get(k).deg(), within(1e-9));
                assertThat(em.shares().get(k).says())
                        .isEqualTo(e.shares().get(k).says());
            }
            assertThat(em.rest().deg()).isCloseTo(-e.rest().deg(), within(1e-9));
        }
    }

    private static final Turns TURNS = new Turns(10, 4, -6);

    private static Foreseen turning() {
        return foreseen(58, 0, 2.7, 0, TURNS);
    }

    private static Optional<GustAtFall> gust(double ms, WindFrom from) {
        return Optional.of(new GustAtFall(ms, Optional.of(GustAtFall.Across.of(from))));
    }

    /** 4 degrees in 10 m/s; in 6.8 the force is 0.68^1.5 = 0.561 of it, and nine tenths of that is across. */
    @Test
    void aGustFromTheLeftMayExplainAFallToTheRight() {
        Deviation right = Deviation.of(turning(), taped(66, 23.9));
        Share s = share(Explanation.of(turning(), right, StumpReading.NONE, gust(6.8, WindFrom.LEFT)), Cause.WIND);
        assertThat(s.deg()).isCloseTo(4 * 0.5608 * 0.9, within(1e-2));
        assertThat(s.says()).isEqualTo(Says.AGREES);
        Share other = share(Explanation.of(turning(), right, StumpReading.NONE, gust(6.8, WindFrom.RIGHT)), Cause.WIND);
        assertThat(other.deg()).isEqualTo(-s.deg());
        assertThat(other.says()).isEqualTo(Says.OTHER_WAY);
    }

    /** From 328 on a lay of 058 is square from the left, from 013 aslant from behind left: half the root of two. */
    @Test
    void whereTheInstrumentReadTheGustFromCountsAsItStandsToTheLay() {
        assertThat(GustAtFall.Across.of(328, 58).right()).isCloseTo(1, within(1e-9));
        assertThat(GustAtFall.Across.of(148, 58).right()).isCloseTo(-1, within(1e-9));
        assertThat(GustAtFall.Across.of(238, 58).right()).isCloseTo(0, within(1e-9));
        assertThat(GustAtFall.Across.of(283, 58).right()).isCloseTo(Math.sqrt(0.5), within(1e-9));
    }

    @Test
    void aGustNobodySaidTheSideOfMayHaveTurnedItEitherWayAndIsAskedFor() {
        Deviation right = Deviation.of(turning(), taped(66, 23.9));
        Explanation e =
                Explanation.of(turning(), right, StumpReading.NONE, Optional.of(new GustAtFall(6.8, Optional.empty())));
        Share s = share(e, Cause.WIND);
        assertThat(s.deg()).isZero();
        assertThat(s.sigmaDeg()).isGreaterThan(1);
        assertThat(e.notRead()).contains(Message.of(Cause.WIND));
        assertThat(e.rest().deg()).isEqualTo(right.missDeg());
    }

    @Test
    void aGustThatGrowsNeverTurnsLess() {
        double before = 0;
        for (double ms = 0; ms <= 60; ms += 0.5) {
            double deg = new GustAtFall(ms, Optional.of(GustAtFall.Across.of(WindFrom.LEFT))).deg(TURNS);
            assertThat(deg).isGreaterThanOrEqualTo(before);
            before = deg;
        }
    }

    /** It let go anywhere between 10 degrees and as planned: half of the 6 degrees, give or take 6 / sqrt 12. */
    @Test
    void whatLetGoEarlyMayExplainAFallToTheSideItHungTo() {
        StumpReading torn = StumpReading.NONE.looking(
                List.of(new SectorFound(SectorFound.Sector.HINGE_MIDDLE, SectorFound.Fibre.SHORT)), Optional.empty());
        Deviation left = Deviation.of(turning(), taped(50, 23.9));
        Share s = share(Explanation.of(turning(), left, torn), Cause.EARLY_LOSS);
        assertThat(s.deg()).isEqualTo(-3);
        assertThat(s.sigmaDeg()).isCloseTo(1.732, within(1e-3));
        assertThat(s.says()).isEqualTo(Says.AGREES);
        StumpReading held = StumpReading.NONE.looking(
                List.of(new SectorFound(SectorFound.Sector.HINGE_MIDDLE, SectorFound.Fibre.LONG)), Optional.empty());
        Explanation asked = Explanation.of(turning(), left, StumpReading.NONE);
        assertThat(asked.notRead()).contains(Message.of(Cause.EARLY_LOSS));
        assertThat(Explanation.of(turning(), left, held).shares()).noneMatch(x -> x.cause() == Cause.EARLY_LOSS);
        assertThat(Explanation.of(turning(), left, held).notRead()).doesNotContain(Message.of(Cause.EARLY_LOSS));
    }

    @Test
    void aHingeCutThroughAtOneEndLetGoEarlyWhateverTheFibresLookLike() {
        assertThat(hinge(0.001, 0.05).letGoEarly()).isTrue();
        assertThat(hinge(0.03, 0.05).letGoEarly()).isFalse();
    }
}
