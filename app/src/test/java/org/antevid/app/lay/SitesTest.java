package org.antevid.app.lay;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import org.antevid.app.job.JobChanged;
import org.antevid.core.site.Ground;
import org.antevid.core.site.Site;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** A kept place is never an old one. */
class SitesTest {
    private final Sites sites = new Sites();
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
        Site first = sites.of("a", this::make);
        assertThat(sites.of("a", this::make)).isSameAs(first);
        sites.changed(new JobChanged("b", "place"));
        assertThat(sites.of("a", this::make)).as("another job's change").isSameAs(first);
        sites.changed(new JobChanged("a", "place"));
        assertThat(sites.of("a", this::make)).isNotSameAs(first);
        assertThat(made).hasValue(2);
    }

    @Test
    void whatWasReadWhileSomethingChangedIsNotKept() {
        sites.of("a", () -> {
            Site old = make();
            sites.changed(new JobChanged("a", "place"));
            return old;
        });
        sites.of("a", this::make);
        assertThat(made).hasValue(2);
    }

    @Test
    void aTransactionThatChangedTheJobMakesItsOwnAndLeavesNothingBehind() {
        Site before = sites.of("a", this::make);
        TransactionSynchronizationManager.initSynchronization();
        sites.changed(new JobChanged("a", "place"));
        sites.changed(new JobChanged("a", "place"));
        Site inside = sites.of("a", this::make);
        assertThat(sites.of("a", this::make)).as("what is not committed is not kept").isNotSameAs(inside);
        List<TransactionSynchronization> ends = TransactionSynchronizationManager.getSynchronizations();
        assertThat(ends).hasSize(1);
        ends.forEach(e -> e.afterCompletion(TransactionSynchronization.STATUS_ROLLED_BACK));
        Site after = sites.of("a", this::make);
        assertThat(after).isNotSameAs(before).isNotSameAs(inside);
        assertThat(sites.of("a", this::make)).isSameAs(after);
    }

    @Test
    void itDoesNotGrowWithoutEnd() {
        for (int i = 0; i < 200; i++) {
            sites.of("job " + i, this::make);
        }
        int so = made.get();
        sites.of("job 199", this::make);
        assertThat(made).hasValue(so);
        sites.of("job 0", this::make);
        assertThat(made).as("forgotten long ago").hasValue(so + 1);
    }
}
