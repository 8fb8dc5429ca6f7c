package org.antevid.e2e.pages;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/** A view as somebody looks at it: kept as a picture, and open to those who do not see it. */
public final class Looked {
    private static final Path SHOTS = Path.of("target/shots");
    private static final Path AXE = Path.of("../web/node_modules/axe-core/axe.min.js");
    private static final String VIOLATIONS = """
        async () => (await axe.run(document, { resultTypes: ['violations'], preload: false })).violations
          .map((v) => v.id + ' (' + v.impact + '): ' + v.nodes.slice(0, 3).map((n) => n.html.slice(0, 160)).join(' ; '))""";

    /**
     * Words that run out of their panel at a side, but for those that a part of it scrolls or shortens; a page too
     * wide.
     */
    private static final String CUT_OFF = """
        () => [...(document.querySelector('.phone') && document.documentElement.scrollWidth > innerWidth + 1
            ? ['the page is ' + document.documentElement.scrollWidth + ' px wide'] : []), ...[...document.querySelectorAll('aside, .phone, main')].flatMap((panel) => {
          const box = panel.getBoundingClientRect();
          const shortened = (el) => {
            for (let p = el; p && p !== panel; p = p.parentElement) {
              const s = getComputedStyle(p);
              if ((s.overflowX !== 'visible' && !p.classList.contains('body')) || s.position === 'fixed' || s.clipPath !== 'none') return true;
            }
            return false;
          };
          return [...panel.querySelectorAll('*')].filter((el) => {
            if (![...el.childNodes].some((n) => n.nodeType === Node.TEXT_NODE && n.textContent.trim())) return false;
            const r = el.getBoundingClientRect();
            return r.width > 2 && r.height > 2 && (r.right > box.right + 1 || r.left < box.left - 1) && !shortened(el);
          }).map((el) => el.textContent.trim().slice(0, 80));
        })]""";

    /** Pictures are for who looks at them: {@code ANTEVID_SHOTS=1 ./antevid test} keeps them all. */
    static final boolean PICTURES = System.getenv("ANTEVID_SHOTS") != null;

    private Looked() {}

    /** Keeps a picture in any case. */
    static void picture(Page page, String name) {
        page.screenshot(new Page.ScreenshotOptions().setPath(SHOTS.resolve(name + ".png")));
    }

    /** Keeps a picture under this name, where pictures are wanted, and holds the view to the rules of accessibility. */
    public static void at(Page page, String name) {
        if (PICTURES) {
            picture(page, name);
        }
        try {
            page.waitForCondition(() -> page.getByTestId("page-comes").count() == 0);
            if (!(boolean) page.evaluate("() => 'axe' in window")) {
                page.evaluate(Files.readString(AXE));
            }
        } catch (IOException e) {
            throw new UncheckedIOException("run the build of web/ first", e);
        }
        assertThat((List<?>) page.evaluate(VIOLATIONS)).as("axe, " + name).isEmpty();
        assertThat((List<?>) page.evaluate(CUT_OFF)).as("cut off, " + name).isEmpty();
    }
}
