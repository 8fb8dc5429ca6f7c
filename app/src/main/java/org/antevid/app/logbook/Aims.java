package org.antevid.app.logbook;

import java.time.Instant;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import org.antevid.app.crew.Crews;
import org.antevid.app.job.JobCache;
import org.antevid.app.lay.PastFalls;
import org.antevid.app.logbook.store.FallLineRepository;
import org.antevid.app.people.People;
import org.antevid.app.stem.Stems;
import org.antevid.core.lay.spread.AimRecord;
import org.antevid.core.lay.spread.LossRecord;
import org.antevid.core.lay.spread.PastWork;
import org.antevid.core.learn.CorrectionKind;
import org.antevid.core.stem.Condition;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How whoever is to cut a stem aimed before, and how often control was lost in wood like its own. */
@Service
@Transactional(readOnly = true)
public class Aims implements PastFalls {
    /** Later than anything that is written down. */
    static final Instant EVER = Instant.parse("9999-01-01T00:00:00Z");

    private final FallLineRepository lines;
    private final Decisions decisions;
    private final Crews crews;
    private final Stems stems;
    private final People people;
    private final JobCache kept;

    Aims(FallLineRepository lines, Decisions decisions, Crews crews, Stems stems, People people, JobCache kept) {
        this.lines = lines;
        this.decisions = decisions;
        this.crews = crews;
        this.stems = stems;
        this.people = people;
        this.kept = kept;
    }

    private record Question(String stemId) {}

    @Override
    public PastWork of(String jobId, String stemId) {
        return kept.ofPlan(jobId, new Question(stemId), () -> {
            String label = stems.known(jobId, stemId).reading().label();
            Optional<Instant> own = lines.findByJobId(jobId).stream()
                    .filter(l -> l.stem.equals(label))
                    .map(l -> l.felledAt)
                    .findFirst();
            return new PastWork(aim(jobId, label, own), losses(jobId, own));
        });
    }

    private Optional<AimRecord> aim(String jobId, String label, Optional<Instant> own) {
        return crews.cutterOf(jobId, label)
                .map(person -> new AimRecord(
                        person,
                        people.person(person).name(),
                        misses(person, own),
                        Optional.ofNullable(
                                decisions.taken(jobId, CorrectionKind.SPREAD).get(person))));
    }

    /** A stem is judged by what was known before it fell, never by its own fall. */
    private List<Double> misses(String person, Optional<Instant> own) {
        return lines.findBySawyerIdOrderByFelledAtDesc(person).stream()
                .filter(l -> own.filter(o -> !l.felledAt.isBefore(o)).isEmpty())
                .filter(Logbook::aimed)
                .map(l -> Objects.requireNonNull(l.missDeg))
                .toList();
    }

    private LossRecord losses(String jobId, Optional<Instant> own) {
        return new LossRecord(
                losses(own.orElse(EVER)),
                decisions.taken(jobId, CorrectionKind.CONTROL_LOST).entrySet().stream()
                        .collect(Collectors.toMap(e -> Condition.valueOf(e.getKey()), Map.Entry::getValue)));
    }

    /** @return by the wood they were briefed with, what became of the falls before this moment */
    Map<Condition, LossRecord.Count> losses(Instant before) {
        Map<Condition, LossRecord.Count> counts = new EnumMap<>(Condition.class);
        lines.ended(before)
                .forEach(e -> counts.merge(
                        e.wood(),
                        new LossRecord.Count((int) e.falls(), e.control().lost() ? (int) e.falls() : 0),
                        (a, b) -> new LossRecord.Count(a.falls() + b.falls(), a.lost() + b.lost())));
        return counts;
    }
}
