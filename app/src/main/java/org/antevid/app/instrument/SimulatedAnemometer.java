package org.antevid.app.instrument;

import java.time.Clock;
import org.antevid.core.quantity.Estimate;
import org.springframework.stereotype.Component;

/** Repeatable wind: a slow swing between 4 and 7 m/s over forty minutes, the same at the same minute of every day. */
@Component
class SimulatedAnemometer implements Anemometer {
    private final Clock clock;

    SimulatedAnemometer(Clock clock) {
        this.clock = clock;
    }

    @Override
    public Reading now() {
        double minute = clock.instant().getEpochSecond() / 60 % 40;
        double swing = Math.sin(2 * Math.PI * minute / 40);
        double gust = Math.rint((5.5 + 1.5 * swing) * 10) / 10;
        return new Reading(new Estimate(gust, 1), Math.rint(240 + 15 * swing), true, clock.instant());
    }
}
