package org.antevid.app.tangle.web;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.antevid.app.job.Needs;
import org.antevid.app.people.SignedIn;
import org.antevid.app.reader.Created;
import org.antevid.app.reader.Speech;
import org.antevid.app.tangle.Closures;
import org.antevid.app.tangle.Holdings;
import org.antevid.app.tangle.Overhangs;
import org.antevid.app.tangle.StruckThings;
import org.antevid.app.tangle.TangleRecords;
import org.antevid.app.tangle.Tangles;
import org.antevid.app.tangle.TornParts;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Shown;
import org.antevid.core.message.Side;
import org.antevid.core.quantity.Rounding;
import org.antevid.core.site.Spot;
import org.antevid.core.tangle.GuardRing;
import org.antevid.core.tangle.Pile;
import org.antevid.core.tangle.Release;
import org.antevid.core.tangle.beam.Bind;
import org.antevid.core.tangle.beam.BindBest;
import org.antevid.core.tangle.beam.BindCut;
import org.antevid.core.tangle.beam.LyingStem;
import org.antevid.core.tangle.beam.Support;
import org.antevid.core.tangle.picture.KerfReading;
import org.antevid.core.tangle.picture.Member;
import org.antevid.core.tangle.picture.PartOf;
import org.antevid.core.tangle.picture.Pose;
import org.antevid.core.tangle.picture.Rest;
import org.antevid.core.tangle.picture.SideFigure;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/jobs/{job}/tangle")
public class TangleController {
    /** What can be moved by hand and by the winch at hand, kg (judgement). */
    private static final double PIECE_KG = 400;

    record HangArea(
            String hung,
            List<String> supports,
            List<Spot> beneath,
            List<Spot> ring,
            @Shown(in = Dimension.DISTANCE, to = Side.UP) double keepOutM) {}

    /** A relation with what both are called. */
    record RelationView(
            String id,
            String a,
            String aName,
            Pile.Type type,
            String b,
            String bName,
            Pile.Carries carries,
            Pile.SeverFrom severFrom) {}

    record TangleView(
            List<RelationView> relations,
            List<TangleViews.TangledStem> stems,
            List<TangleViews.CrossingView> crossings,
            List<OrderViews.OrderStep> order,
            List<OrderViews.DeadlockView> deadlocks,
            List<String> forbidden,
            List<HangView> hangs,
            List<HangArea> areas,
            List<GuardViews.HoldingView> holdings,
            List<GuardViews.StruckThingView> struck) {}

    /** A hung stem, who guards it, and what is closed around it. */
    record HangView(
            String stemId,
            String stem,
            Tangles.HangEntry entry,
            long version,
            Optional<GuardViews.ClosureView> closed) {}

    record RelationRequest(
            @NotBlank String a,
            @NotNull Pile.Type type,
            @NotBlank String b,
            Pile.@Nullable Carries carries,
            Pile.@Nullable SeverFrom severFrom) {}

    /** @param at what it hangs over, tapped on the plan */
    record OverhangRequest(
            @NotBlank String stem, @NotNull @Valid Spot at) {}

    record HangRequest(
            Optional<Double> tractorWinchN,
            Optional<Double> handWinchN,
            @NotNull Boolean lockedInFork,
            @Size(max = 80) String guard,
            @Size(max = 200) String closure,
            Long version) {}

    /** An end of the axis, metres in the site's frame; height above ground. */
    record EndRequest(
            @NotNull Double eastM,
            @NotNull Double northM,
            @NotNull @DecimalMin("0") @DecimalMax("60") Double heightM) {
        Pose.End end() {
            return new Pose.End(new Spot(eastM, northM), heightM);
        }
    }

    record PoseRequest(
            @NotNull @Valid EndRequest butt,
            @NotNull @Valid EndRequest tip,
            Pose.@NotNull TakenHow how,
            @NotNull @DecimalMin("0") @DecimalMax("10") Double sigmaM) {}

    record RestRequest(
            @NotNull @DecimalMin("0") @DecimalMax("60") Double xM,
            Rest.@NotNull On on,
            @Nullable String other,
            Support.@NotNull Side side,
            @Nullable @DecimalMin("-2") @DecimalMax("2") Double gapM,
            Rest.@Nullable Fibres fibres,
            Rest.@NotNull Certainty certainty) {}

    record PlateRequest(
            @NotNull @DecimalMin("0.3") @DecimalMax("10") Double widthM,
            @NotNull @DecimalMin("0.3") @DecimalMax("10") Double heightM,
            @NotNull @DecimalMin("0.05") @DecimalMax("3") Double thickM,
            @NotNull @DecimalMin("20") @DecimalMax("130") Double psiDeg) {}

    record BowRequest(
            @NotNull @DecimalMin("0.5") @DecimalMax("30") Double chordM,
            @NotNull @DecimalMin("0.01") @DecimalMax("15") Double riseM) {}

    record HiddenRequest(
            @NotNull @DecimalMin("0") @DecimalMax("60") Double fromM,
            @NotNull @DecimalMin("0") @DecimalMax("60") Double toM) {}

