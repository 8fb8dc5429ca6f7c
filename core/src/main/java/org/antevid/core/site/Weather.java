package org.antevid.core.site;

import java.util.List;
import java.util.Optional;
import org.antevid.core.quantity.Estimate;

/**
 * Wind now and the bulletin for the next hours.
 *
 * @param gustNow gust at crown height, m/s; empty when nothing measures it
 */
public record Weather(Optional<Estimate> gustNow, List<Hour> ahead, GroundState ground, Light light, CrownLoad load) {
    /**
     * One hour of the bulletin.
     *
     * @param inHours from now, 1 the next
     * @param label the hour as people say it, "14:00"
     */
    public record Hour(
            int inHours, String label, double gustMs, double fromDeg, double rainMm, double airC, Light light) {}

    public Weather {
        ahead = List.copyOf(ahead);
    }

    public static Weather calm(Estimate gust) {
        return new Weather(Optional.of(gust), List.of(), GroundState.FIRM, Light.DAY, CrownLoad.NONE);
    }
}
