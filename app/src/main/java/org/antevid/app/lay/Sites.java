package org.antevid.app.lay;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;
import org.antevid.app.job.JobChanged;
import org.antevid.core.site.Site;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * The place of each job as the core sees it, put together once and kept until something of the job changes: a lay that is turned by hand asks
 * for it many times a second. A transaction that has changed the job makes its own; one that read while another committed keeps nothing.
 */
@Component
class Sites {
    private static final int MOST_JOBS = 64;
    /** Before the listeners of the commit are told, so that what they ask for is new. */
    private static final int FIRST = Integer.MIN_VALUE;
    private final Map<String, Site> kept = new ConcurrentHashMap<>();
    private final Map<String, Long> changes = new ConcurrentHashMap<>();

    private record Changing(String jobId) {
    }

    Site of(String jobId, Supplier<Site> make) {
        if (TransactionSynchronizationManager.hasResource(new Changing(jobId))) {
            return make.get();
        }
        Site known = kept.get(jobId);
        if (known != null) {
            return known;
        }
        long before = changes.getOrDefault(jobId, 0L);
        Site made = make.get();
        changes.compute(jobId, (k, now) -> {
            long seen = now == null ? 0 : now;
            if (seen == before) {
                if (kept.size() >= MOST_JOBS) {
                    kept.clear();
                }
                kept.put(jobId, made);
            }
            return seen;
        });
        return made;
    }

    @EventListener
    void changed(JobChanged c) {
        forget(c.jobId());
        Changing key = new Changing(c.jobId());
        if (!TransactionSynchronizationManager.isSynchronizationActive() || TransactionSynchronizationManager.hasResource(key)) {
            return;
        }
        TransactionSynchronizationManager.bindResource(key, true);
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public int getOrder() {
                return FIRST;
            }

            @Override
            public void afterCommit() {
                forget(c.jobId());
            }

            @Override
            public void afterCompletion(int status) {
                TransactionSynchronizationManager.unbindResourceIfPossible(key);
                forget(c.jobId());
            }
        });
    }

    private void forget(String jobId) {
        changes.compute(jobId, (k, now) -> {
            kept.remove(jobId);
            return now == null ? 1 : now + 1;
        });
    }
}
