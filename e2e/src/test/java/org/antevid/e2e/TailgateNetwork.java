package org.antevid.e2e;

import static java.nio.file.StandardOpenOption.READ;
import static java.nio.file.StandardOpenOption.WRITE;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.Inet4Address;
import java.net.NetworkInterface;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Collections;
import java.util.concurrent.TimeUnit;

/**
 * The local network of a job: phones run in a network namespace of their own and reach the server over a cable to an
 * address that is not the loopback. Where namespaces cannot be made, the machine's own address on its network is used.
 *
 * <p>All runners of a machine share one, made by the first and taken down by the last: a browser drops the requests
 * that wait in it whenever an address of its machine comes or goes, and the stories of the other runner would meet
 * that.
 */
public final class TailgateNetwork {
    private static final String NAME = "avtailgate";
    private static final String SERVER = "10.77.77.1";
    private static final String PHONES = "10.77.77.2";
    /** Bytes of the lock file: held alone while the network is made or taken down, and shared while it is used. */
    private static final int MAKING = 0;

    private static final int USING = 1;
    private static final Path USERS = Path.of(System.getProperty("java.io.tmpdir"), NAME + ".lock");
    private static TailgateNetwork shared;

    private final boolean own;

    private TailgateNetwork() {
        own = exists() || make();
    }

    /** @return the network that this runner shares with those beside it */
    public static synchronized TailgateNetwork join() {
        if (shared == null) {
            try {
                FileChannel users = FileChannel.open(USERS, StandardOpenOption.CREATE, READ, WRITE);
                FileLock making = users.lock(MAKING, 1, false);
                FileLock using = users.lock(USING, 1, true);
                shared = new TailgateNetwork();
                making.release();
                Runtime.getRuntime().addShutdownHook(new Thread(() -> shared.leave(users, using)));
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
        return shared;
    }

    private void leave(FileChannel users, FileLock using) {
        try {
            FileLock making = users.lock(MAKING, 1, false);
            using.release();
            FileLock last = users.tryLock(USING, 1, false);
            if (last != null && own) {
                run("ip", "link", "del", NAME + "h");
                run("ip", "netns", "del", NAME);
            }
            making.release();
        } catch (IOException e) {
            // it stands until the next run, which takes it as it is
        }
    }

    private static boolean exists() {
        return run("ip", "netns", "exec", NAME, "ip", "route", "get", SERVER) && run("ip", "link", "show", NAME + "h");
    }

    private static boolean make() {
        run("ip", "link", "del", NAME + "h");
        run("ip", "netns", "del", NAME);
        return run("ip", "netns", "add", NAME)
                && run("ip", "link", "add", NAME + "h", "type", "veth", "peer", "name", NAME + "p")
                && run("ip", "link", "set", NAME + "p", "netns", NAME)
                && run("ip", "addr", "add", SERVER + "/24", "dev", NAME + "h")
                && run("ip", "link", "set", NAME + "h", "up")
                && run("ip", "netns", "exec", NAME, "ip", "link", "set", "lo", "up")
                && run("ip", "netns", "exec", NAME, "ip", "addr", "add", PHONES + "/24", "dev", NAME + "p")
                && run("ip", "netns", "exec", NAME, "ip", "link", "set", NAME + "p", "up");
    }

    public String serverAddress() {
        if (own) {
            return SERVER;
        }
        try {
            return Collections.list(NetworkInterface.getNetworkInterfaces()).stream()
                    .flatMap(n -> Collections.list(n.getInetAddresses()).stream())
                    .filter(a -> a instanceof Inet4Address && !a.isLoopbackAddress() && !a.isLinkLocalAddress())
                    .findFirst()
                    .orElseThrow()
                    .getHostAddress();
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    /** @return the browser to run as a phone on this network */
    public Path phoneBrowser(Path chromium) {
        if (!own) {
            return chromium;
        }
        try {
            Path script = Files.createTempFile("phone", ".sh");
            Files.writeString(script, "#!/bin/sh\nexec ip netns exec " + NAME + " " + chromium + " \"$@\"\n");
            if (!script.toFile().setExecutable(true)) {
                throw new IllegalStateException("cannot make " + script + " executable");
            }
            return script;
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    private static boolean run(String... command) {
        try {
            Process p = new ProcessBuilder(command)
                    .redirectErrorStream(true)
                    .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                    .start();
            return p.waitFor(10, TimeUnit.SECONDS) && p.exitValue() == 0;
        } catch (IOException e) {
            return false;
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return false;
        }
    }
}
