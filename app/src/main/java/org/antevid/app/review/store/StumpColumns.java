package org.antevid.app.review.store;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.core.outcome.DipSide;
import org.antevid.core.outcome.SectorFound;
import org.antevid.core.outcome.SectorFound.Fibre;
import org.antevid.core.outcome.SectorFound.Sector;
import org.antevid.core.outcome.StrapFound;
import org.antevid.core.outcome.StumpReading;
import org.antevid.core.outcome.StumpReading.ReadBy;
import org.jspecify.annotations.Nullable;

/** What a stump shows, in millimetres, as it is read off it. */
@Embeddable
public class StumpColumns {
    @Nullable
    Double hingeLeftMm;

    @Nullable
    Double hingeMiddleMm;

    @Nullable
    Double hingeRightMm;

    @Nullable
    Double hingeLengthMm;

    @Nullable
    Double notchLineDeg;

    @Nullable
    Double notchDepthMm;

    @Nullable
    Double notchFaceDeg;

    @Nullable
    Double bypassLeftMm;

    @Nullable
    Double bypassRightMm;

    @Nullable
    Double stepLeftMm;

    @Nullable
    Double stepRightMm;

    @Nullable
    @Enumerated(EnumType.STRING)
    DipSide dipSide;

    @Nullable
    Double dipMm;

    @Nullable
    @Enumerated(EnumType.STRING)
    StrapFound strap;

    @Nullable
    Double shellMm;

    @Nullable
    @Enumerated(EnumType.STRING)
    Fibre fibreHingeLeft;

    @Nullable
    @Enumerated(EnumType.STRING)
    Fibre fibreHingeMiddle;

    @Nullable
    @Enumerated(EnumType.STRING)
    Fibre fibreHingeRight;

    @Nullable
    @Enumerated(EnumType.STRING)
    Fibre fibreBackLeft;

    @Nullable
    @Enumerated(EnumType.STRING)
    Fibre fibreBackRight;

    /** Empty of entries made before it was asked: with a rule. */
    @Nullable
    @Enumerated(EnumType.STRING)
    ReadBy stumpBy;

    @Nullable
    Double photoSigmaMm;

    @Nullable
    Double photoSigmaDeg;

    @Nullable
    Double photoScaleLow;

    @Nullable
    Double photoScaleHigh;

    public static StumpColumns of(StumpReading s) {
        StumpColumns c = new StumpColumns();
        c.hingeLeftMm = millimetres(s.hinge().leftM());
        c.hingeMiddleMm = millimetres(s.hinge().middleM());
        c.hingeRightMm = millimetres(s.hinge().rightM());
        c.hingeLengthMm = millimetres(s.hinge().lengthM());
        c.notchLineDeg = s.notch().lineDeg().orElse(null);
        c.notchDepthMm = millimetres(s.notch().depthM());
        c.notchFaceDeg = s.notch().faceDeg().orElse(null);
        c.bypassLeftMm = millimetres(s.notch().bypassLeftM());
        c.bypassRightMm = millimetres(s.notch().bypassRightM());
        c.stepLeftMm = millimetres(s.back().stepLeftM());
        c.stepRightMm = millimetres(s.back().stepRightM());
        c.dipSide = s.back().dip().orElse(null);
        c.dipMm = millimetres(s.back().dipM());
        c.strap = s.back().strap().orElse(null);
        c.shellMm = millimetres(s.shellM());
        Map<Sector, Fibre> looks = new EnumMap<>(Sector.class);
        s.sectors().forEach(x -> looks.put(x.sector(), x.fibre()));
        c.fibreHingeLeft = looks.get(Sector.HINGE_LEFT);
        c.fibreHingeMiddle = looks.get(Sector.HINGE_MIDDLE);
        c.fibreHingeRight = looks.get(Sector.HINGE_RIGHT);
        c.fibreBackLeft = looks.get(Sector.BACK_LEFT);
        c.fibreBackRight = looks.get(Sector.BACK_RIGHT);
        c.stumpBy = s.by();
        s.photo().ifPresent(p -> {
            c.photoSigmaMm = 1000 * p.lengthM();
            c.photoSigmaDeg = p.lineDeg();
            c.photoScaleLow = p.lowShare();
            c.photoScaleHigh = p.highShare();
        });
        return c;
    }

    public StumpReading reading() {
        return new StumpReading(
                new StumpReading.HingeFound(
                        metres(hingeLeftMm), metres(hingeMiddleMm), metres(hingeRightMm), metres(hingeLengthMm)),
                new StumpReading.NotchFound(
                        Optional.ofNullable(notchLineDeg),
                        metres(notchDepthMm),
                        Optional.ofNullable(notchFaceDeg),
                        metres(bypassLeftMm),
                        metres(bypassRightMm)),
                new StumpReading.BackFound(
                        metres(stepLeftMm),
                        metres(stepRightMm),
                        Optional.ofNullable(dipSide),
                        metres(dipMm),
                        Optional.ofNullable(strap)),
                sectors(),
                metres(shellMm),
                Optional.ofNullable(stumpBy).orElse(ReadBy.RULE),
                photo());
    }

    private Optional<StumpReading.PictureSigma> photo() {
        return photoSigmaMm == null || photoSigmaDeg == null || photoScaleLow == null || photoScaleHigh == null
                ? Optional.empty()
                : Optional.of(new StumpReading.PictureSigma(
                        photoSigmaMm / 1000, photoSigmaDeg, photoScaleLow, photoScaleHigh));
    }

    private List<SectorFound> sectors() {
        return Stream.of(
                        looks(Sector.HINGE_LEFT, fibreHingeLeft),
                        looks(Sector.HINGE_MIDDLE, fibreHingeMiddle),
                        looks(Sector.HINGE_RIGHT, fibreHingeRight),
                        looks(Sector.BACK_LEFT, fibreBackLeft),
                        looks(Sector.BACK_RIGHT, fibreBackRight))
                .flatMap(Optional::stream)
                .toList();
    }

    private static Optional<SectorFound> looks(Sector sector, @Nullable Fibre fibre) {
        return Optional.ofNullable(fibre).map(f -> new SectorFound(sector, f));
    }

    private static @Nullable Double millimetres(Optional<Double> metres) {
        return metres.map(v -> 1000 * v).orElse(null);
    }

    private static Optional<Double> metres(@Nullable Double millimetres) {
        return Optional.ofNullable(millimetres).map(v -> v / 1000);
    }
}
