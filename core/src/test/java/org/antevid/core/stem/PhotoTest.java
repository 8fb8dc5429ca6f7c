package org.antevid.core.stem;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.antevid.core.quantity.RefusedInput;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;

class PhotoTest {
    /** A camera of our own: where a point so high up on a stem so far away falls on the picture. */
    private static double share(double heightM, double cameraM, double distanceM, double tiltDeg, double viewDeg) {
        double up = Math.atan((heightM - cameraM) / distanceM) - Math.toRadians(tiltDeg);
        return 0.5 + Math.tan(up) / (2 * Math.tan(Math.toRadians(viewDeg / 2)));
    }

    private static HeightByPhoto.Touched picture(
            double heightM, double knownM, double cameraM, double distanceM, double tiltDeg, double viewDeg) {
        return new HeightByPhoto.Touched(
                share(0, cameraM, distanceM, tiltDeg, viewDeg),
                share(knownM, cameraM, distanceM, tiltDeg, viewDeg),
                share(heightM, cameraM, distanceM, tiltDeg, viewDeg),
                0.75,
                knownM,
                cameraM,
                Optional.of(viewDeg));
    }

    @Nested
    class Height {
        @Test
        void aKnownLengthAtTheFootGivesDistanceAndTop() {
            HeightByPhoto h = HeightByPhoto.of(picture(18, 2, 1.6, 25, 14, 67));
            assertThat(h.height().value()).isCloseTo(18, within(1e-9));
            assertThat(h.distanceM()).isCloseTo(25, within(1e-9));
            // two metres at 25 m are a fifteenth of the picture: a touch three thousandths off weighs a good deal
            assertThat(h.height().sigma()).isBetween(0.8, 2.0);
            assertThat(h.warnings()).containsExactly(SightingWarning.HIGH_SIGMA);
        }

        @Test
        void itComesBackFromAnyPlaceAndTilt() {
            Random r = new Random(7);
            for (int i = 0; i < 500; i++) {
                double height = 6 + 24 * r.nextDouble();
                double distance = height * (1 + r.nextDouble());
                double camera = 0.5 + 4 * r.nextDouble();
                double known = 1.5 + 3 * r.nextDouble();
                double tilt = Math.toDegrees(Math.atan((height / 2 - camera) / distance));
                HeightByPhoto h = HeightByPhoto.of(picture(height, known, camera, distance, tilt, 70));
                assertThat(h.height().value())
                        .as("%.1f m from %.1f m, camera at %.1f m", height, distance, camera)
                        .isCloseTo(height, within(1e-6));
            }
        }

        @Test
        void aLongerLengthOrAKnownViewMakesItSurer() {
            double two =
                    HeightByPhoto.of(picture(18, 2, 1.6, 25, 14, 67)).height().sigma();
            double four =
                    HeightByPhoto.of(picture(18, 4, 1.6, 25, 14, 67)).height().sigma();
            assertThat(four).isLessThan(0.7 * two);
            HeightByPhoto.Touched t = picture(18, 4, 1.6, 25, 14, 67);
            HeightByPhoto usual = HeightByPhoto.of(new HeightByPhoto.Touched(
                    t.foot(), t.mark(), t.top(), 0.75, t.knownM(), t.cameraM(), Optional.empty()));
            assertThat(usual.height().value()).as("a phone held upright").isCloseTo(18, within(1e-9));
            assertThat(usual.height().sigma()).isGreaterThan(four);
        }

        @Test
        void ofAPictureThatLiesTheShorterSideIsSeenUnderLess() {
            double view = 2 * Math.toDegrees(Math.atan(Math.tan(Math.toRadians(33.5)) * 0.75));
            HeightByPhoto.Touched t = picture(12, 3, 1.6, 25, 10, view);
            assertThat(HeightByPhoto.of(new HeightByPhoto.Touched(
                                    t.foot(), t.mark(), t.top(), 4.0 / 3, 3, 1.6, Optional.empty()))
                            .height()
                            .value())
                    .isCloseTo(12, within(1e-9));
        }

