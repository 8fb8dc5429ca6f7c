package org.antevid.app.tangle.web;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Optional;
import org.antevid.app.job.Needs;
import org.antevid.app.people.SignedIn;
import org.antevid.app.problem.NotThere;
import org.antevid.app.reader.Speech;
import org.antevid.app.tangle.TangleRecords;
import org.antevid.app.tangle.Tangles;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.message.Shown;
import org.antevid.core.message.Side;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Rounding;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Spot;
import org.antevid.core.tangle.ControlLine;
import org.antevid.core.tangle.HungPull;
import org.antevid.core.tangle.picture.DragLine;
import org.antevid.core.tangle.picture.Member;
import org.antevid.core.tangle.picture.Picture;
import org.antevid.core.tangle.picture.PullPlan;
import org.antevid.core.tangle.picture.TiedOff;
import org.antevid.words.Answer;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Dragging a hung stem out: where the winch stands, by which block, what it has to bring. */
@RestController
@RequestMapping("/api/jobs/{job}/tangle/stems/{stem}/pull")
public class PullController {
    record PullRequest(
            @NotNull @Valid Spot winch, @Nullable @Valid Spot redirect) {}

    /**
     * The drag as it is drawn and reckoned.
     *
     * @param force on the rope, high; empty when pulled too far off the axis
     * @param rated one and a half times of it
     * @param bight ground nobody stands on; empty for a straight line
     */
    record DragView(
            Spot butt,
            Spot winch,
            Optional<Spot> redirect,

            @Shown(in = Dimension.AZIMUTH, to = Side.NEAREST)
            double pullAzDeg,

            @Shown(in = Dimension.ANGLE, to = Side.UP) double offAxisDeg,
            @Shown(in = Dimension.ANGLE, to = Side.NEAREST) double slopeAlongDeg,
            @Shown(in = Dimension.DISTANCE, to = Side.UP) double lineM,
            Optional<String> force,
            Optional<String> rated,
            Optional<String> atHand,
            boolean strongEnough,
            boolean winchInRing,
            List<List<Spot>> bight,
            List<String> warnings) {}

    /**
     * A line the stem is tied off with.
     *
     * @param lineM paid out between anchor and tie, 0.5..200 m
     * @param tieFromButtM tied point along the stem, 0..30 m
     */
    record TiedRequest(
            @NotNull @Valid Spot anchor,
            @NotNull Double lineM,
            @NotNull Double tieFromButtM) {}

    /**
     * How far a tied off butt can come.
     *
     * @param fits false: the stem lies elsewhere now, and the line no longer reaches it
     * @param discM of the butt round its anchor, {@code farthestM} from where it is now
     * @param wantsAzDeg where it wants to go by its lie alone; nobody can promise it
     */
    record TiedView(
            boolean fits,
            @Shown(in = Dimension.LENGTH, to = Side.UP) Optional<Double> slackM,
            @Shown(in = Dimension.LENGTH, to = Side.UP) Optional<Double> discM,
            @Shown(in = Dimension.LENGTH, to = Side.UP) Optional<Double> farthestM,

            @Shown(in = Dimension.AZIMUTH, to = Side.NEAREST)
            Optional<Double> wantsAzDeg,

            List<ControlLine.Warning> warnings,
            List<String> warningWords) {}

    private final Tangles tangles;
    private final TangleRecords records;

    PullController(Tangles tangles, TangleRecords records) {
        this.tangles = tangles;
        this.records = records;
    }

    /** Where the winch stands by which a stem is to be dragged away; a later entry counts in place of this one. */
    @PostMapping
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void dragStem(
            @PathVariable String job,
            @PathVariable String stem,
            @Validated @RequestBody PullRequest p,
            @AuthenticationPrincipal SignedIn who) {
        DragLine line = new DragLine(p.winch, Optional.ofNullable(p.redirect));
        reckoned(job, stem, line);
        records.line(job, stem, line, who);
    }

