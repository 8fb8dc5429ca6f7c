package org.antevid.e2e;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Headless Chromium of the distribution: one for the leader on the machine, one for phones on the network. */
public final class Browsers implements AutoCloseable {
    private static final Path CHROMIUM = Path.of("/usr/bin/chromium");
    private static final List<String> FLAGS = List.of(
            "--no-sandbox",
            // a microphone that beeps, and nobody who has to allow it
            "--use-fake-device-for-media-stream",
            "--use-fake-ui-for-media-stream",
            "--disable-gpu",
            "--disable-quic",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync");
    private final Playwright playwright =
            Playwright.create(new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
    private final TailgateNetwork network;
    /** Started when somebody comes who needs it: a browser costs a second of both processors. */
    private Browser leader;

    private Browser phones;
    private final List<String> errors = new ArrayList<>();

    public Browsers(TailgateNetwork network) {
        this.network = network;
    }

    private Browser launch(Path executable) {
        return playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(executable)
                        .setArgs(FLAGS));
    }

    public Page leader() {
        leader = leader == null ? launch(CHROMIUM) : leader;
        return page(leader.newContext(new Browser.NewContextOptions().setViewportSize(1280, 800)));
    }

    public Page phone() {
        phones = phones == null ? launch(network.phoneBrowser(CHROMIUM)) : phones;
        return page(phones.newContext(new Browser.NewContextOptions()
                .setViewportSize(390, 844)
                .setHasTouch(true)
                .setIsMobile(true)));
    }

    private Page page(BrowserContext context) {
        context.setDefaultTimeout(30000);
        Page page = context.newPage();
        page.onPageError(errors::add);
        return page;
    }

    /** @return uncaught errors of all pages */
    public List<String> errors() {
        return errors;
    }

    @Override
    public void close() {
        if (leader != null) {
            leader.close();
        }
        if (phones != null) {
            phones.close();
        }
        playwright.close();
    }
}
