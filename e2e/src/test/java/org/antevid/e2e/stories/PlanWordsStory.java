package org.antevid.e2e.stories;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;

/** Words on the plan never touch: not on the demo, not with forty targets, not on any width. */
class PlanWordsStory extends DemoStory {
    private static final int[][] SIZES = {{1280, 800}, {1024, 768}, {390, 844}};
    /** Read off the map as it is drawn, not off what placed the words. */
    private static final String TOUCHING = """
        () => {
          const map = document.querySelector('[data-testid=site-plan]').olMap;
          const pen = document.createElement('canvas').getContext('2d');
          const words = [], plates = [];
          for (const layer of map.getLayers().getArray()) {
            const source = layer.getSource && layer.getSource();
            if (!source || !source.getFeatures) continue;
            for (const f of source.getFeatures()) {
              const styles = [f.getStyle()].flat().filter(Boolean);
              for (const s of styles) {
                const g = s.getGeometry() || f.getGeometry();
                if (!g || g.getType() !== 'Point') continue;
                const [x, y] = map.getPixelFromCoordinate(g.getCoordinates());
                const text = s.getText();
                if (text && text.getText() && !f.get('handle')) {
                  pen.font = text.getFont();
                  const half = pen.measureText(text.getText()).width / 2;
                  const mx = x + text.getOffsetX(), my = y + text.getOffsetY();
                  words.push({ what: text.getText(), l: mx - half, r: mx + half, t: my - 7, b: my + 7 });
                }
                const image = s.getImage();
                if (image && image.getSrc) {
                  const [w, h] = image.getSize().map((v) => v * image.getScale() / 2);
                  plates.push({ what: 'plate', l: x - w, r: x + w, t: y - h, b: y + h });
                }
              }
            }
          }
          const touch = (a, b) => a.l < b.r && b.l < a.r && a.t < b.b && b.t < a.b;
          const found = [];
          words.forEach((a, i) => {
            words.slice(i + 1).filter((b) => touch(a, b)).forEach((b) => found.push(a.what + ' x ' + b.what));
            plates.filter((p) => touch(a, p)).forEach(() => found.push(a.what + ' x plate'));
          });
          return { words: words.length, found };
        }""";

    private static final String FORTY_TARGETS = """
        async () => {
          const token = () => decodeURIComponent(document.cookie.split('; ').find(c => c.startsWith('XSRF-TOKEN=')).slice(11));
          const call = async (method, path, body) => {
            const r = await fetch(path, { method, headers: { 'content-type': 'application/json', 'X-XSRF-TOKEN': token() }, body: body && JSON.stringify(body) });
            if (!r.ok) throw new Error(path + ' ' + r.status + ' ' + await r.text());
            return r.status === 204 ? undefined : r.json();
          };
          const { jobId } = await call('POST', '/api/jobs', { name: 'Crowded Yard', place: 'a yard', visitOn: '2026-11-27' });
          const at = '/api/jobs/' + jobId;
          const names = ['shed', 'kiosk', 'bench', 'greenhouse', 'parked van', 'bicycle stand', 'playground', 'bus shelter'];
          const features = Array.from({ length: 40 }, (_, i) => ({ type: 'Feature',
            geometry: { type: 'Point', coordinates: [(i % 8) * 9 + (i % 3), Math.floor(i / 8) * 11 + (i % 5)] },
            properties: { name: names[i % 8] + ' number ' + (i + 1), kind: 'other', worth: 1 + i % 4, radiusM: 1 } }));
          const form = new FormData();
          form.append('file', new Blob([JSON.stringify({ type: 'FeatureCollection', antevidFrame: 'local-metres', features })], { type: 'application/geo+json' }), 'yard.geojson');
          const sent = await fetch(at + '/files/geojson', { method: 'POST', headers: { 'X-XSRF-TOKEN': token() }, body: form });
          if (!sent.ok) throw new Error(await sent.text());
          await call('POST', at + '/trees', { at: { eastM: 32, northM: 26 }, species: 'FAGUS', wood: 'SOUND', diameterM: 0.3, heightM: 12, crownRadiusM: 2, leanDeg: 0, faults: [], means: 'WEDGES' });
          return jobId;
        }""";

    private void proven(String what) {
        imre.page.waitForTimeout(300);
        Object seen = imre.page.evaluate(TOUCHING);
        String said = what + ": " + seen;
        assertThat(((Number) ((java.util.Map<?, ?>) seen).get("words")).intValue())
                .as(said)
                .isPositive();
        assertThat((List<?>) ((java.util.Map<?, ?>) seen).get("found")).as(said).isEmpty();
    }

    private void everywhere(String job, String name) {
        for (String stage : List.of("place", "lay", "brief")) {
            imre.page.navigate(server.local() + "/jobs/" + job + "/" + stage);
            imre.page.waitForSelector("[data-testid=site-plan][data-ready=yes]");
            imre.page.waitForTimeout(900);
            for (int[] size : SIZES) {
                imre.page.setViewportSize(size[0], size[1]);
                imre.page.waitForTimeout(400);
                proven(name + " " + size[0] + " " + stage);
            }
        }
        imre.page.setViewportSize(1280, 800);
    }

    @Test
    @Order(1)
    void onTheDemo() {
        String job = imre.page
                .evaluate(
                        "async () => (await (await fetch('/api/board')).json()).jobs.find(j => j.name === 'Withy Lock').id")
                .toString();
        everywhere(job, "demo");
        imre.page.navigate(server.local() + "/jobs/" + job + "/lay");
        for (String part : List.of("Reach", "Ways out", "Lay")) {
            imre.tab(part);
            proven("demo " + part);
        }
    }

    @Test
    @Order(2)
    void withFortyTargets() {
        String job = imre.page.evaluate(FORTY_TARGETS).toString();
        everywhere(job, "forty targets");
        imre.page.navigate(server.local() + "/jobs/" + job + "/lay");
        imre.page.waitForSelector("[data-testid=site-plan][data-ready=yes]");
        imre.page.waitForTimeout(900);
        imre.shot("forty-targets");
    }
}
