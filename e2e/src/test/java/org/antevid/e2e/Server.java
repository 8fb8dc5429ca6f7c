package org.antevid.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.antevid.app.Antevid;
import org.springframework.context.ConfigurableApplicationContext;

/**
 * The application: as a process of its own, as a person starts it, or inside the runner, where the second one starts in
 * a third of the processor time because its classes are loaded and compiled.
 */
public final class Server implements AutoCloseable {
    private static final Path ROOT = Path.of("..").toAbsolutePath().normalize();
    /** From the root, where the archive was made: from anywhere else its classes are not taken from it. */
    private static final Path LAID = Path.of("app/target/laid");

    private static final Duration FRESH = Duration.ofMinutes(45);

    private final Path data;
    private final int port;
    private final String address;
    /** What the demo said that was made at the build, of a server that goes on with a copy of it. */
    private String made = "";

    private Process process;
    /** Set while it runs inside the runner. */
    private ConfigurableApplicationContext inside;

    private Path output;

    public Server(Path data, String address) {
        this.data = data;
        this.address = address;
        try (ServerSocket socket = new ServerSocket(0)) {
            this.port = socket.getLocalPort();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** What the console script starts: laid out, with its archive of classes. */
    public static ProcessBuilder command(List<String> settings, List<String> arguments) {
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-Xshare:auto",
                "-XX:SharedArchiveFile=" + LAID.resolve("antevid.jsa"),
                "-Xlog:cds=off",
                "-Xlog:cds+dynamic=off",
                "-XX:TieredStopAtLevel=1",
                "-XX:C1MaxInlineSize=20",
                "-XX:+UseSerialGC"));
        command.addAll(settings);
        command.addAll(List.of("-jar", LAID.resolve("antevid.jar").toString()));
        command.addAll(arguments);
        return new ProcessBuilder(command).directory(ROOT.toFile());
    }

    /**
     * Starts inside the runner on a copy of the demo that was made when the program was laid out: the same demo, made
     * once. Nothing may be killed in it.
     */
    public Server startDemo() {
        if (!copyDemo()) {
            return start("demo");
        }
        // read by the application from its environment, as it would be from -D
        System.setProperty("antevid.address", address);
        inside = Antevid.open("run", "--data", data.toString(), "--port", String.valueOf(port));
        return this;
    }

    /** The same as a process, which can be killed and started again. */
    public Server startDemoProcess() {
        return start(copyDemo() ? "run" : "demo");
    }

    /** Starts the demo where a demo was before. */
    public Server startDemoAgain() {
        if (!copyDemo()) {
            start("demo").stop();
        }
        made = "";
        return start("demo");
    }

    /** @return false when it is too old: what was seen of a tangle hours ago no longer counts */
    private boolean copyDemo() {
        Path demo = ROOT.resolve(LAID).resolve("demo");
        Path said = ROOT.resolve(LAID).resolve("demo.said");
        try {
            if (!Files.exists(demo.resolve("antevid.mv.db"))
                    || Files.getLastModifiedTime(said)
                            .toInstant()
                            .isBefore(Instant.now().minus(FRESH))) {
                return false;
            }
            Files.createDirectories(data);
            try (Stream<Path> all = Files.walk(demo)) {
                for (Path from : all.toList()) {
                    Path to = data.resolve(demo.relativize(from));
                    if (Files.isDirectory(from)) {
                        Files.createDirectories(to);
                    } else {
                        Files.copy(from, to, StandardCopyOption.REPLACE_EXISTING);
                    }
                }
            }
            made = Files.readString(said).replace("Antevid runs on", "Antevid ran on");
            return true;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    public Server start(String mode) {
        try {
            output = Files.createTempFile("antevid", ".out");
            process = command(
                            List.of(
                                    "-Xmx256m",
                                    "-Dantevid.address=" + address,
                                    "-Dantevid.hash-rounds=" + System.getProperty("antevid.hash-rounds", "10"),
                                    "-Dantevid.empty=" + LAID.resolve("empty.mv.db"),
                                    "-Dantevid.past=" + LAID.resolve("past.mv.db")),
                            List.of(mode, "--data", data.toString(), "--port", String.valueOf(port)))
                    .redirectErrorStream(true)
                    .redirectOutput(output.toFile())
                    .start();
            Instant late = Instant.now().plus(Duration.ofMinutes(2));
            while (!printed().contains("Antevid runs on")) {
                if (!process.isAlive() || Instant.now().isAfter(late)) {
                    throw new IllegalStateException("did not start:\n" + printed());
                }
                Thread.sleep(100);
            }
            return this;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    public String printed() {
        try {
            return output == null ? made : made + Files.readString(output);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    public String crewCode() {
        Matcher m = Pattern.compile("crew code (\\w+)").matcher(printed());
        if (!m.find()) {
            throw new IllegalStateException(printed());
        }
        return m.group(1);
    }

    /** The word the demo prints beside a crew member's name, for their first PIN. */
    public String wordOf(String name) {
        Matcher m = Pattern.compile(name + " '([^']+)'").matcher(printed());
        if (!m.find()) {
            throw new IllegalStateException(printed());
        }
        return m.group(1);
    }

    public String local() {
        return "http://localhost:" + port;
    }

    public String onTheNetwork() {
        return "http://" + address + ":" + port;
    }

    /** @return processor time it has used since its start */
    public Duration cpu() {
        return process.info().totalCpuDuration().orElse(Duration.ZERO);
    }

    /**
     * Ends it as power loss does: no hook runs.
     *
     * @return when the kill had been sent, by {@link System#nanoTime()}
     */
    public long kill() {
        process.destroyForcibly();
        long sent = System.nanoTime();
        process.onExit().join();
        return sent;
    }

    /** Stops it in its tracks, connections open, as a machine that swaps or a thread dump that hangs does. */
    public void freeze() {
        signal("STOP");
    }

    /** Lets a frozen one go on where it stood. */
    public void thaw() {
        signal("CONT");
    }

    private void signal(String name) {
        try {
            new ProcessBuilder("kill", "-" + name, String.valueOf(process.pid()))
                    .start()
                    .waitFor();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    public void stop() {
        process.destroy();
        try {
            if (!process.waitFor(20, TimeUnit.SECONDS)) {
                kill();
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            kill();
        }
    }

    @Override
    public void close() {
        if (inside != null) {
            inside.close();
        }
        if (process != null && process.isAlive()) {
            stop();
        }
    }
}
