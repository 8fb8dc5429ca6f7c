package org.antevid.app.stem;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.antevid.app.job.Needs;
import org.antevid.app.people.SignedIn;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Defect;
import org.antevid.core.stem.DefectKind;
import org.antevid.core.stem.Species;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.StemState;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/jobs/{job}/stems")
class StemController {
    record Figure(double value, double sigma, double low, double high, String how) {
        static Figure of(Reading.Got g) {
            Estimate e = g.estimate();
            return new Figure(e.value(), e.sigma(), e.low(), e.high(), g.how());
        }
    }

    record LeanFigure(double deg, double sigmaDeg, double azimuthDeg, String how) {
    }

    record MassFigure(double massKg, double massHighKg, double cgM, double sigmaRel) {
    }

    record SightingView(String words, String raw, double value, double sigma, String unit, String instrument, String who, Instant at, boolean byEye) {
    }

    record DefectView(String id, DefectKind kind, String words, double fromM, double toM, double faceDeg, String extent, String found, String note,
                      String who, Instant at) {
    }

    record StemView(String id, String label, Species species, String commonName, StemState state, String stateWords, Spot at, Condition wood,
                    Condition hingeWood, StemMass.Shape shape, StemMass.Crown crown, boolean toBeKept, String note, long version, Optional<Figure> diameter,
                    Optional<Figure> height, Optional<LeanFigure> lean, Optional<Figure> crownRadius, Optional<MassFigure> mass, List<String> notKnown,
                    List<SightingView> sightings, List<DefectView> defects) {
    }

    record StemRequest(@NotNull Species species, @NotNull StemState state, @NotNull Spot at, @NotNull Condition wood, @NotNull StemMass.Shape shape,
                       @NotNull StemMass.Crown crown, @NotNull Boolean toBeKept, @Size(max = 500) String note, Long version) {
        Stems.NewStem entry() {
            return new Stems.NewStem(species, state, at, wood, shape, crown, toBeKept, note);
        }
    }

    record SightingRequest(@NotNull SightingKind kind, Optional<Double> a, Optional<Double> b, Optional<Double> c, Optional<Double> azimuthDeg,
                           @Size(max = 60) String instrument) {
        Stems.Observation observation() {
            return new Stems.Observation(kind, or(a), or(b), or(c), or(azimuthDeg), instrument);
        }

        private static Optional<Double> or(Optional<Double> o) {
            return o == null ? Optional.empty() : o;
        }
    }

    record DefectRequest(@NotNull DefectKind kind, @NotNull Double fromM, @NotNull Double toM, @NotNull Double faceDeg, @Size(max = 80) String extent,
                         @Size(max = 40) String found, @Size(max = 500) String note) {
    }

    record NewId(String id) {
    }

    record Choice(String key, String words) {
    }

    record Choices(List<Choice> species, List<Choice> defects) {
    }

    private final Stems stems;

    StemController(Stems stems) {
        this.stems = stems;
    }

    @GetMapping
    @Needs(Needs.Right.READ)
    List<StemView> stems(@PathVariable String job) {
        return stems.records(job).stream().map(this::view).toList();
    }

    @GetMapping("/choices")
    @Needs(Needs.Right.READ)
    Choices choices(@PathVariable String job) {
        return new Choices(Arrays.stream(Species.values()).map(s -> new Choice(s.name(), s.commonName())).toList(),
            Stems.defectKinds().stream().map(k -> new Choice(k.name(), k.words())).toList());
    }

    @PostMapping
    @Needs(Needs.Right.LEAD)
    NewId add(@PathVariable String job, @Validated @RequestBody StemRequest s) {
        return new NewId(stems.add(job, s.entry()));
    }

    @PutMapping("/{id}")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void change(@PathVariable String job, @PathVariable String id, @Validated @RequestBody StemRequest s) {
        stems.change(job, id, s.entry(), s.version);
    }

    @PostMapping("/{id}/sightings")
    @Needs(Needs.Right.WORK)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void sight(@PathVariable String job, @PathVariable String id, @Validated @RequestBody SightingRequest s, @AuthenticationPrincipal SignedIn me) {
        stems.sight(job, id, s.observation(), me);
    }

    @PostMapping("/{id}/defects")
    @Needs(Needs.Right.WORK)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void defect(@PathVariable String job, @PathVariable String id, @Validated @RequestBody DefectRequest d, @AuthenticationPrincipal SignedIn me) {
        stems.defect(job, id, new Defect(UUID.randomUUID().toString(), d.kind, d.fromM, d.toM, d.faceDeg, d.note == null ? "" : d.note), d.extent, d.found, me);
    }

    private StemView view(StemRecord r) {
        List<SightingRecord> sightings = stems.sightings(r.id);
        List<DefectRecord> defects = stems.defects(r.id);
        StemReading reading = Reading.of(r, sightings, defects);
        return new StemView(r.id, r.label, r.species, r.species.commonName(), r.state, r.state.words(), r.at(), r.wood, reading.hingeWood(), r.shape,
            r.crown, r.toBeKept, r.note, r.version, Reading.diameter(sightings).map(Figure::of), Reading.height(sightings).map(Figure::of),
            Reading.lean(sightings).map(s -> new LeanFigure(s.quantity, s.sigma, s.azimuthDeg, s.kind.words())),
            Reading.crown(sightings).map(Figure::of),
            reading.mass(0.3).map(m -> new MassFigure(m.massKg(), m.massHighKg(), m.cgM(), m.sigmaRel())), reading.notKnown(),
            sightings.stream().map(StemController::view).toList(), defects.stream().map(StemController::view).toList());
    }

    private static SightingView view(SightingRecord s) {
        String raw = switch (s.kind) {
            case GIRTH -> "girth " + s.a + " m";
            case HEIGHT_ANGLES -> s.a + " m out, top " + s.b + "°, base " + s.c + "°";
            case PLUMB_LEAN, EYE_LEAN -> s.a + "° to " + s.azimuthDeg + "°";
            default -> s.a + " m";
        };
        String unit = s.kind == SightingKind.PLUMB_LEAN || s.kind == SightingKind.EYE_LEAN ? "°" : "m";
        return new SightingView(s.kind.words(), raw, s.quantity, s.sigma, unit, s.instrument, s.who, s.takenAt, s.kind.byEye());
    }

    private static DefectView view(DefectRecord d) {
        return new DefectView(d.id, d.kind, d.kind.words(), d.fromM, d.toM, d.faceDeg, d.extent, d.found, d.note, d.who, d.seenAt);
    }
}
