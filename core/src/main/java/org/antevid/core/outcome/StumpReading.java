package org.antevid.core.outcome;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Shown;
import org.antevid.core.message.Side;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;

/**
 * What the stump shows afterwards, left and right as seen along the lay from behind. What nobody read is empty.
 *
 * @param sectors what the wood looks like where somebody said so, each sector once
 * @param shellM thickness of the sound wood round a hollow as found, 0..2
 * @param by how its hinge was read
 * @param photo one sigma, where it was read off a picture
 */
public record StumpReading(
        HingeFound hinge,
        NotchFound notch,
        BackFound back,
        List<SectorFound> sectors,
        @Shown(in = Dimension.SHORT, to = Side.DOWN) Optional<Double> shellM,
        ReadBy by,
        Optional<PictureSigma> photo) {
    /** How a hinge was read. */
    public enum ReadBy {
        RULE,
        PHOTO,
        /** Tapped on the drawn stump: it shows where, hardly how much. */
        DRAWN
    }

    /**
     * One sigma of what was read off a picture.
     *
     * @param lengthM of a thickness or length
     * @param lineDeg of the notch line
     * @param lowShare the smallest of the scales that were marked over the mean of them, at most 1
     * @param highShare the largest over the mean, at least 1
     */
    public record PictureSigma(
            @Shown(in = Dimension.SHORT, to = Side.UP) double lengthM,
            @Shown(in = Dimension.ANGLE, to = Side.UP) double lineDeg,
            double lowShare,
            double highShare) {}

    /**
     * @param leftM thickness at the left end, 0..0.6
     * @param middleM in the middle, 0..0.6
     * @param rightM at the right end, 0..0.6
     * @param lengthM across the stump, 0..4
     */
    public record HingeFound(
            @Shown(in = Dimension.SHORT, to = Side.NEAREST) Optional<Double> leftM,
            @Shown(in = Dimension.SHORT, to = Side.NEAREST) Optional<Double> middleM,
            @Shown(in = Dimension.SHORT, to = Side.NEAREST) Optional<Double> rightM,
            @Shown(in = Dimension.SHORT, to = Side.NEAREST) Optional<Double> lengthM) {
        public HingeFound {
            thickness(leftM, "hingeLeftM");
            thickness(middleM, "hingeMiddleM");
            thickness(rightM, "hingeRightM");
            lengthM.ifPresent(v -> Require.within(v, 0, 4, "hingeLengthM"));
        }

        private static void thickness(Optional<Double> m, String field) {
            m.ifPresent(v -> Require.within(v, 0, 0.6, field));
        }

        /** @return the same with what a rule told of its middle */
        public HingeFound withMiddle(Optional<Double> middle) {
            return new HingeFound(leftM, middle, rightM, lengthM);
        }

        public static final HingeFound NONE =
                new HingeFound(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());
    }

    /**
     * @param lineDeg which way the line at the bottom points, off the lay; right positive, -45..45
     * @param depthM from the front of the wood to that line, 0..3
     * @param faceDeg between the two cuts, read on the felled piece, 5..120
     * @param bypassLeftM how far one cut runs past the other on the left, 0..0.5; {@code bypassRightM} on the right
     */
    public record NotchFound(
            @Shown(in = Dimension.ANGLE, to = Side.NEAREST, unsigned = true)
            Optional<Double> lineDeg,

            @Shown(in = Dimension.SHORT, to = Side.NEAREST) Optional<Double> depthM,
            @Shown(in = Dimension.ANGLE, to = Side.NEAREST) Optional<Double> faceDeg,
            @Shown(in = Dimension.SHORT, to = Side.NEAREST) Optional<Double> bypassLeftM,
            @Shown(in = Dimension.SHORT, to = Side.NEAREST) Optional<Double> bypassRightM) {
        public NotchFound {
            lineDeg.ifPresent(v -> Require.within(v, -45, 45, "notchLineDeg"));
            depthM.ifPresent(v -> Require.within(v, 0, 3, "notchDepthM"));
            faceDeg.ifPresent(v -> Require.within(v, 5, 120, "faceDeg"));
            bypassLeftM.ifPresent(v -> Require.within(v, 0, 0.5, "bypassLeftM"));
            bypassRightM.ifPresent(v -> Require.within(v, 0, 0.5, "bypassRightM"));
        }

        public static final NotchFound NONE = new NotchFound(
                Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());
    }

    /**
     * @param stepLeftM height of the back cut above the bottom of the notch on the left, below it negative, -0.6..0.6
     * @param dip the side on which the bore runs out of the level
     * @param dipM by how much, 0..0.5
     */
    public record BackFound(
            @Shown(in = Dimension.SHORT, to = Side.NEAREST) Optional<Double> stepLeftM,
            @Shown(in = Dimension.SHORT, to = Side.NEAREST) Optional<Double> stepRightM,
            Optional<DipSide> dip,
            @Shown(in = Dimension.SHORT, to = Side.NEAREST) Optional<Double> dipM,
            Optional<StrapFound> strap) {
        public BackFound {
            stepLeftM.ifPresent(v -> Require.within(v, -0.6, 0.6, "stepLeftM"));
            stepRightM.ifPresent(v -> Require.within(v, -0.6, 0.6, "stepRightM"));
            dipM.ifPresent(v -> Require.within(v, 0, 0.5, "dipM"));
            if (dipM.isPresent() && dip.isEmpty()) {
                throw new RefusedInput(Refusal.NEEDED, "dip");
            }
        }

        public static final BackFound NONE =
                new BackFound(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());
    }

    /** Nobody looked at it. */
    public static final StumpReading NONE = ofHinge(HingeFound.NONE, Optional.empty());

    /** One sigma of a thickness or length read off a stump with a rule (judgement). */
    public static final double SIGMA_M = 0.002;
    /** One sigma of a notch line sighted along a stick (judgement). */
    public static final double SIGMA_LINE_DEG = 1;

    /** @throws RefusedInput {@code SECTOR_TWICE} */
    public StumpReading {
        sectors = sectors.stream()
                .sorted(Comparator.comparing(SectorFound::sector))
                .toList();
        if (sectors.stream().map(SectorFound::sector).distinct().count() < sectors.size()) {
            throw new RefusedInput(Refusal.SECTOR_TWICE, "sectors");
        }
    }

    /** What a rule tells of the hinge, with the notch line as sighted. */
    public static StumpReading ofHinge(HingeFound hinge, Optional<Double> lineDeg) {
        NotchFound none = NotchFound.NONE;
        return new StumpReading(
                hinge,
                new NotchFound(lineDeg, none.depthM, none.faceDeg, none.bypassLeftM, none.bypassRightM),
                BackFound.NONE,
                List.of(),
                Optional.empty(),
                ReadBy.RULE,
                Optional.empty());
    }

    /** What a rule tells of both ends of the hinge and of its length, with the notch line as sighted. */
    public static StumpReading ofHinge(
            Optional<Double> leftM, Optional<Double> rightM, Optional<Double> lengthM, Optional<Double> lineDeg) {
        return ofHinge(new HingeFound(leftM, Optional.empty(), rightM, lengthM), lineDeg);
    }

    /** @return the same with what the wood looked like and how the strap let go */
    public StumpReading looking(List<SectorFound> seen, Optional<StrapFound> strap) {
        return new StumpReading(
                hinge,
                notch,
                new BackFound(back.stepLeftM, back.stepRightM, back.dip, back.dipM, strap),
                seen,
                shellM,
                by,
                photo);
    }

    /** @return whether wood, a cut past the other or a hinge cut through says that it let go before the face closed */
    public boolean letGoEarly() {
        return sectors.stream().anyMatch(x -> x.sector().hinge() && x.fibre().letsGoEarly())
                || Stream.of(notch.bypassLeftM, notch.bypassRightM)
                        .flatMap(Optional::stream)
                        .anyMatch(m -> m > sigmaM())
                || Stream.of(hinge.leftM, hinge.rightM)
                        .flatMap(Optional::stream)
                        .anyMatch(m -> m <= sigmaM());
    }

    /** @return whether somebody said what the wood of the hinge looks like */
    public boolean hingeLookedAt() {
        return sectors.stream().anyMatch(x -> x.sector().hinge());
    }

    /** @return one sigma of a thickness or length */
    public double sigmaM() {
        return photo.map(PictureSigma::lengthM).orElse(SIGMA_M);
    }

    /** @return one sigma of the notch line */
    public double sigmaLineDeg() {
        return photo.map(PictureSigma::lineDeg).orElse(SIGMA_LINE_DEG);
    }
}
