package org.antevid.app.stem.web;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.antevid.app.house.House;
import org.antevid.app.job.Needs;
import org.antevid.app.reader.Created;
import org.antevid.app.reader.Speech;
import org.antevid.app.stem.Readings;
import org.antevid.app.stem.Stems;
import org.antevid.app.stem.store.StemEntity;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Shown;
import org.antevid.core.message.Side;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.quantity.Rounding;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.ConditionWords;
import org.antevid.core.stem.Defect;
import org.antevid.core.stem.DefectKind;
import org.antevid.core.stem.FieldBook;
import org.antevid.core.stem.FieldNote;
import org.antevid.core.stem.GreenWood;
import org.antevid.core.stem.NotFelled;
import org.antevid.core.stem.Outline;
import org.antevid.core.stem.SightingKind;
import org.antevid.core.stem.SightingWarning;
import org.antevid.core.stem.Species;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.StemState;
import org.antevid.core.stem.Tell;
import org.antevid.core.stem.Verdict;
import org.antevid.core.stem.Wood;
import org.antevid.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
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
public class StemController {
    /**
     * A length of the stem.
     *
     * @param low 95 % of what it may be lies above
     * @param high 95 % of what it may be lies below
     * @param shown in the reader's units
     * @param shownSigma the same of its standard deviation, up
     * @param shownHigh what is counted where more is worse, up
     */
    record Figure(
            double value,
            double sigma,
            double low,
            double high,
            String how,
            boolean byEye,
            String shown,
            String shownSigma,
            String shownHigh) {
        static Figure of(FieldBook.Quantity g, Dimension as) {
            Estimate e = g.estimate();
            Words words = Speech.words();
            return new Figure(
                    e.value(),
                    e.sigma(),
                    e.low(),
                    e.high(),
                    words.say(g.how()),
                    g.byEye(),
                    words.show(Arg.of(as, e.value())),
                    words.show(Arg.up(as, e.sigma())),
                    words.show(Arg.up(as, e.high())));
        }
    }

    record LeanFigure(
            @Shown(in = Dimension.ANGLE, to = Side.NEAREST) double deg,
            @Shown(in = Dimension.ANGLE, to = Side.UP) double sigmaDeg,

            @Shown(in = Dimension.AZIMUTH, to = Side.NEAREST)
            double azimuthDeg,

            String how,
            boolean byEye,
            List<String> warnings) {}

    record MassFigure(
            @Shown(in = Dimension.MASS, to = Side.NEAREST) double massKg,
            @Shown(in = Dimension.MASS, to = Side.UP) double massHighKg,
            @Shown(in = Dimension.MASS, to = Side.NEAREST) double stemKg,
            @Shown(in = Dimension.MASS, to = Side.NEAREST) double crownKg,
            @Shown(in = Dimension.LENGTH, to = Side.NEAREST) double cgM,
            @Shown(in = Dimension.SHARE, to = Side.UP) double sigmaRel,
            @Shown(in = Dimension.HEIGHT, to = Side.NEAREST) double dCutM,
            @Shown(in = Dimension.LENGTH, to = Side.NEAREST) double atM) {}

    record OffsetFigure(
            @Shown(in = Dimension.HEIGHT, to = Side.NEAREST) double offsetM,

            @Shown(in = Dimension.AZIMUTH, to = Side.NEAREST)
            Optional<Double> azimuthDeg,

            @Shown(in = Dimension.HEIGHT, to = Side.UP) double sigmaM) {}

    record WallView(
            double azimuthDeg,
            double heightM,
            @Shown(in = Dimension.REACH, to = Side.DOWN) double thicknessM,
            double sigmaM,
            boolean accepted) {}

    record WoodView(
            @NotNull Condition left,
            @NotNull Condition right,
            @NotNull Condition back,
            @NotNull Condition core,
            @NotNull Condition crown,
            Optional<Double> facingDeg) {
        static WoodView of(Wood w) {
            return new WoodView(w.left(), w.right(), w.back(), w.core(), w.crown(), w.facingDeg());
        }

        Wood wood() {
            return new Wood(left, right, back, core, crown, facingDeg == null ? Optional.empty() : facingDeg);
        }
    }

    record ChosenView(Verdict verdict, String words, String because, String closedOff, String toldWhom) {}

