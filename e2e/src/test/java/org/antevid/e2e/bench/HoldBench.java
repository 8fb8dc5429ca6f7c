package org.antevid.e2e.bench;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.net.http.HttpClient;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.antevid.e2e.Server;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * What a HOLD costs with many phones, and how soon each shows it. A phone here does what the page does: it listens,
 * says that it has seen a hold, and asks for the run when something else of it changed.
 */
class HoldBench {
    private static final String PASSPHRASE = "three short one long";
    private static final Duration LOADED = Duration.ofSeconds(30);
    private final HttpClient http =
            HttpClient.newBuilder().connectTimeout(Duration.ofSeconds(20)).build();
    private final ExecutorService hands = Executors.newFixedThreadPool(24);
    /** When each phone was told of each press, by {@link System#nanoTime()}. */
    private final Map<String, List<Long>> told = new ConcurrentHashMap<>();

    /** A phone that listens and answers. */
    private final class Somebody extends Caller {
        Somebody(Server server) throws IOException, InterruptedException {
            super(server, http);
        }

        void listen(String job) {
            String[] event = {""};
            String[] seen = {""};
            var unused = http.sendAsync(
                            request("/api/jobs/" + job + "/live").build(), HttpResponse.BodyHandlers.ofLines())
                    .thenAcceptAsync(
                            a -> a.body().forEach(line -> {
                                if (line.startsWith("event:")) {
                                    event[0] = line.substring(6);
                                } else if (line.startsWith("data:")) {
                                    heard(job, event[0], line.substring(5), seen);
                                }
                            }),
                            Executors.newSingleThreadExecutor(r -> {
                                Thread t = new Thread(r);
                                t.setDaemon(true);
                                return t;
                            }));
        }

        private void heard(String job, String event, String data, String[] seen) {
            long now = System.nanoTime();
            if (event.equals("hold") && data.contains("\"id\"")) {
                try {
                    JsonNode hold = JSON.readTree(data).get("hold");
                    hold.get("presses")
                            .forEach(p -> told.computeIfAbsent(p.get("id").asText(), k -> new ArrayList<>())
                                    .add(now));
                    String id = hold.get("id").asText();
                    if (!id.equals(seen[0])) {
                        seen[0] = id;
                        hands.execute(() -> quietly(() -> call(
                                "POST",
                                "/api/jobs/" + job + "/run/holds/" + id + "/receipts",
                                Map.of("state", "SEEN"))));
                    }
                } catch (IOException e) {
                    throw new IllegalStateException(e);
                }
            } else if (event.equals("hold") && !seen[0].isEmpty()
                    || event.equals("changed") && !data.matches("HOLD:\\d+")) {
                hands.execute(() -> quietly(() -> call("GET", "/api/jobs/" + job + "/run", null)));
            }
        }
    }

    private interface Call {
        Object run() throws IOException, InterruptedException;
    }

