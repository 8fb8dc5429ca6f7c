package org.antevid.app.stem.web;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.antevid.app.instrument.Rangefinder;
import org.antevid.app.job.Needs;
import org.antevid.app.people.SignedIn;
import org.antevid.app.problem.Again;
import org.antevid.app.reader.Created;
import org.antevid.app.reader.Speech;
import org.antevid.app.stem.FieldBooks;
import org.antevid.app.stem.Stems;
import org.antevid.app.stem.store.DefectEntity;
import org.antevid.app.stem.store.SightingEntity;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.message.Shown;
import org.antevid.core.message.Side;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.Defect;
import org.antevid.core.stem.DefectKind;
import org.antevid.core.stem.FieldNote;
import org.antevid.core.stem.Sighting;
import org.antevid.core.stem.SightingKind;
import org.antevid.core.stem.StemState;
import org.antevid.core.stem.Tell;
import org.antevid.words.Answer;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/jobs/{job}/stems/{stem}")
public class FieldBookController {
    record SightingView(
            String id,
            SightingKind kind,
            String words,
            String raw,
            double value,
            double sigma,
            String shown,
            String shownSigma,
            String instrument,
            boolean simulated,
            String who,
            Instant at,
            boolean byEye,
            boolean byCrew,
            boolean accepted,
            Optional<String> acceptedBy,
            Optional<String> doesNotCount) {}

    record DefectView(
            String id,
            DefectKind kind,
            String words,
            @Shown(in = Dimension.LENGTH, to = Side.NEAREST) double fromM,
            @Shown(in = Dimension.LENGTH, to = Side.NEAREST) double toM,

            @Shown(in = Dimension.AZIMUTH, to = Side.NEAREST)
            double faceDeg,

            Optional<Double> widthM,
            Optional<Double> depthM,
            String extent,
            String found,
            List<String> tells,
            String note,
            String who,
            Instant at,
            boolean byCrew,
            Optional<String> setAside) {}

    record SightingRequest(
            @Size(max = 60) String id,
            @NotNull SightingKind kind,
            @NotNull @Size(max = 20) Map<String, Double> numbers,
            @Size(max = 10) Map<String, String> choices,
            @Size(max = 60) String instrument,
            Boolean simulated) {
        FieldBooks.Observation observation() {
            Map<String, Double> given = new LinkedHashMap<>();
            numbers.forEach((k, v) -> {
                if (v != null) {
                    given.put(k, v);
                }
            });
            return new FieldBooks.Observation(
                    Optional.ofNullable(id),
                    kind,
                    given,
                    choices == null ? Map.of() : choices,
                    instrument == null ? "" : instrument,
                    Boolean.TRUE.equals(simulated));
        }
    }

    record Preview(
            double value,
            double sigma,
            double low,
            double high,
            String shown,
            String shownSigma,
            String shownLow,
            String shownHigh,
            List<String> warnings) {}

    record DefectRequest(
            @Size(max = 60) String id,
            @NotNull DefectKind kind,
            @NotNull Double fromM,
            Optional<Double> toM,
            @NotNull Double faceDeg,
            Optional<Double> widthM,
            Optional<Double> depthM,
            @Size(max = 80) String extent,
            Defect.Found found,
            @Size(max = 8) List<Tell> tells,
            @Size(max = 500) String note) {
        Defect defect() {
            return new Defect(
                    id == null ? UUID.randomUUID().toString() : id,
                    kind,
                    fromM,
                    or(toM).orElse(fromM + Defect.UNSEEN_LENGTH_M),
                    faceDeg,
                    note == null ? "" : note,
                    or(widthM),
                    or(depthM),
                    found == null ? Defect.Found.SEEN : found,
                    tells == null ? List.of() : tells);
        }

        private static Optional<Double> or(Optional<Double> o) {
            return o == null ? Optional.empty() : o;
        }
    }

    record Reason(@NotBlank @Size(max = 200) String reason) {}

    record StandRequest(@NotNull Spot from) {}

    /** Numbers for the forms, as the instrument read them. */
    record ShotsView(
            Map<String, Double> height,
            Map<String, String> heightChoices,
            Map<String, Double> leanView,
            double distanceM,
            boolean simulated) {}

    private final FieldBooks books;
    private final Stems stems;
    private final Rangefinder rangefinder;

    FieldBookController(FieldBooks books, Stems stems, Rangefinder rangefinder) {
        this.books = books;
        this.stems = stems;
        this.rangefinder = rangefinder;
    }

    /** The rangefinder aimed at the stem from where the person stands; fills a sighting, stores nothing. */
    @PostMapping("/shot")
    @Needs(Needs.Right.READ)
    ShotsView shot(@PathVariable String job, @PathVariable String stem, @Validated @RequestBody StandRequest s) {
        Rangefinder.TreeShots t = rangefinder
                .tree(s.from, stems.record(job, stem).at())
                .orElseThrow(() -> new RefusedInput("NOTHING_THERE", "from", Message.of(Answer.NO_TREE_THERE)));
        return new ShotsView(
                Map.of(
                        "distanceM",
                        t.base().slopeM(),
                        "top",
                        t.top().inclinationDeg(),
                        "base",
                        t.base().inclinationDeg(),
                        "bearingDeg",
                        t.base().bearingDeg()),
                Map.of("mode", "slope_to_base", "unit", "deg"),
                Map.of("bearingDeg", t.base().bearingDeg(), "offsetM", t.topRightM()),
                t.base().horizontalM(),
                t.base().simulated());
    }

