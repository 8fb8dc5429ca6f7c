package org.antevid.app;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.antevid.app.people.People;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.MockMvc;

/** A board of a thousand jobs: prints what a page of it takes, asserts nothing. Run by {@code ./antevid bench}. */
@OnRealStore
class BoardBench {
    private static final int JOBS = 1000;
    private static final int TIMES = 40;
    private final RunningJob run;
    private final Calls calls;

    BoardBench(MockMvc mvc, People people) {
        run = new RunningJob(mvc, people);
        calls = new Calls(mvc, people);
    }

    @Test
    void aPageOfAThousandJobs() throws Exception {
        run.briefed(run.saw);
        for (int i = 1; i < JOBS; i++) {
            calls.open(run.leader, "Job " + i);
        }
        System.out.printf(Locale.ROOT, "board of %d jobs, first page never looked at: %.0f ms%n", JOBS, ms(0));
        List<Double> again = new ArrayList<>();
        for (int i = 0; i < TIMES; i++) {
            again.add(ms(0));
        }
        again.sort(null);
        System.out.printf(
                Locale.ROOT,
                "the same again: median %.0f ms, 95 %% within %.0f ms, %d bytes%n",
                again.get(TIMES / 2),
                again.get(TIMES * 95 / 100),
                calls.call(run.leader, "GET", "/api/board", null).text().length());
    }

    private double ms(int page) throws Exception {
        long begun = System.nanoTime();
        calls.call(run.leader, "GET", "/api/board?page=" + page, null);
        return (System.nanoTime() - begun) / 1e6;
    }
}
