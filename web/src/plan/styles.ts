import { Circle as CircleGeom, LineString, Point, Polygon } from 'ol/geom';
import { Circle, Fill, RegularShape, Stroke, Style, Text } from 'ol/style';
import type { Schemas, Spot } from '../api/client';
import type { Falling } from './falling';
import type { LayFocus } from './planTools';
import { plate } from './plates';
import { token } from './token';
import { msg } from './words';

const weight = (): number => Number(token('w')) || 1;
export const line = (colour: string, width: number, dash?: number[]): Stroke =>
  new Stroke({ color: token(colour), width: width * weight(), lineDash: dash, lineCap: dash ? 'butt' : 'round' });

export const xy = (p: Spot): [number, number] => [p.eastM, p.northM];
export const ring = (points: Spot[]): Polygon => new Polygon([[...points.map(xy), xy(points[0])]]);
export const toward = (p: Spot, deg: number, m: number): Spot => ({
  eastM: p.eastM + m * Math.sin((deg * Math.PI) / 180),
  northM: p.northM + m * Math.cos((deg * Math.PI) / 180),
});

export function words(
  text: string,
  colour = 'ink',
  bold = false,
  offset: [number, number] = [0, 0],
  align: CanvasTextAlign = 'center',
): Text {
  return new Text({
    text,
    font: `${bold ? 700 : 400} 13px 'Atkinson Hyperlegible Next Variable'`,
    fill: new Fill({ color: token(colour) }),
    stroke: new Stroke({ color: token('paper'), width: 4 }),
    offsetX: offset[0],
    offsetY: offset[1],
    textAlign: align,
    overflow: true,
  });
}

function hatch(colour: string): CanvasPattern | string {
  const canvas = document.createElement('canvas');
  canvas.width = canvas.height = 12;
  const c = canvas.getContext('2d');
  if (!c) return colour;
  c.strokeStyle = colour;
  c.lineWidth = 2.4;
  c.beginPath();
  for (const o of [-12, 0, 12]) {
    c.moveTo(o, 12);
    c.lineTo(o + 12, 0);
  }
  c.stroke();
  return c.createPattern(canvas, 'repeat') ?? colour;
}

/** One letter a target, numbered when several begin alike. */
export function letters(features: Schemas['PlacedFeature'][]): Map<string, string> {
  const targets = features.filter((f) => f.entry.worth > 0);
  const first = (f: Schemas['PlacedFeature']) => f.entry.name.slice(0, 1).toUpperCase();
  const seen = new Map<string, number>();
  return new Map(
    targets.map((f) => {
      const l = first(f);
      const n = (seen.get(l) ?? 0) + 1;
      seen.set(l, n);
      return [f.id, targets.filter((o) => first(o) === l).length > 1 ? `${l}${n}` : l];
    }),
  );
}

export function featureStyle(
  f: Schemas['PlacedFeature'],
  at: Spot,
  letter: string | undefined,
  small: boolean,
  chosen = false,
): Style[] {
  const e = f.entry;
  const strong = e.worth > 0 ? 2 : 0.9;
  const shape = new Style({
    stroke: chosen ? line('act', 4) : line(e.worth > 0 ? 'ink' : 'mute', strong, dash(e.kind)),
    fill: fill(e.kind, e.worth),
  });
  if (e.form === 'POINT') {
    shape.setImage(
      new Circle({
        radius: 5,
        fill: new Fill({ color: token('panel') }),
        stroke: chosen ? line('act', 4) : line('ink', 2),
      }),
    );
  }
  const mark = new Point(xy(at));
  const name = small
    ? []
    : e.worth > 0 || NAMED.has(e.kind) || chosen
      ? [new Style({ geometry: mark, text: words(e.name, 'ink', false, [0, letter ? 25 : 18]), zIndex: 4 })]
      : [];
  const icon = letter
    ? [
        new Style({
          geometry: mark,
          image: plate(letter, e.worth, small ? 0.6 : 1),
          zIndex: 5,
        }),
      ]
    : [];
  return [shape, ...name, ...icon];
}

/** Kinds that are no targets and yet must be found on the plan. */
const NAMED = new Set(['MEETING_POINT', 'MACHINE_STAND', 'ACCESS', 'WORK_POSITION', 'LANDING_BED']);

function dash(kind: string): number[] | undefined {
  return kind === 'OVERHEAD_LINE'
    ? [2, 6]
    : kind === 'PATH' || kind === 'ACCESS'
      ? [7, 3]
      : kind === 'HEDGE' || kind === 'FENCE'
        ? [4, 4]
        : undefined;
}