    private static void quietly(Call c) {
        try {
            c.run();
        } catch (IOException | IllegalStateException e) {
            System.out.println("  " + e.getMessage());
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    @Test
    void holdsWithManyPhones(@TempDir Path data) throws Exception {
        try (Server server = new Server(data, "127.0.0.1").start("demo")) {
            Somebody owner = new Somebody(server);
            owner.call("POST", "/api/session", Map.of("name", "Ottoline Fenn", "passphrase", PASSPHRASE));
            Somebody leader = new Somebody(server);
            leader.call("POST", "/api/session", Map.of("name", "Imre Halloway", "passphrase", PASSPHRASE));
            String job = "";
            for (JsonNode j : leader.call("GET", "/api/board", null).get("jobs")) {
                job = j.get("name").asText().equals("Withy Lock") ? j.get("id").asText() : job;
            }
            phones(server, owner, leader, job, 0, 40);
            measure("40 phones", server, leader, job, 40);
            phones(server, owner, leader, job, 40, 200);
            measure("200 phones", server, leader, job, 200);
        } finally {
            hands.shutdownNow();
        }
    }

    private void phones(Server server, Somebody owner, Somebody leader, String job, int from, int to) throws Exception {
        String code = server.crewCode();
        for (int i = from; i < to; i++) {
            String name = "Person " + (char) ('A' + i % 26) + (char) ('a' + i / 26) + "x"
                    + Integer.toString(i * 7919, 30).toUpperCase(Locale.ROOT);
            JsonNode p = owner.call(
                    "POST", "/api/people", Map.of("name", name, "office", "CREW", "competences", List.of("GROUND")));
            leader.call(
                    "POST",
                    "/api/jobs/" + job + "/members",
                    Map.of("personId", p.get("id").asText()));
            Somebody phone = new Somebody(server);
            phone.call(
                    "POST",
                    "/api/join",
                    Map.of(
                            "code",
                            code,
                            "personId",
                            p.get("id").asText(),
                            "pin",
                            "8642",
                            "word",
                            p.get("firstWord").asText()));
            phone.listen(job);
        }
        Thread.sleep(3000);
    }

    private String press(Somebody who, String job) throws Exception {
        String id = "b" + System.nanoTime();
        who.call("POST", "/api/jobs/" + job + "/run/holds", Map.of("id", id, "reason", ""));
        return id;
    }

    private void lift(Somebody leader, String job) throws Exception {
        JsonNode hold =
                leader.call("GET", "/api/jobs/" + job + "/run/holds", null).get(0);
        if (!hold.get("lifted").asBoolean()) {
            leader.call(
                    "POST",
                    "/api/jobs/" + job + "/run/holds/" + hold.get("id").asText() + "/lift",
                    Map.of("reason", "LOOKED", "through", hold.get("through").asLong()));
        }
    }

    private void measure(String what, Server server, Somebody leader, String job, int phones) throws Exception {
        for (int i = 0; i < 5; i++) {
            press(leader, job);
            Thread.sleep(1500);
            lift(leader, job);
            Thread.sleep(1500);
        }
        double[] cpu = new double[5];
        for (int i = 0; i < cpu.length; i++) {
            long before = server.cpu().toNanos();
            press(leader, job);
            Thread.sleep(3000);
            cpu[i] = (server.cpu().toNanos() - before) / 1e9;
            lift(leader, job);
            Thread.sleep(2000);
        }
        Arrays.sort(cpu);
        System.out.printf(
                Locale.ROOT,
                "%s: one HOLD with its receipts costs %.2f s of processor time (median of 5, three seconds with "
                        + "all the rest in them)%n",
                what,
                cpu[2]);
        Map<String, Long> pressedAt = new ConcurrentHashMap<>();
        told.clear();
        long end = System.nanoTime() + LOADED.toNanos();
        for (int tick = 0; System.nanoTime() < end; tick++) {
            if (tick % 2 == 0) {
                String light = tick % 4 == 0 ? "DAY" : "DUSK";
                hands.execute(() ->
                        quietly(() -> leader.call("PUT", "/api/jobs/" + job + "/place/day", Map.of("light", light))));
            }
            if (tick % 3 == 0) {
                long at = System.nanoTime();
                pressedAt.put(press(leader, job), at);
            }
            if (tick % 3 == 2) {
                lift(leader, job);
            }
            Thread.sleep(1000);
        }
        lift(leader, job);
        double[] ms = pressedAt.entrySet().stream()
                .flatMapToDouble(e ->
                        told.getOrDefault(e.getKey(), List.of()).stream().mapToDouble(t -> (t - e.getValue()) / 1e6))
                .sorted()
                .toArray();
        long shown = pressedAt.keySet().stream()
                .mapToLong(
                        id -> Math.min(phones, told.getOrDefault(id, List.of()).size()))
                .sum();
        System.out.printf(
                Locale.ROOT,
                "%s: a HOLD every 3 s, an edit every 2 s: shown in %.0f ms median, %.0f ms for 99 %%, %.0f ms "
                        + "at most; %d of %d%n",
                what,
                ms[ms.length / 2],
                ms[(int) (ms.length * 0.99)],
                ms[ms.length - 1],
                shown,
                (long) pressedAt.size() * phones);
    }
}