    record StemView(
            String id,
            String label,
            Species species,
            String commonName,
            StemState state,
            String stateWords,
            Optional<NotFelled> notFelled,
            Spot at,
            WoodView wood,
            Condition hingeWood,
            String hingeWoodWords,
            StemMass.Shape shape,
            StemMass.Crown crown,
            boolean toBeKept,
            String note,
            List<String> unionWith,
            Optional<Double> unionHeightM,
            long version,
            Optional<Figure> diameter,
            Optional<Figure> height,
            Optional<LeanFigure> lean,
            Optional<Figure> crownRadius,
            Optional<OffsetFigure> crownOffset,
            Optional<Figure> heave,
            List<WallView> walls,
            Optional<MassFigure> mass,
            Optional<Outline> outline,
            List<String> notKnown,
            List<String> contradictions,
            Optional<ChosenView> chosen,
            List<FieldBookController.SightingView> sightings,
            List<FieldBookController.DefectView> defects) {}

    record StemRequest(
            @NotNull Species species,
            @NotNull StemState state,
            @NotNull Spot at,
            @NotNull @Valid WoodView wood,
            @NotNull StemMass.Shape shape,
            @NotNull StemMass.Crown crown,
            @NotNull Boolean toBeKept,
            @Size(max = 500) String note,
            @Size(max = 10) List<@Size(max = 20) String> unionWith,
            Optional<Double> unionHeightM,
            Long version) {
        Stems.NewStem entry() {
            return new Stems.NewStem(
                    species,
                    state,
                    at,
                    wood.wood(),
                    shape,
                    crown,
                    toBeKept,
                    note,
                    unionWith == null ? List.of() : unionWith,
                    unionHeightM == null ? Optional.empty() : unionHeightM);
        }
    }

    record VerdictRequest(
            @NotNull Verdict verdict,
            @Size(max = 300) String because,
            @Size(max = 300) String closedOff,
            @Size(max = 300) String toldWhom,
            @NotNull Long version) {}

    record SpeciesChoice(String key, String words, String botanical, String note, String hinge, String split) {}

    record TellChoice(Tell key, String words, boolean bad) {}

    record DefectChoice(DefectKind key, String words, List<TellChoice> tells) {}

    record NoteView(
            String name,
            String words,
            String unit,
            double low,
            double high,
            double step,
            boolean required,
            Optional<Double> standard,
            List<String> choices,
            boolean touched) {
        static NoteView of(SightingKind kind, FieldNote n) {
            return new NoteView(
                    n.name(),
                    Speech.words().term(kind, n.name()),
                    n.unit(),
                    n.low(),
                    n.high(),
                    n.step(),
                    n.required(),
                    n.standard(),
                    n.choices(),
                    n.touched());
        }
    }

    record SightingChoice(SightingKind key, String words, String instrument, boolean byEye, List<NoteView> notes) {}

    record ConditionChoice(Condition key, String name, String words) {}

    record FoundChoice(Defect.Found key, String words) {}

    record Choices(
            List<SpeciesChoice> species,
            List<DefectChoice> defects,
            List<SightingChoice> sightings,
            List<ConditionChoice> conditions,
            List<FoundChoice> found) {}

    private final Stems stems;
    private final House house;

    StemController(Stems stems, House house) {
        this.stems = stems;
        this.house = house;
    }

    /** Stems with what was measured, how it was got and what is not known. */
    @GetMapping
    @Needs(Needs.Right.READ)
    List<StemView> stems(@PathVariable String job) {
        return stems.all(job).stream().map(StemController::view).toList();
    }

    private static GreenWood wood(Species s, Map<Species, GreenWood> own) {
        return own.getOrDefault(s, s.wood());
    }

    /** What there is to choose from, the same for every job. */
    @GetMapping("/choices")
    @Needs(Needs.Right.READ)
    Choices choices(@PathVariable String job) {
        Map<Species, GreenWood> own = house.ownWood();
        return new Choices(
                Arrays.stream(Species.values())
                        .map(s -> new SpeciesChoice(
                                s.name(),
                                Speech.words().term(s),
                                s.genus(),
                                Speech.words().term(s, "note"),
                                Speech.words().term(wood(s, own).hinge()),
                                Speech.words().term(wood(s, own).split())))
                        .toList(),
                Arrays.stream(DefectKind.values())
                        .map(k -> new DefectChoice(
                                k,
                                Speech.words().term(k),
                                k.tells().stream()
                                        .map(t ->
                                                new TellChoice(t, Speech.words().term(t), t.bad()))
                                        .toList()))
                        .toList(),
                Arrays.stream(SightingKind.values())
                        .map(k -> new SightingChoice(
                                k,
                                Speech.words().term(k),
                                Speech.words().term(k, "instrument"),
                                k.byEye(),
                                k.notes().stream().map(n -> NoteView.of(k, n)).toList()))
                        .toList(),
                Arrays.stream(Condition.values())
                        .map(c -> new ConditionChoice(
                                c, Speech.words().term(c), Speech.words().say(ConditionWords.of(c))))
                        .toList(),
                Arrays.stream(Defect.Found.values())
                        .map(f -> new FoundChoice(f, Speech.words().term(f)))
                        .toList());
    }

