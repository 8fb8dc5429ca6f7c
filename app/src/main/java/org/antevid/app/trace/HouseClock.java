package org.antevid.app.trace;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/**
 * What time it is for whatever is written down. One thread may live through an earlier day: what it writes meanwhile is
 * dated then, and goes through the same checks as on the day itself. No other thread sees that.
 */
@Component
public class HouseClock extends Clock {
    private final ThreadLocal<Instant> then = new ThreadLocal<>();

    /**
     * @param at the time it is while this runs
     * @param deed what is done then, on this thread
     * @return what came of it
     * @throws IllegalArgumentException when that time is still to come: nothing is dated ahead
     */
    public <T> T asOf(Instant at, Supplier<T> deed) {
        if (at.isAfter(Instant.now())) {
            throw new IllegalArgumentException("at: " + at + " is still to come");
        }
        Instant before = then.get();
        then.set(at);
        try {
            return deed.get();
        } finally {
            if (before == null) {
                then.remove();
            } else {
                then.set(before);
            }
        }
    }

    /** The same with nothing to come of it. */
    public void at(Instant at, Runnable deed) {
        asOf(at, () -> {
            deed.run();
            return at;
        });
    }

    @Override
    public Instant instant() {
        Instant at = then.get();
        return at == null ? Instant.now() : at;
    }

    @Override
    public ZoneId getZone() {
        return ZoneOffset.UTC;
    }

    @Override
    public Clock withZone(ZoneId zone) {
        throw new UnsupportedOperationException("the house's clock tells instants; a zone is the reader's");
    }
}
