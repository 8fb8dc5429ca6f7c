package org.antevid.app.place;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.antevid.app.job.Needs;
import org.antevid.core.quantity.Require;
import org.antevid.core.site.FeatureKind;
import org.antevid.core.site.Protection;
import org.antevid.core.site.Spot;
import org.springframework.http.HttpStatus;
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
class PlaceController {
    record FeatureRequest(@NotBlank @Size(max = 60) String name, @NotNull FeatureKind kind, @NotNull Form form, @NotEmpty @Size(max = 500) List<Spot> outline,
                          @NotNull Double radiusM, @NotNull Integer worth, @NotNull Boolean mayBeHit, @Size(max = 80) String agreedBy,
                          @NotNull Protection protection, @Size(max = 80) String protectedBy, @NotNull Boolean protectionDone,
                          @Size(max = 200) String takenHow, Long version) {
        Places.Entry entry() {
            return new Places.Entry(name, kind, form, outline, radiusM, worth, mayBeHit, agreedBy, protection, protectedBy, protectionDone, takenHow);
        }
    }

    record TapeAndBearing(@NotNull Spot from, @NotNull Double bearingDeg, @NotNull Double distanceM) {
    }

    private final Places places;

    PlaceController(Places places) {
        this.places = places;
    }

    @GetMapping
    @Needs(Needs.Right.READ)
    List<Places.View> features(@PathVariable String job) {
        return places.features(job);
    }

    @PostMapping
    @Needs(Needs.Right.LEAD)
    Places.View add(@PathVariable String job, @Validated @RequestBody FeatureRequest f) {
        return places.add(job, f.entry());
    }

    @PutMapping("/{id}")
    @Needs(Needs.Right.LEAD)
    Places.View change(@PathVariable String job, @PathVariable String id, @Validated @RequestBody FeatureRequest f) {
        return places.change(job, id, f.entry(), f.version);
    }

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
}
