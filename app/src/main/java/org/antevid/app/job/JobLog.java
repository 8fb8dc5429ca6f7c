package org.antevid.app.job;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import org.antevid.app.job.store.LogEntity;
import org.antevid.app.job.store.LogRepository;
import org.antevid.app.trace.StoredJson;
import org.antevid.core.message.Message;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The job's log. It writes itself: other services add an entry in the transaction that does the thing. */
@Service
@Transactional
public class JobLog {
    private final LogRepository entries;
    private final Clock clock;

    JobLog(LogRepository entries, Clock clock) {
        this.clock = clock;
        this.entries = entries;
    }

    /** One line of the log. */
    public record Line(Instant at, String who, Message says) {}

    public void write(String jobId, String who, Message says) {
        LogEntity e = new LogEntity();
        e.jobId = jobId;
        e.who = who;
        e.says = StoredJson.write(says);
        e.at = clock.instant();
        entries.save(e);
    }

    /** @return newest first */
    public List<Line> lines(String jobId) {
        return entries.findByJobIdOrderByIdDesc(jobId, Limit.unlimited()).stream()
                .map(JobLog::line)
                .toList();
    }

    /** @return the newest lines, newest first */
    public List<Line> newest(String jobId, int most) {
        return entries.findByJobIdOrderByIdDesc(jobId, Limit.of(most)).stream()
                .map(JobLog::line)
                .toList();
    }

    private static Line line(LogEntity e) {
        return new Line(e.at, e.who, StoredJson.message(e.says));
    }
}