    /** What follows from raw numbers while they are being written; nothing is stored. */
    @PostMapping("/sightings/preview")
    @Needs(Needs.Right.READ)
    Preview preview(@PathVariable String job, @PathVariable String stem, @Validated @RequestBody SightingRequest s) {
        Sighting x = books.preview(job, stem, s.observation());
        return new Preview(
                x.estimate().value(),
                x.estimate().sigma(),
                x.estimate().low(),
                x.estimate().high(),
                show(s.kind, x.estimate().value(), Side.NEAREST),
                show(s.kind, x.estimate().sigma(), Side.UP),
                show(s.kind, x.estimate().low(), Side.DOWN),
                show(s.kind, x.estimate().high(), Side.UP),
                Speech.words().terms(x.warnings()));
    }

    /** Records a sighting with its raw numbers; one from the crew only tightens the plan until it is accepted. */
    @PostMapping("/sightings")
    @Needs(Needs.Right.WORK)
    ResponseEntity<Created> sight(
            @PathVariable String job,
            @PathVariable String stem,
            @Validated @RequestBody SightingRequest s,
            @AuthenticationPrincipal SignedIn me) {
        return Created.at(Again.whenCrossed(() -> books.sight(job, stem, s.observation(), me)));
    }

    /** Accepts a sighting of the crew: from now on it may relax the plan. */
    @PostMapping("/sightings/{id}/accept")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void accept(
            @PathVariable String job,
            @PathVariable String stem,
            @PathVariable String id,
            @AuthenticationPrincipal SignedIn me) {
        books.accept(job, stem, id, me);
    }

    /** Sets a sighting aside with a reason; it stays in the book and stops counting. */
    @PostMapping("/sightings/{id}/set-aside")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void setAside(
            @PathVariable String job,
            @PathVariable String stem,
            @PathVariable String id,
            @Validated @RequestBody Reason r,
            @AuthenticationPrincipal SignedIn me) {
        books.setAside(job, stem, id, r.reason, me);
    }

    /** Records a fault of the stem with its height, side and signs. */
    @PostMapping("/defects")
    @Needs(Needs.Right.WORK)
    ResponseEntity<Created> defect(
            @PathVariable String job,
            @PathVariable String stem,
            @Validated @RequestBody DefectRequest d,
            @AuthenticationPrincipal SignedIn me) {
        return Created.at(Again.whenCrossed(() -> books.defect(job, stem, d.defect(), d.extent, me)));
    }

    /** Sets a fault aside with a reason; it stays in the book and stops counting. */
    @PostMapping("/defects/{id}/set-aside")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void setDefectAside(
            @PathVariable String job,
            @PathVariable String stem,
            @PathVariable String id,
            @Validated @RequestBody Reason r,
            @AuthenticationPrincipal SignedIn me) {
        books.setDefectAside(job, stem, id, r.reason, me);
    }

    static SightingView view(SightingEntity s, StemState now) {
        StringBuilder raw = new StringBuilder();
        for (FieldNote n : s.kind.notes()) {
            Object v = s.raw.get(n.name());
            boolean usual = n.standard().isPresent()
                            && v instanceof Number x
                            && x.doubleValue() == n.standard().get()
                    || !n.choices().isEmpty() && n.choices().get(0).equals(v);
            if (v != null && !usual && !n.touched()) {
                raw.append(raw.isEmpty() ? "" : ", ")
                        .append(Speech.words().term(s.kind, n.name()).toLowerCase(Locale.ROOT))
                        .append(' ')
                        .append(
                                v instanceof Number x
                                        ? written(n, x.doubleValue())
                                        : String.valueOf(v).replace('_', ' '));
            }
        }
        return new SightingView(
                s.id,
                s.kind,
                Speech.words().term(s.kind),
                raw.toString(),
                s.quantity,
                s.sigma,
                show(s.kind, s.quantity, Side.NEAREST),
                show(s.kind, s.sigma, Side.UP),
                s.instrument.isEmpty() ? Speech.words().term(s.kind, "instrument") : s.instrument,
                s.simulated,
                s.who,
                s.takenAt,
                s.kind.byEye(),
                s.byCrew,
                s.accepted(),
                Optional.ofNullable(s.acceptedBy),
                FieldBooks.whyNot(s, now));
    }

    private static String written(FieldNote n, double v) {
        if (n.unit().equals("m")) {
            return Speech.words().show(Arg.of(Dimension.WRITTEN, v));
        }
        return number(v) + (n.unit().equals("°") ? n.unit() : "");
    }

    private static String number(double v) {
        return v == Math.rint(v) ? String.valueOf((long) v) : String.valueOf(Math.rint(v * 1000) / 1000);
    }

    private static String show(SightingKind kind, double value, Side side) {
        return Speech.words().show(new Arg.Amount(dimension(kind), value, side));
    }

    private static Dimension dimension(SightingKind kind) {
        return switch (kind.measured()) {
            case DIAMETER -> Dimension.DIAMETER;
            case WALL -> Dimension.SHORT;
            case LEAN -> kind == SightingKind.LEAN_VIEW ? Dimension.HEIGHT : Dimension.ANGLE;
            case HEIGHT, CROWN, CROWN_BASE, HEAVE, DEFECT_HEIGHT -> Dimension.HEIGHT;
        };
    }

    static DefectView view(DefectEntity d) {
        return new DefectView(
                d.id,
                d.kind,
                Speech.words().term(d.kind),
                d.fromM,
                d.toM,
                d.faceDeg,
                Optional.ofNullable(d.widthM),
                Optional.ofNullable(d.depthM),
                d.extent,
                Speech.words().term(d.found),
                d.tells.stream().map(t -> Speech.words().term(t)).toList(),
                d.note,
                d.who,
                d.seenAt,
                d.byCrew,
                Optional.ofNullable(d.setAside).map(r -> "set aside by " + d.setAsideBy + ": " + r));
    }
}
