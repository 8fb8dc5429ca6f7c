import type Feature from 'ol/Feature';
import type { Schemas } from '../../api/client';
import { azimuth } from '../../units/format';
import { alone, clearOf, styled } from '../draw';
import { extent, type PlanScene } from '../scene';
import { geometryOf } from '../sketching';
import { Circle, dropStyle, Fill, layStyles, line, Point, Style, toward, words, xy } from '../styles';
import { token } from '../token';
import { gone } from '../../app/gone';
import type { Stage } from '../../stages/stage';
import type { PlanLayer } from './layer';
import { msg } from '../words';

/** Nothing of a lay is drawn while it is asked what stands there. */
const BEFORE_LAYS: readonly Stage[] = ['place', 'stems'];
/** The stem that is looked at stands out while its lay and cuts are chosen. */
const TURNED: readonly Stage[] = ['lay', 'cuts'];

/** Drop zone, fan, ring and ways out of the stem that is looked at; the lay that is being turned, with its handle. */
export const lays: PlanLayer = {
  key: 'lays',
  draw: (scene, resolution) => [...planned(scene, true), ...turned(scene, resolution)],
};

/** The same of every other stem. */
export const otherLays: PlanLayer = {
  key: 'others',
  get words() {
    return msg('laysOfTheOther');
  },
  draw: (scene) => planned(scene, false),
};

function planned(scene: PlanScene, own: boolean): Feature[] {
  const box = extent(scene);
  const out: Feature[] = [];
  const down = new Set(scene.stems.filter(gone).map((s) => s.id));
  for (const l of scene.lays) {
    if ((l.stemId === scene.selected) !== own) continue;
    // its ground is free again; what was briefed of it stands with its outcome
    if (down.has(l.stemId)) continue;
    const previewed = scene.preview && l.stemId === scene.selected;
    const zone =
      previewed && scene.preview && scene.stage === 'lay'
        ? scene.preview.reach.fan.wholeCircle
          ? []
          : scene.preview.suggestedDropZone
        : l.dropZone;
    if (zone.length > 2 && !BEFORE_LAYS.includes(scene.stage)) out.push(alone(dropStyle(zone)));
    if (l.lay && !previewed && !BEFORE_LAYS.includes(scene.stage) && (l.fixed || l.stemId === scene.selected))
      out.push(...layStyles(l.lay, l.stemId === scene.selected && TURNED.includes(scene.stage), box).map(alone));
  }
  return out;
}

function turned(scene: PlanScene, resolution: number): Feature[] {
  const box = extent(scene);
  const out: Feature[] = [];
  if (scene.preview && TURNED.includes(scene.stage)) {
    const p = scene.preview;
    const turning = scene.stage === 'lay';
    out.push(...layStyles(p, true, box, turning ? scene.focus : undefined).map(alone));
    if (turning && scene.focus === 'reach') out.push(...closed(scene, p));
    if (turning) out.push(handle(p, resolution));
  }
  return out;
}

/** Houses, paths and pens in the ring, with who empties, closes or guards them. */
function closed(scene: PlanScene, p: Schemas['LayView']): Feature[] {
  return p.around.occupied.flatMap((o) => {
    const f = scene.features.find((x) => x.id === o.id);
    if (!f) return [];
    const colour = o.done ? 'ok' : o.takenCareOf ? 'drop' : 'keep';
    const outline = styled(
      geometryOf(f.entry.form, f.entry.outline),
      new Style({ stroke: line(colour, 4), zIndex: 5 }),
    );
    return window.innerWidth < 600
      ? [outline]
      : [
          outline,
          alone(
            new Style({
              geometry: new Point(xy(clearOf([], f))),
              text: words(
                o.done ? msg('done', { by: o.by }) : o.by ? msg('notDone', { by: o.by }) : msg('nobodyNamed'),
                colour,
                true,
                [0, 40],
              ),
              zIndex: 9,
            }),
          ),
        ];
  });
}

/** The lay's handle, dragged to turn it; outside the band of the dial. */
function handle(p: Schemas['LayView'], resolution: number): Feature {
  const at = toward(p.stump, p.layDeg, p.reach.reachM + 42 * resolution);
  const digits = words(azimuth(p.layDeg), 'paper', true);
  digits.setFill(new Fill({ color: '#fff' }));
  digits.setStroke(line('lay', 0.1));
  return styled(
    new Point(xy(at)),
    new Style({ image: new Circle({ radius: 22, fill: new Fill({ color: token('lay') }) }), text: digits, zIndex: 20 }),
    { handle: true },
  );
}
