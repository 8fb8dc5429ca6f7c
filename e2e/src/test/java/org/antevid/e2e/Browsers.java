package org.antevid.e2e;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** Headless Chromium of the distribution: one for the leader on the machine, one for phones on the network. */
public final class Browsers implements AutoCloseable {
    /** The one without a desktop around it where it is there: it takes less of the machine. */
    private static final Path CHROMIUM = Stream.of("/usr/bin/chromium-headless-shell", "/usr/bin/chromium")
            .map(Path::of)
            .filter(Files::isExecutable)
            .findFirst()
            .orElseThrow(() -> new IllegalStateException("no chromium here: ./antevid test installs it"));

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
    /** Pages of a story live for seconds: what would make them quick after minutes only takes processors away. */
    private static final String QUICK = "--js-flags=--no-opt --no-maglev --max-lazy --single-threaded-gc";

    /**
     * A phone without a screen has none to keep lit: the film that does it on plain http was decoded all day, an eighth
     * of what the phones of a story took.
     */
    private static final String NO_FILM = "HTMLVideoElement.prototype.play = () => Promise.resolve()";

    /** One driver and its browsers, each started when somebody comes who needs it. */
    private static final class Launched {
        private final Playwright playwright = Playwright.create(
                new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
        private final List<String> flags;
        private Browser leader;
        private Browser phones;

        Launched(List<String> flags) {
            this.flags = flags;
        }

        private Browser launch(Path executable) {
            return playwright
                    .chromium()
                    .launch(new BrowserType.LaunchOptions()
                            .setExecutablePath(executable)
                            .setArgs(flags));
        }

        Browser leader() {
            leader = leader == null ? launch(CHROMIUM) : leader;
            return leader;
        }

        Browser phones(TailgateNetwork network) {
            phones = phones == null ? launch(network.phoneBrowser(CHROMIUM)) : phones;
            return phones;
        }
    }

    /** All stories of a runner have the same browsers, each its own people in them; they end with the runner. */
    private static Launched shared;

    private final TailgateNetwork network;
    private final Launched launched;
    private final List<BrowserContext> contexts = new ArrayList<>();
    private final List<String> errors = new ArrayList<>();

    private Browsers(TailgateNetwork network, Launched launched) {
        this.network = network;
        this.launched = launched;
    }

    /** @return browsers for a story */
    public static Browsers on(TailgateNetwork network) {
        if (shared == null) {
            shared =
                    new Launched(Stream.concat(FLAGS.stream(), Stream.of(QUICK)).toList());
        }
        return new Browsers(network, shared);
    }

    /** @return browsers as people have them, to measure with */
    public static Browsers asPeopleHaveThem(TailgateNetwork network) {
        return new Browsers(network, new Launched(FLAGS));
    }

    public Page leader() {
        return page(launched.leader().newContext(new Browser.NewContextOptions().setViewportSize(1280, 800)));
    }

    public Page phone() {
        BrowserContext context = launched.phones(network)
                .newContext(new Browser.NewContextOptions()
                        .setViewportSize(390, 844)
                        .setHasTouch(true)
                        .setIsMobile(true));
        if (launched == shared) {
            context.addInitScript(NO_FILM);
        }
        return page(context);
    }

    private Page page(BrowserContext context) {
        contexts.add(context);
        context.setDefaultTimeout(30000);
        Page page = context.newPage();
        page.onPageError(errors::add);
        page.onConsoleMessage(said -> {
            if (said.text().contains("Content Security Policy")) {
                errors.add(said.text());
            }
        });
        return page;
    }

    /** @return uncaught errors of all pages, and what the rules of the page kept them from loading */
    public List<String> errors() {
        return errors;
    }

    /** Everybody leaves; a browser that was started to measure with ends. */
    @Override
    public void close() {
        contexts.forEach(BrowserContext::close);
        if (launched != shared) {
            launched.playwright.close();
        }
    }
}
