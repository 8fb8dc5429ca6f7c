package org.antevid.app.stem;

import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.antevid.app.exchange.CsvTable;
import org.antevid.app.exchange.ImportReport;
import org.antevid.app.job.Change;
import org.antevid.app.job.JobLog;
import org.antevid.app.job.Jobs;
import org.antevid.app.people.SignedIn;
import org.antevid.app.stem.store.DefectEntity;
import org.antevid.app.stem.store.DefectRepository;
import org.antevid.app.stem.store.SightingEntity;
import org.antevid.app.stem.store.SightingRepository;
import org.antevid.app.stem.store.StemEntity;
import org.antevid.app.stem.store.StemRepository;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;
import org.antevid.core.run.LogWords;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Defect;
import org.antevid.core.stem.DefectKind;
import org.antevid.core.stem.Sighting;
import org.antevid.core.stem.SightingKind;
import org.antevid.core.stem.Species;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.StemState;
import org.antevid.core.stem.Tell;
import org.antevid.core.stem.Wood;
import org.antevid.words.Answer;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Reads the tables that {@link StemCsv} writes. A row is matched by the stem's label or by its id, so that what was
 * written out and is read back changes nothing. Sightings and defects are only ever added.
 */
@Service
@Transactional
public class StemCsvImport {
    private final Stems stems;
    private final StemRepository stemRecords;
    private final SightingRepository sightings;
    private final DefectRepository defects;
    private final EntityManager entities;
    private final Jobs jobs;
    private final JobLog log;

    StemCsvImport(
            Stems stems,
            StemRepository stemRecords,
            SightingRepository sightings,
            DefectRepository defects,
            EntityManager entities,
            Jobs jobs,
            JobLog log) {
        this.stems = stems;
        this.stemRecords = stemRecords;
        this.sightings = sightings;
        this.defects = defects;
        this.entities = entities;
        this.jobs = jobs;
        this.log = log;
    }

    public ImportReport stems(String jobId, byte[] file, boolean takeGoodRows, SignedIn who) {
        List<ImportReport.Problem> problems = new ArrayList<>();
        List<CsvTable.Row> rows = CsvTable.read(file, StemCsv.STEMS, problems);
        Map<String, StemEntity> known =
                stemRecords.findByJobId(jobId).stream().collect(Collectors.toMap(r -> r.label, Function.identity()));
        Set<String> inFile = new HashSet<>();
        Map<Integer, Stems.NewStem> read = new HashMap<>();
        for (CsvTable.Row r : rows) {
            String label = r.need("label");
            if (label.length() > 20 || label.contains(" ") || label.contains(",")) {
                r.bad("label", Message.of(Answer.LABEL));
            }
            if (!inFile.add(label)) {
                r.bad("label", Message.of(Answer.TWICE).with("label", Arg.name(label)));
            }
            Stems.NewStem n = stem(r);
            if (r.good()) {
                read.put(r.number(), n);
            }
        }
        for (CsvTable.Row r : rows) {
            Stems.NewStem n = read.get(r.number());
            if (n != null) {
                n.unionWith().stream()
                        .filter(u -> !inFile.contains(u) && !known.containsKey(u))
                        .findFirst()
                        .ifPresent(u -> r.bad(
                                "union_with", Message.of(Answer.NO_STEM_IN_FILE).with("stem", Arg.name(u))));
            }
        }
        ImportReport.refuse(problems, takeGoodRows);
        int added = 0;
        int changed = 0;
        List<CsvTable.Row> good = rows.stream().filter(CsvTable.Row::good).toList();
        for (CsvTable.Row r : good) {
            if (!known.containsKey(r.text("label"))) {
                Stems.NewStem n = Require.present(read, r.number());
                stems.add(
                        jobId,
                        r.text("label"),
                        new Stems.NewStem(
                                n.species(),
                                n.state(),
                                n.at(),
                                n.wood(),
                                n.shape(),
                                n.crown(),
                                n.toBeKept(),
                                n.note()));
                added++;
            }
        }
        Map<String, StemEntity> now =
                stemRecords.findByJobId(jobId).stream().collect(Collectors.toMap(s -> s.label, Function.identity()));
        for (CsvTable.Row r : good) {
            StemEntity s = Require.present(now, r.text("label"));
            Stems.NewStem n = Require.present(read, r.number());
            if (!same(s, n)) {
                stems.change(jobId, s.id, n, s.version);
                changed += known.containsKey(s.label) ? 1 : 0;
            }
        }
        log.write(
                jobId,
                who.name(),
                Message.of(LogWords.IMPORTED_STEMS)
                        .with("fresh", Arg.count(added))
                        .with("changed", Arg.count(changed)));
        return new ImportReport(rows.size(), added, changed, good.size() - added - changed, problems);
    }

