package org.antevid.app.stem;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.stem.Lean;
import org.antevid.core.stem.StemReading;

/** Combines a stem's sightings: measured ones of a quantity, else those by eye. */
final class Reading {
    private Reading() {
    }

    /** A quantity and the sightings it was got from, in words. */
    record Got(Estimate estimate, String how) {
    }

    static Optional<Got> diameter(List<SightingRecord> all) {
        return combined(all, SightingKind.GIRTH, SightingKind.EYE_DIAMETER);
    }

    static Optional<Got> height(List<SightingRecord> all) {
        return combined(all, SightingKind.HEIGHT_ANGLES, SightingKind.EYE_HEIGHT);
    }

    static Optional<Got> crown(List<SightingRecord> all) {
        return combined(all, SightingKind.CROWN_RADIUS, SightingKind.EYE_CROWN);
    }

    /** The newest measured lean, else the newest by eye. */
    static Optional<SightingRecord> lean(List<SightingRecord> all) {
        return Stream.of(SightingKind.PLUMB_LEAN, SightingKind.EYE_LEAN)
            .flatMap(k -> all.stream().filter(s -> s.kind == k).reduce((a, b) -> b).stream()).findFirst();
    }

    private static Optional<Got> combined(List<SightingRecord> all, SightingKind measured, SightingKind byEye) {
        List<SightingRecord> used = all.stream().filter(s -> s.kind == measured).toList();
        SightingKind kind = used.isEmpty() ? byEye : measured;
        List<SightingRecord> counted = used.isEmpty() ? all.stream().filter(s -> s.kind == byEye).reduce((a, b) -> b).stream().toList() : used;
        if (counted.isEmpty()) {
            return Optional.empty();
        }
        Estimate e = Estimate.combined(counted.stream().map(s -> new Estimate(s.quantity, s.sigma)).toList());
        return Optional.of(new Got(e, kind.words() + (counted.size() > 1 ? ", " + counted.size() + " sightings" : "") + ", " + counted.get(counted.size() - 1).instrument));
    }

    static StemReading of(StemRecord r, List<SightingRecord> sightings, List<DefectRecord> defects) {
        return new StemReading(r.label, r.species, r.state, r.at(), diameter(sightings).map(Got::estimate), height(sightings).map(Got::estimate),
            lean(sightings).map(s -> new Lean(s.quantity, s.azimuthDeg, s.sigma)), crown(sightings).map(g -> g.estimate().high()), r.wood, r.shape, r.crown,
            defects.stream().map(DefectRecord::forCore).toList(), r.toBeKept);
    }
}
