package org.antevid.app.logbook;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.antevid.app.exchange.CsvTable;
import org.antevid.app.exchange.ImportReport;
import org.antevid.app.job.Change;
import org.antevid.app.job.Jobs;
import org.antevid.app.logbook.store.FallLineEntity;
import org.antevid.app.logbook.store.FallLineRepository;
import org.antevid.app.people.Office;
import org.antevid.app.people.People;
import org.antevid.app.people.SignedIn;
import org.antevid.app.problem.NotAllowed;
import org.antevid.core.lay.Means;
import org.antevid.core.learn.SharedFall;
import org.antevid.core.learn.Sharing;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.outcome.Control;
import org.antevid.core.outcome.MeasuredBy;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Species;
import org.antevid.core.stump.School;
import org.antevid.words.Answer;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The logbook as a table, out and in with the same columns; and a table that may be given away. What was written out
 * and is read back changes nothing.
 */
@Service
@Transactional
public class FallFiles {
    private static final int MOST_ROWS = 20_000;
    private static final double M_PER_FT = 0.3048;
    private static final double MS_PER_MPH = 0.44704;
    private static final List<String> HEADER = List.of(
            "job",
            "stem",
            "felled",
            "sawyer",
            "species",
            "cut",
            "means",
            "wood",
            "lay_deg",
            "bias_deg",
            "spread_deg",
            "expected_m",
            "control",
            "measured_by",
            "fell_deg",
            "distance_m",
            "gust_ms");
    /** What a column is called where it is not metric. */
    private static final Map<String, String> IMPERIAL =
            Map.of("expected_m", "expected_ft", "distance_m", "distance_ft", "gust_ms", "gust_mph");

    private static final List<String> SHARED = List.of(
            "year",
            "quarter",
            "species",
            "cut",
            "means",
            "wood",
            "control",
            "measured_by",
            "spread_deg",
            "miss_deg",
            "along_deg");

    private final Logbook logbook;
    private final FallLineRepository lines;
    private final People people;
    private final Jobs jobs;
    private final Clock clock;

    FallFiles(Logbook logbook, FallLineRepository lines, People people, Jobs jobs, Clock clock) {
        this.logbook = logbook;
        this.lines = lines;
        this.people = people;
        this.jobs = jobs;
        this.clock = clock;
    }

    /** @return what this person sees line by line, the oldest first */
    public String out(SignedIn me) {
        List<FallLineEntity> open = new ArrayList<>(logbook.seenBy(me).open());
        Collections.reverse(open);
        return CsvTable.write(HEADER, open.stream().map(FallFiles::cells).toList());
    }

    private static List<Object> cells(FallLineEntity l) {
        return Arrays.asList(
                l.jobName,
                l.stem,
                l.felledAt.toString(),
                l.sawyer,
                name(l.species),
                name(l.school),
                name(l.means),
                name(l.wood),
                l.layDeg,
                l.biasDeg,
                l.spreadDeg,
                l.expectedM,
                name(l.control),
                name(l.measuredBy),
                l.fellDeg,
                l.distanceM,
                l.gustMs);
    }

    private static @Nullable String name(@Nullable Enum<?> value) {
        return value == null ? null : value.name().toLowerCase(Locale.ROOT);
    }

    /**
     * Reads falls in from elsewhere: reviewers and the owner. Nothing is kept of a file with a bad row.
     *
     * @throws RefusedInput naming each bad row with its reason; for a header that mixes metres and feet
     * @throws NotAllowed for anybody else
     */
    public ImportReport in(byte[] file, SignedIn me) {
        if (me.office() != Office.OWNER && me.office() != Office.REVIEWER) {
            throw new NotAllowed(Message.of(Answer.WHO_READS_FALLS_IN));
        }
        List<String> given = CsvTable.header(file);
        boolean imperial = IMPERIAL.values().stream().anyMatch(given::contains);
        if (imperial && IMPERIAL.keySet().stream().anyMatch(given::contains)) {
            throw new RefusedInput("MIXED_UNITS", "file", Message.of(Answer.MIXED_UNITS));
        }
        List<ImportReport.Problem> problems = new ArrayList<>();
        List<CsvTable.Row> rows = CsvTable.read(
                file,
                imperial ? HEADER.stream().map(h -> IMPERIAL.getOrDefault(h, h)).toList() : HEADER,
                problems,
                MOST_ROWS);
        Map<Key, FallLineEntity> known = new HashMap<>();
        logbook.seenBy(me).open().forEach(l -> known.put(new Key(l.jobName, l.stem), l));
        Map<String, Optional<String>> sawyers = new HashMap<>();
        Set<Key> inFile = new HashSet<>();
        List<FallLineEntity> read = new ArrayList<>();
        int unchanged = 0;
        for (CsvTable.Row r : rows) {
            FallLineEntity l = line(r, imperial);
            Key key = new Key(l.jobName, l.stem);
            if (!inFile.add(key)) {
                r.bad("stem", Message.of(Answer.TWICE).with("label", Arg.name(l.jobName + ' ' + l.stem)));
            }
            FallLineEntity there = known.get(key);
            if (there != null && r.good() && !cells(there).equals(cells(l))) {
                r.bad("stem", Message.of(Answer.FALL_KNOWN_OTHERWISE));
            }
            if (!r.good()) {
                continue;
            }
            if (there != null) {
                unchanged++;
                continue;
            }
            l.sawyerId = l.sawyer == null
                    ? null
                    : sawyers.computeIfAbsent(l.sawyer, s -> people.named(s).map(p -> p.id()))
                            .orElse(null);
            l.byId = me.personId();
            read.add(l);
        }
        ImportReport.refuse(problems, false);
        lines.saveAll(read);
        if (!read.isEmpty()) {
            jobs.open().forEach(j -> jobs.touched(j, Change.LAY));
        }
        return new ImportReport(rows.size(), read.size(), 0, unchanged, List.of());
    }

