package org.antevid.app.board;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Collections;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.antevid.app.house.HouseChanged;
import org.antevid.app.job.JobChanged;
import org.antevid.app.judgement.Documents;
import org.antevid.app.judgement.Judgement;
import org.antevid.app.judgement.StoredPlan;
import org.antevid.core.brief.PlanDocument;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Severity;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/**
 * The mark and the small drawing of each job, kept for the version of its plan: a board of a thousand jobs computes
 * only what was changed since it was last looked at. What the wind of the moment adds is said on the job itself.
 */
@Component
public class Marks {
    private static final String HOUSE = "house";
    /** Found of the hour, not of the plan. */
    private static final Set<RuleId> OF_THE_HOUR =
            EnumSet.of(RuleId.WIND_NOT_KNOWN, RuleId.WIND_NOW, RuleId.WIND_AHEAD, RuleId.DARK_AHEAD);

    private final JdbcTemplate store;
    private final Judgement judgement;
    private final Documents documents;
    private final Clock clock;

    Marks(JdbcTemplate store, Judgement judgement, Documents documents, Clock clock) {
        this.clock = clock;
        this.store = store;
        this.judgement = judgement;
        this.documents = documents;
    }

    /** What stands in the way, and the plan drawn small. */
    public record Mark(long stops, long secondOpinions, long cautions, PlanDocument sketch) {}

    /** In the transaction that changes the plan: what was kept of it holds no longer once that is committed. */
    @EventListener
    void changed(JobChanged c) {
        if (c.what().touchesPlan()) {
            next(c.jobId());
        }
    }

    @EventListener
    void changed(HouseChanged c) {
        next(HOUSE);
    }

    private void next(String what) {
        store.update(
                "merge into plan_version (of_what, version) key (of_what) "
                        + "values (?, coalesce((select version from plan_version where of_what = ?), 0) + 1)",
                what,
                what);
    }

    /** @return the marks of these jobs; those that are not kept are made and kept */
    public Map<String, Mark> of(List<String> jobIds) {
        if (jobIds.isEmpty()) {
            return Map.of();
        }
        Map<String, Mark> marks = new HashMap<>(kept(jobIds));
        jobIds.stream().filter(id -> !marks.containsKey(id)).forEach(id -> marks.put(id, make(id)));
        return marks;
    }

    private Map<String, Mark> kept(List<String> jobIds) {
        String places = String.join(",", Collections.nCopies(jobIds.size(), "?"));
        Map<String, Mark> kept = new HashMap<>();
        store.query(
                "select m.job_id, m.stops, m.second_opinions, m.cautions, m.sketch from job_mark m "
                        + "left join plan_version p on p.of_what = m.job_id "
                        + "left join plan_version h on h.of_what = '" + HOUSE + "' "
                        + "where m.plan_version = coalesce(p.version, 0) and m.house_version = coalesce(h.version, 0) "
                        + "and m.made_on = ? and m.job_id in (" + places + ")",
                row -> {
                    kept.put(
                            row.getString(1),
                            new Mark(
                                    row.getLong(2),
                                    row.getLong(3),
                                    row.getLong(4),
                                    StoredPlan.COLUMN.read(row.getString(5))));
                },
                Stream.concat(Stream.of(LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault())), jobIds.stream())
                        .toArray());
        return kept;
    }

    /** The versions are read first: what changes while it is made makes it a mark of the past. */
    private Mark make(String jobId) {
        long plan = version(jobId);
        long house = version(HOUSE);
        List<Finding> findings = judgement.findings(jobId).stream()
                .filter(f -> f.open() && !OF_THE_HOUR.contains(f.rule()))
                .toList();
        Mark mark = new Mark(
                count(findings, Severity.STOP),
                count(findings, Severity.SECOND_OPINION),
                count(findings, Severity.CAUTION),
                documents.of(jobId).sketch());
        store.update(
                "merge into job_mark (job_id, plan_version, house_version, made_on, stops, second_opinions, cautions, "
                        + "sketch) key (job_id) values (?, ?, ?, ?, ?, ?, ?, ?)",
                jobId,
                plan,
                house,
                LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault()),
                mark.stops,
                mark.secondOpinions,
                mark.cautions,
                StoredPlan.COLUMN.write(mark.sketch));
        return mark;
    }

    private long version(String what) {
        return store.query("select version from plan_version where of_what = ?", (r, n) -> r.getLong(1), what).stream()
                .findFirst()
                .orElse(0L);
    }

    private static long count(List<Finding> findings, Severity severity) {
        return findings.stream().filter(f -> f.severity() == severity).count();
    }
}
