package org.antevid.app.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import org.antevid.app.house.HouseChanged;
import org.antevid.core.site.Ground;
import org.antevid.core.site.Site;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** A kept place is never an old one. */
class KeptTest {
    private final JobCache kept = new JobCache();
    private final AtomicInteger made = new AtomicInteger();

    private Site make() {
        made.incrementAndGet();
        return new Site(Ground.LEVEL, List.of());
    }

    @AfterEach
    void clear() {
        if (TransactionSynchronizationManager.isSynchronizationActive()) {
            TransactionSynchronizationManager.clearSynchronization();
        }
    }

    @Test
    void itIsMadeOnceUntilItsJobChanges() {
        Site first = kept.ofPlan("a", "place", this::make);
        assertThat(kept.ofPlan("a", "place", this::make)).isSameAs(first);
        kept.changed(new JobChanged("b", Change.PLACE));
        assertThat(kept.ofPlan("a", "place", this::make))
                .as("another job's change")
                .isSameAs(first);
        kept.changed(new JobChanged("a", Change.PLACE));
        assertThat(kept.ofPlan("a", "place", this::make)).isNotSameAs(first);
        assertThat(made).hasValue(2);
    }

    /** A house with very many jobs at work does not make everything anew for each of them. */
    @Test
    void whatNobodyAskedForLongestMakesRoomForOthers() {
        Site first = kept.ofPlan("a", "place", this::make);
        for (int i = 0; i < 200; i++) {
            kept.ofPlan("other" + i, "place", this::make);
            assertThat(kept.ofPlan("a", "place", this::make)).isSameAs(first);
        }
        Site other = kept.ofPlan("other199", "place", this::make);
        made.set(0);
        assertThat(kept.ofPlan("other199", "place", this::make)).isSameAs(other);
        kept.ofPlan("other0", "place", this::make);
        assertThat(made).as("the oldest was given up").hasValue(1);
    }

    @Test
    void whatWasReadWhileSomethingChangedIsNotKept() {
        kept.ofPlan("a", "place", () -> {
            Site old = make();
            kept.changed(new JobChanged("a", Change.PLACE));
            return old;
        });
        kept.ofPlan("a", "place", this::make);
        assertThat(made).hasValue(2);
    }

    @Test
    void aTransactionThatChangedTheJobMakesItsOwnAndLeavesNothingBehind() {
        Site before = kept.ofPlan("a", "place", this::make);
        TransactionSynchronizationManager.initSynchronization();
        kept.changed(new JobChanged("a", Change.PLACE));
        kept.changed(new JobChanged("a", Change.PLACE));
        Site inside = kept.ofPlan("a", "place", this::make);
        assertThat(kept.ofPlan("a", "place", this::make))
                .as("what is not committed is not kept")
                .isNotSameAs(inside);
        List<TransactionSynchronization> ends = TransactionSynchronizationManager.getSynchronizations();
        ends.forEach(e -> e.afterCompletion(TransactionSynchronization.STATUS_ROLLED_BACK));
        Site after = kept.ofPlan("a", "place", this::make);
        assertThat(after).isNotSameAs(before).isNotSameAs(inside);
        assertThat(kept.ofPlan("a", "place", this::make)).isSameAs(after);
    }

    @Test
    void theRunChangesWithoutThePlanAndThePlanNeverWithoutTheRun() {
        Site plan = kept.ofPlan("a", "place", this::make);
        Site run = kept.ofRun("a", "place", this::make);
        kept.changed(new JobChanged("a", Change.RUN));
        assertThat(kept.ofPlan("a", "place", this::make)).isSameAs(plan);
        assertThat(kept.ofRun("a", "place", this::make)).isNotSameAs(run);
        kept.changed(new HouseChanged());
        assertThat(kept.ofPlan("a", "place", this::make)).isNotSameAs(plan);
    }

    @Test
    void itDoesNotGrowWithoutEnd() {
        for (int i = 0; i < 200; i++) {
            kept.ofPlan("job " + i, "place", this::make);
        }
        int so = made.get();
        kept.ofPlan("job 199", "place", this::make);
        assertThat(made).hasValue(so);
        kept.ofPlan("job 0", "place", this::make);
        assertThat(made).as("forgotten long ago").hasValue(so + 1);
    }

    /** On a slow machine a plan takes seconds: everybody who asks meanwhile waits for the one that is being made. */
    @Test
    void whatTakesLongIsMadeOnceForEverybodyWhoAsksMeanwhile() {
        List<CompletableFuture<Site>> asked = IntStream.range(0, 6)
                .mapToObj(i -> CompletableFuture.supplyAsync(
                        () -> kept.ofPlan("a", "place", () -> {
                            pause(3000);
                            return make();
                        }),
                        Executors.newSingleThreadExecutor()))
                .toList();
        Site first = asked.get(0).join();
        asked.forEach(a -> assertThat(a.join()).isSameAs(first));
        assertThat(made).hasValue(1);
    }

    private static void pause(long ms) {
        try {
            Thread.sleep(ms);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
