package org.antevid.app.tangle;

import java.time.Clock;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.antevid.app.job.Jobs;
import org.antevid.app.people.SignedIn;
import org.antevid.app.reader.Speech;
import org.antevid.app.sheet.Sheet;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.words.PaperWords;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A tangle out as a file, and a file in as a new look at its stems; all of it or nothing. */
@Service
@Transactional
public class TangleFiles {
    private final Tangles tangles;
    private static final DateTimeFormatter STAMP =
            DateTimeFormatter.ofPattern("d MMMM yyyy, HH:mm", Locale.ENGLISH).withZone(ZoneId.systemDefault());
    private final TangleRecords records;
    private final Jobs jobs;
    private final Clock clock;

    TangleFiles(Tangles tangles, TangleRecords records, Jobs jobs, Clock clock) {
        this.clock = clock;
        this.tangles = tangles;
        this.records = records;
        this.jobs = jobs;
    }

    /** Where the stems lie, what is closed and the order, on A4 in the reader's units. */
    @Transactional(readOnly = true)
    public Sheet sheet(String jobId, SignedIn who) {
        String state = Speech.words()
                .say(Message.of(PaperWords.TANGLE_STATE)
                        .with("who", Arg.name(who.name()))
                        .with("at", Arg.name(STAMP.format(clock.instant()))));
        return TangleSheet.of(
                tangles.tangle(jobId), Speech.words(), jobs.job(jobId).name(), state);
    }

    public TangleFile out(String jobId) {
        return TangleFile.of(tangles.tangle(jobId), tangles.relations(jobId));
    }

    /**
     * Every stem of the file is looked at anew: its rests until now are ended, the file's are entered. Older looks stay
     * in the book.
     *
     * @return how many stems were read
     * @throws RefusedInput for a format or a stem that is not known here, and for all that taps are refused for
     */
    public int in(String jobId, TangleFile file, SignedIn who) {
        if (!TangleFile.FORMAT.equals(file.format())) {
            throw new RefusedInput(
                    Message.of(Refusal.UNKNOWN_FORMAT).with("right", Arg.name(TangleFile.FORMAT)), "format");
        }
        Map<String, String> ids = tangles.stemIds(jobId);
        Map<String, String> things = tangles.things(jobId);
        for (int i = 0; i < file.stems().size(); i++) {
            TangleFile.Part p = file.stems().get(i);
            String id = Optional.ofNullable(ids.get(p.label())).orElse("");
            if (id.isEmpty()) {
                throw new RefusedInput(Refusal.UNKNOWN_STEM, "stems[" + i + "].label");
            }
            if (p.partOf() != null) {
                String of = Optional.ofNullable(ids.get(p.partOf().stem())).orElse("");
                if (of.isEmpty() || of.equals(id)) {
                    throw new RefusedInput(Refusal.UNKNOWN_STEM, "stems[" + i + "].partOf.stem");
                }
                records.partOf(jobId, id, of, p.partOf(), who);
            }
            look(jobId, id, p, things, who);
        }
        Map<List<Object>, Tangles.Relation> there = tangles.relations(jobId).stream()
                .collect(Collectors.toMap(r -> List.of(r.a(), r.type(), r.b()), r -> r, (a, b) -> a));
        for (TangleFile.Tie t : file.relations()) {
            String a = things.getOrDefault(t.a(), t.a());
            String b = things.getOrDefault(t.b(), t.b());
            if (!there.containsKey(List.of(a, t.type(), b))) {
                tangles.relate(jobId, a, t.type(), b, t.carries(), t.severFrom());
            }
        }
        return file.stems().size();
    }

    private void look(String jobId, String id, TangleFile.Part p, Map<String, String> things, SignedIn who) {
        records.now(jobId).rests().stream()
                .map(TangleRecords.Noted::what)
                .filter(r -> r.stem().equals(p.label()))
                .forEach(r -> records.endRest(jobId, r.id(), who));
        Optional.ofNullable(p.pose()).ifPresent(pose -> tangles.pose(jobId, id, pose.taken(), who));
        for (TangleFile.FileRest r : p.rests()) {
            tangles.rest(
                    jobId,
                    id,
                    r.xM(),
                    r.on(),
                    Optional.ofNullable(r.other()).map(o -> things.getOrDefault(o, o)),
                    r.side(),
                    r.gapM(),
                    Optional.ofNullable(r.fibres()),
                    r.certainty(),
                    who);
        }
        Optional.ofNullable(p.plate()).ifPresent(x -> records.plate(jobId, id, x, who));
        Optional.ofNullable(p.bow()).ifPresent(x -> records.bow(jobId, id, x, who));
        records.now(jobId)
                .hidden()
                .getOrDefault(id, List.of())
                .forEach(h -> records.endHidden(jobId, h.what().id(), who));
        p.hidden().forEach(h -> records.hidden(jobId, id, h, who));
    }
}
