package org.antevid.e2e.bench;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Page;
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
 * A site with 200 features, 80 stems and 400 sightings in headless Chromium: frames while panning and zooming, opening a stem, the
 * server's answers, and an import of 5,000 rows. Prints what it measured and asserts nothing. Run with {@code ./antevid bench}.
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

    @Test
    void aLargeSite(@TempDir Path data) throws Exception {
        TailgateNetwork network = new TailgateNetwork();
        try (Server server = new Server(data, InetAddress.getLoopbackAddress().getHostAddress()).start("demo"); Browsers browsers = new Browsers(network)) {
            JobPage page = new JobPage(browsers.leader());
            page.signIn(server.local(), "Imre Halloway");
            String job = open(page.page, server.local());
            String files = server.local() + "/api/jobs/" + job + "/files";
            send(page.page, files + "/geojson", features());
            send(page.page, files + "/csv/STEMS", stems(80));
            send(page.page, files + "/csv/SIGHTINGS", sightings(5));
            for (String what : List.of("stems", "features", "findings", "lays", "plan")) {
                answer(page.page, server.local() + "/api/jobs/" + job + "/" + what, what);
            }
            page.page.navigate(server.local() + "/jobs/" + job + "/place");
            page.page.waitForTimeout(2500);
            for (int i = 0; i < 3; i++) {
                List<?> f = (List<?>) page.page.evaluate(PAN_AND_ZOOM);
                System.out.printf(Locale.ROOT, "panning and zooming: %.1f frames a second, 95 %% of frames under %.1f ms, longest %.1f ms%n", number(f, 0), number(f, 1), number(f, 2));
            }
            page.stage(2);
            page.page.waitForTimeout(1500);
            double[] opened = IntStream.rangeClosed(1, 20).mapToDouble(i -> {
                page.tab("All");
                page.page.waitForTimeout(250);
                return ((Number) page.page.evaluate(OPEN, "S" + (i * 3))).doubleValue();
            }).sorted().toArray();
            System.out.printf(Locale.ROOT, "opening a stem of 80: median %.0f ms, longest of 20 %.0f ms%n", opened[10], opened[19]);
            String rows = big(5000);
            long start = System.nanoTime();
            send(page.page, files + "/csv/SIGHTINGS", rows);
            System.out.printf(Locale.ROOT, "importing 5,000 sightings: %.2f s%n", (System.nanoTime() - start) / 1e9);
        } finally {
            network.close();
        }
    }

    private static double number(List<?> list, int i) {
        return ((Number) list.get(i)).doubleValue();
    }

    private static String xsrf(Page page) {
        return page.context().cookies().stream().filter(c -> c.name.equals("XSRF-TOKEN")).findFirst().orElseThrow().value;
    }

    private static String open(Page page, String base) {
        APIResponse made = page.request().post(base + "/api/jobs", RequestOptions.create().setHeader("X-XSRF-TOKEN", xsrf(page)).setData(Map.of("name", "Bench End", "place", "a made-up place", "visitOn", "2026-11-24")));
        return made.text().replaceAll(".*\"jobId\":\"([^\"]+)\".*", "$1");
    }

    private static void send(Page page, String path, String file) {
        APIResponse r = page.request().post(path, RequestOptions.create().setTimeout(120000).setHeader("X-XSRF-TOKEN", xsrf(page))
            .setMultipart(FormData.create().set("file", new FilePayload("file", "application/octet-stream", file.getBytes(StandardCharsets.UTF_8)))));
        if (r.status() != 200) {
            throw new IllegalStateException(r.status() + " " + r.text());
        }
    }

    private static void answer(Page page, String path, String what) {
        double[] ms = IntStream.range(0, 7).mapToDouble(i -> {
            long start = System.nanoTime();
            page.request().get(path).body();
            return (System.nanoTime() - start) / 1e6;
        }).sorted().toArray();
        System.out.printf(Locale.ROOT, "GET %s: median %.0f ms%n", what, ms[3]);
    }

    private static String features() {
        Random r = new Random(1);
        String list = IntStream.range(0, 200).mapToObj(i -> {
            double e = 200 * r.nextDouble();
            double n = 150 * r.nextDouble();
            String geometry = i % 3 == 0 ? "{\"type\":\"Point\",\"coordinates\":[" + e + "," + n + "]}" : i % 3 == 1 ? "{\"type\":\"LineString\",\"coordinates\":[[" + e + "," + n + "],[" + (e + 15) + "," + (n + 4) + "]]}"
                : "{\"type\":\"Polygon\",\"coordinates\":[[[" + e + "," + n + "],[" + (e + 6) + "," + n + "],[" + (e + 6) + "," + (n + 5) + "],[" + e + "," + (n + 5) + "],[" + e + "," + n + "]]]}";
            return "{\"type\":\"Feature\",\"geometry\":" + geometry + ",\"properties\":{\"name\":\"thing " + i + "\",\"kind\":\"other\",\"worth\":" + i % 5 + "}}";
        }).collect(Collectors.joining(","));
        return "{\"type\":\"FeatureCollection\",\"antevidFrame\":\"local-metres\",\"features\":[" + list + "]}";
    }

    private static String table(String header, int rows, IntFunction<String> row) {
        return header + "\r\n" + IntStream.range(0, rows).mapToObj(row).collect(Collectors.joining("\r\n")) + "\r\n";
    }

    private static String stems(int count) {
        Random r = new Random(2);
        return table("label,species,state,east_m,north_m,wood_left,wood_right,wood_back,wood_core,wood_crown,wood_facing_deg,shape,crown,keep,union_with,union_height_m,note", count,
            i -> "S" + (i + 1) + ",fagus,standing," + 200 * r.nextDouble() + "," + 150 * r.nextDouble() + ",sound,sound,sound,sound,sound,,forest,forest_broadleaf,no,,,");
    }

    private static String sightings(int each) {
        List<String> kinds = Arrays.asList("girth|girthM=1.6", "height_angles|distanceM=25;top=36;base=-4", "plumb_lean|leanDeg=2;azimuthDeg=80", "crown_radius|radiusM=3", "girth|girthM=1.61");
        return table(HEADER, 80 * each, i -> ",S" + (i / each + 1) + "," + kinds.get(i % each).replace('|', ',') + ",tape,standing,Imre Halloway,2026-11-23T09:00:00Z,no,no,,,");
    }

    private static String big(int rows) {
        return table(HEADER, rows, i -> ",S" + (i % 80 + 1) + ",girth,girthM=" + (1.6 + i % 7 * 0.002) + ",tape,standing,Imre Halloway,2026-11-23T10:00:00Z,no,no,,,");
    }

    private static final String HEADER = "id,stem,kind,raw,instrument,state_then,who,at,simulated,by_crew,accepted_by,set_aside,set_aside_by";
}
