package org.antevid.app.review.web;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import org.antevid.app.review.Reviews;
import org.antevid.core.outcome.Control;
import org.antevid.core.outcome.DipSide;
import org.antevid.core.outcome.Landing;
import org.antevid.core.outcome.MeasuredBy;
import org.antevid.core.outcome.SectorFound;
import org.antevid.core.outcome.StrapFound;
import org.antevid.core.outcome.StumpPicture;
import org.antevid.core.outcome.StumpReading;
import org.antevid.core.outcome.WindFrom;
import org.antevid.core.stem.PictureSpot;
import org.jspecify.annotations.Nullable;

/**
 * A fall and what its stump shows; what nobody read is left out.
 *
 * @param picture of the stump, its hinge touched; it goes before what is entered of both ends, the length and the notch
 *     line
 * @param peakPullN newton
 * @param windFrom where the gust came from as it fell
 * @param photoId of the stump, as it was added to the stem
 */
record OutcomeRequest(
        @NotNull Double bearingDeg,
        @NotNull Double distanceM,
        @NotNull MeasuredBy by,
        @NotNull Control control,
        @Nullable Double hingeLeftM,
        @Nullable Double hingeRightM,
        @Nullable Double hingeLengthM,
        @Nullable Double notchLineDeg,
        @Nullable @Valid LooksRequest looks,
        @Nullable @Valid PictureRequest picture,
        @Nullable @Valid LandingRequest landing,
        @Nullable Double peakPullN,
        @Nullable WindFrom windFrom,
        @Nullable @Size(max = 60) String photoId,
        @Size(max = 500) String surprise,
        Boolean sure,
        @Size(max = 200) String reason,
        @Size(max = 60) String id) {
    /** What the stump shows besides both ends of its hinge; metres and degrees. */
    record LooksRequest(
            @Nullable Double hingeMiddleM,
            @Nullable Double notchDepthM,
            @Nullable Double faceDeg,
            @Nullable Double bypassLeftM,
            @Nullable Double bypassRightM,
            @Nullable Double stepLeftM,
            @Nullable Double stepRightM,
            @Nullable DipSide dip,
            @Nullable Double dipM,
            @Nullable StrapFound strap,
            @Nullable Double shellM,
            @Nullable @Size(max = 5) List<SectorFound> sectors) {
        static final LooksRequest NONE =
                new LooksRequest(null, null, null, null, null, null, null, null, null, null, null, null);
    }

    /** @param rolledM right of the way it fell positive */
    record LandingRequest(
            @Nullable Double firstTouchM,
            @Nullable Double bounceM,
            @Nullable Double rolledM) {}

    /** A place in the picture: shares of its width from the left and of its height from below, 0..1. */
    record SpotRequest(@NotNull Double x, @NotNull Double y) {
        private PictureSpot spot() {
            return new PictureSpot(x, y);
        }
    }

    /** A length known in the picture. */
    record KnownRequest(
            @NotNull @Valid SpotRequest from,
            @NotNull @Valid SpotRequest to,
            @NotNull Double lengthM) {}

    /**
     * @param aspect width over height
     * @param known one to three
     * @param drawn the drawn stump was touched, not a photo
     */
    record PictureRequest(
            @NotNull Double aspect,
            @NotNull @Size(min = 1, max = 3) List<@Valid KnownRequest> known,
            @NotNull @Valid SpotRequest layFrom,
            @NotNull @Valid SpotRequest layTo,
            @NotNull @Valid SpotRequest leftFront,
            @NotNull @Valid SpotRequest leftBack,
            @NotNull @Valid SpotRequest rightFront,
            @NotNull @Valid SpotRequest rightBack,
            boolean drawn) {
        StumpPicture picture() {
            return new StumpPicture(
                    aspect,
                    known.stream()
                            .map(k -> new StumpPicture.Known(k.from.spot(), k.to.spot(), k.lengthM))
                            .toList(),
                    layFrom.spot(),
                    layTo.spot(),
                    new StumpPicture.Corners(leftFront.spot(), leftBack.spot(), rightFront.spot(), rightBack.spot()),
                    drawn);
        }
    }

    Reviews.FallMeasures measures() {
        return new Reviews.FallMeasures(
                bearingDeg,
                distanceM,
                Optional.of(by),
                Optional.of(control),
                stump(),
                landing == null
                        ? Landing.NONE
                        : new Landing(or(landing.firstTouchM), or(landing.bounceM), or(landing.rolledM)),
                or(peakPullN),
                or(windFrom),
                Optional.ofNullable(photoId),
                surprise);
    }

    private StumpReading stump() {
        LooksRequest l = Optional.ofNullable(looks).orElse(LooksRequest.NONE);
        Optional<StumpPicture> seen = Optional.ofNullable(picture).map(PictureRequest::picture);
        Optional<StumpPicture.PictureReading> read = seen.map(StumpPicture::read);
        StumpReading.HingeFound ruled =
                new StumpReading.HingeFound(or(hingeLeftM), or(l.hingeMiddleM), or(hingeRightM), or(hingeLengthM));
        return new StumpReading(
                read.map(r -> r.hinge().withMiddle(ruled.middleM())).orElse(ruled),
                new StumpReading.NotchFound(
                        read.map(StumpPicture.PictureReading::lineDeg).or(() -> or(notchLineDeg)),
                        or(l.notchDepthM),
                        or(l.faceDeg),
                        or(l.bypassLeftM),
                        or(l.bypassRightM)),
                new StumpReading.BackFound(
                        or(l.stepLeftM),
                        or(l.stepRightM),
                        Optional.ofNullable(l.dip),
                        or(l.dipM),
                        Optional.ofNullable(l.strap)),
                Optional.ofNullable(l.sectors).orElse(List.of()),
                or(l.shellM),
                seen.map(StumpPicture::by).orElse(StumpReading.ReadBy.RULE),
                read.map(StumpPicture.PictureReading::sigma));
    }

    private static <T> Optional<T> or(@Nullable T value) {
        return Optional.ofNullable(value);
    }
}
