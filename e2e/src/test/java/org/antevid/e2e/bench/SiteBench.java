package org.antevid.e2e.bench;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.FormData;
import com.microsoft.playwright.options.RequestOptions;
import java.net.InetAddress;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.function.IntFunction;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.antevid.e2e.Browsers;
import org.antevid.e2e.Server;
import org.antevid.e2e.TailgateNetwork;
import org.antevid.e2e.pages.JobPage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * A site with 200 features, 80 stems and 400 sightings in headless Chromium: frames while panning and zooming, opening
 * a stem, the server's answers, and an import of 5,000 rows. Prints what it measured and asserts nothing. Run with
 * {@code ./antevid bench}.
 */
class SiteBench {
    private static final String PAN_AND_ZOOM = """
        () => new Promise((done) => {
          const map = document.querySelector('[data-testid=site-plan]').olMap; const view = map.getView();
          const [x, y] = view.getCenter(); const r = view.getResolution(); const gaps = []; let last = performance.now(); let on = true;
          const frame = (t) => { gaps.push(t - last); last = t; if (on) requestAnimationFrame(frame); };
          requestAnimationFrame(frame);
          const go = (to) => new Promise((ok) => view.animate({ duration: 600, ...to }, ok));
          (async () => {
            for (const to of [{ center: [x + 30, y] }, { center: [x - 30, y + 15] }, { resolution: r / 3 }, { center: [x + 20, y - 10] }, { resolution: r }, { center: [x, y] }]) await go(to);
            on = false; const all = gaps.slice(2); const sum = all.reduce((a, b) => a + b, 0); const sorted = [...all].sort((a, b) => a - b);
            done([1000 * all.length / sum, sorted[Math.floor(sorted.length * 0.95)], sorted.at(-1)]);
          })();
        })""";
    private static final String OPEN = """
        (label) => new Promise((done) => {
          const row = [...document.querySelectorAll('[aria-label="Stems by danger"] button')].find((b) => b.textContent === label);
          const start = performance.now(); row.click();
          const look = () => document.querySelector('aside h1')?.textContent.startsWith(label + ' ') && document.querySelector('[data-testid=side-figure]')?.getAttribute('aria-label').startsWith(label + ' ')
            ? requestAnimationFrame(() => done(performance.now() - start)) : setTimeout(look, 2);
          look();
        })""";

    /** Notes each movement of the pointer while the handle is held, and each direction the figures come to show. */
    private static final String WATCH_DRAG = """
        () => {
          const el = document.querySelector('[data-testid=site-plan]'); const lay = document.querySelector('[data-testid=lay]');
          const w = { moves: [], shows: [] }; window.__drag = w;
          const stump = window.__stump;
          window.addEventListener('pointermove', (e) => {
            if (!e.buttons) return;
            const [x, y] = el.olMap.getEventCoordinate(e);
            const deg = Math.round((Math.atan2(x - stump[0], y - stump[1]) * 180 / Math.PI + 360) % 360) % 360;
            w.moves.push([performance.now(), String(deg).padStart(3, '0') + '°']);
          }, true);
          new MutationObserver(() => { const text = lay.textContent; requestAnimationFrame(() => w.shows.push([performance.now(), text])); }).observe(lay, { characterData: true, subtree: true, childList: true });
        }""";
    /** For each movement the time until the figures show its direction or a later one. */
    private static final String LAGS = """
        () => {
          const { moves, shows } = window.__drag; const lags = []; let s = 0; let from = 0;
          for (const [at, text] of shows) {
            let upTo = -1;
            for (let i = from; i < moves.length && moves[i][0] <= at; i++) if (moves[i][1] === text) upTo = i;
            for (let i = from; i <= upTo; i++) lags.push(at - moves[i][0]);
            if (upTo >= 0) from = upTo + 1;
          }
          const left = moves.length - from; lags.sort((a, b) => a - b);
          return [lags[Math.floor(lags.length / 2)], lags[Math.floor(lags.length * 0.95)], lags.at(-1), lags.length, left];
        }""";

