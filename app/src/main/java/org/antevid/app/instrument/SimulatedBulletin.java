package org.antevid.app.instrument;

import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;
import org.antevid.core.site.Light;
import org.antevid.core.site.Weather;
import org.springframework.stereotype.Component;

/** Repeatable weather: a quiet November day, the same at the same hour of every day; light from 7 to 17. */
@Component
class SimulatedBulletin implements Bulletin {
    private static final int HOURS = 6;

    @Override
    public Issue now() {
        int hour = LocalTime.now(ZoneId.systemDefault()).getHour();
        return new Issue(
                List.copyOf(IntStream.rangeClosed(1, HOURS)
                        .mapToObj(i -> hour(i, (hour + i) % 24))
                        .toList()),
                true);
    }

    private static Weather.Hour hour(int in, int hour) {
        double swing = Math.sin(2 * Math.PI * (hour - 9) / 24);
        Light light = hour < 7 || hour >= 17 ? Light.DARK : hour == 7 || hour == 16 ? Light.DUSK : Light.DAY;
        return new Weather.Hour(
                in,
                String.format(Locale.ROOT, "%02d:00", hour),
                Math.rint(10 * (5.2 + 1.2 * swing)) / 10,
                Math.rint(245 + 15 * swing),
                hour % 6 == 0 ? 0.4 : 0,
                Math.rint(6 + 4 * swing),
                light);
    }
}