    private static boolean same(StemEntity s, Stems.NewStem n) {
        return s.species == n.species()
                && s.state == n.state()
                && s.at().equals(n.at())
                && s.wood().equals(n.wood())
                && s.shape == n.shape()
                && s.crown == n.crown()
                && s.toBeKept == n.toBeKept()
                && s.note.equals(n.note())
                && s.unionWith().equals(n.unionWith())
                && Objects.equals(s.unionHeightM, n.unionHeightM().orElse(null));
    }

    private static Stems.NewStem stem(CsvTable.Row r) {
        Species species = r.choice("species", Species.class);
        StemState state = r.choice("state", StemState.class);
        Spot at = spot(r);
        Wood wood = new Wood(
                r.choice("wood_left", Condition.class),
                r.choice("wood_right", Condition.class),
                r.choice("wood_back", Condition.class),
                r.choice("wood_core", Condition.class),
                r.choice("wood_crown", Condition.class),
                r.maybe("wood_facing_deg"));
        List<String> union = r.text("union_with").isEmpty()
                ? List.of()
                : List.of(r.text("union_with").split(" +"));
        Optional<Double> unionHeight = r.maybe("union_height_m");
        if (!union.isEmpty() && unionHeight.filter(h -> h >= 0 && h <= 60).isEmpty()) {
            r.bad(
                    "union_height_m",
                    Message.of(Answer.UNION_HEIGHT)
                            .with("low", Arg.of(Dimension.LENGTH, 0))
                            .with("high", Arg.of(Dimension.LENGTH, 60)));
        }
        return new Stems.NewStem(
                species,
                state,
                at,
                wood,
                r.choice("shape", StemMass.Shape.class),
                r.choice("crown", StemMass.Crown.class),
                r.yes("keep"),
                r.text("note"),
                union,
                unionHeight);
    }

    private static Spot spot(CsvTable.Row r) {
        try {
            return new Spot(r.number("east_m"), r.number("north_m"));
        } catch (RefusedInput e) {
            r.bad(e);
            return new Spot(0, 0);
        }
    }

    public ImportReport sightings(String jobId, byte[] file, boolean takeGoodRows, SignedIn who) {
        List<ImportReport.Problem> problems = new ArrayList<>();
        List<CsvTable.Row> rows = CsvTable.read(file, StemCsv.SIGHTINGS, problems);
        Map<String, StemEntity> byLabel =
                stemRecords.findByJobId(jobId).stream().collect(Collectors.toMap(r -> r.label, Function.identity()));
        Set<String> known = sightings.findByJobIdOrderByTakenAt(jobId).stream()
                .map(s -> s.id)
                .collect(Collectors.toSet());
        Set<String> elsewhere = new HashSet<>(sightings
                .findAllById(rows.stream()
                        .map(r -> r.text("id"))
                        .filter(i -> !i.isEmpty() && !known.contains(i))
                        .toList())
                .stream()
                .map(s -> s.id)
                .toList());
        AtomicInteger unchanged = new AtomicInteger();
        List<SightingEntity> read =
                newOnes(rows, known, unchanged, row -> sighting(row, byLabel, elsewhere), x -> x.id);
        ImportReport.refuse(problems, takeGoodRows);
        read.forEach(entities::persist);
        log.write(jobId, who.name(), Message.of(LogWords.IMPORTED_SIGHTINGS).with("count", Arg.count(read.size())));
        jobs.touched(jobId, Change.STEM);
        return new ImportReport(rows.size(), read.size(), 0, unchanged.get(), problems);
    }

