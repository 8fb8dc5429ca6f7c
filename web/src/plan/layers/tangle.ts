import type Feature from 'ol/Feature';
import { MultiPolygon } from 'ol/geom';
import type { Schemas } from '../../api/client';
import { alone, styled } from '../draw';
import type { PlanScene } from '../scene';
import { Circle, Fill, line, LineString, Point, ring, Style, toward, words, xy } from '../styles';
import { token } from '../token';
import { turnDisc } from '../plates';
import { msg } from '../words';
import type { PlanLayer } from './layer';

type Stem = Schemas['TangledStem'];
/** A stem is thin on a plan: its thickness is drawn so many times as wide. */
const WIDER = 3;
const GAP_M = 0.5;
/** Metres of a pixel from which only the chosen stem's numbers are written on the plan. */
const COARSE = 0.1;

/** Hung and fallen stems: bars by true place and taper, what lies on what, where nobody is, who may come how near. */
export const tangle: PlanLayer = { key: 'tangle', draw };

function draw(scene: PlanScene, resolution: number): Feature[] {
  const out: Feature[] = [];
  const here = scene.stage === 'tangle';
  for (const a of scene.tangle?.areas ?? []) {
    out.push(
      alone(
        new Style({
          geometry: ring(a.beneath),
          stroke: line('keep', 2.5, [20, 7]),
          fill: new Fill({ color: `${token('keep')}14` }),
        }),
      ),
    );
    const hung = scene.stems.find((x) => x.label === a.hung);
    if (here && hung) {
      out.push(styled(ring(a.ring), new Style({ stroke: line('keep', 3, [26, 9]) })));
      out.push(
        alone(
          new Style({
            geometry: new Point(xy(toward(hung.at, 0, a.keepOutM / 2))),
            text: words(msg('namedPeopleOnly', { keepOutM: a.said.keepOutM }), 'keep', true),
            zIndex: 9,
          }),
        ),
      );
      const centre = ring(a.beneath).getInteriorPoint().getCoordinates();
      out.push(
        alone(
          new Style({
            geometry: new Point([centre[0] ?? 0, (centre[1] ?? 0) + 6]),
            text: words(msg('nobodyBeneath'), 'keep', true),
            zIndex: 9,
          }),
        ),
      );
    }
  }
  if (here) {
    for (const d of scene.tangle?.deadlocks ?? []) out.push(...loop(d));
    for (const h of scene.tangle?.hangs ?? []) if (h.closed && h.closed.outline.length > 2) out.push(closed(h.closed));
  }
  for (const s of scene.tangle?.stems ?? []) out.push(...bar(scene, s, here, resolution));
  return out;
}

/** Those that bear on each other, drawn large: what the chosen stem bears on or bears, at any depth. */
export function pile(scene: PlanScene): Stem[] {
  const stems = scene.tangle?.stems ?? [];
  const first =
    stems.find((s) => s.stemId === scene.selected) ?? stems.find((s) => s.bearsOn.length + s.bears.length > 0);
  const found = new Set<string>(first ? [first.label] : []);
  for (let n = -1; n !== found.size;) {
    n = found.size;
    for (const s of stems)
      if ([...s.bearsOn, ...s.bears].some((l) => found.has(l)) || found.has(s.label))
        [s.label, ...s.bearsOn, ...s.bears].forEach((l) => found.add(l));
  }
  return stems.filter((s) => s.pose && found.has(s.label));
}

/** The same stems in a small plan of their own. */
export function large(scene: PlanScene, stems: Stem[], resolution: number): Feature[] {
  const labels = stems.map((s) => s.label);
  return [
    ...(scene.tangle?.deadlocks ?? []).filter((d) => d.stems.every((l) => labels.includes(l))).flatMap(loop),
    ...stems.flatMap((s) => bar(scene, s, true, resolution, true)),
  ];
}

/** Stems that hold each other: one dashed loop around them. */
const loop = (d: Schemas['DeadlockView']): Feature[] =>
  d.loop.map((points, i) =>
    alone(
      new Style({
        geometry: ring(points),
        stroke: line('keep', 4, [14, 10]),
        text: i === 0 ? words(msg('holdEachOther', { stems: d.stems.join(', ') }), 'keep', true, [0, -30]) : undefined,
        zIndex: 11,
      }),
    ),
  );

