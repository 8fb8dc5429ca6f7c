package org.antevid.app.stem;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.antevid.app.people.SignedIn;
import org.antevid.app.reader.Speech;
import org.antevid.app.stem.store.StemEntity;
import org.antevid.core.message.Message;
import org.antevid.core.run.LogWords;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Defect;
import org.antevid.core.stem.Sighting;
import org.antevid.core.stem.Species;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.StemState;
import org.antevid.core.stem.TreeSight;
import org.antevid.core.stem.Wood;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * What was tapped of a tree: put together with what is written down already, without storing any of it, or written into
 * the field book.
 */
@Service
@Transactional
public class TreeSights {
    /** A tree that is tapped in stands among others until somebody says otherwise. */
    private static final StemMass.Shape SHAPE = StemMass.Shape.FOREST;

    private static final StemMass.Crown CROWN = StemMass.Crown.FOREST_BROADLEAF;
    private final Stems stems;
    private final FieldBooks books;

    TreeSights(Stems stems, FieldBooks books) {
        this.stems = stems;
        this.books = books;
    }

    /** A stem as it would read. */
    public record Sketch(String label, Spot at, TreeSight sight, Optional<Readings> known, HouseFigures house) {
        /** @return what is still to be tapped */
        public List<TreeSight.Question> open() {
            return sight.open(known.map(Readings::reading));
        }

        /** @return the stem with everything tapped on it; nothing is stored */
        public StemReading reading() {
            StemEntity record = known.map(Readings::stem).orElseGet(this::unstored);
            Readings together = Readings.of(
                    record,
                    known.map(Readings::sightings).orElse(List.of()),
                    known.map(Readings::defects).orElse(List.of()),
                    house,
                    sight.sightings().stream()
                            .map(s ->
                                    Sighting.read(s.kind().name(), s.kind(), s.numbers(), Map.of(), record.state, true))
                            .toList());
            StemReading r = together.reading();
            List<Defect> defects = new ArrayList<>(r.defects());
            double height = r.height().orElseThrow().value();
            sight.defects(height, "").stream()
                    .filter(d -> defects.stream().noneMatch(o -> o.kind() == d.kind()))
                    .forEach(defects::add);
            Species species = sight.species().orElse(r.species());
            return new StemReading(
                            r.label(),
                            species,
                            r.state(),
                            r.at(),
                            r.dbh(),
                            r.height(),
                            r.lean(),
                            r.crownRadiusM(),
                            sight.wood().map(Wood::all).orElse(r.wood()),
                            r.shape(),
                            r.crown(),
                            defects,
                            r.toBeKept(),
                            r.more())
                    .as(species, house.wood(species), house.before(species));
        }

        private StemEntity unstored() {
            StemEntity r = new StemEntity();
            r.label = label;
            r.species = sight.species().orElse(Species.UNKNOWN);
            r.state = StemState.STANDING;
            r.eastM = at.eastM();
            r.northM = at.northM();
            Condition wood = sight.wood().orElseThrow();
            r.woodLeft = wood;
            r.woodRight = wood;
            r.woodBack = wood;
            r.woodCore = wood;
            r.woodCrown = wood;
            r.shape = SHAPE;
            r.crown = CROWN;
            r.note = "";
            return r;
        }
    }

    /** A tree nobody has entered yet, under the label it would get. */
    public Sketch fresh(String jobId, Spot at, TreeSight sight) {
        return new Sketch(stems.nextLabel(jobId), at, sight, Optional.empty(), stems.figures(jobId));
    }

    /** A tree that is there, and what was tapped on top. */
    public Sketch known(String jobId, String id, TreeSight sight) {
        Readings r = stems.one(jobId, id);
        return new Sketch(r.stem().label, r.stem().at(), sight, Optional.of(r), stems.figures(jobId));
    }

    /** Writes everything down that was tapped; @return the stem's id */
    public String write(String jobId, Sketch s, SignedIn who) {
        String id = s.known()
                .map(r -> r.stem().id)
                .orElseGet(() -> stems.add(
                        jobId,
                        new Stems.NewStem(
                                s.sight().species().orElseThrow(),
                                StemState.STANDING,
                                s.at(),
                                Wood.all(s.sight().wood().orElseThrow()),
                                SHAPE,
                                CROWN,
                                false,
                                "")));
        if (s.known().isPresent()) {
            stems.seen(jobId, id, s.sight().species(), s.sight().wood());
        }
        s.sight()
                .sightings()
                .forEach(o -> books.sight(jobId, id, FieldBooks.Observation.of(o.kind(), o.numbers()), who));
        List<Defect> there = s.known().map(r -> r.reading().defects()).orElse(List.of());
        double height = stems.one(jobId, id).reading().height().orElseThrow().value();
        String note = Speech.words().say(Message.of(LogWords.AT_FIRST_SIGHT));
        s.sight().defects(height, note).stream()
                .filter(d -> there.stream().noneMatch(o -> o.kind() == d.kind()))
                .forEach(d -> books.defect(
                        jobId,
                        id,
                        new Defect(UUID.randomUUID().toString(), d.kind(), d.fromM(), d.toM(), d.faceDeg(), d.note()),
                        "",
                        who));
        return id;
    }
}