function fill(kind: string, worth: number): Fill | undefined {
  if (kind === 'WATER') return new Fill({ color: token('water') });
  return worth > 0 ? new Fill({ color: token('panel') }) : new Fill({ color: '#00000000' });
}

/** A place on the ring that lies on the site, so that its word can be read. */
function onSite(l: Schemas['LayView'], box: number[]): Spot {
  const turns = [90, -90, 120, -120, 60, -60, 150, -150, 180, 30, -30, 0];
  const places = turns.map((t) => toward(l.stump, l.layDeg + t, l.reach.exclusionM));
  return (
    places.find(
      (p) => p.eastM > box[0] + 9 && p.eastM < box[2] - 9 && p.northM > box[1] + 2 && p.northM < box[3] - 2,
    ) ?? places[0]
  );
}

const GUARDED: Record<string, { colour: string; dash: number[]; words: string }> = {
  BUTT: { colour: 'ink', dash: [3, 6], words: 'buttZone' },
  LINE: { colour: 'keep', dash: [8, 6], words: 'lineWhipsHere' },
  PLATE: { colour: 'keep', dash: [4, 4], words: 'rootPlate' },
};

/** The lay and what follows from it; `focus` says what of it the panel is about. */
export function layStyles(l: Schemas['LayView'], lively: boolean, box: number[], focus?: LayFocus): Style[] {
  const out: Style[] = [];
  const keep = l.zones.find((z) => z.kind === 'RING');
  for (const o of keep?.outlines ?? [])
    out.push(new Style({ geometry: ring(o), stroke: line('keep', lively ? 3 : 2, [26, 9]) }));
  if (keep)
    out.push(
      new Style({
        geometry: new Point(xy(onSite(l, box))),
        text: words(msg('keepOut', { exclusionM: l.reach.said.exclusionM ?? '' }), 'keep', true),
      }),
    );
  if (focus !== 'rehearse')
    out.push(
      new Style({
        geometry: ring(l.reach.fan.outline),
        stroke: line('lay', 1.6),
        fill: new Fill({ color: `${token('lay')}${l.reach.fan.wholeCircle ? '10' : '22'}` }),
      }),
    );
  if (lively) {
    out.push(new Style({ geometry: new CircleGeom(xy(l.stump), l.reach.reachM), stroke: line('ink', 1.25, [3, 4]) }));
    if (!l.reach.fan.wholeCircle && focus !== 'rehearse') {
      const middle = (l.reach.fan.fromDeg + l.reach.fan.toDeg) / 2;
      for (const [deg, sigmas] of [
        [l.reach.fan.fromDeg, 2],
        [l.reach.fan.toDeg, 2],
        [middle - (l.control.sigmaDeg ?? 0), 1],
        [middle + (l.control.sigmaDeg ?? 0), 1],
      ]) {
        out.push(
          new Style({
            geometry: new LineString([xy(l.stump), xy(toward(l.stump, deg, l.reach.reachM))]),
            stroke: line('lay', sigmas === 1 ? 1.4 : 0.8, sigmas === 1 ? undefined : [5, 4]),
          }),
        );
      }
    }
    if (focus === 'reach') out.push(...reachStyles(l));
    if (focus === 'ways') out.push(...dangerStyles(l));
    if (focus === 'lay') {
      for (const s of l.aiming.landmarks.slice(0, 1))
        out.push(
          new Style({
            geometry: new Point(xy(s.at)),
            image: new RegularShape({ points: 4, radius: 12, angle: 0, stroke: line('lay', 2.5) }),
            zIndex: 9,
          }),
        );
    }
    for (const w of l.leaving.ways) if (w.open) out.push(...wayStyles(w.path, w.name, w.clearedBy !== undefined));
  }
  const tip = toward(l.stump, l.layDeg, l.reach.reachM);
  out.push(new Style({ geometry: new LineString([xy(l.stump), xy(tip)]), stroke: line('lay', 4.5), zIndex: 6 }));
  out.push(
    new Style({
      geometry: ring([
        tip,
        toward(toward(tip, l.layDeg + 180, 3), l.layDeg + 90, 1.1),
        toward(tip, l.layDeg + 180, 2.3),
        toward(toward(tip, l.layDeg + 180, 3), l.layDeg - 90, 1.1),
      ]),
      fill: new Fill({ color: token('lay') }),
      zIndex: 6,
    }),
  );
  return out;
}