    /** @param notFromBelow why nobody cuts from below there; none where they can */
    record CutRequest(@NotNull Double xM, @Nullable List<BindCut.NotFromBelow> notFromBelow) {}

    /** @param hangs it hangs; otherwise it lies */
    record TornPartRequest(
            PartOf.@NotNull Kind kind,
            @NotNull @DecimalMin("0") @DecimalMax("60") Double atM,
            Rest.@NotNull Fibres fibres,
            @NotNull Boolean hangs) {}

    record KerfRequest(
            @NotNull @DecimalMin("0") @DecimalMax("60") Double xM, KerfReading.@NotNull Did did) {}

    private final Tangles tangles;
    private final TangleRecords records;
    private final Holdings holdings;
    private final Closures closures;
    private final StruckThings struck;
    private final TornParts parts;
    private final Overhangs overhangs;
    private final Clock clock;

    TangleController(
            Tangles tangles,
            TangleRecords records,
            Holdings holdings,
            Closures closures,
            StruckThings struck,
            TornParts parts,
            Overhangs overhangs,
            Clock clock) {
        this.clock = clock;
        this.tangles = tangles;
        this.records = records;
        this.holdings = holdings;
        this.closures = closures;
        this.struck = struck;
        this.parts = parts;
        this.overhangs = overhangs;
    }

    /** Hung and fallen stems with what bears on what, and the order to take them apart. */
    @GetMapping
    @Needs(Needs.Right.READ)
    TangleView tangle(@PathVariable String job) {
        Tangles.Tangle t = tangles.tangle(job);
        return new TangleView(
                tangles.relations(job).stream()
                        .map(r -> new RelationView(
                                r.id(),
                                r.a(),
                                t.names().getOrDefault(r.a(), r.a()),
                                r.type(),
                                r.b(),
                                t.names().getOrDefault(r.b(), r.b()),
                                r.carries(),
                                r.severFrom()))
                        .toList(),
                TangleViews.stems(t, clock.instant()),
                TangleViews.crossings(t),
                OrderViews.steps(t),
                OrderViews.deadlocks(t),
                t.hangs().isEmpty() ? List.of() : Speech.words().terms(List.of(Release.Forbidden.values())),
                hangs(job),
                t.hangs().stream()
                        .map(h -> new HangArea(
                                h.hung(),
                                h.supports(),
                                h.beneath().outline(),
                                h.ground().outline(),
                                Rounding.up(h.keepOutM(), 0)))
                        .toList(),
                GuardViews.holdings(t, holdings.current(job)),
                GuardViews.struck(t, struck.answers(job)));
    }

    private List<HangView> hangs(String job) {
        Map<String, TangleRecords.Noted<Closures.Closed>> closed = closures.current(job);
        Map<String, GuardRing.Closed> against = tangles.closedAgainstRing(job);
        return tangles.hangs(job).stream()
                .map(h -> new HangView(
                        h.stemId(),
                        h.stem(),
                        h.entry(),
                        h.version(),
                        GuardViews.closure(
                                Optional.ofNullable(closed.get(h.stemId())),
                                Optional.ofNullable(against.get(h.stem())))))
                .toList();
    }

    /** Records that one stem bears on another, or on a feature of the place. */
    @PostMapping("/relations")
    @Needs(Needs.Right.LEAD)
    ResponseEntity<Created> relate(@PathVariable String job, @Validated @RequestBody RelationRequest r) {
        return Created.at(tangles.relate(
                job,
                r.a,
                r.type,
                r.b,
                r.carries == null ? Pile.Carries.NOT_KNOWN : r.carries,
                r.severFrom == null ? Pile.SeverFrom.NOT_KNOWN : r.severFrom));
    }

    /** Records what a stem hangs over: the stem or thing that was tapped, or a work spot put on open ground. */
    @PostMapping("/overhangs")
    @Needs(Needs.Right.LEAD)
    ResponseEntity<Created> overhang(@PathVariable String job, @Validated @RequestBody OverhangRequest r) {
        return Created.at(overhangs.over(job, r.stem, r.at));
    }

    /** Takes such a relation back. */
    @DeleteMapping("/relations/{id}")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void unrelate(@PathVariable String job, @PathVariable String id) {
        tangles.unrelate(job, id);
    }

    /** Records how a stem hangs, who guards it and what is closed. */
    @PutMapping("/hangs/{stem}")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void hang(@PathVariable String job, @PathVariable String stem, @Validated @RequestBody HangRequest h) {
        tangles.record(
                job,
                stem,
                new Tangles.HangEntry(
                        h.tractorWinchN == null ? Optional.empty() : h.tractorWinchN,
                        h.handWinchN == null ? Optional.empty() : h.handWinchN,
                        h.lockedInFork,
                        h.guard,
                        h.closure),
                h.version);
    }

    /** Records where a stem lies; older looks stay. */
    @PostMapping("/stems/{stem}/poses")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void poseStem(
            @PathVariable String job,
            @PathVariable String stem,
            @Validated @RequestBody PoseRequest p,
            @AuthenticationPrincipal SignedIn who) {
        tangles.pose(job, stem, new TangleRecords.TakenPose(new Pose(p.butt.end(), p.tip.end(), p.sigmaM), p.how), who);
    }

