package org.antevid.app.lay.web;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.antevid.app.job.Needs;
import org.antevid.app.lay.ChoiceRequest;
import org.antevid.app.lay.DialView;
import org.antevid.app.lay.Lays;
import org.antevid.app.people.SignedIn;
import org.antevid.app.place.Places;
import org.antevid.app.problem.NotThere;
import org.antevid.app.reader.Speech;
import org.antevid.app.stem.Stems;
import org.antevid.core.lay.Basis;
import org.antevid.core.lay.Landmark;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.rehearsal.Rehearsal;
import org.antevid.core.lay.rehearsal.RehearsalWords;
import org.antevid.core.lay.zone.Zone;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.message.Shown;
import org.antevid.core.message.Side;
import org.antevid.core.quantity.Require;
import org.antevid.core.quantity.Rounding;
import org.antevid.core.retreat.EscapeRoutes;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Site;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.StemReading;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/jobs/{job}")
public class LayController {
    record ChooseRequest(
            @NotNull @Valid ChoiceRequest choice,
            @NotNull Boolean fixed,
            @NotNull @Size(max = 200) List<Spot> dropZone,
            Long version) {}

    record ClipView(Zone.Kind kind, List<Spot> outline, String reason, String who) {}

    record StemLay(
            String stemId,
            String stem,
            ChoiceRequest choice,
            boolean fixed,
            List<Spot> dropZone,
            List<ClipView> clips,
            long version,
            Optional<LayView> lay,
            Optional<String> notKnown,
            Optional<Lays.OutOfDate> outOfDate) {}

    record ClipRequest(
            @NotNull Zone.Kind kind,
            @NotNull @Size(min = 3, max = 200) List<Spot> outline,
            @NotNull @Size(max = 200) String reason,
            @NotNull Long version) {}

    record ClearingRequest(
            @NotNull EscapeRoutes.Side side, @NotNull Boolean done) {}

    /**
     * @param landmark to aim at
     * @param offM right of it positive, at its distance
     */
    record AimRequest(@NotNull Spot landmark, @NotNull Double offM) {}

    record LayByLandmark(double layDeg) {}

    record RehearsalRequest(
            @NotNull @Valid ChoiceRequest choice,
            @NotNull Double gustMs,
            Optional<Double> releaseDeg,
            @NotNull Rehearsal.Corner rotten,
            @NotNull Double offM,
            @NotNull Integer falls,
            @NotNull Integer seed) {
        Rehearsal.WhatIf whatIf() {
            return new Rehearsal.WhatIf(gustMs, releaseDeg == null ? Optional.empty() : releaseDeg, rotten, offM);
        }
    }

    record StruckView(String id, String name, int falls, String share) {}

    /**
     * @param byDegree landings for each whole degree
     * @param lost share of falls in which control was lost, in words
     */
    record FallsView(
            int falls,
            List<Integer> byDegree,
            List<Spot> tips,
            String lost,
            List<StruckView> struck,
            @Shown(in = Dimension.ANGLE, to = Side.UP) double within95Deg) {}

    /** @param motion degrees from plumb, one every {@code stepS} */
    record RehearsalView(FallsView asPlanned, FallsView whatIf, List<Double> motion, double stepS) {}

    record DependsView(String source, String words, String value, Optional<Instant> at) {}

    /**
     * Degrees of lean that the moments along and across a direction stand for.
     *
     * @param windDeg what the wind at its limit is worth, up
     */
    record LeaningView(
            @Shown(in = Dimension.ANGLE, to = Side.NEAREST) double effectiveLeanDeg,

            @Shown(in = Dimension.AZIMUTH, to = Side.NEAREST)
            Optional<Double> towardDeg,

            @Shown(in = Dimension.ANGLE, to = Side.NEAREST, unsigned = true)
            double forwardDeg,

            @Shown(in = Dimension.ANGLE, to = Side.NEAREST, unsigned = true)
            double sideRightDeg,

            @Shown(in = Dimension.ANGLE, to = Side.UP) double sigmaForwardDeg,
            @Shown(in = Dimension.ANGLE, to = Side.UP) double sigmaSideDeg,
            @Shown(in = Dimension.ANGLE, to = Side.UP) double windDeg) {}

