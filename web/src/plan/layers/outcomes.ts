import type Feature from 'ol/Feature';
import { azimuth } from '../../units/format';
import { alone, styled } from '../draw';
import type { PlanScene } from '../scene';
import { Circle, CircleGeom, dropStyle, Fill, line, LineString, Point, ring, Style, words, xy } from '../styles';
import { reviewed } from '../reviewed';
import { geometryOf } from '../sketching';
import { token } from '../token';
import type { Schemas, Spot } from '../../api/client';
import type { PlanLayer } from './layer';
import { msg } from '../words';

/** Where felled stems lie. */
export const outcomes: PlanLayer = { key: 'outcomes', at: ['review'], draw };

/** Where it touched first, and where the tip came to rest after it rolled. */
const landed = (o: Schemas['Outcome']): Style[] => [
  ...(o.firstTouch ? [place(o.firstTouch, msg('firstTouch'), false)] : []),
  ...(o.rest ? [place(o.rest, msg('rolledTo', { rolled: o.measured.landing.said.rolledM ?? '' }), false)] : []),
];

const ringOf = (p: Schemas['PlannedFall']): Style =>
  new Style({
    geometry: new CircleGeom(xy(p.stump), p.ringM),
    stroke: line('keep', 2, [26, 9]),
  });

/** Who was where when the go was given: full where a beacon was heard, hollow where it is only as briefed. */
const there = (o: Schemas['Outcome']): Style[] =>
  o.there.map((p) =>
    place(
      p.at,
      p.said.sigmaM
        ? msg('heardAt', { who: p.who.split(' ')[0], off: p.said.sigmaM })
        : msg('briefedAt', { who: p.who.split(' ')[0] }),
      p.said.sigmaM !== undefined,
    ),
  );

const place = (at: Spot, text: string, full: boolean): Style =>
  new Style({
    geometry: new Point(xy(at)),
    image: new Circle({
      radius: 7,
      fill: new Fill({ color: full ? token('ink') : token('paper') }),
      stroke: line('ink', 2),
    }),
    text: words(text, 'ink', false, [0, -16]),
    zIndex: 13,
  });

/** Drop zone, fan and lay as they stood in the briefing under which the go was given. */
function briefed(p: Schemas['PlannedFall']): Style[] {
  return [
    ...(p.dropZone.length > 2 ? [dropStyle(p.dropZone)] : []),
    ...(p.fan.length > 2
      ? [
          new Style({
            geometry: ring(p.fan),
            stroke: line('lay', 1.6),
            fill: new Fill({ color: `${token('lay')}${p.wholeCircle ? '10' : '22'}` }),
          }),
        ]
      : []),
    new Style({ geometry: new LineString([xy(p.stump), xy(p.tip)]), stroke: line('lay', 2.5) }),
  ];
}

/** What was struck, as long as it stands on the plan. */
const hit = (scene: PlanScene, near?: Spot): Feature[] =>
  scene.features
    .filter((f) => scene.struck.some((s) => s.featureId === f.id))
    .flatMap((f) => [
      styled(
        geometryOf(f.entry.form, f.entry.outline),
        new Style({ stroke: line('keep', 6), fill: new Fill({ color: `${token('keep')}33` }), zIndex: 7 }),
        { struck: f.id },
      ),
      alone(
        new Style({
          geometry: new Point(near ? geometryOf(f.entry.form, f.entry.outline).getClosestPoint(xy(near)) : xy(f.mark)),
          text: words(msg('struck', { name: f.entry.name }), 'keep', true, [0, -20]),
          zIndex: 13,
        }),
      ),
    ]);

function draw(scene: PlanScene): Feature[] {
  const looked = reviewed(scene.outcomes, scene.selected);
  const out: Feature[] = hit(scene, looked?.tip);
  for (const o of scene.outcomes) {
    const stem = scene.stems.find((s) => s.label === o.stem);
    if (stem) {
      out.push(...[...briefed(o.planned), ...landed(o)].map(alone));
      if (o === looked) out.push(...[ringOf(o.planned), ...there(o)].map(alone));
      out.push(alone(new Style({ geometry: new LineString([xy(stem.at), xy(o.tip)]), stroke: line('ink', 5) })));
      out.push(
        alone(
          new Style({
            geometry: new Point(xy(o.tip)),
            text: words(
              msg('liesDegrees', { stem: o.stem, actualLayDeg: azimuth(o.deviation.actualLayDeg) }),
              'ink',
              true,
              [0, -12],
            ),
            zIndex: 12,
          }),
        ),
      );
    }
  }
  return out;
}
