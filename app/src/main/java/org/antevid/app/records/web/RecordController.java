package org.antevid.app.records.web;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.app.job.Needs;
import org.antevid.app.people.SignedIn;
import org.antevid.app.place.Places;
import org.antevid.app.reader.Created;
import org.antevid.app.reader.Speech;
import org.antevid.app.records.Incidents;
import org.antevid.app.records.Weighings;
import org.antevid.app.stem.Stems;
import org.antevid.core.message.Code;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Shown;
import org.antevid.core.message.Side;
import org.antevid.core.outcome.Harm;
import org.antevid.core.outcome.Incident;
import org.antevid.core.outcome.Weighed;
import org.antevid.core.outcome.WeighedBy;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.stem.MassPart;
import org.antevid.core.stem.Species;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/jobs/{job}/records")
public class RecordController {
    /**
     * What nearly hurt somebody, or broke something; it names nobody.
     *
     * @param level of what could have been of it, 1 to 4
     */
    record IncidentView(
            Incident.Kind kind,
            Optional<String> stem,
            Harm couldBe,
            int level,
            Optional<String> struck,
            Optional<String> featureId,
            String words,
            Instant at) {}

    /**
     * A piece on a scale.
     *
     * @param fromM lower end along the stem; of a log alone
     * @param sigmaKg one sigma of the scale's reading
     * @param reckonedKg what the same piece was reckoned at; empty while diameter or height were not known
     * @param more weighed over reckoned, less one: positive where it was heavier
     */
    record WeightView(
            String stem,
            String species,
            MassPart part,
            @Shown(in = Dimension.LENGTH, to = Side.NEAREST) double fromM,
            @Shown(in = Dimension.LENGTH, to = Side.NEAREST) double toM,
            @Shown(in = Dimension.MASS, to = Side.NEAREST) double weightKg,
            @Shown(in = Dimension.MASS, to = Side.UP) double sigmaKg,
            WeighedBy by,

            @Shown(in = Dimension.MASS, to = Side.NEAREST) Optional<Double> reckonedKg,

            @Shown(in = Dimension.SHARE, to = Side.NEAREST, unsigned = true)
            Optional<Double> more,

            String who,
            Instant at) {
        private static WeightView of(Weighings.Told t) {
            Weighed w = t.weighed();
            Species species = t.species();
            return new WeightView(
                    t.stem(),
                    Speech.words().term(species),
                    w.part(),
                    w.fromM(),
                    w.toM(),
                    w.weightKg(),
                    w.by().sigmaRel() * w.weightKg(),
                    w.by(),
                    t.reckonedKg(),
                    t.reckonedKg().map(kg -> w.weightKg() / kg - 1),
                    t.by(),
                    t.at());
        }
    }

    record RecordChoice(String value, String words) {
        private static <E extends Enum<E> & Code> List<RecordChoice> of(E[] values) {
            return Stream.of(values)
                    .map(v -> new RecordChoice(v.name(), Speech.words().term(v)))
                    .toList();
        }
    }

    /**
     * What there is to choose from.
     *
     * @param things what stands on the site plan
     */
    record RecordChoices(
            List<String> stems,
            List<ThingChoice> things,
            List<RecordChoice> kinds,
            List<RecordChoice> harms,
            List<RecordChoice> parts,
            List<RecordChoice> scales) {}

    /** A thing on the site plan that may have been struck. */
    record ThingChoice(String featureId, String name) {}

    record RecordsView(List<IncidentView> incidents, List<WeightView> weights, RecordChoices choices) {}

    /**
     * @param struck needed of damage: what was hit
     * @param featureId which thing on the site plan that is
     */
    record IncidentRequest(
            @NotNull Incident.Kind kind,
            @Size(max = 40) @Nullable String stem,
            @NotNull Harm couldBe,
            @Size(max = 80) @Nullable String struck,
            @Size(max = 60) @Nullable String featureId,
            @NotNull @Size(max = 500) String words) {
        private Incident incident() {
            return new Incident(kind, named(stem), couldBe, named(struck), named(featureId), words);
        }

        private static Optional<String> named(@Nullable String s) {
            return Optional.ofNullable(s).filter(x -> !x.isBlank());
        }
    }

    /** @param sure that a weight is right which lies far beside what was reckoned */
    record WeightRequest(
            @NotNull @Size(max = 40) String stem,
            @NotNull MassPart part,
            @Nullable Double fromM,
            @Nullable Double toM,
            @NotNull Double weightKg,
            @NotNull WeighedBy by,
            @Nullable Boolean sure) {
        private Weighed weighed() {
            return part == MassPart.STEM
                    ? new Weighed(part, given(fromM, "fromM"), given(toM, "toM"), weightKg, by)
                    : new Weighed(part, 0, 0, weightKg, by);
        }

        private static double given(@Nullable Double m, String field) {
            if (m == null) {
                throw new RefusedInput(Refusal.NEEDED, field);
            }
            return m;
        }
    }

    private final Incidents incidents;
    private final Weighings weighings;
    private final Stems stems;
    private final Places places;

    RecordController(Incidents incidents, Weighings weighings, Stems stems, Places places) {
        this.incidents = incidents;
        this.weighings = weighings;
        this.stems = stems;
        this.places = places;
    }

    /** Near misses, damage and weights of a job, the oldest first. */
    @GetMapping
    @Needs(Needs.Right.READ)
    RecordsView records(@PathVariable String job) {
        return new RecordsView(
                incidents.of(job).stream()
                        .map(t -> new IncidentView(
                                t.incident().kind(),
                                t.incident().stem(),
                                t.incident().couldBe(),
                                t.incident().couldBe().level(),
                                t.incident().struck(),
                                t.incident().featureId(),
                                t.incident().words(),
                                t.at()))
                        .toList(),
                weighings.of(job).stream().map(WeightView::of).toList(),
                new RecordChoices(
                        stems.known(job).stream().map(s -> s.reading().label()).toList(),
                        places.site(job).features().stream()
                                .filter(f -> !f.name().isBlank())
                                .map(f -> new ThingChoice(f.id(), f.name()))
                                .toList(),
                        RecordChoice.of(Incident.Kind.values()),
                        RecordChoice.of(Harm.values()),
                        RecordChoice.of(MassPart.values()),
                        RecordChoice.of(WeighedBy.values())));
    }

    /** Tells a near miss or damage; anybody on the job may, also when it is closed. Nobody is named. */
    @PostMapping("/incidents")
    @Needs(Needs.Right.READ)
    ResponseEntity<Created> incident(
            @PathVariable String job, @Validated @RequestBody IncidentRequest r, @AuthenticationPrincipal SignedIn me) {
        return Created.at(incidents.tell(job, r.incident(), me));
    }

    /** Writes down what a piece weighed; anybody on the job may. */
    @PostMapping("/weights")
    @Needs(Needs.Right.READ)
    ResponseEntity<Created> weight(
            @PathVariable String job, @Validated @RequestBody WeightRequest r, @AuthenticationPrincipal SignedIn me) {
        return Created.at(weighings.weigh(job, r.stem, r.weighed(), Boolean.TRUE.equals(r.sure), me));
    }
}
