package org.antevid.app.stem;

import java.util.List;
import java.util.stream.Stream;
import org.antevid.app.stem.store.DefectEntity;
import org.antevid.app.stem.store.SightingEntity;
import org.antevid.app.stem.store.StemEntity;
import org.antevid.core.stem.FieldBook;
import org.antevid.core.stem.Sighting;
import org.antevid.core.stem.StemReading;

/** A stem's records put together for the core. */
public record Readings(
        StemEntity stem,
        List<SightingEntity> sightings,
        List<DefectEntity> defects,
        FieldBook book,
        StemReading reading) {

    static Readings of(StemEntity r, List<SightingEntity> sightings, List<DefectEntity> defects, HouseFigures house) {
        return of(r, sightings, defects, house, List.of());
    }

    /** @param unstored sightings that are not stored */
    static Readings of(
            StemEntity r,
            List<SightingEntity> sightings,
            List<DefectEntity> defects,
            HouseFigures house,
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
                house.wood(r.species),
                house.before(r.species));
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