    /** Records a stem; answers with its id. Its label is the next free one. */
    @PostMapping
    @Needs(Needs.Right.LEAD)
    ResponseEntity<Created> add(@PathVariable String job, @Validated @RequestBody StemRequest s) {
        return Created.at(stems.add(job, s.entry()));
    }

    /** Changes a stem; the version is the one that was read. */
    @PutMapping("/{id}")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void change(@PathVariable String job, @PathVariable String id, @Validated @RequestBody StemRequest s) {
        stems.change(job, id, s.entry(), s.version);
    }

    /** How the leader wants it taken down, or left. */
    @PutMapping("/{id}/verdict")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void choose(@PathVariable String job, @PathVariable String id, @Validated @RequestBody VerdictRequest v) {
        stems.choose(job, id, new Stems.Choice(v.verdict, v.because, v.closedOff, v.toldWhom), v.version);
    }

    private static StemView view(Readings all) {
        StemEntity r = all.stem();
        FieldBook book = all.book();
        Condition hinge = all.reading().hingeWood();
        Optional<ChosenView> chosen = Optional.ofNullable(r.verdict)
                .map(v -> new ChosenView(v, Speech.words().term(v), r.verdictBecause, r.closedOff, r.toldWhom));
        return new StemView(
                r.id,
                r.label,
                r.species,
                Speech.words().term(r.species),
                r.state,
                Speech.words().term(r.state),
                all.reading().notFelled(),
                r.at(),
                WoodView.of(r.wood()),
                hinge,
                Speech.words().say(ConditionWords.of(hinge)),
                r.shape,
                r.crown,
                r.toBeKept,
                r.note,
                r.unionWith(),
                Optional.ofNullable(r.unionHeightM),
                r.version,
                book.diameter().map(q -> Figure.of(q, Dimension.DIAMETER)),
                book.height().map(q -> Figure.of(q, Dimension.LENGTH)),
                book.lean()
                        .map(g -> new LeanFigure(
                                g.lean().deg(),
                                g.lean().sigmaDeg(),
                                g.lean().azimuthDeg(),
                                Speech.words().say(g.how()),
                                g.byEye(),
                                Speech.words()
                                        .terms(g.warnings().stream()
                                                // what disagrees is said by itself
                                                .filter(w -> w != SightingWarning.VIEWS_DISAGREE)
                                                .toList()))),
                book.crownRadius().map(q -> Figure.of(q, Dimension.LENGTH)),
                book.crownOffset().map(o -> new OffsetFigure(o.offsetM(), o.azimuthDeg(), o.sigmaM())),
                book.heave().map(q -> Figure.of(q, Dimension.HEIGHT)),
                book.walls().stream()
                        .map(w -> new WallView(
                                w.azimuthDeg(),
                                w.heightM(),
                                w.thicknessM().value(),
                                w.thicknessM().sigma(),
                                w.accepted()))
                        .toList(),
                all.reading()
                        .mass(StemMass.USUAL_CUT_M)
                        .map(m -> new MassFigure(
                                m.massKg(),
                                Rounding.up(m.massHighKg(), -1),
                                m.stemKg(),
                                m.crownKg(),
                                m.cgM(),
                                m.sigmaRel(),
                                m.dCutM(),
                                StemMass.USUAL_CUT_M)),
                Outline.of(all.reading()),
                Speech.words().terms(all.reading().notKnown()),
                Speech.words().say(book.disagreements()),
                chosen,
                all.sightings().stream()
                        .map(s -> FieldBookController.view(s, r.state))
                        .toList(),
                all.defects().stream().map(FieldBookController::view).toList());
    }
}
