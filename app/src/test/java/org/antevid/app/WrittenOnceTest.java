package org.antevid.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpRequest;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.antevid.app.people.Office;
import org.antevid.app.people.People;
import org.antevid.core.crew.Competence;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.springframework.boot.test.web.server.LocalServerPort;

/** Who did not hear the answer asks again: one record, the same answer. Another write under the same id is refused. */
@OnRealSockets
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class WrittenOnceTest {
    private static final String PASSPHRASE = "two ladders and a bell";
    private static final String STEM =
            "{\"species\":\"QUERCUS\",\"state\":\"STANDING\",\"at\":{\"eastM\":%d,\"northM\":0},\"wood\":{\"left\":\"SOUND\",\"right\":\"SOUND\",\"back\":\"SOUND\","
                    + "\"core\":\"SOUND\",\"crown\":\"SOUND\"},\"shape\":\"FOREST\",\"crown\":\"FOREST_BROADLEAF\",\"toBeKept\":false}";
    private final int port;
    private final People people;
    private Browser leader;
    private String job;

    WrittenOnceTest(@LocalServerPort int port, People people) {
        this.port = port;
        this.people = people;
    }

    @BeforeAll
    void open() throws Exception {
        people.add("Magnhild Ore", Office.LEADER, Optional.of(PASSPHRASE), Set.of(Competence.SAW));
        leader = Browser.signedIn(port, "Magnhild Ore", PASSPHRASE);
        job = leader.post("/api/jobs", Map.of("name", "Ladders", "place", "a yard", "visitOn", "2026-11-27"))
                .body()
                .get("jobId")
                .asText();
    }

    private Browser.Answer write(String path, String id, String body) throws Exception {
        return leader.send(
                "POST",
                path,
                HttpRequest.BodyPublishers.ofString(body),
                Map.of("Content-Type", "application/json", "X-Write-Id", id));
    }

    private int stems(String ofJob) throws Exception {
        return leader.get("/api/jobs/" + ofJob + "/stems").body().size();
    }

    @Test
    void askedAgainItIsTheSameStemAndTheSameAnswer() throws Exception {
        int before = stems(job);
        Browser.Answer first = write("/api/jobs/" + job + "/stems", "again-1", String.format(STEM, 1));
        Browser.Answer second = write("/api/jobs/" + job + "/stems", "again-1", String.format(STEM, 1));
        assertThat(second.text()).isEqualTo(first.text()).contains("id");
        assertThat(stems(job)).isEqualTo(before + 1);
        Browser.Answer other = write("/api/jobs/" + job + "/stems", "again-1", String.format(STEM, 2));
        assertThat(other.status()).isEqualTo(409);
        assertThat(other.code()).isEqualTo("SENT_OTHERWISE");
        assertThat(stems(job)).isEqualTo(before + 1);
    }

    @Test
    void theIdIsLookedUpWithinTheJob() throws Exception {
        String second = leader.post(
                        "/api/jobs", Map.of("name", "Ladders two", "place", "a yard", "visitOn", "2026-11-27"))
                .body()
                .get("jobId")
                .asText();
        assertThat(write("/api/jobs/" + job + "/stems", "both", String.format(STEM, 3))
                        .status())
                .isEqualTo(201);
        assertThat(write("/api/jobs/" + second + "/stems", "both", String.format(STEM, 4))
                        .status())
                .isEqualTo(201);
        assertThat(stems(second)).isEqualTo(1);
        Map<String, Object> sighting = Map.of("id", "own-1", "kind", "GIRTH", "numbers", Map.of("girthM", 1.5));
        for (String j : List.of(job, second)) {
            String stem = leader.get("/api/jobs/" + j + "/stems")
                    .body()
                    .get(0)
                    .get("id")
                    .asText();
            assertThat(leader.post("/api/jobs/" + j + "/stems/" + stem + "/sightings", sighting)
                            .status())
                    .isEqualTo(201);
            assertThat(leader.post("/api/jobs/" + j + "/stems/" + stem + "/sightings", sighting)
                            .status())
                    .isEqualTo(201);
            assertThat(leader.get("/api/jobs/" + j + "/stems").body().get(0).get("sightings"))
                    .as("kept on both jobs, once")
                    .hasSize(1);
            Map<String, Object> another = Map.of("id", "own-1", "kind", "GIRTH", "numbers", Map.of("girthM", 2.5));
            assertThat(leader.post("/api/jobs/" + j + "/stems/" + stem + "/sightings", another)
                            .status())
                    .isEqualTo(409);
        }
    }

    @Test
    void sentManyTimesAtOnceItIsOneAndNobodyIsRefused() throws Exception {
        ExecutorService hands = Executors.newFixedThreadPool(6);
        int before = stems(job);
        for (int round = 0; round < 12; round++) {
            String id = "at-once-" + round;
            CyclicBarrier start = new CyclicBarrier(6);
            List<Future<Integer>> answers = new ArrayList<>();
            for (int k = 0; k < 6; k++) {
                answers.add(hands.submit(() -> {
                    start.await();
                    return write("/api/jobs/" + job + "/stems", id, String.format(STEM, 50))
                            .status();
                }));
            }
            for (Future<Integer> a : answers) {
                assertThat(a.get()).isBetween(200, 204);
            }
        }
        hands.shutdown();
        assertThat(stems(job)).isEqualTo(before + 12);
    }

    @Test
    void aJobOpenedTwiceWithOneTapIsOneJob() throws Exception {
        String body = "{\"name\":\"Tap\",\"place\":\"x\",\"visitOn\":\"2026-11-27\"}";
        String first = write("/api/jobs", "tap", body).body().get("jobId").asText();
        assertThat(write("/api/jobs", "tap", body).body().get("jobId").asText()).isEqualTo(first);
    }
}