    private final Lays lays;
    private final Stems stems;
    private final Places places;

    LayController(Lays lays, Stems stems, Places places) {
        this.lays = lays;
        this.stems = stems;
        this.places = places;
    }

    /** All recorded lays with what follows from them. */
    @GetMapping("/lays")
    @Needs(Needs.Right.READ)
    List<StemLay> lays(@PathVariable String job) {
        Map<String, StemReading> readings = stems.known(job).stream()
                .collect(Collectors.toMap(Stems.ChosenReading::id, Stems.ChosenReading::reading));
        Site site = lays.site(job);
        return lays.chosen(job).stream()
                .map(c -> {
                    StemReading reading = Require.present(readings, c.stemId());
                    Optional<LayPlan> plan = Optional.of(c)
                            .filter(x -> reading.canBeLaid())
                            .map(x -> lays.plan(reading, site, x.choice()));
                    return new StemLay(
                            c.stemId(),
                            reading.label(),
                            c.request(),
                            c.fixed(),
                            c.dropZone(),
                            c.clips().stream()
                                    .map(x -> new ClipView(x.kind, x.outline, x.reason, x.who))
                                    .toList(),
                            c.version(),
                            plan.map(p -> LayView.of(p, site, recorded(c, c.zone()))),
                            plan.isPresent()
                                    ? Optional.empty()
                                    : Optional.of("not known: "
                                            + String.join(", ", Speech.words().terms(reading.notKnown()))),
                            plan.flatMap(p -> lays.outOfDate(c, p, site)));
                })
                .toList();
    }

    private static LayView.LayRecord recorded(Lays.StemChoice c, Optional<Shape> dropZone) {
        return new LayView.LayRecord(dropZone, c.zoneClips(), c.clearedBy());
    }

    /** What follows from a lay that is being turned; nothing is stored. */
    @PostMapping("/stems/{stem}/lay/preview")
    @Needs(Needs.Right.READ)
    LayView preview(@PathVariable String job, @PathVariable String stem, @Validated @RequestBody ChoiceRequest c) {
        Site site = lays.site(job);
        return LayView.of(
                lays.plan(job, stem, lays.rigged(job, stem, c), site),
                site,
                lays.chosenFor(stem).map(x -> recorded(x, Optional.empty())).orElse(LayView.LayRecord.NOTHING));
    }

    /** All lays round the stem, each open, costly or blocked and by what. */
    @PostMapping("/stems/{stem}/lay/dial")
    @Needs(Needs.Right.READ)
    DialView dial(@PathVariable String job, @PathVariable String stem, @Validated @RequestBody ChoiceRequest c) {
        return DialView.of(lays.dial(job, stem, c.choice(lays.kits())));
    }

    /** Everything the lay depends on, with its age. */
    @PostMapping("/stems/{stem}/lay/depends")
    @Needs(Needs.Right.READ)
    List<DependsView> depends(
            @PathVariable String job, @PathVariable String stem, @Validated @RequestBody ChoiceRequest c) {
        return lays.depends(job, stem, c.choice(lays.kits())).stream()
                .map(d -> new DependsView(
                        d.fact().source().name(),
                        Speech.words().show(Basis.what(d.fact())),
                        Speech.words().say(d.fact().says()),
                        d.at()))
                .toList();
    }

    /** The lay that passes a landmark so far to its side. */
    @PostMapping("/stems/{stem}/lay/aim")
    @Needs(Needs.Right.READ)
    LayByLandmark aim(@PathVariable String job, @PathVariable String stem, @Validated @RequestBody AimRequest a) {
        return new LayByLandmark(
                Landmark.layPast(stems.known(job, stem).reading().at(), a.landmark, a.offM));
    }