    /**
     * Reads the good rows that are not there yet.
     *
     * @param known ids that are there; those that are read are added
     * @param unchanged counts the rows that are there already
     */
    private static <T> List<T> newOnes(
            List<CsvTable.Row> rows,
            Set<String> known,
            AtomicInteger unchanged,
            Function<CsvTable.Row, T> reader,
            Function<T, String> id) {
        List<T> read = new ArrayList<>();
        for (CsvTable.Row r : rows) {
            if (known.contains(r.text("id"))) {
                unchanged.incrementAndGet();
                continue;
            }
            T one = reader.apply(r);
            if (r.good()) {
                read.add(one);
                known.add(id.apply(one));
            }
        }
        return read;
    }

    private static SightingEntity sighting(CsvTable.Row r, Map<String, StemEntity> byLabel, Set<String> elsewhere) {
        SightingEntity s = new SightingEntity();
        StemEntity stem = byLabel.get(r.need("stem"));
        if (stem == null) {
            r.bad("stem", Message.of(Answer.NO_SUCH_STEM).with("stem", Arg.name(r.text("stem"))));
        }
        s.id = id(r, elsewhere);
        s.kind = r.choice("kind", SightingKind.class);
        s.stateThen = r.choice("state_then", StemState.class);
        s.instrument = r.text("instrument");
        s.who = r.need("who");
        s.takenAt = at(r);
        s.simulated = r.yes("simulated");
        s.byCrew = r.yes("by_crew");
        s.acceptedBy = r.text("accepted_by").isEmpty() ? null : r.text("accepted_by");
        s.acceptedAt = s.acceptedBy == null ? null : s.takenAt;
        s.setAside = r.text("set_aside").isEmpty() ? null : r.text("set_aside");
        s.setAsideBy = s.setAside == null ? null : r.text("set_aside_by");
        Map<String, Double> numbers = new HashMap<>();
        Map<String, String> choices = new HashMap<>();
        for (String pair : r.need("raw").split(";", 0)) {
            String[] kv = pair.split("=", 2);
            if (kv.length < 2) {
                r.bad("raw", Message.of(Answer.NAME_VALUE).with("text", Arg.name(pair)));
                continue;
            }
            try {
                numbers.put(kv[0].strip(), Double.parseDouble(kv[1].strip()));
            } catch (NumberFormatException e) {
                choices.put(kv[0].strip(), kv[1].strip());
            }
        }
        if (stem == null || !r.good()) {
            return s;
        }
        try {
            Sighting core = Sighting.read(s.id, s.kind, numbers, choices, s.stateThen, true);
            s.jobId = stem.jobId;
            s.stemId = stem.id;
            s.raw = new HashMap<>(core.numbers());
            s.raw.putAll(core.choices());
            s.quantity = core.estimate().value();
            s.sigma = core.estimate().sigma();
        } catch (RefusedInput e) {
            e.faults()
                    .forEach(f -> r.bad(
                            "raw",
                            Message.of(Answer.OF_FIELD)
                                    .with("field", Arg.name(f.field()))
                                    .with("says", Arg.said(f.says()))));
        }
        return s;
    }

    private static String id(CsvTable.Row r, Set<String> elsewhere) {
        String given = r.text("id");
        if (given.length() > 60) {
            r.bad("id", Message.of(Answer.ID_TOO_LONG));
        }
        return given.isEmpty() || elsewhere.contains(given) ? UUID.randomUUID().toString() : given;
    }

