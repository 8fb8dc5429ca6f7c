package org.antevid.core.stem;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;

/**
 * Height from one photo with a known length standing at the foot of the stem. How far the camera stood and how far it
 * was tilted follow from foot and known length, its height above the foot and its angle of view; the top is then one
 * more sight. Source: geometry of a camera without distortion; its sigmas are judgement.
 *
 * @param height metres above the foot, with its sigma
 * @param distanceM from camera to stem, level
 * @param warnings {@code STEEP_SIGHT} from nearer than the height found, {@code HIGH_SIGMA} above 5 %
 */
public record HeightByPhoto(Estimate height, double distanceM, List<SightingWarning> warnings) {
    private static final double TOUCH_SIGMA = PictureSpot.TOUCH_SIGMA;
    private static final double KNOWN_SIGMA_M = 0.01;
    private static final double CAMERA_SIGMA_M = 0.1;
    /** A usual phone sees this much along the longer side of its picture (typical; 64 to 70 degrees are met). */
    private static final double USUAL_LONG_SIDE_DEG = 67;

    private static final double USUAL_VIEW_SIGMA = 0.05;
    private static final double KNOWN_VIEW_SIGMA = 0.01;
    private static final double LEAST_APART = 0.01;
    private static final double STEEPEST_DEG = 80;

    /**
     * What was touched, as shares of the picture's height from its lower edge, 0..1, and how it was taken.
     *
     * @param foot of the stem, where the known length stands
     * @param mark upper end of the known length
     * @param top of the stem
     * @param knownM 0.5..12
     * @param cameraM above the foot, 0.2..20
     * @param aspect width of the picture over its height, 0.3..4
     * @param viewDeg from the lower edge of the picture to the upper, 20..110; empty: a usual phone's
     */
    public record Touched(
            double foot,
            double mark,
            double top,
            double aspect,
            double knownM,
            double cameraM,
            Optional<Double> viewDeg) {
        private double seenDeg() {
            return viewDeg.orElseGet(() -> aspect <= 1
                    ? USUAL_LONG_SIDE_DEG
                    : 2 * Math.toDegrees(Math.atan(Math.tan(Math.toRadians(USUAL_LONG_SIDE_DEG / 2)) / aspect)));
        }

        private Touched moved(double foot, double mark, double top, double known, double camera, double view) {
            return new Touched(
                    this.foot + foot,
                    this.mark + mark,
                    this.top + top,
                    aspect,
                    knownM + known,
                    cameraM + camera,
                    Optional.of(seenDeg() * (1 + view)));
        }
    }

    private record Sight(double heightM, double distanceM) {}

    /** @throws RefusedInput outside the ranges, out of order, or where no place of the camera fits */
    public static HeightByPhoto of(Touched t) {
        Require.within(t.foot, 0, 1, "foot_y");
        Require.within(t.mark, 0, 1, "mark_y");
        Require.within(t.top, 0, 1, "top_y");
        Require.within(t.knownM, 0.5, 12, "known_m");
        Require.within(t.cameraM, 0.2, 20, "camera_m");
        Require.within(t.aspect, 0.3, 4, "aspect");
        t.viewDeg.ifPresent(v -> Require.within(v, 20, 110, "view_deg"));
        if (t.mark < t.foot + LEAST_APART || t.top < t.mark + LEAST_APART) {
            throw new RefusedInput(Refusal.TOUCHES_OUT_OF_ORDER, "mark_y");
        }
        Sight best = sight(t).orElseThrow(() -> new RefusedInput(Refusal.PHOTO_DOES_NOT_FIT, "known_m"));
        double view = t.viewDeg.isPresent() ? KNOWN_VIEW_SIGMA : USUAL_VIEW_SIGMA;
        double sigma = Math.sqrt(DoubleStream.of(
                        off(best, t.moved(TOUCH_SIGMA, 0, 0, 0, 0, 0), t.moved(-TOUCH_SIGMA, 0, 0, 0, 0, 0)),
                        off(best, t.moved(0, TOUCH_SIGMA, 0, 0, 0, 0), t.moved(0, -TOUCH_SIGMA, 0, 0, 0, 0)),
                        off(best, t.moved(0, 0, TOUCH_SIGMA, 0, 0, 0), t.moved(0, 0, -TOUCH_SIGMA, 0, 0, 0)),
                        off(best, t.moved(0, 0, 0, KNOWN_SIGMA_M, 0, 0), t.moved(0, 0, 0, -KNOWN_SIGMA_M, 0, 0)),
                        off(best, t.moved(0, 0, 0, 0, CAMERA_SIGMA_M, 0), t.moved(0, 0, 0, 0, -CAMERA_SIGMA_M, 0)),
                        off(best, t.moved(0, 0, 0, 0, 0, view), t.moved(0, 0, 0, 0, 0, -view)))
                .map(x -> x * x)
                .sum());
        List<SightingWarning> warnings = new ArrayList<>();
        if (best.distanceM < best.heightM) {
            warnings.add(SightingWarning.STEEP_SIGHT);
        }
        if (sigma > HeightByAngles.HIGH_SIGMA * best.heightM) {
            warnings.add(SightingWarning.HIGH_SIGMA);
        }
        return new HeightByPhoto(new Estimate(best.heightM, sigma), best.distanceM, List.copyOf(warnings));
    }

    /** The larger change of the height; all of it where nothing fits any more. */
    private static double off(Sight best, Touched more, Touched less) {
        return DoubleStream.of(change(best, more), change(best, less)).max().orElse(best.heightM);
    }

    private static double change(Sight best, Touched moved) {
        return sight(moved).map(s -> Math.abs(s.heightM - best.heightM)).orElse(best.heightM);
    }

    /**
     * With u the angle down to the foot, d the angle from foot to mark in the picture, c the camera's height and K the
     * known length: tan(u + d) / tan(u) = (c - K) / c, a quadratic in tan(u). Of two places the farther one counts:
     * from nearer the mark would stand beneath one's feet.
     */
    private static Optional<Sight> sight(Touched t) {
        double view = t.seenDeg();
        double foot = inPicture(t.foot, view);
        double d = Math.tan(inPicture(t.mark, view) - foot);
        double r = (t.cameraM - t.knownM) / t.cameraM;
        double a = r * d;
        double b = 1 - r;
        double root = b * b - 4 * a * d;
        if (root < 0) {
            return Optional.empty();
        }
        double tan = Math.abs(a) < 1e-12
                ? -d / b
                : Math.max(negative((-b + Math.sqrt(root)) / (2 * a)), negative((-b - Math.sqrt(root)) / (2 * a)));
        double up = Math.atan(tan) + inPicture(t.top, view) - foot;
        if (!(tan < 0) || !Double.isFinite(tan) || Math.toDegrees(up) > STEEPEST_DEG) {
            return Optional.empty();
        }
        double distance = -t.cameraM / tan;
        double height = t.cameraM + distance * Math.tan(up);
        return Optional.of(new Sight(height, distance)).filter(s -> s.heightM <= HeightByAngles.TALLEST_M);
    }

    private static double negative(double x) {
        return x < 0 ? x : Double.NEGATIVE_INFINITY;
    }

    /** @return angle above the middle of the picture, radians */
    private static double inPicture(double share, double viewDeg) {
        return Math.atan((2 * share - 1) * Math.tan(Math.toRadians(viewDeg / 2)));
    }
}