    /** Seeded falls as planned and with what goes otherwise; nothing is stored. */
    @PostMapping("/stems/{stem}/lay/rehearsal")
    @Needs(Needs.Right.READ)
    RehearsalView rehearse(
            @PathVariable String job, @PathVariable String stem, @Validated @RequestBody RehearsalRequest r) {
        Map<String, String> names = places.features(job).stream()
                .collect(Collectors.toMap(
                        Places.PlacedFeature::id, v -> v.entry().name()));
        List<Rehearsal> both = lays.rehearse(job, stem, r.choice.choice(lays.kits()), r.whatIf(), r.falls, r.seed);
        return new RehearsalView(
                falls(both.get(0), names),
                falls(both.get(1), names),
                both.get(0).motion(),
                Rehearsal.MOTION_STEP_S);
    }

    private static String share(int of, int all) {
        return of == 0
                ? Speech.words().say(Message.of(RehearsalWords.NONE_OF_THEM))
                : Speech.words().show(Arg.up(Dimension.CHANCE, (double) of / all));
    }

    private static FallsView falls(Rehearsal r, Map<String, String> names) {
        return new FallsView(
                r.falls(),
                r.byDegree(),
                r.tips(),
                share(r.lost(), r.falls()),
                r.struck().entrySet().stream()
                        .sorted(Map.Entry.<String, Integer>comparingByValue().reversed())
                        .map(e -> new StruckView(
                                e.getKey(),
                                names.getOrDefault(e.getKey(), "?"),
                                e.getValue(),
                                share(e.getValue(), r.falls())))
                        .toList(),
                Rounding.up(r.within95Deg(), 1));
    }

    /** Says that a way out is cleared, or not any more. */
    @PutMapping("/stems/{stem}/lay/clearing")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void clear(
            @PathVariable String job,
            @PathVariable String stem,
            @Validated @RequestBody ClearingRequest c,
            @AuthenticationPrincipal SignedIn me) {
        lays.cleared(job, stem, c.side, c.done, me);
    }

    /** Takes ground out of a zone, with the leader's reason. */
    @PostMapping("/stems/{stem}/lay/clips")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void clip(
            @PathVariable String job,
            @PathVariable String stem,
            @Validated @RequestBody ClipRequest c,
            @AuthenticationPrincipal SignedIn me) {
        lays.clip(job, stem, c.kind, c.outline, c.reason, me, c.version);
    }

    /** Puts a piece back into its zone. */
    @DeleteMapping("/stems/{stem}/lay/clips/{index}")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void unclip(
            @PathVariable String job, @PathVariable String stem, @PathVariable int index, @RequestParam long version) {
        lays.unclip(job, stem, index, version);
    }

    /** Lean with crown and snow along and across a direction; {@code windNm} comes on top from any side. */
    @GetMapping("/stems/{stem}/leaning")
    @Needs(Needs.Right.READ)
    LeaningView leaning(@PathVariable String job, @PathVariable String stem, @RequestParam double layDeg) {
        return lays.leaning(job, stem, layDeg)
                .map(l -> new LeaningView(
                        l.stillAir().effectiveLeanDeg(),
                        l.stillAir().azimuthDeg(),
                        l.asDeg(l.stillAir().forwardNm()),
                        l.asDeg(l.stillAir().sideRightNm()),
                        Rounding.up(l.asDeg(l.stillAir().sigmaForwardNm()), 1),
                        Rounding.up(l.asDeg(l.stillAir().sigmaSideNm()), 1),
                        Rounding.up(l.asDeg(l.windNm()), 1)))
                .orElseThrow(NotThere::new);
    }

    /** Saves the choice for a stem; fixed with a drop zone it is what the crew is briefed on. */
    @PutMapping("/stems/{stem}/lay")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void choose(@PathVariable String job, @PathVariable String stem, @Validated @RequestBody ChooseRequest c) {
        lays.choose(job, stem, c.choice, c.fixed, c.dropZone, c.version);
    }
}
