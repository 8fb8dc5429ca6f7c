package org.antevid.app;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.Set;
import org.antevid.app.logbook.FallFiles;
import org.antevid.app.people.Office;
import org.antevid.app.people.People;
import org.antevid.app.people.SignedIn;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.MockMvc;

/** A logbook of 5,000 falls: prints what reading them in and filtering take, asserts nothing. */
@OnRealStore
class LogbookBench {
    private static final int FALLS = 5000;
    private static final int TIMES = 40;
    private final Calls calls;
    private final FallFiles files;
    private final SignedIn owner;

    LogbookBench(MockMvc mvc, People people, FallFiles files) {
        calls = new Calls(mvc, people);
        this.files = files;
        owner = calls.person("Orla Thwaite", Office.OWNER, Set.of());
    }

    private static byte[] table() {
        StringBuilder t = new StringBuilder(header()).append("\r\n");
        Random draws = new Random(1);
        List<String> species = List.of("alnus", "picea", "populus", "quercus", "tilia");
        List<String> means = List.of("wedges", "nothing", "machine_line");
        for (int i = 0; i < FALLS; i++) {
            double lay = draws.nextInt(360);
            double fell = (lay + 2.5 * draws.nextGaussian() + 360) % 360;
            t.append("Job ").append(i / 6).append(",S").append(i % 6 + 1).append(',');
            t.append(Instant.parse("2020-01-01T09:00:00Z").plus(i, ChronoUnit.HOURS))
                    .append(',');
            t.append("Sawyer ")
                    .append(i % 20)
                    .append(',')
                    .append(species.get(i % 5))
                    .append(",open_face,");
            t.append(means.get(i % 3)).append(",sound,").append(lay).append(",0,2.5,18,kept,tape,");
            t.append(fell).append(",18.2,").append(i % 9).append("\r\n");
        }
        return t.toString().getBytes(StandardCharsets.UTF_8);
    }

    private static String header() {
        return "job,stem,felled,sawyer,species,cut,means,wood,lay_deg,bias_deg,spread_deg,expected_m,control,"
                + "measured_by,fell_deg,distance_m,gust_ms";
    }

    @Test
    void fiveThousandFalls() throws Exception {
        byte[] table = table();
        long begun = System.nanoTime();
        files.in(table, owner);
        System.out.printf(Locale.ROOT, "reading %d falls in: %.0f ms%n", FALLS, ms(begun));
        for (String filter : List.of("", "?species=TILIA", "?means=WEDGES&gustFromMs=5")) {
            List<Double> took = new ArrayList<>();
            for (int i = 0; i < TIMES; i++) {
                long at = System.nanoTime();
                calls.call(owner, "GET", "/api/logbook" + filter, null);
                took.add(ms(at));
            }
            took.sort(null);
            System.out.printf(
                    Locale.ROOT,
                    "logbook%s: median %.0f ms, 95 %% within %.0f ms%n",
                    filter,
                    took.get(TIMES / 2),
                    took.get(TIMES * 95 / 100));
        }
        long at = System.nanoTime();
        files.out(owner);
        System.out.printf(Locale.ROOT, "writing them out: %.0f ms%n", ms(at));
    }

    private static double ms(long begun) {
        return (System.nanoTime() - begun) / 1e6;
    }
}