/** What is closed around a stem that is left. */
const closed = (c: Schemas['ClosureView']): Feature =>
  alone(
    new Style({
      geometry: ring(c.outline),
      stroke: line(c.ok ? 'ink' : 'keep', 3, [4, 8]),
      text: words(
        c.ok ? msg('closedOff') : msg('closedShort', { short: c.said.shortM ?? '' }),
        c.ok ? 'ink' : 'keep',
        true,
      ),
      zIndex: 9,
    }),
  );

/** A stretch nobody has seen: dotted, with a question mark. */
function unseen(s: Stem, butt: [number, number], tip: [number, number], lengthM: number): Feature[] {
  const at = (m: number): [number, number] => {
    const t = Math.min(1, m / lengthM);
    return [butt[0] + t * (tip[0] - butt[0]), butt[1] + t * (tip[1] - butt[1])];
  };
  return s.hidden.map((h) =>
    alone(
      new Style({
        geometry: new LineString([at(h.fromM), at(h.toM)]),
        stroke: line('paper', 6, [2, 8]),
        text: words('?', 'ink', true),
        zIndex: 6,
      }),
    ),
  );
}

/** The line its butt is tied off with, and the ground it can come over on it. */
function tiedOff(s: Stem, butt: [number, number]): Feature[] {
  if (!s.tiedOff) return [];
  return [
    ...s.swing.map((points) =>
      alone(
        new Style({
          geometry: ring(points),
          stroke: line('keep', 2, [4, 6]),
          fill: new Fill({ color: `${token('keep')}14` }),
          zIndex: 3,
        }),
      ),
    ),
    // at its lower edge: in its middle stand the anchor's word and those of the line it is dragged by
    ...s.swing.slice(0, 1).map((points) =>
      alone(
        new Style({
          geometry: new Point(xy(points.reduce((a, b) => (b.northM < a.northM ? b : a)))),
          text: words(msg('swing'), 'keep', true, [0, 14]),
          zIndex: 9,
        }),
      ),
    ),
    alone(
      new Style({
        geometry: new LineString([butt, xy(s.tiedOff.anchor)]),
        stroke: line('act', 3),
        zIndex: 5,
      }),
    ),
    alone(
      new Style({
        geometry: new Point(xy(s.tiedOff.anchor)),
        image: new Circle({ radius: 6, fill: new Fill({ color: token('act') }) }),
        text: words(msg('anchor'), 'ink', true, [0, 18]),
        zIndex: 6,
      }),
    ),
  ];
}

/** The line by which it is dragged away, the winch, and the ground inside its bend. */
function dragged(s: Stem, butt: [number, number]): Feature[] {
  if (!s.dragLine) return [];
  const { winch, redirect } = s.dragLine;
  return [
    ...s.bight.map((points) =>
      alone(
        new Style({
          geometry: ring(points),
          fill: new Fill({ color: `${token('keep')}22` }),
          text: words(msg('bight'), 'keep', true),
          zIndex: 3,
        }),
      ),
    ),
    alone(
      new Style({
        geometry: new LineString([butt, ...(redirect ? [xy(redirect)] : []), xy(winch)]),
        stroke: line('ink', 3, [2, 7]),
        zIndex: 5,
      }),
    ),
    ...(redirect
      ? [
          alone(
            new Style({
              geometry: new Point(xy(redirect)),
              image: new Circle({ radius: 6, fill: new Fill({ color: token('paper') }), stroke: line('act', 4) }),
              text: words(msg('block'), 'ink', true, [0, 18]),
              zIndex: 9,
            }),
          ),
        ]
      : []),
    alone(
      new Style({
        geometry: new Point(xy(winch)),
        image: new Circle({ radius: 9, fill: new Fill({ color: token('act') }), stroke: line('ink', 2) }),
        text: words(msg('winch'), 'ink', true, [0, 22]),
        zIndex: 9,
      }),
    ),
  ];
}

/** Whether something else was tapped that neither bears on it nor that it bears on. */
function apart(scene: PlanScene, s: Stem): boolean {
  const chosen = scene.tangle?.stems.find((x) => x.stemId === scene.selected);
  return (
    chosen !== undefined &&
    chosen.label !== s.label &&
    !chosen.bearsOn.includes(s.label) &&
    !chosen.bears.includes(s.label)
  );
}

