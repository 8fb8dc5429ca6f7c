package org.antevid.app.job;

import java.util.Comparator;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.Supplier;
import org.antevid.app.house.HouseChanged;
import org.antevid.app.people.PeopleChanged;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * What was computed for a job, kept until something of the job changes: many phones ask for the same answer at once. A
 * transaction that has changed the job computes its own; what was computed while another committed is not kept.
 */
@Component
public class JobCache {
    private static final int MOST_JOBS = 64;
    private static final int MOST_ANSWERS = 32;
    private static final long LONGEST_WAIT_MS = 10_000;
    /** Before the listeners of the commit are told, so that what they ask for is new. */
    private static final int FIRST = Integer.MIN_VALUE;

    private final Map<String, Shelf> plans = new ConcurrentHashMap<>();
    private final Map<String, Shelf> runs = new ConcurrentHashMap<>();
    private final AtomicLong asks = new AtomicLong();

    private record Changing(String jobId) {}

    /**
     * The answers of one version of a job; a change puts a new shelf up. What is put on one that was taken down is seen
     * by nobody later.
     */
    private static final class Shelf {
        private final Map<Object, Object> answers = new ConcurrentHashMap<>();
        private final Map<Object, ReentrantLock> making = new ConcurrentHashMap<>();
        /** Which ask of all was the last here: what nobody has asked for longest makes room. */
        private volatile long asked;
    }

    /** A transaction stays at the shelf it first asked: what it has read may be older than a shelf put up since. */
    private record Asking(Map<String, Shelf> shelves, String jobId) {
        @Override
        public boolean equals(Object o) {
            return o instanceof Asking a && a.shelves == shelves && a.jobId.equals(jobId);
        }

        @Override
        public int hashCode() {
            return 31 * System.identityHashCode(shelves) + jobId.hashCode();
        }
    }

    /**
     * @param key what was asked, with everything beside the plan that the answer rests on (the gust, the day) @return
     *     kept until the plan changes
     */
    public <T> T ofPlan(String jobId, Object key, Supplier<T> make) {
        return of(plans, jobId, key, make);
    }

    /** @return kept until anything of the job changes, the run included */
    public <T> T ofRun(String jobId, Object key, Supplier<T> make) {
        return of(runs, jobId, key, make);
    }

    @SuppressWarnings("unchecked")
    private <T> T of(Map<String, Shelf> shelves, String jobId, Object key, Supplier<T> make) {
        if (TransactionSynchronizationManager.hasResource(new Changing(jobId))) {
            return make.get();
        }
        Shelf shelf = shelf(shelves, jobId);
        Object known = shelf.answers.get(key);
        return known != null ? (T) known : madeOnce(shelf, jobId, key, make);
    }

    /**
     * A screen asks for six things at once that rest on the same: the second waits for the first one's answer. What
     * takes very long is made by the second too, as the first may wait for a connection that those who wait for it
     * hold; not sooner, or a server that has just begun makes the same plan for everybody who asks, and answers nobody.
     */
    @SuppressWarnings("unchecked")
    private static <T> T madeOnce(Shelf shelf, String jobId, Object key, Supplier<T> make) {
        ReentrantLock lock = shelf.making.computeIfAbsent(key, k -> new ReentrantLock());
        boolean mine = got(lock);
        try {
            Object known = shelf.answers.get(key);
            if (known != null) {
                return (T) known;
            }
            T made = make.get();
            if (shelf.answers.size() >= MOST_ANSWERS) {
                shelf.answers.clear();
                shelf.making.clear();
            }
            if (!TransactionSynchronizationManager.hasResource(new Changing(jobId))) {
                shelf.answers.put(key, made);
            }
            return made;
        } finally {
            if (mine) {
                lock.unlock();
            }
        }
    }

    private static boolean got(ReentrantLock lock) {
        try {
            return lock.tryLock(LONGEST_WAIT_MS, TimeUnit.MILLISECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return false;
        }
    }

    private Shelf shelf(Map<String, Shelf> shelves, String jobId) {
        Asking key = new Asking(shelves, jobId);
        if (TransactionSynchronizationManager.getResource(key) instanceof Shelf own) {
            return own;
        }
        Shelf shelf = shelves.computeIfAbsent(jobId, j -> new Shelf());
        shelf.asked = asks.incrementAndGet();
        if (shelves.size() > MOST_JOBS) {
            shelves.entrySet().stream()
                    .min(Comparator.comparingLong(e -> e.getValue().asked))
                    .ifPresent(longest -> shelves.remove(longest.getKey(), longest.getValue()));
        }
        if (TransactionSynchronizationManager.isSynchronizationActive()) {
            TransactionSynchronizationManager.bindResource(key, shelf);
            TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
                @Override
                public void afterCompletion(int status) {
                    TransactionSynchronizationManager.unbindResourceIfPossible(key);
                }
            });
        }
        return shelf;
    }

    @EventListener
    void changed(HouseChanged c) {
        onceAndAgainAfter(new Changing(""), () -> {
            plans.clear();
            runs.clear();
        });
    }

    @EventListener
    void changed(PeopleChanged c) {
        changed(new HouseChanged());
    }

    @EventListener
    void changed(JobChanged c) {
        onceAndAgainAfter(new Changing(c.jobId()), () -> {
            if (c.what() != Change.SEEN) {
                runs.remove(c.jobId());
            }
            if (c.what().touchesPlan()) {
                plans.remove(c.jobId());
            }
        });
    }

    private static void onceAndAgainAfter(Changing key, Runnable forget) {
        forget.run();
        if (!TransactionSynchronizationManager.isSynchronizationActive()) {
            return;
        }
        if (!TransactionSynchronizationManager.hasResource(key)) {
            TransactionSynchronizationManager.bindResource(key, true);
        }
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public int getOrder() {
                return FIRST;
            }

            @Override
            public void afterCommit() {
                forget.run();
            }

            @Override
            public void afterCompletion(int status) {
                TransactionSynchronizationManager.unbindResourceIfPossible(key);
                forget.run();
            }
        });
    }
}
