package org.antevid.app.job;

import java.net.Inet4Address;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.util.Collections;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** The machine's address on the local network, never localhost: phones must reach it. */
@Component
public class LocalAddress {
    private final String fixed;

    LocalAddress(@Value("${antevid.address:}") String fixed) {
        this.fixed = fixed;
    }

    public Optional<String> url(int port) {
        return host().map(h -> "http://" + h + ":" + port);
    }

    private Optional<String> host() {
        if (!fixed.isBlank()) {
            return Optional.of(fixed);
        }
        try {
            return Collections.list(NetworkInterface.getNetworkInterfaces()).stream()
                    .filter(LocalAddress::usable)
                    .flatMap(n -> Collections.list(n.getInetAddresses()).stream())
                    .filter(a -> a instanceof Inet4Address && !a.isLoopbackAddress() && !a.isLinkLocalAddress())
                    .map(InetAddress::getHostAddress)
                    .findFirst();
        } catch (SocketException e) {
            return Optional.empty();
        }
    }

    private static boolean usable(NetworkInterface n) {
        try {
            return n.isUp()
                    && !n.isLoopback()
                    && Stream.of("docker", "virbr", "br-").noneMatch(n.getName()::startsWith);
        } catch (SocketException e) {
            return false;
        }
    }
}