/** The outline, drawn wider than it is, without what passes beneath another stem. */
function bar(scene: PlanScene, s: Stem, here: boolean, resolution: number, named = false): Feature[] {
  const p = s.pose;
  if (!p) return [];
  const out: Feature[] = [];
  const faded = here && apart(scene, s);
  const butt = xy(p.butt.at);
  const tip = xy(p.tip.at);
  const cuts = (scene.tangle?.crossings ?? []).filter((c) => c.lower === s.label).map((c) => xy(c.at));
  out.push(
    styled(
      new LineString([butt, tip]),
      new Style({
        geometry: new MultiPolygon(pieces(p.outline, butt, tip, cuts).map((q) => [q])),
        fill: new Fill({ color: `${token('wood')}${faded ? '40' : ''}` }),
        stroke: line(faded ? 'hair' : 'ink', 2),
        zIndex: 4,
      }),
      { stemId: s.stemId },
    ),
  );
  if (!here) return out;
  out.push(...dragged(s, butt), ...tiedOff(s, butt));
  if (faded) return out;
  out.push(...unseen(s, butt, tip, p.lengthM));
  const written = s.stemId === scene.selected || resolution < COARSE;
  for (const r of s.rests) {
    if (!r.at) continue;
    out.push(
      alone(
        new Style({
          geometry: new Point(xy(r.at.at)),
          image: new Circle({ radius: 6, fill: new Fill({ color: token('paper') }), stroke: line('ink', 3) }),
          text:
            !written || r.said.loadKg === undefined
              ? undefined
              : words(`↓ ${r.said.loadKg}`, 'ink', true, [10, -12], 'left'),
          zIndex: 8,
        }),
      ),
    );
  }
  for (const end of written ? [p.butt, p.tip] : [])
    out.push(
      alone(
        new Style({
          geometry: new Point(xy(end.at)),
          text: words(
            named && end === p.butt ? `${s.label} ${end.said.heightM}` : end.said.heightM,
            'ink',
            named && end === p.butt,
            [0, 16],
          ),
          zIndex: 7,
        }),
      ),
    );
  if (s.turn !== undefined)
    out.push(
      alone(
        new Style({
          geometry: new Point([(2 * butt[0] + tip[0]) / 3, (2 * butt[1] + tip[1]) / 3]),
          image: turnDisc(s.turn),
          zIndex: 10,
        }),
      ),
    );
  return out;
}

/** The bar between the gaps at which it passes beneath another. */
function pieces(
  outline: NonNullable<Stem['pose']>['outline'],
  butt: [number, number],
  tip: [number, number],
  cuts: [number, number][],
): [number, number][][] {
  const length = Math.hypot(tip[0] - butt[0], tip[1] - butt[1]);
  if (outline.length < 4 || length === 0) return [];
  const half = (i: number, at: [number, number]) => {
    const o = outline[i];
    return o ? WIDER * Math.hypot(o.eastM - at[0], o.northM - at[1]) : 0;
  };
  const wide = [half(0, butt), half(1, tip)] as const;
  const across = [-(tip[1] - butt[1]) / length, (tip[0] - butt[0]) / length] as const;
  const at = (t: number, side: number): [number, number] => {
    const w = side * (wide[0] + t * (wide[1] - wide[0]));
    return [butt[0] + t * (tip[0] - butt[0]) + w * across[0], butt[1] + t * (tip[1] - butt[1]) + w * across[1]];
  };
  const gaps = cuts
    .map((c) => Math.hypot(c[0] - butt[0], c[1] - butt[1]))
    .sort((a, b) => a - b)
    .map((m) => [(m - GAP_M) / length, (m + GAP_M) / length] as const);
  const spans: (readonly [number, number])[] = [];
  let from = 0;
  for (const [a, b] of gaps) {
    if (a > from) spans.push([from, a]);
    from = Math.max(from, b);
  }
  if (from < 1) spans.push([from, 1]);
  return spans.map(([a, b]) => [at(a, 1), at(b, 1), at(b, -1), at(a, -1), at(a, 1)]);
}
