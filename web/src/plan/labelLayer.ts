import Feature from 'ol/Feature';
import type OlMap from 'ol/Map';
import { LineString, Point } from 'ol/geom';
import Icon from 'ol/style/Icon';
import RegularShape from 'ol/style/RegularShape';
import Style from 'ol/style/Style';
import type Text from 'ol/style/Text';
import { type Box, type Label, place } from './labels';
import { line } from './styles';
import { token } from './token';

type Wanted = { at: number[]; text: Text; rank: number };
/** Words and marks of one source, taken out of its styles so that all of them are placed together. */
export type Taken = { wanted: Wanted[]; marks: { at: number[]; half: [number, number] }[]; plates: Style[] };
export const NOTHING: Taken = { wanted: [], marks: [], plates: [] };

/** Shorter ones, as a stem's, may stand in other words. */
const WHOLE_WORDS = 8;
/** Plates lie over dial, fan and zones and under the words. */
const PLATE_Z = 1;
const PEOPLE_Z = 14;
const STEM_Z = 10;
const SAID_Z = 9;
const DIAL_Z = 8;

/** Who goes first when there is no room for all: hold and stop, people, stems and ways out, what is said, names. */
function rank(style: Style, text: Text): number {
  const colour = text.getFill()?.getColor();
  const z = style.getZIndex() ?? 0;
  if (colour === token('keep')) return 0;
  if (z >= PEOPLE_Z) return 1;
  if (z >= STEM_Z || colour === token('esc')) return 2;
  if (z >= DIAL_Z) return z >= SAID_Z ? 3 : 4;
  return colour === token('mute') ? 6 : 5;
}

function half(style: Style): [number, number] | undefined {
  const image = style.getImage();
  if (image instanceof Icon) {
    const size = image.getSize();
    const scale = Number(image.getScale());
    return size ? [(size[0] * scale) / 2, (size[1] * scale) / 2] : undefined;
  }
  return image instanceof RegularShape ? [image.getRadius() + 1, image.getRadius() + 1] : undefined;
}

/** Takes words out of the styles of these features; words inside a mark of their own stay. */
export function takeWords(features: Feature[]): Taken {
  const taken: Taken = { wanted: [], marks: [], plates: [] };
  for (const f of features) {
    const all = [f.getStyle()].flat().filter((s): s is Style => s instanceof Style);
    for (const style of all) {
      const geometry = style.getGeometry() ?? f.getGeometry();
      if (!(geometry instanceof Point)) continue;
      const at = geometry.getCoordinates();
      const mark = half(style);
      if (mark) taken.marks.push({ at, half: mark });
      if (style.getImage() instanceof Icon) {
        taken.plates.push(new Style({ geometry, image: style.getImage() ?? undefined, zIndex: PLATE_Z }));
        style.setImage(undefined as unknown as Icon);
      }
      const text = style.getText();
      if (!text?.getText() || f.get('handle')) continue;
      taken.wanted.push({ at, text, rank: rank(style, text) });
      style.setText(undefined as unknown as Text);
    }
  }
  return taken;
}

const pen = document.createElement('canvas').getContext('2d');
function widthOf(text: string, font: string): number {
  if (!pen) return text.length * 7;
  pen.font = font;
  return pen.measureText(text).width;
}

/** What is seen of the plan, what lies over it, metres, and what that says already. */
export type Seen = { view: number[]; covered: number[][]; said: string };

/** What a map shows, without what stands over it in its frame. */
export function seenOf(map: OlMap, over: string): Seen {
  const target = map.getTarget() as HTMLElement | undefined;
  const frame = target?.getBoundingClientRect() ?? new DOMRect();
  const above = [...((target?.closest('main') ?? target?.parentElement)?.querySelectorAll(over) ?? [])]
    .map((e) => ({ said: e.textContent ?? '', r: e.getBoundingClientRect() }))
    .filter(({ r }) => r.width > 0 && r.height > 0);
  const covered = above
    .map(({ r }) =>
      [
        [r.left - frame.left, r.bottom - frame.top],
        [r.right - frame.left, r.top - frame.top],
      ].flatMap((pixel) => map.getCoordinateFromPixel(pixel) ?? []),
    )
    .filter((b) => b.length === 4);
  return { view: map.getView().calculateExtent(map.getSize()), covered, said: above.map((a) => a.said).join('; ') };
}

/** All words of the plan as features of their own, none touching another, a mark, or what lies over the plan. */
export function labelFeatures(all: Taken[], resolution: number, seen?: Seen): Feature[] {
  const px = (at: number[]): [number, number] => [at[0] / resolution, -at[1] / resolution];
  const labels = all
    .flatMap((t) => t.wanted)
    .filter((w) => String(w.text.getText()).length < WHOLE_WORDS || !seen?.said.includes(String(w.text.getText())))
    .map((w) => {
      const [x, y] = px(w.at);
      return {
        x,
        y,
        text: String(w.text.getText()),
        wish: [w.text.getOffsetX(), w.text.getOffsetY()] as [number, number],
        rank: w.rank,
        from: w,
      } satisfies Label & { from: Wanted };
    });
  const marks: Box[] = all
    .flatMap((t) => t.marks)
    .map((m) => {
      const [x, y] = px(m.at);
      return { left: x - m.half[0], right: x + m.half[0], top: y - m.half[1], bottom: y + m.half[1] };
    });
  const box = ([west, south, east, north]: number[]): Box => {
    const [left, bottom] = px([west, south]);
    const [right, top] = px([east, north]);
    return { left, right, top, bottom };
  };
  const bold = "700 13px 'Atkinson Hyperlegible Next Variable'";
  const plates = all
    .flatMap((t) => t.plates)
    .map((style) => {
      const plate = new Feature(style.getGeometry() as Point);
      plate.setStyle(style);
      return plate;
    });
  const said = place(
    labels,
    [...marks, ...(seen?.covered ?? []).map(box)],
    (t) => widthOf(t, bold),
    seen && box(seen.view),
  ).flatMap((p) => {
    const at = p.label.from.at;
    const text = p.label.from.text.clone();
    text.setText(p.text);
    text.setOffsetX(p.x - p.label.x);
    text.setOffsetY(p.y - p.label.y);
    text.setTextAlign('center');
    text.setTextBaseline('middle');
    const word = new Feature({ geometry: new Point(at), label: p.text });
    word.setStyle(new Style({ text, zIndex: 20 - p.label.rank }));
    if (!p.led) return [word];
    const lead = new Feature(
      new LineString([at, [at[0] + (p.x - p.label.x) * resolution, at[1] - (p.y - p.label.y) * resolution]]),
    );
    lead.setStyle(new Style({ stroke: line('mute', 1), zIndex: 0 }));
    return [lead, word];
  });
  return [...plates, ...said];
}