    private static Instant at(CsvTable.Row r) {
        try {
            return Instant.parse(r.need("at"));
        } catch (DateTimeParseException e) {
            r.bad("at", Message.of(Answer.A_TIME).with("text", Arg.name(r.text("at"))));
            return Instant.EPOCH;
        }
    }

    public ImportReport defects(String jobId, byte[] file, boolean takeGoodRows, SignedIn who) {
        List<ImportReport.Problem> problems = new ArrayList<>();
        List<CsvTable.Row> rows = CsvTable.read(file, StemCsv.DEFECTS, problems);
        Map<String, StemEntity> byLabel =
                stemRecords.findByJobId(jobId).stream().collect(Collectors.toMap(r -> r.label, Function.identity()));
        Set<String> known =
                defects.findByJobIdOrderBySeenAt(jobId).stream().map(s -> s.id).collect(Collectors.toSet());
        Set<String> elsewhere = new HashSet<>(defects
                .findAllById(rows.stream()
                        .map(r -> r.text("id"))
                        .filter(i -> !i.isEmpty() && !known.contains(i))
                        .toList())
                .stream()
                .map(s -> s.id)
                .toList());
        AtomicInteger unchanged = new AtomicInteger();
        List<DefectEntity> read = newOnes(rows, known, unchanged, row -> defect(row, byLabel, elsewhere), x -> x.id);
        ImportReport.refuse(problems, takeGoodRows);
        read.forEach(entities::persist);
        log.write(jobId, who.name(), Message.of(LogWords.IMPORTED_DEFECTS).with("count", Arg.count(read.size())));
        jobs.touched(jobId, Change.STEM);
        return new ImportReport(rows.size(), read.size(), 0, unchanged.get(), problems);
    }

    private static DefectEntity defect(CsvTable.Row r, Map<String, StemEntity> byLabel, Set<String> elsewhere) {
        DefectEntity d = new DefectEntity();
        StemEntity stem = byLabel.get(r.need("stem"));
        if (stem == null) {
            r.bad("stem", Message.of(Answer.NO_SUCH_STEM).with("stem", Arg.name(r.text("stem"))));
        }
        d.id = id(r, elsewhere);
        d.kind = r.choice("kind", DefectKind.class);
        d.fromM = r.number("from_m");
        d.toM = r.number("to_m");
        d.faceDeg = r.number("face_deg");
        d.widthM = r.maybe("width_m").orElse(null);
        d.depthM = r.maybe("depth_m").orElse(null);
        d.extent = r.text("extent");
        d.found = r.choice("found", Defect.Found.class);
        d.tells = tells(r);
        d.note = r.text("note");
        d.who = r.need("who");
        d.seenAt = at(r);
        d.byCrew = r.yes("by_crew");
        d.setAside = r.text("set_aside").isEmpty() ? null : r.text("set_aside");
        d.setAsideBy = d.setAside == null ? null : r.text("set_aside_by");
        if (stem != null && r.good()) {
            try {
                d.forCore();
                d.jobId = stem.jobId;
                d.stemId = stem.id;
            } catch (RefusedInput e) {
                r.bad(e);
            }
        }
        return d;
    }

    private static List<Tell> tells(CsvTable.Row r) {
        List<Tell> known = new ArrayList<>();
        for (String word : r.text("tells").split(" +", -1)) {
            Optional<Tell> tell = Arrays.stream(Tell.values())
                    .filter(k -> k.name().equalsIgnoreCase(word))
                    .findFirst();
            tell.ifPresent(known::add);
            if (tell.isEmpty() && !word.isEmpty()) {
                r.bad("tells", Message.of(Answer.NO_SIGN).with("text", Arg.name(word)));
            }
        }
        return known;
    }
}
