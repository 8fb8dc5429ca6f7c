package org.antevid.e2e;

import java.io.IOException;
import java.net.Inet4Address;
import java.net.NetworkInterface;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Collections;
import java.util.concurrent.TimeUnit;

/**
 * The local network of a job: phones run in a network namespace of their own and reach the server over a cable to an
 * address that is not the loopback. Where namespaces cannot be made, the machine's own address on its network is used.
 */
public final class TailgateNetwork implements AutoCloseable {
    private final String name = "av" + ProcessHandle.current().pid() % 100000;
    /** By process, so that what a killed run left behind is in nobody's way. */
    private final String net = "10.77." + ProcessHandle.current().pid() % 250 + ".";

    private final String server = net + "1";
    private final boolean own;

    public TailgateNetwork() {
        own = run("ip", "netns", "add", name)
                && run("ip", "link", "add", name + "h", "type", "veth", "peer", "name", name + "p")
                && run("ip", "link", "set", name + "p", "netns", name)
                && run("ip", "addr", "add", server + "/24", "dev", name + "h")
                && run("ip", "link", "set", name + "h", "up")
                && run("ip", "netns", "exec", name, "ip", "addr", "add", net + "2/24", "dev", name + "p")
                && run("ip", "netns", "exec", name, "ip", "link", "set", name + "p", "up")
                && run("ip", "netns", "exec", name, "ip", "link", "set", "lo", "up");
    }

    public String serverAddress() {
        if (own) {
            return server;
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
            Files.writeString(script, "#!/bin/sh\nexec ip netns exec " + name + " " + chromium + " \"$@\"\n");
            if (!script.toFile().setExecutable(true)) {
                throw new IllegalStateException("cannot make " + script + " executable");
            }
            return script;
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    @Override
    public void close() {
        run("ip", "link", "del", name + "h");
        run("ip", "netns", "del", name);
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
