package org.antevid.app;

import java.io.IOException;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CountDownLatch;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.event.ContextClosedEvent;

/**
 * Command line and the checks before anything starts: each obstacle is one clear sentence, no stack trace.
 *
 * @param demo whether the demo job is written into a fresh folder
 */
record Launch(boolean demo, Path data, int port) {
    private static final int ALREADY_OPEN = 90020;
    private static final String EMPTY_STORE = "antevid.empty";
    private static final String PAST_STORE = "antevid.past";
    private static final String DEMO_MARK = "made-by-demo.txt";

    /** Stops the start with one sentence for the person at the console. */
    static final class Refusal extends RuntimeException {
        Refusal(String sentence) {
            super(sentence);
        }
    }

    /** @return the parsed command line, or empty after printing what is wrong with it */
    static Optional<Launch> parse(String[] args) {
        try {
            boolean demo = args.length > 0 && args[0].equals("demo");
            if (args.length == 0 || !(demo || args[0].equals("run"))) {
                throw new Refusal("Say 'demo' or 'run', with --data DIR and --port N if you like.");
            }
            Path data = Path.of(demo ? "demo-data" : "data");
            int port = 8080;
            for (int i = 1; i < args.length; i += 2) {
                String value = i + 1 < args.length ? args[i + 1] : "";
                switch (args[i]) {
                    case "--data" -> data = Path.of(value);
                    case "--port" -> port = port(value);
                    default -> throw new Refusal("'" + args[i] + "' is not known; use --data DIR and --port N.");
                }
            }
            return Optional.of(new Launch(demo, data.toAbsolutePath().normalize(), port));
        } catch (Refusal e) {
            System.err.println(e.getMessage());
            return Optional.empty();
        }
    }

    private static int port(String text) {
        try {
            int port = Integer.parseInt(text);
            if (port > 0 && port < 65536) {
                return port;
            }
        } catch (NumberFormatException e) {
            // falls through to the same sentence
        }
        throw new Refusal("The port must be a number from 1 to 65535, not '" + text + "'.");
    }

    /**
     * Checks port and data folder.
     *
     * @return this, or exits with the sentence
     */
    Launch check() {
        try {
            try (ServerSocket socket = new ServerSocket()) {
                socket.setReuseAddress(true);
                socket.bind(new InetSocketAddress(port));
            } catch (IOException e) {
                throw new Refusal("Port " + port + " is in use; stop what uses it or choose another with --port N.");
            }
            Files.createDirectories(data);
            checkDatabase();
            if (demo) {
                makeRoomForDemo();
            }
            layOutTables();
            return this;
        } catch (Refusal e) {
            System.err.println(e.getMessage());
        } catch (IOException e) {
            System.err.println("The data folder " + data + " cannot be written.");
        }
        System.exit(1);
        return this;
    }

    /** A demo starts anew only in a folder of its own; what was in it is moved aside, never deleted. */
    private void makeRoomForDemo() throws IOException {
        Path mark = data.resolve(DEMO_MARK);
        Path store = store();
        if (!Files.exists(mark)) {
            try (Stream<Path> there = Files.list(data)) {
                if (there.findAny().isPresent()) {
                    throw new Refusal(
                            "The folder " + data + " is not one the demo made; choose another with --data DIR.");
                }
            }
            Files.writeString(mark, "Made by the Antevid demo. Everything in it is made up.\n");
        }
        if (Files.exists(store)) {
            String when =
                    DateTimeFormatter.ofPattern("yyyyMMdd-HHmmss").format(LocalDateTime.now(ZoneId.systemDefault()));
            Files.move(store, data.resolve("antevid." + when + "-" + Long.toString(System.nanoTime(), 36) + ".aside"));
        }
    }

    /**
     * A store made with this build: with the jobs the demo's house has behind it, or with its tables and nothing in
     * them. Without it a start makes them one by one.
     */
    private void layOutTables() throws IOException {
        String made = demo ? System.getProperty(PAST_STORE, "") : "";
        if (made.isEmpty() || !Files.exists(Path.of(made))) {
            made = System.getProperty(EMPTY_STORE, "");
        }
        if (!made.isEmpty() && Files.exists(Path.of(made)) && !Files.exists(store())) {
            Path whole = data.resolve("antevid.new");
            Files.copy(Path.of(made), whole, StandardCopyOption.REPLACE_EXISTING);
            Files.move(whole, store());
        }
    }

    private Path store() {
        return data.resolve("antevid.mv.db");
    }

    private void checkDatabase() {
        if (!Files.exists(store())) {
            return;
        }
        try (var connection = DriverManager.getConnection(store(data) + ";IFEXISTS=TRUE", "sa", "")) {
            connection.createStatement().execute("select 1");
        } catch (SQLException e) {
            boolean open = e.getErrorCode() == ALREADY_OPEN
                    || String.valueOf(e.getMessage()).contains("locked")
                    || String.valueOf(e.getMessage()).contains("already in use");
            if (demo && !open) {
                return;
            }
            throw new Refusal(
                    open
                            ? "The data in " + data
                                    + " is in use by another Antevid; stop it or choose another folder with --data DIR."
                            : "The data in " + data
                                    + " is damaged and cannot be opened; restore a copy or choose another "
                                    + "folder with --data DIR.");
        }
    }

    /** Every commit is flushed to the file before it is acknowledged. */
    static String store(Path folder) {
        return "jdbc:h2:file:" + folder.resolve("antevid") + ";WRITE_DELAY=0;DB_CLOSE_ON_EXIT=FALSE";
    }

    Map<String, Object> properties() {
        return Map.of(
                "spring.datasource.url",
                store(data),
                "server.port",
                port,
                "antevid.demo",
                demo,
                "logging.file.name",
                data.resolve("log").resolve("antevid.log"));
    }

    /**
     * Runs until the context closes.
     *
     * @return exit code
     */
    int run(Supplier<ConfigurableApplicationContext> start) {
        try {
            ConfigurableApplicationContext context = start.get();
            CountDownLatch closed = new CountDownLatch(1);
            context.addApplicationListener(e -> {
                if (e instanceof ContextClosedEvent) {
                    closed.countDown();
                }
            });
            closed.await();
            return 0;
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return 0;
        } catch (SpringApplication.AbandonedRunException atTheBuild) {
            throw atTheBuild;
        } catch (RuntimeException e) {
            Throwable cause = e;
            while (cause.getCause() != null) {
                cause = cause.getCause();
            }
            System.err.println("Antevid could not start: "
                    + String.valueOf(cause.getMessage()).lines().findFirst().orElse("unknown reason"));
            return 1;
        }
    }
}
