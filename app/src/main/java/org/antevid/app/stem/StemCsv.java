package org.antevid.app.stem;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.antevid.app.exchange.CsvTable;
import org.antevid.app.stem.store.DefectRepository;
import org.antevid.app.stem.store.SightingRepository;
import org.antevid.app.stem.store.StemRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Writes stems, sightings and defects as tables; docs/formats/csv.md is the header's documentation. */
@Service
@Transactional
public class StemCsv {
    static final List<String> STEMS = List.of(
            "label",
            "species",
            "state",
            "east_m",
            "north_m",
            "wood_left",
            "wood_right",
            "wood_back",
            "wood_core",
            "wood_crown",
            "wood_facing_deg",
            "shape",
            "crown",
            "keep",
            "union_with",
            "union_height_m",
            "note");
    static final List<String> SIGHTINGS = List.of(
            "id",
            "stem",
            "kind",
            "raw",
            "instrument",
            "state_then",
            "who",
            "at",
            "simulated",
            "by_crew",
            "accepted_by",
            "set_aside",
            "set_aside_by");
    static final List<String> DEFECTS = List.of(
            "id",
            "stem",
            "kind",
            "from_m",
            "to_m",
            "face_deg",
            "width_m",
            "depth_m",
            "extent",
            "found",
            "tells",
            "note",
            "who",
            "at",
            "by_crew",
            "set_aside",
            "set_aside_by");
    private final Stems stems;
    private final StemRepository stemRecords;
    private final SightingRepository sightings;
    private final DefectRepository defects;

    StemCsv(Stems stems, StemRepository stemRecords, SightingRepository sightings, DefectRepository defects) {
        this.stems = stems;
        this.stemRecords = stemRecords;
        this.sightings = sightings;
        this.defects = defects;
    }

    public String stems(String jobId) {
        return CsvTable.write(
                STEMS,
                stems.all(jobId).stream()
                        .map(Readings::stem)
                        .map(r -> Arrays.<Object>asList(
                                r.label,
                                key(r.species),
                                key(r.state),
                                r.eastM,
                                r.northM,
                                key(r.woodLeft),
                                key(r.woodRight),
                                key(r.woodBack),
                                key(r.woodCore),
                                key(r.woodCrown),
                                r.woodFacingDeg,
                                key(r.shape),
                                key(r.crown),
                                r.toBeKept ? "yes" : "no",
                                String.join(" ", r.unionWith()),
                                r.unionHeightM,
                                r.note))
                        .toList());
    }

    public String sightings(String jobId) {
        Map<String, String> labels = labels(jobId);
        return CsvTable.write(
                SIGHTINGS,
                sightings.findByJobIdOrderByTakenAt(jobId).stream()
                        .map(s -> Arrays.<Object>asList(
                                s.id,
                                labels.get(s.stemId),
                                key(s.kind),
                                raw(s.raw),
                                s.instrument,
                                key(s.stateThen),
                                s.who,
                                s.takenAt,
                                s.simulated ? "yes" : "no",
                                s.byCrew ? "yes" : "no",
                                s.acceptedBy,
                                s.setAside,
                                s.setAsideBy))
                        .toList());
    }

    public String defects(String jobId) {
        Map<String, String> labels = labels(jobId);
        return CsvTable.write(
                DEFECTS,
                defects.findByJobIdOrderBySeenAt(jobId).stream()
                        .map(d -> Arrays.<Object>asList(
                                d.id,
                                labels.get(d.stemId),
                                key(d.kind),
                                d.fromM,
                                d.toM,
                                d.faceDeg,
                                d.widthM,
                                d.depthM,
                                d.extent,
                                key(d.found),
                                d.tells.stream()
                                        .map(t -> t.name().toLowerCase(Locale.ROOT))
                                        .collect(Collectors.joining(" ")),
                                d.note,
                                d.who,
                                d.seenAt,
                                d.byCrew ? "yes" : "no",
                                d.setAside,
                                d.setAsideBy))
                        .toList());
    }

    private Map<String, String> labels(String jobId) {
        return stemRecords.findByJobId(jobId).stream().collect(Collectors.toMap(r -> r.id, r -> r.label));
    }

    private static String key(Enum<?> e) {
        return e.name().toLowerCase(Locale.ROOT);
    }

    private static String raw(Map<String, Object> raw) {
        return new TreeMap<>(raw)
                .entrySet().stream().map(e -> e.getKey() + "=" + e.getValue()).collect(Collectors.joining(";"));
    }
}
