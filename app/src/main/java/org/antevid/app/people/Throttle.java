package org.antevid.app.people;

import io.github.bucket4j.Bucket;
import io.github.bucket4j.TimeMeter;
import java.time.Duration;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.concurrent.Semaphore;
import org.antevid.app.problem.TooOften;
import org.springframework.stereotype.Component;

/**
 * Limits wrong tries: by address first, then by name from that address. A name that is tried wrongly often answers ever
 * later, from wherever, but is never shut: nobody can lock another out. Right tries cost nothing. The clock runs on
 * whatever the machine's date does.
 */
@Component
public class Throttle {
    private static final int MOST_KEYS = 5000;
    private static final int OF_AN_ADDRESS = 60;
    private static final int OF_A_NAME_THERE = 10;
    private static final int FREE_OF_DELAY = 5;
    private static final long FIRST_DELAY_MS = 100;
    private static final long LONGEST_DELAY_MS = 2000;
    private static final int MOST_WAITING = 8;
    private final Map<String, Bucket> buckets = Collections.synchronizedMap(new Newest<>());
    private final Map<String, Integer> wrong = Collections.synchronizedMap(new Newest<>());
    private final Semaphore waiting = new Semaphore(MOST_WAITING);

    private static final class Newest<V> extends LinkedHashMap<String, V> {
        Newest() {
            super(16, 0.75f, true);
        }

        @Override
        protected boolean removeEldestEntry(Map.Entry<String, V> eldest) {
            return size() > MOST_KEYS;
        }
    }

    /** One try; say whether it was right. */
    public final class Try {
        private final Bucket address;
        private final Bucket there;
        private final String name;

        private Try(Bucket address, Bucket there, String name) {
            this.address = address;
            this.there = there;
            this.name = name;
        }

        public void right() {
            address.addTokens(1);
            there.addTokens(1);
            wrong.remove(name);
        }
    }

    /**
     * @param address where it comes from
     * @param name who or what is tried, folded
     * @throws TooOften when this address has used up its wrong tries
     */
    public Try begin(String address, String name) {
        Bucket ofAddress = bucket("address " + address, OF_AN_ADDRESS);
        Bucket there = bucket(address + " " + name, OF_A_NAME_THERE);
        if (!ofAddress.tryConsume(1)) {
            throw new TooOften();
        }
        if (!there.tryConsume(1)) {
            throw new TooOften();
        }
        delay(wrong.merge(name, 1, Integer::sum) - 1 - FREE_OF_DELAY);
        return new Try(ofAddress, there, name);
    }

    private void delay(int over) {
        if (over < 0) {
            return;
        }
        if (!waiting.tryAcquire()) {
            throw new TooOften();
        }
        try {
            Thread.sleep(Math.min(LONGEST_DELAY_MS, FIRST_DELAY_MS << Math.min(over, 10)));
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        } finally {
            waiting.release();
        }
    }

    private Bucket bucket(String key, int aMinute) {
        return buckets.computeIfAbsent(key, k -> Bucket.builder()
                .addLimit(l -> l.capacity(aMinute).refillGreedy(aMinute, Duration.ofMinutes(1)))
                .withCustomTimePrecision(TimeMeter.SYSTEM_NANOTIME)
                .build());
    }
}
