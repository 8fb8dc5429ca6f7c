import { Circle as CircleGeom, LineString, Point, Polygon } from 'ol/geom';
import { Circle, Fill, Icon, Stroke, Style, Text } from 'ol/style';
import type { Schemas, Spot } from '../api/client';

/** A colour token with six digits, so that a transparency can be appended; the build shortens some. */
export const token = (name: string): string =>
  getComputedStyle(document.documentElement).getPropertyValue(`--${name}`).trim().replace(/^#(.)(.)(.)$/, '#$1$1$2$2$3$3');
const weight = (): number => Number(token('w')) || 1;
export const line = (colour: string, width: number, dash?: number[]): Stroke =>
  new Stroke({ color: token(colour), width: width * weight(), lineDash: dash, lineCap: dash ? 'butt' : 'round' });

export const xy = (p: Spot): [number, number] => [p.eastM, p.northM];
export const ring = (points: Spot[]): Polygon => new Polygon([[...points.map(xy), xy(points[0])]]);
export const toward = (p: Spot, deg: number, m: number): Spot => ({
  eastM: p.eastM + m * Math.sin((deg * Math.PI) / 180), northM: p.northM + m * Math.cos((deg * Math.PI) / 180),
});

export function words(text: string, colour = 'ink', bold = false, offset: [number, number] = [0, 0], align: CanvasTextAlign = 'center'): Text {
  return new Text({
    text, font: `${bold ? 700 : 400} 13px 'Atkinson Hyperlegible Next Variable'`, fill: new Fill({ color: token(colour) }),
    stroke: new Stroke({ color: token('paper'), width: 4 }), offsetX: offset[0], offsetY: offset[1], textAlign: align, overflow: true,
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

const SHARP = 2;
const plates = new Map<string, HTMLCanvasElement>();

/** The plate of a target, its worth as notches. Drawn once as pixels: a picture that must be rasterised for each frame would make panning stutter. */
function plate(letter: string, worth: number): HTMLCanvasElement {
  const key = `${letter}/${worth}/${token('ink')}`;
  const known = plates.get(key);
  if (known) return known;
  const canvas = document.createElement('canvas');
  canvas.width = 36 * SHARP;
  canvas.height = 24 * SHARP;
  const c = canvas.getContext('2d');
  if (c) {
    c.scale(SHARP, SHARP);
    c.fillStyle = token('ink');
    c.fillRect(0, 0, 36, 24);
    for (let i = 0; i < worth; i++) c.clearRect(18 + (i - (worth - 1) / 2) * 8 - 2, 18, 4, 6);
    c.fillStyle = '#fff';
    c.font = "700 13px 'Atkinson Hyperlegible Mono Variable', monospace";
    c.textAlign = 'center';
    c.fillText(letter, 18, 13.5);
  }
  plates.set(key, canvas);
  return canvas;
}

/** One letter a target, numbered when several begin alike. */
export function letters(features: Schemas['View'][]): Map<string, string> {
  const targets = features.filter((f) => f.entry.worth > 0);
  const first = (f: Schemas['View']) => f.entry.name.slice(0, 1).toUpperCase();
  const seen = new Map<string, number>();
  return new Map(targets.map((f) => {
    const l = first(f);
    const n = (seen.get(l) ?? 0) + 1;
    seen.set(l, n);
    return [f.id, targets.filter((o) => first(o) === l).length > 1 ? `${l}${n}` : l];
  }));
}

export function featureStyle(f: Schemas['View'], at: Spot, letter: string | undefined, small: boolean, chosen = false): Style[] {
  const e = f.entry;
  const strong = e.worth > 0 ? 2 : 0.9;
  const shape = new Style({ stroke: chosen ? line('act', 4) : line(e.worth > 0 ? 'ink' : 'mute', strong, dash(e.kind)), fill: fill(e.kind, e.worth) });
  if (e.form === 'POINT') {
    shape.setImage(new Circle({ radius: 5, fill: new Fill({ color: token('panel') }), stroke: chosen ? line('act', 4) : line('ink', 2) }));
  }
  const mark = new Point(xy(at));
  const name = small ? [] : e.worth > 0 || NAMED.has(e.kind) || chosen ? [new Style({ geometry: mark, text: words(e.name, 'ink', false, [0, letter ? 25 : 18]), zIndex: 4 })] : [];
  const icon = letter ? [new Style({ geometry: mark, image: new Icon({ img: plate(letter, e.worth), scale: (small ? 0.6 : 1) / SHARP, declutterMode: 'none' }), zIndex: 5 })] : [];
  return [shape, ...name, ...icon];
}

/** Kinds that are no targets and yet must be found on the plan. */
const NAMED = new Set(['MEETING_POINT', 'MACHINE_STAND', 'ACCESS', 'WORK_POSITION', 'LANDING_BED']);

function dash(kind: string): number[] | undefined {
  return kind === 'OVERHEAD_LINE' ? [2, 6] : kind === 'PATH' || kind === 'ACCESS' ? [7, 3] : kind === 'HEDGE' || kind === 'FENCE' ? [4, 4] : undefined;
}

function fill(kind: string, worth: number): Fill | undefined {
  if (kind === 'WATER') return new Fill({ color: `${token('water')}44` });
  return worth > 0 ? new Fill({ color: token('panel') }) : new Fill({ color: '#00000000' });
}

/** A place on the ring that lies on the site, so that its word can be read. */
function onSite(l: Schemas['LayView'], box: number[]): Spot {
  const turns = [90, -90, 120, -120, 60, -60, 150, -150, 180, 30, -30, 0];
  const places = turns.map((t) => toward(l.stump, l.layDeg + t, l.exclusionM));
  return places.find((p) => p.eastM > box[0] + 9 && p.eastM < box[2] - 9 && p.northM > box[1] + 2 && p.northM < box[3] - 2) ?? places[0];
}

export function layStyles(l: Schemas['LayView'], lively: boolean, box: number[]): Style[] {
  const out: Style[] = [
    new Style({ geometry: new CircleGeom(xy(l.stump), l.exclusionM), stroke: line('keep', lively ? 3 : 2, [26, 9]) }),
    new Style({ geometry: new Point(xy(onSite(l, box))), text: words(`keep out ${l.exclusionM} m`, 'keep', true) }),
    new Style({ geometry: ring(l.fan), stroke: line('lay', 1.6), fill: new Fill({ color: `${token('lay')}22` }) }),
  ];
  if (lively) {
    out.push(new Style({ geometry: new CircleGeom(xy(l.stump), l.reachM), stroke: line('ink', 1.25, [3, 4]) }));
    if (!l.wholeCircle) {
      for (let d = Math.ceil(l.fanFromDeg); d <= l.fanToDeg; d++) {
        out.push(new Style({ geometry: new LineString([xy(l.stump), xy(toward(l.stump, d, l.reachM))]), stroke: line('lay', 0.7) }));
      }
    }
    for (const w of l.ways) {
      if (w.open && w.azimuthDeg !== undefined) out.push(...wayStyles(l.stump, w.azimuthDeg, l.escapeM, w.name));
    }
  }
  const tip = toward(l.stump, l.layDeg, l.reachM);
  out.push(new Style({ geometry: new LineString([xy(l.stump), xy(tip)]), stroke: line('lay', 4.5), zIndex: 6 }));
  out.push(new Style({ geometry: ring([tip, toward(toward(tip, l.layDeg + 180, 3), l.layDeg + 90, 1.1), toward(tip, l.layDeg + 180, 2.3), toward(toward(tip, l.layDeg + 180, 3), l.layDeg - 90, 1.1)]), fill: new Fill({ color: token('lay') }), zIndex: 6 }));
  return out;
}

export function wayStyles(from: Spot, deg: number, lengthM: number, name: string): Style[] {
  const end = toward(from, deg, lengthM);
  const side = [-0.35, 0.35].map((o) => new Style({
    geometry: new LineString([xy(toward(from, deg + 90, o)), xy(toward(end, deg + 90, o))]), stroke: line('esc', 2.6, [9, 4]), zIndex: 6,
  }));
  return [...side, new Style({ geometry: new Point(xy(toward(from, deg, lengthM + 1.5))), text: words(name, 'esc', true), zIndex: 7 })];
}

export function dropStyle(points: Spot[]): Style {
  return new Style({ geometry: ring(points), stroke: line('drop', 2), fill: new Fill({ color: hatch(`${token('drop')}aa`) }) });
}

/** The band of the dial lies outside the reach circle: solid blocked, teeth costly, open channel. */
export function dialStyles(centre: Spot, reachM: number, dial: Schemas['DialView'], resolution: number): Style[] {
  const outer = reachM + 20 * resolution;
  const out: Style[] = [];
  const width = (r: Schemas['Run']) => r.toDeg - r.fromDeg;
  const widest = new Map<string, Schemas['Run']>();
  for (const r of dial.runs) if (width(r) > width(widest.get(r.reason) ?? { ...r, toDeg: r.fromDeg })) widest.set(r.reason, r);
  for (const r of dial.runs) {
    if (r.state === 'COSTLY') {
      for (let d = r.fromDeg; d < r.toDeg; d += 1.5) {
        out.push(new Style({ geometry: new LineString([xy(toward(centre, d, reachM)), xy(toward(centre, d, reachM + 12 * resolution))]), stroke: line('ink', 1.5) }));
      }
      continue;
    }
    const band: Spot[] = [];
    for (let d = r.fromDeg; d <= r.toDeg; d += 2) band.push(toward(centre, d, outer));
    for (let d = r.toDeg; d >= r.fromDeg; d -= 2) band.push(toward(centre, d, reachM));
    out.push(new Style({ geometry: ring(band), fill: new Fill({ color: r.state === 'BLOCKED' ? `${token('ink')}cc` : token('panel') }), stroke: r.state === 'OPEN' ? line('act', 2.5) : line('paper', 1) }));
    if (r.toDeg - r.fromDeg >= 24 && r.state === 'BLOCKED' && widest.get(r.reason) === r) {
      const mid = (r.fromDeg + r.toDeg) / 2;
      out.push(new Style({ geometry: new Point(xy(toward(centre, mid, outer + 14 * resolution))), text: words(r.reason, 'ink', true), zIndex: 8 }));
    } else if (r.state === 'OPEN' && r.toDeg - r.fromDeg >= 10) {
      out.push(new Style({ geometry: new Point(xy(toward(centre, (r.fromDeg + r.toDeg) / 2, outer + 12 * resolution))), text: words('open', 'act', true), zIndex: 8 }));
    }
  }
  return out;
}

export { Circle, CircleGeom, Fill, LineString, Point, Polygon, Style };
