package org.antevid.app.lay;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.antevid.app.job.Needs;
import org.antevid.app.place.Places;
import org.antevid.app.stem.Stems;
import org.antevid.core.cut.School;
import org.antevid.core.lay.LayChoice;
import org.antevid.core.lay.Means;
import org.antevid.core.site.Site;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.StemReading;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.validation.annotation.Validated;
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
class LayController {
    record ChoiceRequest(@NotNull Double layDeg, @NotNull Double cutHeightM, @NotNull School school, @NotNull Double barM, @NotNull Means.Kind means,
                         Optional<Double> ropeHeightM, Optional<Double> anchorDistM, Optional<Double> pullN) {
        LayChoice choice() {
            return new LayChoice(layDeg, cutHeightM, school, barM, new Means(means, or(ropeHeightM), or(anchorDistM), or(pullN)));
        }

        private static Optional<Double> or(Optional<Double> o) {
            return o == null ? Optional.empty() : o;
        }
    }

    record ChooseRequest(@NotNull @Valid ChoiceRequest choice, @NotNull Boolean fixed, @NotNull @Size(max = 200) List<Spot> dropZone,
                         Long version) {
    }

    record Chosen(String stemId, String stem, double layDeg, double cutHeightM, School school, double barM, Means.Kind means, Optional<Double> ropeHeightM,
                  Optional<Double> anchorDistM, Optional<Double> pullN, boolean fixed, List<Spot> dropZone, long version, Optional<LayView> lay,
                  Optional<String> notKnown) {
    }

    record LeaningView(double massHighKg, double effectiveOffsetM, double effectiveLeanDeg, Optional<Double> towardDeg, double forwardNm, double sideRightNm, double sigmaForwardNm,
                       double sigmaSideNm, double windNm) {
    }

    record SchoolView(School school, String words, double faceDeg, double depthShare, Optional<LayView.Cuts> cuts) {
    }

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
    List<Chosen> lays(@PathVariable String job) {
        Map<String, StemReading> readings = stems.known(job).stream().collect(Collectors.toMap(Stems.Known::id, Stems.Known::reading));
        Site site = places.site(job);
        return lays.chosen(job).stream().map(c -> {
            StemReading reading = readings.get(c.stemId());
            boolean known = reading.notKnown().isEmpty();
            Means m = c.choice().means();
            return new Chosen(c.stemId(), reading.label(), c.choice().layDeg(), c.choice().cutHeightM(), c.choice().school(), c.choice().barM(), m.kind(),
                m.ropeHeightM(), m.anchorDistM(), m.pullN(), c.fixed(), c.dropZone(), c.version(),
                known ? Optional.of(LayView.of(lays.plan(reading, site, c.choice()))) : Optional.empty(),
                known ? Optional.empty() : Optional.of("not known: " + String.join(", ", reading.notKnown())));
        }).toList();
    }

    /** What follows from a lay that is being turned; nothing is stored. */
    @PostMapping("/stems/{stem}/lay/preview")
    @Needs(Needs.Right.READ)
    LayView preview(@PathVariable String job, @PathVariable String stem, @Validated @RequestBody ChoiceRequest c) {
        return LayView.of(lays.plan(job, stem, c.choice()));
    }

    @PostMapping("/stems/{stem}/lay/dial")
    @Needs(Needs.Right.READ)
    LayView.DialView dial(@PathVariable String job, @PathVariable String stem, @Validated @RequestBody ChoiceRequest c) {
        return LayView.DialView.of(lays.dial(job, stem, c.choice()));
    }

    /** Lean with crown and snow along and across a direction; {@code windNm} comes on top from any side. */
    @GetMapping("/stems/{stem}/leaning")
    @Needs(Needs.Right.READ)
    ResponseEntity<LeaningView> leaning(@PathVariable String job, @PathVariable String stem, @RequestParam double layDeg) {
        return ResponseEntity.of(lays.leaning(job, stem, layDeg).map(l -> new LeaningView(l.massHighKg(), l.stillAir().effectiveOffsetM(), l.stillAir().effectiveLeanDeg(),
            l.stillAir().azimuthDeg(), l.stillAir().forwardNm(), l.stillAir().sideRightNm(), l.stillAir().sigmaForwardNm(), l.stillAir().sigmaSideNm(), l.windNm())));
    }

    /** The cut card by every type of cut, side by side. */
    @PostMapping("/stems/{stem}/lay/schools")
    @Needs(Needs.Right.READ)
    List<SchoolView> schools(@PathVariable String job, @PathVariable String stem, @Validated @RequestBody ChoiceRequest c) {
        LayChoice base = c.choice();
        return Arrays.stream(School.values()).map(s -> new SchoolView(s, s.words(), s.faceDeg().usual(), s.depthShare().usual(),
            Optional.of(LayView.of(lays.plan(job, stem, new LayChoice(base.layDeg(), base.cutHeightM(), s, base.barM(), base.means()))).cuts()))).toList();
    }

    @PutMapping("/stems/{stem}/lay")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void choose(@PathVariable String job, @PathVariable String stem, @Validated @RequestBody ChooseRequest c) {
        lays.choose(job, stem, c.choice.choice(), c.fixed, c.dropZone, c.version);
    }
}
