package org.antevid.app.run;

import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.antevid.app.job.JobChanged;
import org.antevid.app.run.store.RunEventRepository;
import org.antevid.core.run.Happening;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;

/**
 * Ends a go within a second of whatever took its reasons away: after each change of the job, and twice a second for
 * wind, instruments and clock. What crosses its limit calls a hold.
 */
@Component
class RunWatch {
    private static final Logger LOG = LoggerFactory.getLogger(RunWatch.class);
    private static final long EVERY_MS = 500;
    private final Runs runs;
    private final Holds holds;
    private final RunEventRepository events;
    private final Set<String> open = ConcurrentHashMap.newKeySet();
    private final ScheduledExecutorService thread = Executors.newSingleThreadScheduledExecutor(r -> {
        Thread t = new Thread(r, "run-watch");
        t.setDaemon(true);
        return t;
    });

    RunWatch(Runs runs, Holds holds, RunEventRepository events) {
        this.runs = runs;
        this.holds = holds;
        this.events = events;
    }

    @EventListener(ApplicationReadyEvent.class)
    void start() {
        open.addAll(events.jobsWith(Happening.Kind.GO));
        var unused = thread.scheduleWithFixedDelay(
                () -> open.forEach(this::look), EVERY_MS, EVERY_MS, TimeUnit.MILLISECONDS);
    }

    @EventListener(ContextClosedEvent.class)
    void stop() {
        thread.shutdownNow();
    }

    @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT, fallbackExecution = true)
    void changed(JobChanged c) {
        if (!thread.isShutdown()) {
            thread.execute(() -> look(c.jobId()));
        }
    }

    private void look(String jobId) {
        try {
            runs.forced(jobId).ifPresent(n -> holds.forced(jobId, n));
            if (runs.watch(jobId)) {
                open.add(jobId);
            } else {
                open.remove(jobId);
            }
        } catch (RuntimeException e) {
            LOG.warn("the watch could not look at a run: {}", e.getMessage());
        }
    }
}