/** Where the butt, a loaded line, a moved plate and what lies under the stem can hurt; crowns that may catch it. */
function reachStyles(l: Schemas['LayView']): Style[] {
  const out: Style[] = [];
  for (const z of l.zones) {
    const g = GUARDED[z.kind];
    if (!g) continue;
    for (const o of z.outlines) {
      out.push(
        new Style({
          geometry: ring(o),
          stroke: line(g.colour, 2.2, g.dash),
          fill: new Fill({ color: `${token(g.colour)}12` }),
          zIndex: 5,
        }),
      );
      const along =
        z.kind === 'BUTT' ? toward(l.stump, l.layDeg - 80, 1000) : toward(l.stump, l.layDeg + 20, l.reach.reachM * 1.1);
      const off = (p: Spot) => Math.hypot(p.eastM - along.eastM, p.northM - along.northM);
      const at = o.reduce((a, b) => (off(b) < off(a) ? b : a));
      out.push(
        new Style({
          geometry: new Point(xy(at)),
          text: words(msg(g.words), g.colour, true, z.kind === 'LINE' ? [0, 14] : [0, -8]),
          zIndex: 8,
        }),
      );
    }
  }
  for (const c of l.landing.contacts)
    out.push(
      new Style({
        geometry: new Point(xy(c.at)),
        image: new RegularShape({ points: 3, radius: 11, fill: new Fill({ color: token(c.lifts ? 'keep' : 'drop') }) }),
        text: words(`${c.bed}, ${c.where}`, 'ink', true, [0, -18]),
        zIndex: 9,
      }),
    );
  return out;
}

/** Directions nobody leaves by. */
function dangerStyles(l: Schemas['LayView']): Style[] {
  return l.leaving.dangers.flatMap((s) => {
    const span = (((s.toDeg - s.fromDeg) % 360) + 360) % 360;
    const arc = Array.from({ length: Math.ceil(span / 4) + 1 }, (_, i) =>
      toward(l.stump, Math.min(s.fromDeg + i * 4, s.fromDeg + span), l.leaving.escapeM),
    );
    return [
      new Style({
        geometry: ring([l.stump, ...arc]),
        fill: new Fill({ color: `${token('keep')}2e` }),
        stroke: line('keep', 1),
        zIndex: 4,
      }),
    ];
  });
}

/** A way out along its corners; filled between its two lines once it is cleared. */
export function wayStyles(path: Spot[], name: string, cleared = false): Style[] {
  const end = path[path.length - 1];
  const before = path[path.length - 2];
  if (!before) return [];
  const along = new LineString(path.map(xy));
  const deg = (Math.atan2(end.eastM - before.eastM, end.northM - before.northM) * 180) / Math.PI;
  return [
    new Style({ geometry: along, stroke: line('esc', 8, cleared ? undefined : [9, 4]), zIndex: 6 }),
    new Style({ geometry: along, stroke: line(cleared ? 'esc' : 'paper', 3), zIndex: 6 }),
    new Style({
      geometry: new Point(xy(toward(end, deg, 1.5))),
      text: words(cleared ? msg('cleared', { name }) : name, 'esc', true),
      zIndex: 7,
    }),
  ];
}

export function dropStyle(points: Spot[]): Style {
  return new Style({
    geometry: ring(points),
    stroke: line('drop', 2),
    fill: new Fill({ color: hatch(`${token('drop')}aa`) }),
  });
}

