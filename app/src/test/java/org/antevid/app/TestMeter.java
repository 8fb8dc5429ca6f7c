package org.antevid.app;

import java.time.Duration;
import java.time.Instant;
import org.antevid.app.instrument.Anemometer;
import org.antevid.core.quantity.Estimate;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Primary;

/** The program's own wind meter, until a test says what it reads: one server for all of them. */
@TestConfiguration
class TestMeter {
    static volatile boolean told;
    static volatile double gustMs = 3;
    static volatile Duration age = Duration.ZERO;
    static volatile long readBy = -1;
    static volatile double risesTo;

    /** From now on it reads a light wind, of this moment. */
    static void calm() {
        told = true;
        gustMs = 3;
        age = Duration.ZERO;
    }

    @Bean
    @Primary
    Anemometer meter(@Qualifier("simulatedAnemometer") Anemometer usual) {
        return () -> told
                ? new Anemometer.Reading(
                        new Estimate(next(), 0.5), 240, true, Instant.now().minus(age))
                : usual.now();
    }

    /** The thread that asks next reads the gust as it was; whatever it reads after that has risen. */
    private static double next() {
        if (readBy == Thread.currentThread().getId()) {
            double now = gustMs;
            gustMs = risesTo;
            readBy = -1;
            return now;
        }
        return gustMs;
    }
}