    /** What the winch has to bring, as it was entered; refused while it was not, or something is not known. */
    @GetMapping
    @Needs(Needs.Right.READ)
    DragView drag(@PathVariable String job, @PathVariable String stem) {
        Tangles.Tangle t = tangles.tangle(job);
        String label = tangles.label(job, stem);
        DragLine line = t.picture()
                .member(label)
                .flatMap(Member::dragLine)
                .orElseThrow(() -> new RefusedInput(
                        "NOT_KNOWN", "winch", Message.of(Answer.NO_DRAG_LINE).with("stem", Arg.name(label))));
        return view(t, label, line, reckoned(job, stem, line));
    }

    /** The line a stem is tied off with, so that its butt cannot swing far; a later entry counts in place of this. */
    @PostMapping("/tied")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void tieStem(
            @PathVariable String job,
            @PathVariable String stem,
            @Validated @RequestBody TiedRequest t,
            @AuthenticationPrincipal SignedIn who) {
        TiedOff line = new TiedOff(t.anchor, t.lineM, t.tieFromButtM);
        line.require(
                tangles.tangle(job).picture().member(tangles.label(job, stem)).orElseThrow(NotThere::new));
        records.tiedOff(job, stem, line, who);
    }

    /** How far the butt can come on its line. */
    @GetMapping("/tied")
    @Needs(Needs.Right.READ)
    TiedView tied(@PathVariable String job, @PathVariable String stem) {
        Picture p = tangles.tangle(job).picture();
        Member m = p.member(tangles.label(job, stem)).orElseThrow(NotThere::new);
        Optional<ControlLine> line = m.tiedOff().orElseThrow(NotThere::new).line(p, m);
        List<ControlLine.Warning> warnings = line.map(ControlLine::warnings).orElse(List.of());
        return new TiedView(
                line.isPresent(),
                line.map(ControlLine::slackM),
                line.map(ControlLine::buttDiscM),
                line.flatMap(ControlLine::buttMoveMaxM),
                line.flatMap(l ->
                        l.drive().map(d -> m.tiedOff().orElseThrow().anchor().bearingTo(d.end()))),
                warnings,
                Speech.words().terms(warnings));
    }

    private PullPlan reckoned(String job, String stem, DragLine line) {
        Tangles.Tangle t = tangles.tangle(job);
        String label = tangles.label(job, stem);
        Member m = t.picture().member(label).orElseThrow();
        if (!PullPlan.unknown(m).isEmpty()) {
            throw new RefusedInput(
                    "NOT_KNOWN",
                    "stem",
                    Message.of(Answer.BEAM_NOT_KNOWN)
                            .with("missing", Arg.terms(PullPlan.unknown(m)))
                            .with("stem", Arg.name(label)));
        }
        return PullPlan.of(t.picture(), m, line);
    }

    private static DragView view(Tangles.Tangle t, String label, DragLine line, PullPlan p) {
        HungPull pull = p.pull();
        Optional<Double> strongest = OrderViews.strongest(t.picture().atHand());
        return new DragView(
                t.picture()
                        .member(label)
                        .flatMap(Member::pose)
                        .orElseThrow()
                        .butt()
                        .at(),
                line.winch(),
                line.redirect(),
                p.pullAzDeg(),
                pull.offAxisDeg(),
                pull.slopeAlongDeg(),
                Rounding.up(p.lineM(), 0),
                pull.forceN().map(n -> Speech.words().show(Arg.up(Dimension.PULL, n))),
                pull.ratedNeededN().map(n -> Speech.words().show(Arg.up(Dimension.FORCE, n))),
                strongest.map(n -> Speech.words().show(Arg.down(Dimension.FORCE, n))),
                pull.ratedNeededN()
                        .filter(n -> strongest.filter(s -> s >= n).isPresent())
                        .isPresent(),
                p.winchInRing(),
                p.bight().map(Shape::outlines).orElse(List.of()),
                Speech.words().terms(pull.warnings()));
    }
}
