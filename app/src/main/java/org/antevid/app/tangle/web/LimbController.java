package org.antevid.app.tangle.web;

import jakarta.validation.constraints.NotNull;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.antevid.app.job.Needs;
import org.antevid.app.people.SignedIn;
import org.antevid.app.reader.Created;
import org.antevid.app.reader.Speech;
import org.antevid.app.tangle.Limbs;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Shown;
import org.antevid.core.message.Side;
import org.antevid.core.quantity.Rounding;
import org.antevid.core.tangle.beam.BindSeverity;
import org.antevid.core.tangle.beam.BindStep;
import org.antevid.core.tangle.limb.LimbCut;
import org.antevid.core.tangle.limb.Limbing;
import org.antevid.core.tangle.limb.SeenLimb;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Limbs of a stem that lies, each seen in three taps. */
@RestController
@RequestMapping("/api/jobs/{job}/tangle")
public class LimbController {
    /** What is tapped for how thick a limb is, metres: the upper end of what one means by it. */
    private static final double[] TAPPED_M = {0.05, 0.08, 0.12, 0.20, 0.30};

    /**
     * A limb as it is seen.
     *
     * @param thickM at its base, 0.02..1 m
     * @param lengthM 0.3..20 m, if somebody measured it
     */
    record LimbRequest(
            SeenLimb.@NotNull Growing growing,
            SeenLimb.@NotNull Bent bent,
            @NotNull Double thickM,
            @Nullable Double lengthM) {}

    /** @param side it is cut from, {@code sideWords} what that is called */
    record LimbStep(
            BindStep.Action action,
            String words,
            Optional<LimbCut.Face> side,
            Optional<String> sideWords,
            @Shown(in = Dimension.SAWN, to = Side.NEAREST) Optional<Double> depthM) {}

    /**
     * A limb's turn.
     *
     * @param turn from 1
     * @param holds the stem lies on it, or may
     * @param mass of the limb, high
     * @param rolls where the stem rolls after it has gone
     */
    record LimbTurn(
            String id,
            int turn,
            SeenLimb.Growing growing,
            String growingWords,
            String bentWords,
            @Shown(in = Dimension.SHORT, to = Side.NEAREST) double thickM,
            boolean holds,
            LimbCut.Squeezed squeezed,
            String squeezedWords,
            BindSeverity severity,
            String severityWords,
            String mass,
            boolean lengthMeasured,
            Limbing.Rolls rolls,
            String rollsWords,
            List<LimbStep> steps) {}

    /** What can be tapped for a thickness. */
    record Thickness(
            @Shown(in = Dimension.SHORT, to = Side.NEAREST) double thickM) {}

    /** @param lastTenthM of the butt, left until the piece was rolled */
    record LimbingView(
            List<LimbTurn> turns,
            @Shown(in = Dimension.SAWN, to = Side.UP) Optional<Double> lastTenthM,
            List<Thickness> thicknesses) {}

    private final Limbs limbs;

    LimbController(Limbs limbs) {
        this.limbs = limbs;
    }

    /** Limbs that are still on, in the order they come off. */
    @GetMapping("/stems/{stem}/limbs")
    @Needs(Needs.Right.READ)
    LimbingView limbsOfStem(@PathVariable String job, @PathVariable String stem) {
        Limbs.Ordered o = limbs.of(job, stem);
        List<Limbing.Turn> turns = o.limbing().turns();
        return new LimbingView(
                java.util.stream.IntStream.range(0, turns.size())
                        .mapToObj(n -> turn(n + 1, o.ids().get(turns.get(n).index()), turns.get(n)))
                        .toList(),
                o.limbing().lastTenthM(),
                Arrays.stream(TAPPED_M).mapToObj(Thickness::new).toList());
    }

    private static LimbTurn turn(int n, String id, Limbing.Turn t) {
        LimbCut cut = t.cut();
        return new LimbTurn(
                id,
                n,
                t.limb().growing(),
                Speech.words().term(t.limb().growing()),
                Speech.words().term(t.limb().bent()),
                t.limb().thickM(),
                t.holds(),
                cut.squeezed(),
                Speech.words().term(cut.squeezed()),
                cut.severity(),
                Speech.words().term(cut.severity()),
                Speech.words().show(Arg.up(Dimension.MASS, Rounding.up(cut.massHighKg(), 0))),
                t.limb().lengthM().isPresent(),
                t.rolls(),
                Speech.words().term(t.rolls()),
                cut.steps().stream()
                        .map(s -> new LimbStep(
                                s.action(),
                                Speech.words().term(s.action()),
                                s.side(),
                                s.side().map(Speech.words()::term),
                                s.depthM()))
                        .toList());
    }

    /** Records a limb as it is seen. */
    @PostMapping("/stems/{stem}/limbs")
    @Needs(Needs.Right.LEAD)
    ResponseEntity<Created> limbSeen(
            @PathVariable String job,
            @PathVariable String stem,
            @Validated @RequestBody LimbRequest l,
            @AuthenticationPrincipal SignedIn who) {
        return Created.at(
                limbs.seen(job, stem, new SeenLimb(l.growing, l.bent, l.thickM, Optional.ofNullable(l.lengthM)), who));
    }

    /** It is off. */
    @DeleteMapping("/limbs/{id}")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void limbOff(@PathVariable String job, @PathVariable String id, @AuthenticationPrincipal SignedIn who) {
        limbs.off(job, id, who);
    }
}