        @Test
        void whatCannotBeIsRefused() {
            assertThatThrownBy(() ->
                            HeightByPhoto.of(new HeightByPhoto.Touched(0.4, 0.3, 0.9, 0.75, 2, 1.6, Optional.empty())))
                    .isInstanceOf(RefusedInput.class);
            assertThatThrownBy(() -> HeightByPhoto.of(
                            new HeightByPhoto.Touched(0.1, 0.2, 0.9, 0.75, 0.1, 1.6, Optional.empty())))
                    .isInstanceOf(RefusedInput.class);
            assertThatThrownBy(() -> HeightByPhoto.of(
                            new HeightByPhoto.Touched(0.1, Double.NaN, 0.9, 0.75, 2, 1.6, Optional.empty())))
                    .isInstanceOf(RefusedInput.class);
            // a short length that fills the picture, seen from high above: nobody can have stood there
            assertThatThrownBy(() -> HeightByPhoto.of(
                            new HeightByPhoto.Touched(0.05, 0.9, 0.95, 0.75, 0.5, 20, Optional.empty())))
                    .isInstanceOf(RefusedInput.class);
        }
    }

    @Nested
    class Leaning {
        private static PictureSpot at(double x, double y) {
            return new PictureSpot(x, y);
        }

        @Test
        void itIsTheTurnAgainstWhatIsPlumb() {
            // 0.1 of the width is 0.075 of the height; over 0.75 of it: 5.71 degrees
            LeanByPhoto l = LeanByPhoto.of(at(0.5, 0.1), at(0.6, 0.85), at(0.2, 0.1), at(0.2, 0.6), 0.75);
            assertThat(l.deg()).isCloseTo(Math.toDegrees(Math.atan(0.1)), within(1e-9));
            assertThat(l.sigmaDeg()).isBetween(0.8, 1.1);
        }

        @Test
        void aCameraHeldAskewChangesNothingAndMirroredItLeansTheOtherWay() {
            double tilt = Math.tan(Math.toRadians(4));
            LeanByPhoto straight = LeanByPhoto.of(at(0.5, 0.1), at(0.5, 0.9), at(0.2, 0.1), at(0.2, 0.9), 1);
            LeanByPhoto askew =
                    LeanByPhoto.of(at(0.5, 0.1), at(0.5 + 0.8 * tilt, 0.9), at(0.2, 0.1), at(0.2 + 0.8 * tilt, 0.9), 1);
            assertThat(straight.deg()).isZero();
            assertThat(askew.deg()).isCloseTo(0, within(1e-9));
            LeanByPhoto right = LeanByPhoto.of(at(0.5, 0.1), at(0.6, 0.9), at(0.2, 0.1), at(0.2, 0.9), 1);
            LeanByPhoto left = LeanByPhoto.of(at(0.5, 0.1), at(0.4, 0.9), at(0.8, 0.1), at(0.8, 0.9), 1);
            assertThat(left.deg()).isCloseTo(-right.deg(), within(1e-9));
        }

        @Test
        void aShortLineOrOneOnItsHeadIsRefused() {
            assertThatThrownBy(() -> LeanByPhoto.of(at(0.5, 0.1), at(0.5, 0.15), at(0.2, 0.1), at(0.2, 0.9), 1))
                    .isInstanceOf(RefusedInput.class);
            assertThatThrownBy(() -> LeanByPhoto.of(at(0.5, 0.1), at(0.5, 0.9), at(0.2, 0.9), at(0.2, 0.1), 1))
                    .isInstanceOf(RefusedInput.class);
        }

        @Test
        void twoPhotosSquareToEachOtherMakeALean() {
            FieldBook book = FieldBook.of(
                    List.of(
                            sighting(SightingKind.EYE_HEIGHT, Map.of("heightM", 20.0)),
                            leaning(0, 0.1),
                            leaning(90, 0)),
                    StemState.STANDING);
            FieldBook.LeanQuantity lean = book.lean().orElseThrow();
            assertThat(lean.lean().deg()).isCloseTo(Math.toDegrees(Math.atan(0.1)), within(1e-6));
            assertThat(lean.lean().azimuthDeg()).as("right of who looks north").isCloseTo(90, within(1e-6));
            assertThat(lean.byEye()).isFalse();
        }

        private static Sighting leaning(double bearingDeg, double slope) {
            return sighting(
                    SightingKind.LEAN_PHOTO,
                    Map.of(
                            "footX",
                            0.5,
                            "footY",
                            0.1,
                            "topX",
                            0.5 + 0.8 * slope,
                            "topY",
                            0.9,
                            "lowX",
                            0.2,
                            "lowY",
                            0.1,
                            "highX",
                            0.2,
                            "highY",
                            0.9,
                            "aspect",
                            1.0,
                            "bearingDeg",
                            bearingDeg));
        }

        private static Sighting sighting(SightingKind kind, Map<String, Double> numbers) {
            return Sighting.read(kind.name(), kind, numbers, Map.of(), StemState.STANDING, true);
        }
    }
}