    /** Records where a stem touches something. */
    @PostMapping("/stems/{stem}/rests")
    @Needs(Needs.Right.LEAD)
    ResponseEntity<Created> restStem(
            @PathVariable String job,
            @PathVariable String stem,
            @Validated @RequestBody RestRequest r,
            @AuthenticationPrincipal SignedIn who) {
        return Created.at(tangles.rest(
                job,
                stem,
                r.xM,
                r.on,
                Optional.ofNullable(r.other).filter(o -> !o.isBlank()),
                r.side,
                r.gapM == null ? 0 : r.gapM,
                Optional.ofNullable(r.fibres),
                r.certainty,
                who));
    }

    /** Records a torn leader, a broken top or a big limb of a stem as a stem of its own. */
    @PostMapping("/stems/{stem}/parts")
    @Needs(Needs.Right.LEAD)
    ResponseEntity<Created> tornPart(
            @PathVariable String job,
            @PathVariable String stem,
            @Validated @RequestBody TornPartRequest r,
            @AuthenticationPrincipal SignedIn who) {
        return Created.at(parts.add(job, stem, r.kind, r.atM, r.fibres, r.hangs, who));
    }

    /** It touches there no longer; what was seen stays in the book. */
    @DeleteMapping("/rests/{id}")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void endRest(@PathVariable String job, @PathVariable String id, @AuthenticationPrincipal SignedIn who) {
        records.endRest(job, id, who);
    }

    /** Records a plate that turned up with a stem. */
    @PostMapping("/stems/{stem}/plates")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void plateOfStem(
            @PathVariable String job,
            @PathVariable String stem,
            @Validated @RequestBody PlateRequest p,
            @AuthenticationPrincipal SignedIn who) {
        records.plate(job, stem, new Member.Plate(p.widthM, p.heightM, p.thickM, p.psiDeg), who);
    }

    /** Records a stem bent between two holds. */
    @PostMapping("/stems/{stem}/bows")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void bowOfStem(
            @PathVariable String job,
            @PathVariable String stem,
            @Validated @RequestBody BowRequest b,
            @AuthenticationPrincipal SignedIn who) {
        records.bow(job, stem, new Member.Bow(b.chordM, b.riseM), who);
    }

    /** Records a part of a stem nobody can see. */
    @PostMapping("/stems/{stem}/hidden")
    @Needs(Needs.Right.LEAD)
    ResponseEntity<Created> hiddenPart(
            @PathVariable String job,
            @PathVariable String stem,
            @Validated @RequestBody HiddenRequest h,
            @AuthenticationPrincipal SignedIn who) {
        return Created.at(records.hidden(job, stem, new Member.Hidden(h.fromM, h.toM), who));
    }

    /** Somebody looked at that part. */
    @DeleteMapping("/hidden/{id}")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void endHidden(@PathVariable String job, @PathVariable String id, @AuthenticationPrincipal SignedIn who) {
        records.endHidden(job, id, who);
    }

    /** What a cut at this place does. */
    @PostMapping("/stems/{stem}/cut")
    @Needs(Needs.Right.READ)
    CutViews.TangleCut cutOfTangle(
            @PathVariable String job, @PathVariable String stem, @Validated @RequestBody CutRequest c) {
        Tangles.Tangle t = tangles.tangle(job);
        String label = tangles.label(job, stem);
        LyingStem beam = TangleViews.beam(t, label);
        Member m = t.picture().member(label).orElseThrow();
        BindCut cut = Bind.of(beam, List.of(c.xM)).cuts().get(0);
        Optional<KerfReading> told = m.kerf().filter(k -> k.tellsOf(c.xM));
        BindCut read =
                told.map(k -> cut.asRead(k.did().squeeze(), cut.roomBelow())).orElse(cut);
        return CutViews.of(
                c.notFromBelow == null || c.notFromBelow.isEmpty() ? read : read.fromAbove(),
                beam,
                SideFigure.of(m).orElseThrow(),
                t.picture().restsOf(label).stream()
                        .map(r -> TangleViews.touched(t, m, r))
                        .toList(),
                t.picture().contradicted(label),
                told.map(KerfReading::did));
    }

    /** What the kerf of a first cut did: it narrows the answer, or shows that the picture is wrong. */
    @PostMapping("/stems/{stem}/kerfs")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void kerfOfStem(
            @PathVariable String job,
            @PathVariable String stem,
            @Validated @RequestBody KerfRequest k,
            @AuthenticationPrincipal SignedIn who) {
        records.kerf(job, stem, new KerfReading(k.xM, k.did), who);
    }

    /** The best places to cut it by hand; none when there is no safe one. */
    @GetMapping("/stems/{stem}/best")
    @Needs(Needs.Right.READ)
    List<CutViews.GoodCut> bestCuts(@PathVariable String job, @PathVariable String stem) {
        return CutViews.best(BindBest.of(TangleViews.beam(tangles.tangle(job), tangles.label(job, stem)), PIECE_KG));
    }
}
