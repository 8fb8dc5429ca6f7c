package org.antevid.app.place.web;

import static org.antevid.app.reader.Given.or;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.antevid.app.instrument.Rangefinder;
import org.antevid.app.job.Needs;
import org.antevid.app.place.Form;
import org.antevid.app.place.Places;
import org.antevid.app.reader.Created;
import org.antevid.app.reader.Speech;
import org.antevid.core.quantity.Require;
import org.antevid.core.site.Bed;
import org.antevid.core.site.FeatureKind;
import org.antevid.core.site.Protection;
import org.antevid.core.site.Spot;
import org.antevid.core.site.TwoTapes;
import org.antevid.core.site.VoltageClass;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
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
@RequestMapping("/api/jobs/{job}/features")
public class PlaceController {
    record MoreRequest(
            @Size(max = 80) String inside,
            @Size(max = 80) String occupied,
            Optional<VoltageClass> voltage,
            Optional<Bed> bed,
            @Size(max = 40) String agreedOn,
            Optional<Double> slopeDeg,
            Optional<Double> downhillDeg) {
        Places.More more() {
            return new Places.More(
                    inside == null ? "" : inside,
                    occupied == null ? "" : occupied,
                    or(voltage),
                    or(bed),
                    agreedOn == null ? "" : agreedOn,
                    or(slopeDeg),
                    or(downhillDeg));
        }
    }

    record FeatureRequest(
            @Size(max = 60) String id,
            @NotBlank @Size(max = 60) String name,
            @NotNull FeatureKind kind,
            @NotNull Form form,
            @NotEmpty @Size(max = 500) List<Spot> outline,
            @NotNull Double radiusM,
            @NotNull Integer worth,
            @NotNull Boolean mayBeHit,
            @Size(max = 80) String agreedBy,
            @NotNull Protection protection,
            @Size(max = 80) String protectedBy,
            @NotNull Boolean protectionDone,
            @Size(max = 200) String takenHow,
            @Valid MoreRequest more,
            Long version) {
        Places.Entry entry() {
            return new Places.Entry(
                    name,
                    kind,
                    form,
                    outline,
                    radiusM,
                    worth,
                    mayBeHit,
                    agreedBy,
                    protection,
                    protectedBy,
                    protectionDone,
                    takenHow,
                    more == null ? Places.More.NOTHING : more.more());
        }
    }

    record TapeAndBearing(
            @NotNull Spot from,
            @NotNull Double bearingDeg,
            @NotNull Double distanceM) {}

    record TwoTapesRequest(
            @NotNull Spot a,
            @NotNull Double fromAM,
            @NotNull Spot b,
            @NotNull Double fromBM) {}

    record OffsetRequest(
            @NotNull Spot from,
            @NotNull Spot to,
            @NotNull Double alongM,
            @NotNull Double rightM) {}

    record ShotRequest(@NotNull Spot from, @NotNull Spot aimedAt) {}

    record ShotView(
            double bearingDeg, double distanceM, double inclinationDeg, double sigmaM, Spot at, boolean simulated) {}

    record KindView(FeatureKind key, String words) {}

    private final Places places;
    private final Rangefinder rangefinder;

    PlaceController(Places places, Rangefinder rangefinder) {
        this.places = places;
        this.rangefinder = rangefinder;
    }

    /** Kinds of features there are, with their words. */
    @GetMapping("/kinds")
    @Needs(Needs.Right.READ)
    List<KindView> kinds(@PathVariable String job) {
        return Arrays.stream(FeatureKind.values())
                .map(k -> new KindView(k, Speech.words().term(k)))
                .toList();
    }

    /** Everything drawn on the plan: targets, ways, water, lines. */
    @GetMapping
    @Needs(Needs.Right.READ)
    List<Places.PlacedFeature> features(@PathVariable String job) {
        return places.features(job);
    }

    /** Draws a feature; answers with its id. */
    @PostMapping
    @Needs(Needs.Right.LEAD)
    ResponseEntity<Places.PlacedFeature> add(@PathVariable String job, @Validated @RequestBody FeatureRequest f) {
        Places.PlacedFeature made = places.add(job, Optional.ofNullable(f.id), f.entry());
        return Created.at(made.id(), made);
    }

    /** Changes a feature; the version is the one that was read. */
    @PutMapping("/{id}")
    @Needs(Needs.Right.LEAD)
    Places.PlacedFeature change(
            @PathVariable String job, @PathVariable String id, @Validated @RequestBody FeatureRequest f) {
        return places.change(job, id, f.entry(), f.version);
    }

    /** Takes a feature off the plan. */
    @DeleteMapping("/{id}")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable String job, @PathVariable String id, @RequestParam Long version) {
        places.remove(job, id, version);
    }

    /** Where tape and bearing from a known point lead. */
    @PostMapping("/tape")
    @Needs(Needs.Right.READ)
    Spot tape(@PathVariable String job, @Validated @RequestBody TapeAndBearing t) {
        Require.within(t.bearingDeg, 0, 360, "bearingDeg");
        Require.within(t.distanceM, 0.1, 300, "distanceM");
        return t.from.at(t.bearingDeg, t.distanceM);
    }

    /** Both places that two tapes out of two known points can mean. */
    @PostMapping("/two-tapes")
    @Needs(Needs.Right.READ)
    TwoTapes twoTapes(@PathVariable String job, @Validated @RequestBody TwoTapesRequest t) {
        return TwoTapes.of(t.a, t.fromAM, t.b, t.fromBM);
    }

    /** A place along and off a line between two known points. */
    @PostMapping("/offset")
    @Needs(Needs.Right.READ)
    Spot offset(@PathVariable String job, @Validated @RequestBody OffsetRequest o) {
        return TwoTapes.offset(o.from, o.to, o.alongM, o.rightM);
    }

    /** A shot of the rangefinder from a known point at something. */
    @PostMapping("/shot")
    @Needs(Needs.Right.READ)
    ShotView shot(@PathVariable String job, @Validated @RequestBody ShotRequest s) {
        Rangefinder.Shot shot = rangefinder.shoot(s.from, s.aimedAt, 0);
        return new ShotView(
                shot.bearingDeg(),
                shot.horizontalM(),
                shot.inclinationDeg(),
                shot.sigmaM(),
                s.from.at(shot.bearingDeg(), shot.horizontalM()),
                shot.simulated());
    }
}
