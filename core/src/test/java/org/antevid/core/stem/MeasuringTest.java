package org.antevid.core.stem;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.LongStream;
import org.antevid.core.quantity.RefusedInput;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Stick, shadow, plumb line, crown radii, wind: hand-computed cases, laws, refusals. */
class MeasuringTest {
    static LongStream seeds() {
        return LongStream.rangeClosed(1, 60);
    }

    @Nested
    class Stick {
        @Test
        void anArmAsLongAsTheStickMakesTheDistanceTheHeight() {
            assertThat(HeightByStick.of(0.6, 0.6, 24, 0, 0, 0).height().value()).isEqualTo(24);
        }

        @Test
        void relativeSigmasAddInQuadrature() {
            // 3 % of the stick, 4 % of the arm: 5 % of 20 m
            assertThat(HeightByStick.of(0.5, 0.5, 20, 0.015, 0.02, 0).height().sigma())
                    .isCloseTo(1.0, within(1e-9));
        }

        @Test
        void aHeightNoTreeHasIsRefusedWithARemedy() {
            assertThatThrownBy(() -> HeightByStick.of(3, 0.2, 100, 0, 0, 0))
                    .isInstanceOf(RefusedInput.class)
                    .hasMessageContaining("SWAPPED");
        }

        @Test
        void notANumberIsRefused() {
            assertThatThrownBy(() -> HeightByStick.of(Double.NaN, 0.5, 20, 0, 0, 0))
                    .isInstanceOf(RefusedInput.class)
                    .hasMessageContaining("stick_m");
        }
    }

    @Nested
    class Shadow {
        @Test
        void onLevelGroundHeightsAreAsShadows() {
            assertThat(shadow(30, 2, 3, 0, 0).height().value()).isCloseTo(20, within(1e-9));
        }

        @Test
        void onOneCommonSlopeTheRatioStays() {
            assertThat(shadow(30, 2, 3, 12, 12).height().value()).isCloseTo(20, within(1e-9));
        }

        @Test
        void groundThatFallsAwayMakesTheShadowLongerForTheSameTree() {
            assertThat(shadow(30, 2, 3, 8, 0).height().value())
                    .isLessThan(shadow(30, 2, 3, 0, 0).height().value());
        }

        @Test
        void groundAsSteepAsTheSunIsRefused() {
            assertThatThrownBy(() -> shadow(40, 1, 4, 30, 0))
                    .isInstanceOf(RefusedInput.class)
                    .hasMessageContaining("GROUND_AS_STEEP_AS_SUN");
        }

        private HeightByShadow shadow(double tree, double pole, double poleShadow, double fall, double poleFall) {
            return HeightByShadow.of(
                    new HeightByShadow.Shadows(tree, pole, poleShadow, fall, poleFall, 0.5, 0.01, 0.02));
        }
    }

    @Nested
    class Plumb {
        @ParameterizedTest
        @MethodSource("org.antevid.core.stem.MeasuringTest#seeds")
        void viewsOfAKnownOffsetGiveItBackWhereverTheyAreTakenFrom(long seed) {
            Random r = new Random(seed);
            double east = 4 * r.nextDouble() - 2;
            double north = 4 * r.nextDouble() - 2;
            double first = 360 * r.nextDouble();
            double second = first + 60 + 60 * r.nextDouble();
            LeanByPlumb l = LeanByPlumb.of(List.of(seen(first, east, north), seen(second, east, north)));
            assertThat(l.offsetEastM()).as("seed %d", seed).isCloseTo(east, within(1e-9));
            assertThat(l.offsetNorthM()).as("seed %d", seed).isCloseTo(north, within(1e-9));
        }

        @ParameterizedTest
        @MethodSource("org.antevid.core.stem.MeasuringTest#seeds")
        void anAngleFromNearBySeesTheSameOffset(long seed) {
            Random r = new Random(seed);
            double east = 3 * r.nextDouble() - 1.5;
            double north = 3 * r.nextDouble() - 1.5;
            LeanByPlumb l = LeanByPlumb.of(
                    List.of(angled(20, 18 + 20 * r.nextDouble(), east, north), angled(115, 25, east, north)));
            assertThat(l.offsetM()).as("seed %d", seed).isCloseTo(Math.hypot(east, north), within(1e-9));
        }