/** The band of the dial lies outside the reach circle: solid blocked, teeth costly, crosses with a guy, arrows with a pull, open channel. */
export const BAND_PX = 12;
export function dialStyles(
  centre: Spot,
  reachM: number,
  dial: Schemas['DialView'],
  resolution: number,
  layDeg: number,
  pointed?: number,
): Style[] {
  const at = (deg: number, px: number): [number, number] => xy(toward(centre, deg, reachM + px * resolution));
  const out: Style[] = [];
  const width = (r: Schemas['DialRun']) => r.toDeg - r.fromDeg;
  const widest = new Map<string, Schemas['DialRun']>();
  for (const r of dial.runs)
    if (width(r) > width(widest.get(r.reason) ?? { ...r, toDeg: r.fromDeg })) widest.set(r.reason, r);
  const stroked = (r: Schemas['DialRun'], every: number, mark: (deg: number) => [number, number][][]) => {
    for (let d = r.fromDeg + every / 2; d < r.toDeg; d += every)
      for (const m of mark(d))
        out.push(new Style({ geometry: new LineString(m), stroke: line('ink', 1.5), zIndex: 3 }));
  };
  for (const r of dial.runs) {
    const mid = (r.fromDeg + r.toDeg) / 2;
    const underHandle = Math.abs(((mid - layDeg + 540) % 360) - 180) < 12;
    const say = (text: string, colour: string) =>
      !underHandle &&
      out.push(new Style({ geometry: new Point(at(mid, BAND_PX + 14)), text: words(text, colour, true), zIndex: 8 }));
    if (r.state !== 'COSTLY') {
      const edge: [number, number][] = [];
      for (let d = r.fromDeg; d <= r.toDeg; d += 1) edge.push(at(d, BAND_PX));
      for (let d = r.toDeg; d >= r.fromDeg; d -= 1) edge.push(at(d, 0));
      const open = r.state === 'OPEN';
      out.push(
        new Style({
          geometry: new Polygon([[...edge, edge[0]]]),
          fill: new Fill({ color: r.state === 'BLOCKED' ? `${token('ink')}cc` : token('panel') }),
          stroke: open
            ? line('act', 2.5)
            : r.state === 'BLOCKED'
              ? line('paper', 1)
              : line('ink', 1.4, r.state === 'OPEN_WITH_PULL' ? [6, 4] : undefined),
          zIndex: 2,
        }),
      );
    }
    if (r.state === 'COSTLY') stroked(r, 1.5, (d) => [[at(d, 0), at(d, 9)]]);
    if (r.state === 'OPEN_WITH_GUY')
      stroked(r, 5, (d) => [
        [at(d - 1.6, 2), at(d + 1.6, BAND_PX - 2)],
        [at(d + 1.6, 2), at(d - 1.6, BAND_PX - 2)],
      ]);
    if (r.state === 'OPEN_WITH_PULL') stroked(r, 6, (d) => [[at(d - 1.6, 2), at(d, BAND_PX - 2), at(d + 1.6, 2)]]);
    if (r.state === 'BLOCKED' && width(r) >= 24 && widest.get(r.reason) === r) say(r.reason, 'ink');
    else if (r.state === 'OPEN' && width(r) >= 10) say(msg('open'), 'act');
    else if (r.state === 'OPEN_WITH_PULL' && width(r) >= 16) say(pulls(r), 'ink');
    else if (r.state === 'OPEN_WITH_GUY' && width(r) >= 12) say(msg('withAGuy'), 'ink');
    else if (r.state === 'COSTLY' && width(r) >= 16 && widest.get(r.reason) === r) say(msg('costly'), 'ink');
  }
  if (pointed !== undefined)
    out.push(
      new Style({
        geometry: new LineString([at(pointed, -6), at(pointed, BAND_PX + 8)]),
        stroke: line('act', 5),
        zIndex: 9,
      }),
    );
  return out;
}

/** What a run of lays asks for in the line, smallest to largest. */
function pulls(r: Schemas['DialRun']): string {
  if (r.leastPull === undefined) return msg('withAPull');
  return msg('pullAtLeast', {
    least: r.leastPull,
    most: r.mostPull ?? '',
    same: r.leastPull === r.mostPull ? 'yes' : 'no',
  });
}

/** A rehearsal on the plan: the more falls land on a degree, the longer and darker its spoke; the stem while it goes over. */
export function fallStyles(f: Falling): Style[] {
  const most = Math.max(1, ...f.byDegree);
  const out: Style[] = f.byDegree.flatMap((n, deg) =>
    n === 0
      ? []
      : [
          new Style({
            geometry: ring([f.stump, toward(f.stump, deg - 0.5, f.reachM), toward(f.stump, deg + 0.5, f.reachM)]),
            fill: new Fill({
              color: `${token('lay')}${Math.round(30 + 190 * Math.sqrt(n / most))
                .toString(16)
                .padStart(2, '0')}`,
            }),
            zIndex: 7,
          }),
        ],
  );
  for (const t of f.tips)
    out.push(
      new Style({
        geometry: new Point(xy(t)),
        image: new Circle({ radius: 1.8, fill: new Fill({ color: token('ink') }) }),
        zIndex: 8,
      }),
    );
  if (f.thetaDeg !== undefined) {
    const shown = Math.max(0.4, f.reachM * Math.sin((Math.min(90, f.thetaDeg) * Math.PI) / 180));
    const tip = toward(f.stump, f.layDeg, shown);
    out.push(
      new Style({ geometry: new LineString([xy(f.stump), xy(tip)]), stroke: line('ink', 8), zIndex: 9 }),
      new Style({
        geometry: new Point(xy(tip)),
        image: new Circle({ radius: 10, fill: new Fill({ color: token('ink') }) }),
        zIndex: 9,
      }),
    );
  }
  return out;
}

export { Circle, CircleGeom, Fill, LineString, Point, Polygon, Style };
