package org.antevid.e2e.stories;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.APIRequest;
import com.microsoft.playwright.APIRequestContext;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.RequestOptions;
import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.antevid.e2e.Server;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What the person at the console sees, and what is left after power is lost. */
class TerminalStory {
    private record Ended(int code, String printed) {}

    private static Ended on(String mode, Path data, long port) throws IOException, InterruptedException {
        return run(mode, "--data", data.toString(), "--port", String.valueOf(port));
    }

    private static Ended run(String... arguments) throws IOException, InterruptedException {
        Path out = Files.createTempFile("antevid", ".out");
        Process p = Server.command(List.of(), List.of(arguments))
                .redirectErrorStream(true)
                .redirectOutput(out.toFile())
                .start();
        assertThat(p.waitFor(60, TimeUnit.SECONDS)).isTrue();
        return new Ended(p.exitValue(), Files.readString(out));
    }

    @Test
    void everyObstacleIsOneSentenceAndExitCodeOne(@TempDir Path data) throws Exception {
        try (ServerSocket taken = new ServerSocket(0)) {
            Ended inUse = on("run", data, taken.getLocalPort());
            assertThat(inUse.code).isEqualTo(1);
            assertThat(inUse.printed.lines()).singleElement().asString().contains("is in use");
        }
        Files.write(data.resolve("antevid.mv.db"), new byte[20000]);
        Ended damaged = on("run", data, 17000 + ProcessHandle.current().pid() % 1000);
        assertThat(damaged.code).isEqualTo(1);
        assertThat(damaged.printed.lines()).singleElement().asString().contains("damaged");
        assertThat(run("dance").printed).contains("Say 'demo' or 'run'");
        assertThat(run("run", "--port", "many").code).isEqualTo(1);
    }

    /**
     * What is in a folder is somebody's: the demo starts only where it is alone, and moves aside what it made before.
     */
    @Test
    void theDemoRefusesAFolderItDidNotMakeAndDeletesNothing(@TempDir Path data) throws Exception {
        Path notes = Files.writeString(data.resolve("notes.txt"), "do not lose");
        Ended refused = on("demo", data, 16000 + ProcessHandle.current().pid() % 1000);
        assertThat(refused.code).isEqualTo(1);
        assertThat(refused.printed.lines()).singleElement().asString().contains("is not one the demo made");
        assertThat(notes).hasContent("do not lose");
        Path own = data.resolve("own");
        try (Server server = new Server(own, InetAddress.getLoopbackAddress().getHostAddress()).startDemoAgain()) {
            assertThat(server.crewCode()).isNotEmpty();
        }
        try (Stream<Path> there = Files.list(own)) {
            assertThat(there.map(f -> f.getFileName().toString()).filter(n -> n.endsWith(".aside")))
                    .as("the first demo's data")
                    .hasSize(1);
        }
    }

    /**
     * The process ends when memory runs out (exit code 3); the script starts it again on the data it had, and ends when
     * it ends otherwise.
     */
    @Test
    void whenMemoryRunsOutTheScriptStartsItAgain(@TempDir Path place) throws Exception {
        Path bin = Files.createDirectory(place.resolve("bin"));
        Path java = Files.writeString(
                bin.resolve("java"),
                "#!/bin/bash\necho \"started ${*: -5}\"\nn=$(cat n 2>/dev/null || echo 0)\necho $((n + 1)) > "
                        + "n\n[ \"$n\" -lt 2 ] && exit 3\nexit 5\n");
        String script = Files.readString(Path.of("../antevid"))
                .replaceFirst("(?m)^cd .*$", "cd '" + place + "'")
                .replace("build() {", "build() { return 0;");
        Path antevid = Files.writeString(place.resolve("antevid"), script);
        assertThat(java.toFile().setExecutable(true) && antevid.toFile().setExecutable(true))
                .isTrue();
        Path out = place.resolve("out");
        ProcessBuilder start = new ProcessBuilder(antevid.toString(), "demo", "--port", "9")
                .redirectErrorStream(true)
                .redirectOutput(out.toFile());
        start.environment().merge("PATH", bin.toString(), (path, first) -> first + ":" + path);
        Process p = start.start();
        assertThat(p.waitFor(20, TimeUnit.SECONDS)).isTrue();
        assertThat(p.exitValue()).as("what it ended with itself").isEqualTo(5);
        assertThat(Files.readAllLines(out).stream().filter(l -> l.startsWith("started")))
                .satisfiesExactly(
                        l -> assertThat(l).endsWith("demo --port 9"),
                        l -> assertThat(l).endsWith("run --port 9 --data demo-data"),
                        l -> assertThat(l).endsWith("run --port 9 --data demo-data"));
    }

    @Test
    void killedWithinFiftyMillisecondsOfTheAnswerNothingAcknowledgedIsLost(@TempDir Path data) throws Exception {
        try (Server server = new Server(data, InetAddress.getLoopbackAddress().getHostAddress()).startDemoProcess();
                Playwright playwright = Playwright.create(
                        new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")))) {
            String job;
            try (Session imre = Session.of(playwright, server)) {
                job = imre.job("Withy Lock");
                for (int i = 0; i < 5; i++) {
                    assertThat(imre.post(
                                    "/api/jobs/" + job + "/run/holds",
                                    Map.of("id", "hold-" + i, "reason", "drill " + i)))
                            .isEqualTo(204);
                }
                long answered = System.nanoTime();
                assertThat((server.kill() - answered) / 1e6)
                        .as("milliseconds from the answer to the kill")
                        .isLessThan(50);
            }
            server.start("run");
            try (Session imre = Session.of(playwright, server)) {
                String run = imre.get("/api/jobs/" + job + "/run/holds");
                for (int i = 0; i < 5; i++) {
                    assertThat(run).contains("drill " + i);
                }
            }
            Ended locked = on("run", data, 18000 + ProcessHandle.current().pid() % 1000);
            assertThat(locked.code).isEqualTo(1);
            assertThat(locked.printed.lines()).singleElement().asString().contains("in use by another Antevid");
        }
    }

    /** A signed-in leader without a browser. */
    private record Session(APIRequestContext http) implements AutoCloseable {
        static Session of(Playwright playwright, Server server) {
            Session s = new Session(
                    playwright.request().newContext(new APIRequest.NewContextOptions().setBaseURL(server.local())));
            s.get("/api/session");
            assertThat(s.post("/api/session", Map.of("name", "Imre Halloway", "passphrase", "three short one long")))
                    .isEqualTo(200);
            s.get("/api/session");
            return s;
        }

        String get(String path) {
            return http.get(path).text();
        }

        String job(String name) {
            var m = Pattern.compile("\"id\":\"([^\"]+)\",\"name\":\"" + name + "\"")
                    .matcher(get("/api/board"));
            assertThat(m.find()).isTrue();
            return m.group(1);
        }

        int post(String path, Object body) {
            var m = Pattern.compile("\"name\":\"XSRF-TOKEN\",\"value\":\"([^\"]+)\"")
                    .matcher(http.storageState());
            String token = m.find() ? m.group(1) : "";
            return http.post(
                            path,
                            RequestOptions.create()
                                    .setHeader("X-XSRF-TOKEN", token)
                                    .setData(body))
                    .status();
        }

        @Override
        public void close() {
            http.dispose();
        }
    }
}