        @Test
        void aPlumbLookingStemHasAnUnknownDirectionNotNone() {
            LeanByPlumb l = LeanByPlumb.of(
                    List.of(LeanByPlumb.PlumbView.offset(0, 0.1), LeanByPlumb.PlumbView.offset(90, 0.05)));
            assertThat(l.azimuthDeg()).isEmpty();
            assertThat(l.warnings()).contains(SightingWarning.LEAN_DIRECTION_UNCERTAIN);
            assertThat(l.designOffsetM()).isGreaterThan(0.3);
        }

        @Test
        void aThirdViewNeverMakesItLessCertain() {
            List<LeanByPlumb.PlumbView> two =
                    List.of(LeanByPlumb.PlumbView.offset(0, 1), LeanByPlumb.PlumbView.offset(90, 0.4));
            List<LeanByPlumb.PlumbView> three = List.of(
                    LeanByPlumb.PlumbView.offset(0, 1),
                    LeanByPlumb.PlumbView.offset(90, 0.4),
                    LeanByPlumb.PlumbView.offset(45, 1));
            assertThat(LeanByPlumb.of(three).sigmaAlongM())
                    .isLessThanOrEqualTo(LeanByPlumb.of(two).sigmaAlongM());
        }

        @Test
        void viewsAlongOneLineAreRefused() {
            assertThatThrownBy(() -> LeanByPlumb.of(
                            List.of(LeanByPlumb.PlumbView.offset(10, 1), LeanByPlumb.PlumbView.offset(195, -1))))
                    .isInstanceOf(RefusedInput.class)
                    .hasMessageContaining("VIEWS_PARALLEL");
        }

        @Test
        void anAngleWithoutItsDistanceIsRefused() {
            assertThatThrownBy(() ->
                            new LeanByPlumb.PlumbView(0, Optional.empty(), Optional.of(3.0), Optional.empty(), 0.15))
                    .isInstanceOf(RefusedInput.class)
                    .hasMessageContaining("OFFSET_OR_ANGLE");
        }

        private LeanByPlumb.PlumbView seen(double bearing, double east, double north) {
            double b = Math.toRadians(bearing);
            return LeanByPlumb.PlumbView.offset(bearing, east * Math.cos(b) - north * Math.sin(b));
        }

        private LeanByPlumb.PlumbView angled(double bearing, double distance, double east, double north) {
            double b = Math.toRadians(bearing);
            double right = east * Math.cos(b) - north * Math.sin(b);
            double away = distance + east * Math.sin(b) + north * Math.cos(b);
            return new LeanByPlumb.PlumbView(
                    bearing,
                    Optional.empty(),
                    Optional.of(Math.toDegrees(Math.atan2(right, away))),
                    Optional.of(distance),
                    0.15);
        }
    }

    @Nested
    class Crown {
        @Test
        void evenRadiiHaveTheirMiddleAtTheStem() {
            CrownOffset c = CrownOffset.of(List.of(at(0, 4), at(90, 4), at(180, 4), at(270, 4)));
            assertThat(c.offsetM()).isCloseTo(0, within(1e-12));
            // a square with diagonals of 8 m
            assertThat(c.areaM2()).isCloseTo(32, within(1e-9));
        }

        @ParameterizedTest
        @MethodSource("org.antevid.core.stem.MeasuringTest#seeds")
        void turningTheWholeCrownTurnsItsMiddleAsFar(long seed) {
            Random r = new Random(seed);
            double turn = 360 * r.nextDouble();
            double[] radii = r.doubles(8, 0.5, 6).toArray();
            CrownOffset still = CrownOffset.of(java.util.stream.IntStream.range(0, 8)
                    .mapToObj(i -> at(45 * i, radii[i]))
                    .toList());
            CrownOffset turned = CrownOffset.of(java.util.stream.IntStream.range(0, 8)
                    .mapToObj(i -> at(45 * i + turn, radii[i]))
                    .toList());
            assertThat(turned.offsetM()).as("seed %d", seed).isCloseTo(still.offsetM(), within(1e-9));
            assertThat(turned.areaM2()).as("seed %d", seed).isCloseTo(still.areaM2(), within(1e-9));
        }