    private static void drag(Page page, String stem) {
        page.locator("aside")
                .getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName(stem).setExact(true))
                .first()
                .click();
        page.locator("aside")
                .getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName("wedges").setExact(true))
                .first()
                .click();
        page.waitForTimeout(2500);
        String job = page.url().replaceAll(".*/jobs/([^/]+)/.*", "$1");
        page.evaluate(
                "async ([job, label]) => { const s = (await (await "
                        + "fetch(`/api/jobs/${job}/stems`)).json()).find((x) => x.label === label); "
                        + "window.__stump = [s.at.eastM, s.at.northM]; }",
                List.of(job, stem));
        double reach = Double.parseDouble(
                page.locator("aside .fig").first().innerText().replaceAll("[^0-9.]", ""));
        page.evaluate("() => { const v = document.querySelector('[data-testid=site-plan]').olMap.getView(); "
                + "v.setCenter(window.__stump); v.setResolution(0.12); }");
        page.waitForTimeout(600);
        List<?> at = (List<?>)
                page.evaluate("() => { const el = document.querySelector('[data-testid=site-plan]'); const p = "
                        + "el.olMap.getPixelFromCoordinate(window.__stump); const b = "
                        + "el.getBoundingClientRect(); return [b.x + p[0], b.y + p[1]]; }");
        double out = reach / 0.12 + 42;
        double deg = Double.parseDouble(page.getByTestId("lay").innerText().replaceAll("[^0-9]", ""));
        page.mouse()
                .move(
                        number(at, 0) + out * Math.sin(Math.toRadians(deg)),
                        number(at, 1) - out * Math.cos(Math.toRadians(deg)));
        page.mouse().down();
        page.evaluate(WATCH_DRAG);
        for (int i = 1; i <= 300; i++) {
            double a = Math.toRadians(deg + i * 0.9);
            page.mouse().move(number(at, 0) + out * Math.sin(a), number(at, 1) - out * Math.cos(a));
            page.waitForTimeout(16);
        }
        page.mouse().up();
        page.waitForTimeout(500);
        List<?> lag = (List<?>) page.evaluate(LAGS);
        System.out.printf(
                Locale.ROOT,
                "turning the lay of %s by hand: figures follow in %.0f ms (median), 95 %% within %.0f ms, "
                        + "longest %.0f ms, over %.0f movements%n",
                stem,
                number(lag, 0),
                number(lag, 1),
                number(lag, 2),
                number(lag, 3));
    }

    private static void posted(Page page, String path, String body, String what) {
        double[] ms = IntStream.range(0, 41)
                .mapToDouble(i -> {
                    long start = System.nanoTime();
                    page.request()
                            .post(
                                    path,
                                    RequestOptions.create()
                                            .setHeader("X-XSRF-TOKEN", xsrf(page))
                                            .setHeader("content-type", "application/json")
                                            .setData(body))
                            .body();
                    return (System.nanoTime() - start) / 1e6;
                })
                .skip(10)
                .sorted()
                .toArray();
        System.out.printf(Locale.ROOT, "POST %s: median %.1f ms%n", what, ms[ms.length / 2]);
    }

    @Test
    void turningTheLay(@TempDir Path data) throws Exception {
        TailgateNetwork network = TailgateNetwork.join();
        try (Server server = new Server(data, InetAddress.getLoopbackAddress().getHostAddress()).start("demo");
                Browsers browsers = Browsers.asPeopleHaveThem(network)) {
            JobPage page = new JobPage(browsers.leader());
            page.signIn(server.local(), "Imre Halloway");
            page.open("Withy Lock");
            page.stage(3);
            page.page.waitForTimeout(1500);
            drag(page.page, "S1");
            String job = open(page.page, server.local());
            String files = server.local() + "/api/jobs/" + job + "/files";
            send(page.page, files + "/geojson", features());
            send(page.page, files + "/csv/STEMS", stems(41));
            send(page.page, files + "/csv/SIGHTINGS", sightings(5, 41));
            page.page.navigate(server.local() + "/jobs/" + job + "/lay");
            page.page.waitForTimeout(3000);
            drag(page.page, "S1");
            drag(page.page, "S15");
            String id = page.page
                    .evaluate(
                            "async (job) => (await (await fetch(`/api/jobs/${job}/stems`)).json()).find((x) => "
                                    + "x.label === 'S15').id",
                            job)
                    .toString();
            String lay = server.local() + "/api/jobs/" + job + "/stems/" + id + "/lay/";
            String choice =
                    "{\"layDeg\":30,\"cutHeightM\":0.3,\"school\":\"OPEN_FACE\",\"barM\":0.45,\"means\":\"WEDGES\"}";
            posted(page.page, lay + "preview", choice, "one lay (200 features, 40 neighbours, over HTTP)");
            posted(page.page, lay + "dial", choice, "all 360 lays (200 features, 40 neighbours, over HTTP)");
            posted(
                    page.page,
                    lay + "rehearsal",
                    "{\"choice\":" + choice
                            + ",\"gustMs\":9,\"rotten\":\"LEFT\",\"offM\":0.02,\"falls\":10000,\"seed\":1}",
                    "two rehearsals of 10,000 falls");
        } finally {
        }
    }

    @Test
    void aLargeSite(@TempDir Path data) throws Exception {
        TailgateNetwork network = TailgateNetwork.join();
        try (Server server = new Server(data, InetAddress.getLoopbackAddress().getHostAddress()).start("demo");
                Browsers browsers = Browsers.asPeopleHaveThem(network)) {
            JobPage page = new JobPage(browsers.leader());
            page.signIn(server.local(), "Imre Halloway");
            String job = open(page.page, server.local());
            String files = server.local() + "/api/jobs/" + job + "/files";
            send(page.page, files + "/geojson", features());
            send(page.page, files + "/csv/STEMS", stems(80));
            send(page.page, files + "/csv/SIGHTINGS", sightings(5, 80));
            for (String what : List.of("stems", "features", "findings", "lays", "plan")) {
                answer(page.page, server.local() + "/api/jobs/" + job + "/" + what, what);
            }
            page.page.navigate(server.local() + "/jobs/" + job + "/place");
            page.page.waitForTimeout(2500);
            for (int i = 0; i < 3; i++) {
                List<?> f = (List<?>) page.page.evaluate(PAN_AND_ZOOM);
                System.out.printf(
                        Locale.ROOT,
                        "panning and zooming: %.1f frames a second, 95 %% of frames under %.1f ms, longest %.1f ms%n",
                        number(f, 0),
                        number(f, 1),
                        number(f, 2));
            }
            page.stage(2);
            page.page.waitForTimeout(1500);
            double[] opened = IntStream.rangeClosed(1, 20)
                    .mapToDouble(i -> {
                        page.tab("All");
                        page.page.waitForTimeout(250);
                        return ((Number) page.page.evaluate(OPEN, "S" + (i * 3))).doubleValue();
                    })
                    .sorted()
                    .toArray();
            System.out.printf(
                    Locale.ROOT,
                    "opening a stem of 80: median %.0f ms, longest of 20 %.0f ms%n",
                    opened[10],
                    opened[19]);
            String rows = big(2000);
            long start = System.nanoTime();
            send(page.page, files + "/csv/SIGHTINGS", rows);
            System.out.printf(Locale.ROOT, "importing 2,000 sightings: %.2f s%n", (System.nanoTime() - start) / 1e9);
        } finally {
        }
    }

    private static double number(List<?> list, int i) {
        return ((Number) list.get(i)).doubleValue();
    }

    private static String xsrf(Page page) {
        return page.context().cookies().stream()
                .filter(c -> c.name.equals("XSRF-TOKEN"))
                .findFirst()
                .orElseThrow()
                .value;
    }

    private static String open(Page page, String base) {
        APIResponse made = page.request()
                .post(
                        base + "/api/jobs",
                        RequestOptions.create()
                                .setHeader("X-XSRF-TOKEN", xsrf(page))
                                .setData(Map.of(
                                        "name", "Bench End", "place", "a made-up place", "visitOn", "2026-11-24")));
        return made.text().replaceAll(".*\"jobId\":\"([^\"]+)\".*", "$1");
    }

    private static void send(Page page, String path, String file) {
        APIResponse r = page.request()
                .post(
                        path,
                        RequestOptions.create()
                                .setTimeout(120000)
                                .setHeader("X-XSRF-TOKEN", xsrf(page))
                                .setMultipart(FormData.create()
                                        .set(
                                                "file",
                                                new FilePayload(
                                                        "file",
                                                        "application/octet-stream",
                                                        file.getBytes(StandardCharsets.UTF_8)))));
        if (r.status() != 200) {
            throw new IllegalStateException(r.status() + " " + r.text());
        }
    }

    private static void answer(Page page, String path, String what) {
        double[] ms = IntStream.range(0, 7)
                .mapToDouble(i -> {
                    long start = System.nanoTime();
                    page.request().get(path).body();
                    return (System.nanoTime() - start) / 1e6;
                })
                .sorted()
                .toArray();
        System.out.printf(Locale.ROOT, "GET %s: median %.0f ms%n", what, ms[3]);
    }

    private static String features() {
        Random r = new Random(1);
        String list = IntStream.range(0, 200)
                .mapToObj(i -> {
                    double e = 200 * r.nextDouble();
                    double n = 150 * r.nextDouble();
                    String geometry = i % 3 == 0
                            ? "{\"type\":\"Point\",\"coordinates\":[" + e + "," + n + "]}"
                            : i % 3 == 1
                                    ? "{\"type\":\"LineString\",\"coordinates\":[[" + e + "," + n + "],[" + (e + 15)
                                            + "," + (n + 4) + "]]}"
                                    : "{\"type\":\"Polygon\",\"coordinates\":[[[" + e + "," + n + "],[" + (e + 6) + ","
                                            + n + "],[" + (e + 6) + "," + (n + 5) + "],[" + e + "," + (n + 5) + "],["
                                            + e + "," + n + "]]]}";
                    return "{\"type\":\"Feature\",\"geometry\":" + geometry + ",\"properties\":{\"name\":\"thing " + i
                            + "\",\"kind\":\"other\",\"worth\":" + i % 5 + "}}";
                })
                .collect(Collectors.joining(","));
        return "{\"type\":\"FeatureCollection\",\"antevidFrame\":\"local-metres\",\"features\":[" + list + "]}";
    }

    private static String table(String header, int rows, IntFunction<String> row) {
        return header + "\r\n" + IntStream.range(0, rows).mapToObj(row).collect(Collectors.joining("\r\n")) + "\r\n";
    }

    private static String stems(int count) {
        Random r = new Random(2);
        return table(
                "label,species,state,east_m,north_m,wood_left,wood_right,wood_back,wood_core,wood_crown,wood_facing_deg,shape,crown,keep,union_with,union_height_m,note",
                count,
                i -> "S" + (i + 1) + ",fagus,standing," + 200 * r.nextDouble() + "," + 150 * r.nextDouble()
                        + ",sound,sound,sound,sound,sound,,forest,forest_broadleaf,no,,,");
    }

    private static String sightings(int each, int stems) {
        List<String> kinds = Arrays.asList(
                "girth|girthM=1.6",
                "height_angles|distanceM=25;top=36;base=-4",
                "plumb_lean|leanDeg=2;azimuthDeg=80",
                "crown_radius|radiusM=3",
                "girth|girthM=1.61");
        return table(
                HEADER,
                stems * each,
                i -> ",S" + (i / each + 1) + "," + kinds.get(i % each).replace('|', ',')
                        + ",tape,standing,Imre Halloway,2026-11-23T09:00:00Z,no,no,,,");
    }

    private static String big(int rows) {
        return table(
                HEADER,
                rows,
                i -> ",S" + (i % 80 + 1) + ",girth,girthM=" + (1.6 + i % 7 * 0.002)
                        + ",tape,standing,Imre Halloway,2026-11-23T10:00:00Z,no,no,,,");
    }

    private static final String HEADER =
            "id,stem,kind,raw,instrument,state_then,who,at,simulated,by_crew,accepted_by,set_aside,set_aside_by";
}
