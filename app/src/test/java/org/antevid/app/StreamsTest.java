package org.antevid.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import org.antevid.app.people.Office;
import org.antevid.app.people.People;
import org.antevid.core.crew.Competence;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.springframework.boot.test.web.server.LocalServerPort;

/**
 * The job's stream: a hold comes inside its event, receipts together, rights are asked again, and one that stalls
 * delays nobody.
 */
@OnRealSockets
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class StreamsTest {
    private static final String PASSPHRASE = "wet rope on the bollard";
    private final int port;
    private final People people;
    private Browser leader;
    private String job;
    private String code;

    StreamsTest(@LocalServerPort int port, People people) {
        this.port = port;
        this.people = people;
    }

    @BeforeAll
    void hire() throws Exception {
        people.add("Ylva Brook", Office.LEADER, Optional.of(PASSPHRASE), Set.of(Competence.values()));
        leader = Browser.signedIn(port, "Ylva Brook", PASSPHRASE);
        job = leader.post("/api/jobs", Map.of("name", "Brook", "place", "a ford", "visitOn", "2026-11-27"))
                .body()
                .get("jobId")
                .asText();
        code = leader.get("/api/jobs/" + job).body().get("code").asText();
    }

    private Browser crew(String name) throws Exception {
        String id = people.add(name, Office.CREW, Optional.empty(), Set.of(Competence.GROUND))
                .id();
        leader.post("/api/jobs/" + job + "/members", Map.of("personId", id));
        Browser b = new Browser(port);
        Map<String, Object> join = Map.of(
                "code",
                code,
                "personId",
                id,
                "pin",
                "8642",
                "word",
                people.pin(id).firstWord().orElseThrow());
        assertThat(b.post("/api/join", join).status()).isEqualTo(200);
        return b;
    }

    /** Somebody who listens, on a socket of their own. */
    private final class Listener implements AutoCloseable {
        private final Socket socket;
        private final BlockingQueue<String> events = new LinkedBlockingQueue<>();
        private volatile boolean ended;
        private volatile String answer = "nothing yet";

        Listener(Browser who) throws IOException {
            socket = ask(who);
            Thread t = new Thread(this::read);
            t.setDaemon(true);
            t.start();
        }

        private void read() {
            try (BufferedReader in =
                    new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.UTF_8))) {
                String name = "";
                for (String line = in.readLine(); line != null; line = in.readLine()) {
                    if (line.startsWith("HTTP/")) {
                        answer = line;
                    } else if (line.startsWith("event:")) {
                        name = line.substring(6);
                    } else if (line.startsWith("data:")) {
                        events.add(name + " " + line.substring(5));
                    }
                }
            } catch (IOException e) {
                // closed from this side
            }
            ended = true;
        }

        String next(String start) throws InterruptedException {
            for (String e = events.poll(15, TimeUnit.SECONDS); e != null; e = events.poll(15, TimeUnit.SECONDS)) {
                if (e.startsWith(start)) {
                    return e;
                }
            }
            throw new AssertionError("no event " + start + " after " + answer + (ended ? ", ended" : ""));
        }

        boolean endsWithin(Duration d) throws InterruptedException {
            for (long late = System.nanoTime() + d.toNanos(); System.nanoTime() < late && !ended; ) {
                Thread.sleep(20);
            }
            return ended;
        }

        @Override
        public void close() throws IOException {
            socket.close();
        }
    }

    private Socket ask(Browser who) throws IOException {
        Socket s = new Socket();
        s.setReceiveBufferSize(2048);
        s.connect(new java.net.InetSocketAddress("localhost", port));
        s.getOutputStream()
                .write(("GET /api/jobs/" + job + "/live HTTP/1.0\r\nHost: x\r\nCookie: " + who.cookieHeader()
                                + "\r\n\r\n")
                        .getBytes(StandardCharsets.UTF_8));
        return s;
    }

    private void press(Browser who, String id, String reason) throws Exception {
        assertThat(who.post("/api/jobs/" + job + "/run/holds", Map.of("id", id, "reason", reason))
                        .status())
                .isEqualTo(204);
    }

    private void lift() throws Exception {
        var hold = leader.get("/api/jobs/" + job + "/run/holds").body().get(0);
        leader.post(
                "/api/jobs/" + job + "/run/holds/" + hold.get("id").asText() + "/lift",
                Map.of("reason", "LOOKED", "through", hold.get("through").asLong()));
    }

    @Test
    void aHoldTravelsInItsEventAndReceiptsComeTogether() throws Exception {
        Browser brid = crew("Brid Low");
        List<Browser> others = List.of(crew("Finn Low"), crew("Greta Low"), crew("Hale Low"));
        try (Listener l = new Listener(brid)) {
            assertThat(l.next("hold"))
                    .as("what stands is told to whoever comes")
                    .isEqualTo("hold {}");
            press(leader, "s1", "dog");
            assertThat(l.next("hold"))
                    .contains("\"who\":\"Ylva Brook\"")
                    .contains("\"reason\":\"dog\"")
                    .contains("\"lifted\":false");
            for (Browser b : others) {
                b.post("/api/jobs/" + job + "/run/holds/s1/receipts", Map.of("state", "SEEN"));
            }
            String together = l.next("hold");
            while (!together.contains("Hale Low")) {
                together = l.next("hold");
            }
            assertThat(together).contains("Finn Low").contains("Greta Low");
            lift();
            assertThat(l.next("hold {}")).isEqualTo("hold {}");
        }
    }

    /** Somebody reads another language than the leader: what the hold was called for is in theirs. */
    @Test
    void whatTravelsInTheEventIsInTheWordsOfWhoeverListens() throws Exception {
        Browser pia = crew("Pia Low");
        assertThat(pia.put("/api/session/manner", Map.of("language", "SPANISH", "units", "METRIC"))
                        .status())
                .isLessThan(300);
        try (Listener hers = new Listener(pia);
                Listener his = new Listener(leader)) {
            press(leader, "s2", "");
            leader.post("/api/jobs/" + job + "/run/holds/s2/surprise", Map.of("what", "HUNG", "id", "s3"));
            assertThat(nextOf(hers, "Surprise.HUNG"))
                    .contains("está enganchado")
                    .doesNotContain("it hangs");
            assertThat(nextOf(his, "Surprise.HUNG")).contains("it hangs");
            lift();
        }
    }

    private static String nextOf(Listener l, String word) throws InterruptedException {
        String event = l.next("hold");
        while (!event.contains(word)) {
            event = l.next("hold");
        }
        return event;
    }

    @Test
    void onlyWhatChangedIsNamed() throws Exception {
        try (Listener l = new Listener(leader)) {
            l.next("hold");
            leader.put("/api/jobs/" + job + "/place/day", Map.of("light", "DUSK"));
            assertThat(l.next("changed")).matches("changed PLACE:\\d+");
            assertThat(l.next("beat")).contains("5000");
        }
    }

    @Test
    void aPersonHasFourStreamsAndTheOldestGoes() throws Exception {
        Browser b = crew("Ilse Low");
        List<Listener> all = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            all.add(new Listener(b));
            all.get(i).next("beat");
        }
        assertThat(all.get(0).endsWithin(Duration.ofSeconds(2))).isTrue();
        assertThat(all.get(1).endsWithin(Duration.ofMillis(300))).isFalse();
        for (Listener l : all) {
            l.close();
        }
    }

    @Test
    void whoIsTakenOffHearsNothingMore() throws Exception {
        Browser b = crew("Jorn Low");
        String id = people.named("Jorn Low").orElseThrow().id();
        try (Listener l = new Listener(b)) {
            l.next("hold");
            assertThat(leader.delete("/api/jobs/" + job + "/members/" + id).status())
                    .isEqualTo(204);
            assertThat(l.endsWithin(Duration.ofSeconds(2))).isTrue();
        }
    }

    /** A server that waits for them at all waits for the 20 s in which a socket may take nothing. */
    @Test
    void oneThatStallsDelaysNobody() throws Exception {
        Browser slow = crew("Kaia Low");
        Browser quick = crew("Leif Low");
        List<Socket> stalled = List.of(ask(slow), ask(slow), ask(slow));
        try (Listener l = new Listener(quick)) {
            l.next("hold");
            for (int i = 0; i < 60; i++) {
                long start = System.nanoTime();
                press(leader, "stall-" + i, "x".repeat(200));
                while (!l.next("hold").contains("stall-" + i + "\"")) {
                    // an older one that was on its way
                }
                assertThat(Duration.ofNanos(System.nanoTime() - start))
                        .as("press " + i)
                        .isLessThan(Duration.ofSeconds(12));
            }
        } finally {
            lift();
            for (Socket s : stalled) {
                s.close();
            }
        }
    }
}