    private record Key(String job, String stem) {}

    private FallLineEntity line(CsvTable.Row r, boolean imperial) {
        FallLineEntity l = new FallLineEntity();
        l.id = UUID.randomUUID().toString();
        l.imported = true;
        l.jobName = r.need("job");
        l.stem = r.need("stem");
        l.felledAt = felled(r);
        l.sawyer = r.text("sawyer").isEmpty() ? null : r.text("sawyer");
        l.species = r.choice("species", Species.class);
        l.school = r.choice("cut", School.class);
        l.means = r.choice("means", Means.Kind.class);
        l.wood = r.maybeChoice("wood", Condition.class).orElse(null);
        l.layDeg = r.number("lay_deg");
        l.biasDeg = r.maybe("bias_deg").orElse(null);
        l.spreadDeg = r.maybe("spread_deg").orElse(null);
        l.expectedM = metric(r, "expected_m", imperial);
        l.control = r.maybeChoice("control", Control.class).orElse(null);
        l.measuredBy = r.maybeChoice("measured_by", MeasuredBy.class).orElse(null);
        l.fellDeg = r.maybe("fell_deg").orElse(null);
        l.distanceM = metric(r, "distance_m", imperial);
        l.gustMs = metric(r, "gust_ms", imperial);
        if (l.fellDeg != null && l.distanceM == null) {
            r.need(column("distance_m", imperial));
        }
        if (l.distanceM != null && l.fellDeg == null) {
            r.need("fell_deg");
        }
        if (r.good()) {
            check(r, l);
        }
        return l;
    }

    /** Ranges, and what only the core can tell. */
    private static void check(CsvTable.Row r, FallLineEntity l) {
        try {
            Require.text(l.jobName, 80, "job");
            Require.text(l.stem, 40, "stem");
            Require.within(l.layDeg, 0, 360, "lay_deg");
            within(l.biasDeg, -90, 90, "bias_deg");
            within(l.fellDeg, 0, 360, "fell_deg");
            within(l.distanceM, 0.6, 120, "distance_m");
            within(l.expectedM, 0.6, 120, "expected_m");
            within(l.gustMs, 0, 60, "gust_ms");
            l.derive();
        } catch (RefusedInput e) {
            r.bad(e);
        }
    }

    private static void within(@Nullable Double v, double low, double high, String column) {
        if (v != null) {
            Require.within(v, low, high, column);
        }
    }

    private Instant felled(CsvTable.Row r) {
        String text = r.need("felled");
        try {
            Instant at = text.isEmpty() ? clock.instant() : Instant.parse(text);
            if (at.isAfter(clock.instant())) {
                r.bad("felled", Message.of(Answer.FELLED_AHEAD));
            }
            return at;
        } catch (DateTimeParseException e) {
            r.bad("felled", Message.of(Answer.NO_TIME));
            return clock.instant();
        }
    }

    private static String column(String metric, boolean imperial) {
        return imperial ? IMPERIAL.getOrDefault(metric, metric) : metric;
    }

    private static @Nullable Double metric(CsvTable.Row r, String column, boolean imperial) {
        double per = column.equals("gust_ms") ? MS_PER_MPH : M_PER_FT;
        return r.maybe(column(column, imperial))
                .map(v -> imperial ? per * v : v)
                .orElse(null);
    }

    /** @return falls without names, places and days, that may be given away; the owner alone gives them */
    public String shared(SignedIn me) {
        if (me.office() != Office.OWNER) {
            throw new NotAllowed(Message.of(Answer.WHO_SHARES_FALLS));
        }
        return CsvTable.write(
                SHARED,
                Sharing.of(logbook.seenBy(me).open().stream()
                                .map(FallFiles::shared)
                                .toList())
                        .stream()
                        .map(FallFiles::cells)
                        .toList());
    }

    private static SharedFall shared(FallLineEntity l) {
        ZonedDateTime day = l.felledAt.atZone(ZoneId.systemDefault());
        return new SharedFall(
                new SharedFall.Group(
                        Optional.of(day.getYear()),
                        Optional.of((day.getMonthValue() + 2) / 3),
                        Optional.of(l.species),
                        Optional.of(l.school),
                        Optional.of(l.means),
                        Optional.ofNullable(l.wood)),
                Optional.ofNullable(l.control),
                Optional.ofNullable(l.measuredBy),
                Optional.ofNullable(l.spreadDeg),
                Optional.ofNullable(l.missDeg),
                Optional.ofNullable(l.alongDeg));
    }

    private static List<Object> cells(SharedFall f) {
        SharedFall.Group g = f.group();
        return Stream.of(
                        g.year(),
                        g.quarter(),
                        g.species().map(FallFiles::name),
                        g.cut().map(FallFiles::name),
                        g.means().map(FallFiles::name),
                        g.wood().map(FallFiles::name),
                        f.control().map(FallFiles::name),
                        f.by().map(FallFiles::name),
                        f.spreadDeg(),
                        f.missDeg(),
                        f.alongDeg())
                .<Object>map(o -> o.isPresent() ? o.get() : "")
                .toList();
    }
}
