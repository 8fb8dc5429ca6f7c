package org.antevid.e2e.bench;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.net.InetAddress;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import org.antevid.e2e.Browsers;
import org.antevid.e2e.Server;
import org.antevid.e2e.TailgateNetwork;
import org.antevid.e2e.pages.JobPage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * A cut of the demo's lime moved on the figure by the arrow keys: how soon every link of its chain follows. Prints,
 * asserts nothing. Run with {@code ./antevid bench}.
 */
class ChainBench {
    private static final int WARM = 20;
    private static final int TIMES = 100;

    /** Measured, three limbs drawn, gear chosen, pieces proposed and kept. */
    private static final String PLANNED = """
        async () => {
          const job = location.pathname.split('/')[2];
          const token = document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1];
          const ask = async (path) => (await fetch(`/api/${path}`)).json();
          const send = async (path, body) => {
            const r = await fetch(`/api/${path}`, {
              method: 'POST',
              headers: { 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token },
              body: JSON.stringify(body),
            });
            if (!r.ok) throw new Error(`${r.status} ${await r.text()}`);
            return r.json();
          };
          const lime = (await ask(`jobs/${job}/stems`)).find((s) => s.label === 'S6').id;
          const seen = { GIRTH: { girthM: 1.57 }, EYE_HEIGHT: { heightM: 16 }, EYE_LEAN: { leanDeg: 3, azimuthDeg: 120 }, EYE_CROWN: { radiusM: 4 } };
          for (const [kind, numbers] of Object.entries(seen)) await send(`jobs/${job}/stems/${lime}/sightings`, { kind, numbers });
          const kit = await ask('house/kit');
          const first = (kind, name) => kit.find((k) => k.kind === kind && k.name.includes(name)).id;
          const limb = (id, atM, thickM, lengthM, sideDeg) => ({ id, atM, thickM, lengthM, sideDeg, riseDeg: 30, loose: false });
          const at = `jobs/${job}/takedown/stems/${lime}`;
          const draft = {
            ...(await ask(at)),
            cuts: [],
            limbs: [limb('L1', 7, 0.15, 5, 135), limb('L2', 8, 0.15, 5, 315), limb('L3', 10, 0.08, 3, 45)],
            gear: { line: first('ROPE', 'lowering'), block: first('BLOCK', 'lowering'), sling: first('SLING', 'anchor'), brake: first('BRAKE', 'lowering') },
          };
          const of = ({ limbs, cuts, gear, surface }) => ({ limbs, cuts, gear, surface });
          const proposed = await send(`${at}/proposal`, of(draft));
          await send(at, of({ ...draft, cuts: proposed.cuts }));
          return proposed.pieces.length;
        }""";

    /** Until the chain says something else, drawn. */
    private static final String NEXT = """
        () => {
          const card = document.querySelector("aside section[aria-label^='Piece ']");
          window.__chain = new Promise((done) => {
            let begun;
            const words = card.textContent;
            document.addEventListener('keydown', () => { begun = performance.now(); }, { capture: true, once: true });
            const look = () => (begun && card.textContent !== words ? done(performance.now() - begun) : requestAnimationFrame(look));
            look();
          });
        }""";

    @Test
    void aCutOnTheFigure(@TempDir Path data) throws Exception {
        TailgateNetwork network = TailgateNetwork.join();
        try (Server server = new Server(data, InetAddress.getLoopbackAddress().getHostAddress()).start("demo");
                Browsers browsers = Browsers.asPeopleHaveThem(network)) {
            JobPage imre = new JobPage(browsers.leader());
            imre.signIn(server.local(), "Imre Halloway");
            imre.open("Withy Lock");
            Object pieces = imre.page.evaluate(PLANNED);
            imre.stage(5);
            imre.tab("Take down");
            imre.choose("Which stem", "S6");
            imre.region("S6 taken down")
                    .locator("ol li button")
                    .filter(new Locator.FilterOptions().setHasText("tied below, let run"))
                    .last()
                    .click();
            double[] ms = moved(imre.page, imre.region("S6 from the side").getByRole(AriaRole.SLIDER));
            System.out.printf(
                    Locale.ROOT,
                    "a cut of %s pieces moved by a key: the chain follows in %.0f ms (median), 95 %% within %.0f ms, "
                            + "longest %.0f ms, of %d%n",
                    pieces,
                    ms[TIMES / 2],
                    ms[TIMES * 95 / 100],
                    ms[TIMES - 1],
                    TIMES);
        }
    }

    private static double[] moved(Page page, Locator cutter) {
        double[] ms = new double[TIMES];
        cutter.focus();
        for (int i = -WARM; i < TIMES; i++) {
            page.evaluate(NEXT);
            cutter.press(List.of("ArrowDown", "ArrowUp").get(Math.floorMod(i / 4, 2)));
            double took = ((Number) page.evaluate("() => window.__chain")).doubleValue();
            if (i >= 0) {
                ms[i] = took;
            }
        }
        Arrays.sort(ms);
        return ms;
    }
}
