package org.antevid.app.tangle.web;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import org.antevid.app.job.Needs;
import org.antevid.app.stem.Stems;
import org.antevid.app.tangle.Tangles;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.tangle.picture.Member;
import org.antevid.core.tangle.picture.PlateBack;
import org.antevid.core.tangle.picture.PlatePlan;
import org.antevid.core.tangle.picture.TiltPlan;
import org.antevid.core.tangle.plate.SetBack;
import org.antevid.words.Answer;
import org.jspecify.annotations.Nullable;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Root plates: up and cut from the tip, set back into the crater, or lifted under a tree that still stands. */
@RestController
@RequestMapping("/api/jobs/{job}/tangle/stems/{stem}")
public class PlateController {
    record PlateCutsRequest(@NotNull @Size(max = 20) List<@NotNull Double> cutsM, Optional<Double> holdXM) {}

    /**
     * Setting a stump back.
     *
     * @param stubM length left on the plate; empty: the whole stem
     * @param anchorBackM anchor behind the lee edge; empty: a crane lifts
     * @param liftDeg of the crane's rope above level toward the crater, 20..160; empty: straight up
     * @param limitN working limit of the weaker of line and anchor
     * @param craterM lee edge to the far wall; empty: as high as the plate
     */
    record PlateBackRequest(
            @DecimalMin("0.1") @DecimalMax("60") @Nullable Double stubM,
            @NotNull @DecimalMin("0.2") @DecimalMax("60") Double lineXM,
            @DecimalMin("1") @DecimalMax("200") @Nullable Double anchorBackM,
            @DecimalMin("20") @DecimalMax("160") @Nullable Double liftDeg,

            @DecimalMin("100") @DecimalMax("10000000") @Nullable
            Double limitN,

            @DecimalMin("0") @DecimalMax("3") @Nullable Double rimThickM,
            @DecimalMin("0.1") @DecimalMax("15") @Nullable Double craterM,
            @DecimalMin("0") @DecimalMax("2") @Nullable Double fillM) {
        PlateBack.Ask ask() {
            return new PlateBack.Ask(
                    Optional.ofNullable(stubM),
                    lineXM,
                    anchorBackM == null
                            ? new SetBack.Fixed(liftDeg == null ? STRAIGHT_UP_DEG : liftDeg)
                            : new SetBack.Anchor(anchorBackM, SetBack.Anchor.HEIGHT_M),
                    Optional.ofNullable(limitN),
                    Optional.ofNullable(rimThickM),
                    Optional.ofNullable(craterM),
                    fillM == null ? 0 : fillM);
        }
    }

    /** A tree that stands on a lifted plate; {@code extraNm} is the moment of wind, rigging or a pull. */
    record TiltRequest(
            @NotNull @DecimalMin("0.3") @DecimalMax("12") Double plateWidthM,
            @DecimalMin("0.5") @DecimalMax("60") @Nullable Double guyHeightM,
            @DecimalMin("0") @DecimalMax("75") @Nullable Double guyAngleDeg,

            @DecimalMin("0") @DecimalMax("5000000") @Nullable
            Double extraNm) {}

    private static final double STRAIGHT_UP_DEG = 90;

    private final Tangles tangles;
    private final Stems stems;

    PlateController(Tangles tangles, Stems stems) {
        this.tangles = tangles;
        this.stems = stems;
    }

    private Member raised(String job, String stem) {
        String label = tangles.label(job, stem);
        return tangles.tangle(job)
                .picture()
                .member(label)
                .filter(PlatePlan::known)
                .orElseThrow(() -> new RefusedInput(
                        "NOT_KNOWN", "stem", Message.of(Answer.PLATE_NOT_KNOWN).with("stem", Arg.name(label))));
    }

    /** After which piece a raised plate may stand up, and what holds it down. */
    @PostMapping("/plate")
    @Needs(Needs.Right.READ)
    PlateViews.RaisedPlateView plateWhenCut(
            @PathVariable String job, @PathVariable String stem, @Validated @RequestBody PlateCutsRequest c) {
        return PlateViews.of(PlatePlan.of(raised(job, stem), c.cutsM, c.holdXM == null ? Optional.empty() : c.holdXM));
    }

    /** What it takes to set a thrown stump back into its crater, and at what reading to stop. */
    @PostMapping("/plate-back")
    @Needs(Needs.Right.READ)
    PlateViews.PlateBackView plateBack(
            @PathVariable String job, @PathVariable String stem, @Validated @RequestBody PlateBackRequest b) {
        return PlateViews.of(PlateBack.of(raised(job, stem), b.ask()));
    }

    /** How far the anchorage of a tree on a lifted plate is gone, and what a guy can do. */
    @PostMapping("/tilt")
    @Needs(Needs.Right.READ)
    PlateViews.TiltView tilted(
            @PathVariable String job, @PathVariable String stem, @Validated @RequestBody TiltRequest t) {
        var reading = stems.known(job, stem).reading();
        if (reading.notFelled().isPresent()) {
            throw new RefusedInput(Refusal.NEEDED, "stem");
        }
        return PlateViews.of(TiltPlan.of(
                reading,
                t.plateWidthM,
                Optional.ofNullable(t.guyHeightM),
                Optional.ofNullable(t.guyAngleDeg),
                t.extraNm == null ? 0 : t.extraNm));
    }
}
