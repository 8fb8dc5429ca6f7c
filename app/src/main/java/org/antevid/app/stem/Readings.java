package org.antevid.app.stem;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.app.stem.store.DefectEntity;
import org.antevid.app.stem.store.SightingEntity;
import org.antevid.app.stem.store.StemEntity;
import org.antevid.core.stem.FieldBook;
import org.antevid.core.stem.GreenWood;
import org.antevid.core.stem.Sighting;
import org.antevid.core.stem.Species;
import org.antevid.core.stem.StemReading;

/** A stem's records put together for the core. */
public record Readings(
        StemEntity stem,
        List<SightingEntity> sightings,
        List<DefectEntity> defects,
        FieldBook book,
        StemReading reading) {

    /** @param ownWood figures of the house, for the species it has set some for */
    static Readings of(
            StemEntity r, List<SightingEntity> sightings, List<DefectEntity> defects, Map<Species, GreenWood> ownWood) {
        return of(r, sightings, defects, ownWood, List.of());
    }

    /** @param unstored sightings that are not stored */
    static Readings of(
            StemEntity r,
            List<SightingEntity> sightings,
            List<DefectEntity> defects,
            Map<Species, GreenWood> ownWood,
            List<Sighting> unstored) {
        List<Sighting> core = Stream.concat(sightings.stream().map(SightingEntity::forCore), unstored.stream())
                .toList();
        FieldBook book = FieldBook.of(core, r.state);
        int waiting = (int) sightings.stream()
                .filter(s -> !s.accepted() && s.setAside == null)
                .count();
        StemReading.More more = new StemReading.More(
                book.crownOffset(),
                book.walls(),
                book.heave().map(FieldBook.Quantity::estimate),
                r.union(),
                book.disagreements(),
                waiting,
                book.crownBase().map(g -> g.estimate().value()),
                Optional.ofNullable(ownWood.get(r.species)));
        StemReading reading = new StemReading(
                r.label,
                r.species,
                r.state,
                r.at(),
                book.diameter().map(FieldBook.Quantity::estimate),
                book.height().map(FieldBook.Quantity::estimate),
                book.lean().map(FieldBook.LeanQuantity::lean),
                book.crownRadius().map(g -> g.estimate().high()),
                r.wood(),
                r.shape,
                r.crown,
                defects.stream()
                        .filter(d -> d.setAside == null)
                        .map(DefectEntity::forCore)
                        .toList(),
                r.toBeKept,
                more);
        return new Readings(r, sightings, defects, book, reading);
    }
}
