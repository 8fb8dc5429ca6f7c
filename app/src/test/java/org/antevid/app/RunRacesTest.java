package org.antevid.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.antevid.app.people.People;
import org.antevid.app.people.SignedIn;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.springframework.test.web.servlet.MockMvc;

/**
 * HOLD at the same moment as everything else that is written while the work runs: it is always there, and nothing goes
 * on beside it.
 */
@OnRealStore
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class RunRacesTest {
    /** Each is some twenty commits to the disk; {@code ./antevid bench} runs many more. */
    private static final int ROUNDS = Integer.getInteger("races.rounds", 12);

    private final ExecutorService hands = Executors.newFixedThreadPool(4);
    private final RunningJob run;

    RunRacesTest(MockMvc mvc, People people) {
        run = new RunningJob(mvc, people);
    }

    @BeforeAll
    void brief() throws Exception {
        run.briefed(run.saw);
    }

    @AfterAll
    void stop() {
        hands.shutdownNow();
    }

    /** What is done at the moment of the hold; the answer says whether it was a fault of ours. */
    private List<Callable<Calls.Reply>> rivals(int round) {
        SignedIn leader = run.leader;
        return List.of(
                () -> run.on(leader, "POST", "/run/signal-tried", Map.of()),
                () -> run.on(run.saw, "POST", "/run/ready", Map.of("ready", false)),
                () -> run.on(run.watch, "POST", "/run/ready", Map.of("ready", true)),
                () -> run.on(run.saw, "POST", "/run/ticks", Map.of("key", "saw", "done", round % 2 == 0)),
                () -> run.on(leader, "POST", "/run/go", Map.of()),
                () -> run.on(run.watch, "POST", "/run/protections/" + run.path, Map.of("done", round % 3 != 0)),
                () -> run.on(leader, "PUT", "/place/day", Map.of("light", round % 2 == 0 ? "DAY" : "DUSK")),
                () -> run.on(run.saw, "POST", "/run/holds", Map.of("id", "second-" + round)),
                this::liftWhatStands,
                () -> run.on(
                        leader,
                        "PUT",
                        "/stems/" + run.stem + "/cuts/opened",
                        Map.of("soundLeftM", 0.5, "soundRightM", 0.5, "wood", "SOUND")));
    }

    private Calls.Reply liftWhatStands() throws Exception {
        JsonNode holds = run.on(run.leader, "GET", "/run/holds", null).body();
        if (holds.isEmpty() || holds.get(0).get("lifted").asBoolean()) {
            return run.on(run.leader, "GET", "/run/holds", null);
        }
        return run.on(
                run.leader,
                "POST",
                "/run/holds/" + holds.get(0).get("id").asText() + "/lift",
                Map.of(
                        "reason",
                        "LOOKED",
                        "through",
                        holds.get(0).get("through").asLong()));
    }

    @Test
    void aHoldIsNeverLostAndLeavesNoGo() throws Exception {
        int goings = 0;
        for (int round = 0; round < ROUNDS; round++) {
            Random random = new Random(round);
            liftWhatStands();
            if (run.on(run.leader, "GET", "/place", null)
                    .body()
                    .get("light")
                    .asText()
                    .equals("DUSK")) {
                run.on(run.leader, "PUT", "/place/day", Map.of("light", "DAY"));
            }
            if (run.run(run.leader).get("against").toString().contains("PLAN_CHANGED")) {
                run.issue();
            }
            run.allReady(run.saw);
            boolean wasGoing = random.nextInt(4) > 0
                    && run.on(run.leader, "POST", "/run/go", Map.of()).status() == 204;
            goings += wasGoing ? 1 : 0;
            List<Callable<Calls.Reply>> rivals = rivals(round);
            String id = "hold-" + round;
            CyclicBarrier start = new CyclicBarrier(3);
            Future<Calls.Reply> hold = hands.submit(() -> {
                start.await();
                return run.on(run.watch, "POST", "/run/holds", Map.of("id", id, "reason", ""));
            });
            List<Future<Calls.Reply>> others = new ArrayList<>();
            for (int k = 0; k < 2; k++) {
                Callable<Calls.Reply> rival = rivals.get(random.nextInt(rivals.size()));
                others.add(hands.submit(() -> {
                    start.await();
                    return rival.call();
                }));
            }
            assertThat(hold.get().status()).as("round " + round).isEqualTo(204);
            for (Future<Calls.Reply> o : others) {
                assertThat(o.get().status())
                        .as("round " + round + ": " + o.get().text())
                        .isLessThan(500);
            }
            assertThat(pressed()).as("round " + round).contains(id);
            assertThat(run.isGoing())
                    .as("round " + round + ": nothing goes after a hold")
                    .isFalse();
            liftWhatStands();
            assertThat(run.isGoing())
                    .as("round " + round + ": nor after its lift")
                    .isFalse();
        }
        assertThat(goings).as("rounds that had a go to lose").isGreaterThan(ROUNDS / 3);
        assertThat(pressed()).hasSizeGreaterThanOrEqualTo(ROUNDS);
    }

    /** @return the ids of all presses, whatever hold they came to belong to */
    private Set<String> pressed() throws Exception {
        Set<String> ids = new HashSet<>();
        JsonNode holds = run.on(run.leader, "GET", "/run/holds", null).body();
        for (JsonNode h : holds) {
            h.get("presses").forEach(p -> ids.add(p.get("id").asText()));
        }
        return ids;
    }

    @Test
    void theSameHoldSentManyTimesAtOnceIsOnePress() throws Exception {
        for (int round = 0; round < 20; round++) {
            String id = "same-" + round;
            CyclicBarrier start = new CyclicBarrier(4);
            List<Future<Integer>> answers = new ArrayList<>();
            for (int k = 0; k < 4; k++) {
                answers.add(hands.submit(() -> {
                    start.await();
                    return run.on(run.watch, "POST", "/run/holds", Map.of("id", id))
                            .status();
                }));
            }
            for (Future<Integer> a : answers) {
                assertThat(a.get()).isEqualTo(204);
            }
            JsonNode holds = run.on(run.leader, "GET", "/run/holds", null).body();
            assertThat(holds.get(0).get("presses"))
                    .filteredOn(p -> p.get("id").asText().equals(id))
                    .hasSize(1);
        }
        liftWhatStands();
    }
}
