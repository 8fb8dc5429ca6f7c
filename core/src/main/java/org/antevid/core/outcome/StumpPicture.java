package org.antevid.core.outcome;

import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.message.Shown;
import org.antevid.core.message.Side;
import org.antevid.core.outcome.StumpReading.HingeFound;
import org.antevid.core.outcome.StumpReading.PictureSigma;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;
import org.antevid.core.stem.PictureSpot;

/**
 * The four corners of a hinge touched on a picture of the stump from above. Lengths follow from what is known in it,
 * angles from the lay touched in it. Source: geometry; what a camera held aslant does is in the sigma (judgement).
 *
 * @param aspect width of the picture over its height, 0.2..5
 * @param known lengths known in the picture, one to three; lying different ways they show how aslant it was taken
 * @param layFrom behind on the lay, {@code layTo} in front of it
 * @param drawn it is the drawn stump that was touched, not a photo
 */
public record StumpPicture(
        double aspect, List<Known> known, PictureSpot layFrom, PictureSpot layTo, Corners corners, boolean drawn) {
    /** Of a camera that was not quite square above the stump: a length seen from 18 degrees aside is 5 % shorter. */
    private static final double SLANT = 0.05;
    /** A finger on a drawing of the stump; it shows where, not how much (judgement, metres). */
    private static final double DRAWN_SIGMA_M = 0.012;

    private static final double SHORTEST = 0.05;
    private static final int MOST_KNOWN = 3;

    /** @param lengthM between the two, 0.02..5 */
    public record Known(PictureSpot from, PictureSpot to, double lengthM) {
        public Known {
            Require.within(lengthM, 0.02, 5, "knownM");
        }
    }

    /** Front is towards the notch, back towards the back cut. */
    public record Corners(PictureSpot leftFront, PictureSpot leftBack, PictureSpot rightFront, PictureSpot rightBack) {}

    /**
     * What was read.
     *
     * @param lineDeg which way the notch line points, off the lay, right positive
     * @param ranges what each measure is by the smallest and by the largest of the scales that were marked; none of a
     *     single scale
     */
    public record PictureReading(
            HingeFound hinge,

            @Shown(in = Dimension.ANGLE, to = Side.NEAREST, unsigned = true)
            double lineDeg,

            PictureSigma sigma,
            List<ScaleRange> ranges) {
        private static PictureReading of(HingeFound hinge, double lineDeg, PictureSigma sigma, int scales) {
            List<ScaleRange> ranges = Stream.of(
                            range(StumpCompared.Part.HINGE_LEFT, hinge.leftM(), sigma),
                            range(StumpCompared.Part.HINGE_RIGHT, hinge.rightM(), sigma),
                            range(StumpCompared.Part.HINGE_LENGTH, hinge.lengthM(), sigma))
                    .flatMap(Optional::stream)
                    .filter(r -> scales > 1)
                    .toList();
            return new PictureReading(hinge, lineDeg, sigma, ranges);
        }

        private static Optional<ScaleRange> range(StumpCompared.Part part, Optional<Double> m, PictureSigma s) {
            return m.map(v -> new ScaleRange(part, Message.of(part), s.lowShare() * v, s.highShare() * v));
        }
    }

    /** @param lowM by the smallest of the scales, {@code highM} by the largest */
    public record ScaleRange(
            StumpCompared.Part part,
            Message named,
            @Shown(in = Dimension.SHORT, to = Side.DOWN) double lowM,
            @Shown(in = Dimension.SHORT, to = Side.UP) double highM) {}

    /**
     * @throws RefusedInput {@code NEEDED} without a known length, {@code PHOTO_DOES_NOT_FIT} where corners are crossed,
     *     {@code LINE_TOO_SHORT} where two touches that make a line are hardly apart
     */
    public StumpPicture {
        Require.within(aspect, 0.2, 5, "aspect");
        known = List.copyOf(known);
        if (known.isEmpty()) {
            throw new RefusedInput(Refusal.NEEDED, "knownM");
        }
        if (known.size() > MOST_KNOWN) {
            throw new RefusedInput(Refusal.OUT_OF_RANGE, "known");
        }
    }

    /** @return how a hinge read off it counts as read */
    public StumpReading.ReadBy by() {
        return drawn ? StumpReading.ReadBy.DRAWN : StumpReading.ReadBy.PHOTO;
    }

    public PictureReading read() {
        DoubleSummaryStatistics scales =
                known.stream().mapToDouble(this::metresPerHeight).summaryStatistics();
        double scale = scales.getAverage();
        double[] lay = unit(layFrom, layTo);
        double[] leftFront = along(corners.leftFront, lay);
        double[] leftBack = along(corners.leftBack, lay);
        double[] rightFront = along(corners.rightFront, lay);
        double[] rightBack = along(corners.rightBack, lay);
        double touch = Math.sqrt(2) * PictureSpot.TOUCH_SIGMA;
        double left = thickness(leftFront, leftBack, touch);
        double right = thickness(rightFront, rightBack, touch);
        double across = (rightFront[0] + rightBack[0] - leftFront[0] - leftBack[0]) / 2;
        if (across <= 0) {
            throw new RefusedInput(Refusal.CORNERS_CROSSED, "corners");
        }
        if (across < SHORTEST) {
            throw new RefusedInput(Refusal.LINE_TOO_SHORT, "corners");
        }
        double line = Math.toDegrees(Math.atan2(leftFront[1] - rightFront[1], rightFront[0] - leftFront[0]));
        double low = scales.getMin() / scale;
        double high = scales.getMax() / scale;
        double off = drawn ? 0 : known.size() == 1 ? SLANT : Math.max(1 - low, high - 1);
        double thickest = scale * Math.max(left, right);
        double scaleTouch = known.stream()
                .mapToDouble(k -> touch / apart(k.from, k.to))
                .min()
                .orElseThrow();
        double sigmaM = drawn ? DRAWN_SIGMA_M : Math.hypot(touch * scale, Math.hypot(off, scaleTouch) * thickest);
        double turned = Math.toDegrees(Math.hypot(touch / across, touch / apart(layFrom, layTo)));
        // aslant, a line at 45 degrees to the slope of the camera turns most: by half of what lengths lose
        double lineSigma = Math.hypot(turned, Math.toDegrees(off / 2));
        return PictureReading.of(
                new HingeFound(
                        Optional.of(scale * left),
                        Optional.empty(),
                        Optional.of(scale * right),
                        Optional.of(scale * across)),
                line,
                new PictureSigma(sigmaM, Math.max(lineSigma, StumpReading.SIGMA_LINE_DEG), low, high),
                known.size());
    }

    /** A corner torn out to nothing may be touched in either order. */
    private static double thickness(double[] front, double[] back, double touch) {
        double t = front[1] - back[1];
        if (t < -2 * touch) {
            throw new RefusedInput(Refusal.CORNERS_CROSSED, "corners");
        }
        return Math.max(0, t);
    }

    private double metresPerHeight(Known k) {
        return k.lengthM / apart(k.from, k.to);
    }

    /** Picture heights. */
    private double apart(PictureSpot a, PictureSpot b) {
        double d = Math.hypot(aspect * (b.x() - a.x()), b.y() - a.y());
        if (d < SHORTEST) {
            throw new RefusedInput(Refusal.LINE_TOO_SHORT, "known");
        }
        return d;
    }

    private double[] unit(PictureSpot from, PictureSpot to) {
        double d = apart(from, to);
        return new double[] {aspect * (to.x() - from.x()) / d, (to.y() - from.y()) / d};
    }

    /** @return right of the lay, along the lay; picture heights */
    private double[] along(PictureSpot p, double[] lay) {
        double x = aspect * p.x();
        return new double[] {x * lay[1] - p.y() * lay[0], x * lay[0] + p.y() * lay[1]};
    }
}