        @Test
        void halfACrownNotLookedAtIsRefused() {
            assertThatThrownBy(() -> CrownOffset.of(List.of(at(0, 3), at(60, 3), at(120, 3))))
                    .isInstanceOf(RefusedInput.class)
                    .hasMessageContaining("RADII_GAP");
        }

        @Test
        void twoRadiiAreTooFew() {
            assertThatThrownBy(() -> CrownOffset.of(List.of(at(0, 3), at(90, 3))))
                    .isInstanceOf(RefusedInput.class);
        }

        private CrownOffset.Radius at(double azimuth, double radius) {
            return new CrownOffset.Radius(azimuth, radius);
        }
    }

    @Nested
    class Wind {
        @Test
        void aCrownStreamlinesAboveFiveMetresASecond() {
            WindLoad.Crown c = WindLoad.Crown.usual(40, WindLoad.Leaf.LEAFED);
            // to the power 1.5 instead of 2
            assertThat(WindLoad.of(20, c).forceN() / WindLoad.of(10, c).forceN())
                    .isCloseTo(Math.pow(2, 1.5), within(1e-9));
            assertThat(WindLoad.of(4, c).forceN() / WindLoad.of(2, c).forceN()).isCloseTo(4, within(1e-9));
        }

        @Test
        void moreWindNeverPushesLess() {
            WindLoad.Crown c = WindLoad.Crown.usual(25, WindLoad.Leaf.LEAFLESS);
            double last = 0;
            for (double gust = 0; gust <= 45; gust += 0.5) {
                double force = WindLoad.of(gust, c).forceN();
                assertThat(force).isGreaterThanOrEqualTo(last);
                last = force;
            }
        }
    }

    @Nested
    class Leaning {
        @ParameterizedTest
        @MethodSource("org.antevid.core.stem.MeasuringTest#seeds")
        void theMomentIsTheSameSeenAlongAnyLay(long seed) {
            Random r = new Random(seed);
            EffectiveLean.Part stem = new EffectiveLean.Part(
                    500 + 2000 * r.nextDouble(), 2 * r.nextGaussian() * 0.3, r.nextGaussian() * 0.3);
            EffectiveLean.Part crown = new EffectiveLean.Part(400 * r.nextDouble(), r.nextGaussian(), r.nextGaussian());
            EffectiveLean.Wind wind = new EffectiveLean.Wind(800 * r.nextDouble(), 360 * r.nextDouble(), 12);
            double lay = 360 * r.nextDouble();
            EffectiveLean a =
                    EffectiveLean.of(lay, stem, crown, EffectiveLean.Part.NOTHING, wind, 9, EffectiveLean.Sigmas.USUAL);
            EffectiveLean b = EffectiveLean.of(
                    lay + 180, stem, crown, EffectiveLean.Part.NOTHING, wind, 9, EffectiveLean.Sigmas.USUAL);
            assertThat(Math.hypot(a.forwardNm(), a.sideRightNm()))
                    .as("seed %d", seed)
                    .isCloseTo(a.momentNm(), within(1e-6 * (1 + a.momentNm())));
            assertThat(b.forwardNm()).as("seed %d", seed).isCloseTo(-a.forwardNm(), within(1e-6 * (1 + a.momentNm())));
        }

        @Test
        void aStemAndACrownThatBalanceKeepTheirUncertainty() {
            EffectiveLean l = EffectiveLean.of(
                    0,
                    new EffectiveLean.Part(900, 0.5, 0),
                    new EffectiveLean.Part(300, -1.5, 0),
                    EffectiveLean.Part.NOTHING,
                    EffectiveLean.Wind.CALM,
                    8,
                    EffectiveLean.Sigmas.USUAL);
            assertThat(l.azimuthDeg()).isEmpty();
            // 1200 kg, 0.3 m
            assertThat(l.sigmaSideNm()).isCloseTo(1200 * 9.81 * 0.3, within(1e-6));
        }
    }
}
