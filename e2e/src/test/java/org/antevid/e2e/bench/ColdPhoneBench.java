package org.antevid.e2e.bench;

import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.WaitUntilState;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.antevid.e2e.Browsers;
import org.antevid.e2e.Server;
import org.antevid.e2e.TailgateNetwork;
import org.antevid.e2e.pages.CrewPhone;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * A phone with nothing of ours on it, over 3 Mbit/s with 20 ms: until somebody can join, and until one that has joined
 * shows HOLD and the card. Prints what it measured and asserts nothing. Run with {@code ./antevid bench}.
 */
class ColdPhoneBench {
    private static final double BYTES_A_SECOND = 3e6 / 8;
    private static final int LATENCY_MS = 20;
    private static final int LOADS = 7;

    private static void slow(Page page) {
        CDPSession cdp = page.context().newCDPSession(page);
        cdp.send("Network.enable");
        JsonObject link = new JsonObject();
        link.addProperty("offline", false);
        link.addProperty("latency", LATENCY_MS);
        link.addProperty("downloadThroughput", BYTES_A_SECOND);
        link.addProperty("uploadThroughput", BYTES_A_SECOND);
        cdp.send("Network.emulateNetworkConditions", link);
        JsonObject cache = new JsonObject();
        cache.addProperty("cacheDisabled", true);
        cdp.send("Network.setCacheDisabled", cache);
    }

    private static double until(Page page, String url, Runnable there) {
        slow(page);
        long from = System.nanoTime();
        page.navigate(url, new Page.NavigateOptions().setWaitUntil(WaitUntilState.COMMIT));
        there.run();
        return (System.nanoTime() - from) / 1e6;
    }

    private static void print(String what, List<Double> ms) {
        ms.sort(Double::compare);
        System.out.printf(
                Locale.ROOT,
                "%s: %.0f ms (median of %d), quickest %.0f, slowest %.0f%n",
                what,
                ms.get(ms.size() / 2),
                ms.size(),
                ms.get(0),
                ms.get(ms.size() - 1));
    }

    @Test
    void aPhoneThatComesForTheFirstTime(@TempDir Path data) throws Exception {
        TailgateNetwork network = TailgateNetwork.join();
        try (Server server = new Server(data, network.serverAddress()).startDemo();
                Browsers browsers = Browsers.asPeopleHaveThem(network)) {
            String code = server.crewCode();
            List<Double> join = new ArrayList<>();
            List<Double> hold = new ArrayList<>();
            List<Double> card = new ArrayList<>();
            Page joined =
                    CrewPhone.join(browsers.phone(), server, code, "Sefa Marsh", server.wordOf("Sefa Marsh"), "1357");
            String crew = joined.url();
            for (int i = 0; i < LOADS; i++) {
                Page stranger = browsers.phone();
                join.add(until(stranger, server.onTheNetwork() + "/join/" + code, () -> stranger.getByText("Sefa Marsh")
                        .waitFor()));
                stranger.context().close();
                Page again = joined.context().newPage();
                double[] held = new double[1];
                long from = System.nanoTime();
                card.add(until(again, crew, () -> {
                    again.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("HOLD"))
                            .first()
                            .waitFor();
                    held[0] = (System.nanoTime() - from) / 1e6;
                    again.locator(".phone h2").first().waitFor();
                }));
                hold.add(held[0]);
                again.close();
            }
            print("join page", join);
            print("joined, HOLD shown", hold);
            print("joined, card shown", card);
        }
    }
}
