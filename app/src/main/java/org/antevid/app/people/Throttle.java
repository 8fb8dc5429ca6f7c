package org.antevid.app.people;

import io.github.bucket4j.Bucket;
import java.time.Duration;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import org.antevid.app.problem.TooOften;
import org.springframework.stereotype.Component;

/** Limits tries to sign in: ten a minute for each name or address. */
@Component
public class Throttle {
    private static final int MOST_KEYS = 5000;
    private final Map<String, Bucket> buckets = Collections.synchronizedMap(new LinkedHashMap<>(16, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Bucket> eldest) {
            return size() > MOST_KEYS;
        }
    });

    /** @throws TooOften when the key has used up its tries */
    public void take(String key) {
        Bucket bucket = buckets.computeIfAbsent(key, k -> Bucket.builder()
            .addLimit(l -> l.capacity(10).refillGreedy(10, Duration.ofMinutes(1))).build());
        if (!bucket.tryConsume(1)) {
            throw new TooOften();
        }
    }
}
