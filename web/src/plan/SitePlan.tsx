import Feature from 'ol/Feature';
import OlMap from 'ol/Map';
import View from 'ol/View';
import { defaults as defaultInteractions } from 'ol/interaction/defaults';
import Pointer from 'ol/interaction/Pointer';
import ImageLayer from 'ol/layer/Image';
import VectorLayer from 'ol/layer/Vector';
import Projection from 'ol/proj/Projection';
import { addProjection } from 'ol/proj';
import ImageCanvas from 'ol/source/ImageCanvas';
import VectorSource from 'ol/source/Vector';
import RegularShape from 'ol/style/RegularShape';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { Schemas, Spot } from '../api/client';
import { onGlare } from '../app/glare';
import { useUnits } from '../units/useUnits';
import { azimuth } from '../units/format';
import { length } from '../units/length';
import type { Ghost, LayFocus, Sketch } from './planTools';
import { beginSketch, geometryOf } from './sketching';
import { falling } from './falling';
import { labelFeatures, NOTHING, takeWords, type Taken } from './labelLayer';
import {
  BAND_PX,
  Circle,
  dialStyles,
  dropStyle,
  fallStyles,
  featureStyle,
  Fill,
  layStyles,
  letters,
  line,
  LineString,
  Point,
  Polygon,
  ring,
  Style,
  token,
  toward,
  wayStyles,
  words,
  xy,
} from './styles';

const SITE = new Projection({
  code: 'ANTEVID:SITE',
  units: 'm',
  extent: [-2000, -2000, 2000, 2000],
  metersPerUnit: 1,
  getPointResolution: (r: number) => r,
});
addProjection(SITE);

export type PlanScene = {
  features: Schemas['PlacedFeature'][];
  stems: Schemas['StemView'][];
  lays: Schemas['StemLay'][];
  tangle?: Schemas['TangleView'];
  steps: Schemas['StepView'][];
  people: Schemas['PersonView'][];
  plan?: Schemas['PlanDocument'];
  preview?: Schemas['LayView'];
  dial?: Schemas['DialView'];
  focus?: LayFocus;
  pointed?: number;
  selected?: string;
  feature?: string;
  stage: number;
  slopeDeg: number;
  downhillDeg: number;
  changes: Schemas['BriefPlanComparisonChange'][];
  outcomes: Schemas['Outcome'][];
};

type Props = {
  scene: PlanScene;
  picking: boolean;
  onPick: (at: Spot) => void;
  onTurn?: (deg: number) => void;
  onPoint: (deg?: number, tapped?: boolean) => void;
  onStem: (id: string) => void;
  onFeature: (id: string) => void;
  sketch?: Sketch;
  ghosts: Ghost[];
  surroundings?: Schemas['PlaceView'];
  job: string;
};

function styled(
  geom: Polygon | LineString | Point,
  style: Style | Style[],
  props: Record<string, unknown> = {},
): Feature {
  const f = new Feature({ geometry: geom, ...props });
  f.setStyle(style);
  return f;
}

function alone(style: Style): Feature {
  const f = new Feature({ geometry: style.getGeometry() as Polygon });
  f.setStyle(style);
  return f;
}

const circle = (c: Spot, r: number): [number, number][] =>
  Array.from({ length: 91 }, (_, i) => xy(toward(c, i * 4, r)));

function stemFeature(s: Schemas['StemView'], selected: boolean): Feature {
  const r = selected ? 8 : 6;
  const fill = s.state === 'FELLED' ? token('wood') : s.toBeKept ? token('ok') : token('panel');
  return styled(
    new Point(xy(s.at)),
    [
      new Style({
        image: new Circle({ radius: r, fill: new Fill({ color: fill }), stroke: line('ink', selected ? 4 : 2.5) }),
        text: words(
          s.label + (s.state === 'HUNG' ? ' hung' : s.toBeKept ? ' keep' : s.state === 'FELLED' ? ' down' : ''),
          'ink',
          true,
          [0, 20],
        ),
        zIndex: 10,
      }),
    ],
    { stemId: s.id },
  );
}

/** Where the mark of a feature is best read: of the places along it, the one farthest from stems and marks that are there already. */
function clearOf(taken: Spot[], f: Schemas['PlacedFeature']): Spot {
  const points = f.entry.outline;
  if (f.entry.form !== 'LINE' || points.length < 2) return f.mark;
  const places = [0.5, 0.35, 0.65, 0.2, 0.8].map((share) => {
    const line = new LineString(points.map(xy)).getCoordinateAt(share);
    return { eastM: line[0], northM: line[1] };
  });
  const room = (p: Spot) => Math.min(8, ...taken.map((t) => Math.hypot(t.eastM - p.eastM, t.northM - p.northM)));
  return places.reduce((best, p) => (room(p) > room(best) + 0.5 ? p : best));
}

/** What stands and lies on the place: redrawn when it changes, not when one zooms. */
function ground(scene: PlanScene, surroundings?: Schemas['PlaceView']): Feature[] {
  const letter = letters(scene.features);
  const small = scene.stage === 2 || scene.stage === 4 || window.innerWidth < 600;
  const taken = scene.stems.map((s) => s.at);
  const out = scene.features.map((f) => {
    const mark = clearOf(taken, f);
    if (f.entry.worth > 0) taken.push(mark);
    return styled(
      geometryOf(f.entry.form, f.entry.outline),
      featureStyle(f, mark, letter.get(f.id), small, scene.stage === 1 && f.id === scene.feature),
      { featureId: f.id },
    );
  });
  for (const c of surroundings?.contours ?? []) {
    const middle = c.line[Math.floor(c.line.length / 2)];
    out.push(styled(new LineString(c.line.map(xy)), new Style({ stroke: line('mute', 0.9) })));
    if (scene.stage === 1)
      out.push(alone(new Style({ geometry: new Point(xy(middle)), text: words(length(c.heightM), 'mute') })));
  }
  if (scene.stage === 1) {
    for (const h of surroundings?.heights ?? []) {
      out.push(
        alone(
          new Style({
            geometry: new Point(xy(h.at)),
            image: new RegularShape({ points: 4, radius: 6, radius2: 0, stroke: line('mute', 2) }),
            text: words(length(h.heightM), 'mute', false, [0, -12]),
            zIndex: 3,
          }),
        ),
      );
    }
  }
  return out;
}

/** What the plan says about it: lays, zones, people. */
function draw(scene: PlanScene, resolution: number): Feature[] {
  const box = extent(scene);
  const out: Feature[] = [];
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
    if (scene.stage === 5) {
      const hung = scene.stems.find((x) => x.label === a.hung);
      if (hung) {
        out.push(styled(new Polygon([circle(hung.at, a.keepOutM)]), new Style({ stroke: line('keep', 3, [26, 9]) })));
        out.push(
          alone(
            new Style({
              geometry: new Point(xy(toward(hung.at, 90, a.keepOutM))),
              text: words(`named people only, ${a.said.keepOutM}`, 'keep', true),
              zIndex: 9,
            }),
          ),
        );
      }
      const s = scene.stems.find((x) => x.label === a.hung);
      const support = scene.stems.find((x) => x.label === a.support);
      if (s) {
        const centre = ring(a.beneath).getInteriorPoint().getCoordinates();
        out.push(
          alone(
            new Style({
              geometry: new Point([centre[0], centre[1] + 6]),
              text: words('nobody beneath', 'keep', true),
              zIndex: 9,
            }),
          ),
        );
        if (support)
          out.push(alone(new Style({ geometry: new LineString([xy(s.at), xy(support.at)]), stroke: line('ink', 6) })));
      }
    }
  }
  for (const l of scene.lays) {
    const previewed = scene.preview && l.stemId === scene.selected;
    const zone =
      previewed && scene.preview && scene.stage === 3
        ? scene.preview.wholeCircle
          ? []
          : scene.preview.suggestedDropZone
        : l.dropZone;
    if (zone.length > 2 && scene.stage >= 3) out.push(alone(dropStyle(zone)));
    if (l.lay && !previewed && (scene.stage < 3 ? false : l.fixed || l.stemId === scene.selected))
      out.push(...layStyles(l.lay, l.stemId === scene.selected && scene.stage <= 4, box).map(alone));
  }
  if (scene.preview && scene.stage >= 2 && scene.stage <= 4) {
    const p = scene.preview;
    if (scene.stage > 2) {
      out.push(...layStyles(p, true, box, scene.stage === 3 ? scene.focus : undefined).map(alone));
      if (scene.stage === 3 && scene.focus === 'reach') out.push(...closed(scene, p));
      if (scene.stage === 3) out.push(handle(p, resolution));
    }
  }
  for (const s of scene.stems) out.push(stemFeature(s, s.id === scene.selected));
  if (scene.stage >= 6 && scene.stage <= 8) out.push(...posts(scene));
  if (scene.stage >= 7) {
    for (const c of scene.changes) {
      const at = c.to ?? c.from;
      if (at)
        out.push(
          alone(
            new Style({
              geometry: new Point(xy(at)),
              image: new Circle({ radius: 16, stroke: line('second', 3) }),
              zIndex: 12,
            }),
          ),
        );
      if (c.from && c.to)
        out.push(
          alone(new Style({ geometry: new LineString([xy(c.from), xy(c.to)]), stroke: line('second', 2.5, [6, 4]) })),
        );
    }
  }
  if (scene.stage === 9) {
    for (const o of scene.outcomes) {
      const stem = scene.stems.find((s) => s.label === o.stem);
      if (stem) {
        out.push(alone(new Style({ geometry: new LineString([xy(stem.at), xy(o.tip)]), stroke: line('ink', 5) })));
        out.push(
          alone(
            new Style({
              geometry: new Point(xy(o.tip)),
              text: words(`${o.stem} lies ${azimuth(o.deviation.actualLayDeg)}°`, 'ink', true, [0, -12]),
              zIndex: 12,
            }),
          ),
        );
      }
    }
  }
  return out;
}

/** Houses, paths and pens in the ring, with who empties, closes or guards them. */
function closed(scene: PlanScene, p: Schemas['LayView']): Feature[] {
  return p.occupied.flatMap((o) => {
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
                o.done ? `${o.by}: done` : o.by ? `${o.by}, not done` : 'nobody named',
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
  const at = toward(p.stump, p.layDeg, p.reachM + 42 * resolution);
  const digits = words(azimuth(p.layDeg), 'paper', true);
  digits.setFill(new Fill({ color: '#fff' }));
  digits.setStroke(line('lay', 0.1));
  return styled(
    new Point(xy(at)),
    new Style({ image: new Circle({ radius: 22, fill: new Fill({ color: token('lay') }) }), text: digits, zIndex: 20 }),
    { handle: true },
  );
}

function posts(scene: PlanScene): Feature[] {
  const out: Feature[] = [];
  const step = scene.plan?.steps.find((s) => !scene.steps.find((x) => x.id === s.id)?.done);
  for (const p of step?.posts ?? []) {
    if (!p.stand) continue;
    out.push(
      styled(
        new Point(xy(p.stand)),
        new Style({
          image: new Circle({ radius: 9, fill: new Fill({ color: token('ink') }) }),
          text: words(`${p.person.split(' ')[0]}, ${p.role.toLowerCase()}`, 'ink', true, [0, -18]),
          zIndex: 14,
        }),
      ),
    );
    for (const w of p.waysOut)
      out.push(
        ...wayStyles(
          w.lengthM > 12 || w.path.length < 2
            ? [p.stand, toward(p.stand, w.azimuthDeg, Math.min(w.lengthM, 12))]
            : w.path,
          w.name,
        ).map(alone),
      );
  }
  return out;
}

function extent(scene: PlanScene): number[] {
  const all = [...scene.features.flatMap((f) => f.entry.outline), ...scene.stems.map((s) => s.at)];
  if (all.length === 0) return [0, 0, 90, 70];
  const e = all.map((p) => p.eastM);
  const n = all.map((p) => p.northM);
  const middle = [(Math.min(...e) + Math.max(...e)) / 2, (Math.min(...n) + Math.max(...n)) / 2];
  const half = [
    Math.max(30, (Math.max(...e) - Math.min(...e)) / 2),
    Math.max(20, (Math.max(...n) - Math.min(...n)) / 2),
  ];
  return [middle[0] - half[0], middle[1] - half[1], middle[0] + half[0], middle[1] + half[1]];
}

/** Shows the whole site, as after every change of the plan's size. */
function fitAll(map: OlMap, scene: PlanScene): void {
  const wide = (map.getSize()?.[0] ?? 0) > 500;
  map.getView().fit(extent(scene), { padding: [40, 24, 60, wide ? 84 : 24] });
}

/** A picture laid under the plan: turned and scaled by the canvas for each view. */
function turned(url: string, u: Schemas['UnderlayView']): ImageCanvas {
  const image = new Image();
  const source = new ImageCanvas({
    projection: SITE,
    ratio: 1,
    canvasFunction: (extent, resolution, _ratio, size) => {
      const canvas = document.createElement('canvas');
      [canvas.width, canvas.height] = size;
      const c = canvas.getContext('2d');
      if (c && image.complete && u.origin && u.metresPerPixel) {
        c.translate(
          ((u.origin.eastM - extent[0]) / resolution) * ((size[0] * resolution) / (extent[2] - extent[0])),
          ((extent[3] - u.origin.northM) / resolution) * ((size[1] * resolution) / (extent[3] - extent[1])),
        );
        c.rotate(((u.turnDeg ?? 0) * Math.PI) / 180);
        const k = u.metresPerPixel / ((extent[2] - extent[0]) / size[0]);
        c.scale(k, k);
        c.drawImage(image, 0, 0);
      }
      return canvas;
    },
  });
  image.onload = () => source.changed();
  image.src = url;
  return source;
}

/** The table everyone stands around: to scale, north up, panned and zoomed by hand. Draws what the server computed. */
export default function SitePlan({
  scene,
  picking,
  onPick,
  onTurn,
  onPoint,
  onStem,
  onFeature,
  sketch,
  ghosts,
  surroundings,
  job,
}: Props) {
  const box = useRef<HTMLDivElement>(null);
  const map = useRef<OlMap | null>(null);
  const source = useRef(new VectorSource());
  const groundSource = useRef(new VectorSource());
  const dialSource = useRef(new VectorSource());
  const fallSource = useRef(new VectorSource());
  const labelSource = useRef(new VectorSource());
  const picture = useRef(new ImageLayer({ opacity: 0.7, zIndex: -2 }));
  const hooks = useRef({ picking, onPick, onTurn, onPoint, onStem, onFeature, scene, sketch, ghosts });
  const [resolution, setResolution] = useState(0.15);
  const resolved = useRef(resolution);
  const taken = useRef<Record<'ground' | 'drawn' | 'dial', Taken>>({ ground: NOTHING, drawn: NOTHING, dial: NOTHING });
  /** All words are placed together, whichever part of the plan was drawn anew. */
  const say = useCallback(() => {
    labelSource.current.clear(true);
    labelSource.current.addFeatures(labelFeatures(Object.values(taken.current), resolved.current));
    labelSource.current.changed();
  }, []);
  const [glare, setGlare] = useState(0);
  const [fonts, setFonts] = useState(false);
  const fitted = useRef(false);
  useEffect(() => {
    hooks.current = { picking, onPick, onTurn, onPoint, onStem, onFeature, scene, sketch, ghosts };
  });
  useEffect(() => onGlare(() => setGlare((g) => g + 1)), []);
  useEffect(() => {
    void Promise.all([
      document.fonts.load("700 13px 'Atkinson Hyperlegible Next Variable'"),
      document.fonts.load("700 15px 'Atkinson Hyperlegible Mono Variable'"),
    ]).then(() => setFonts(true));
  }, []);

  useEffect(() => {
    const m = new OlMap({
      target: box.current!,
      controls: [],
      layers: [
        picture.current,
        new VectorLayer({ source: groundSource.current, declutter: true, zIndex: 0 }),
        new VectorLayer({
          source: dialSource.current,
          updateWhileAnimating: true,
          updateWhileInteracting: true,
          zIndex: 1,
        }),
        new VectorLayer({
          source: source.current,
          updateWhileAnimating: true,
          updateWhileInteracting: true,
          zIndex: 1,
        }),
        new VectorLayer({
          source: fallSource.current,
          updateWhileAnimating: true,
          updateWhileInteracting: true,
          zIndex: 2,
        }),
        new VectorLayer({
          source: labelSource.current,
          updateWhileAnimating: true,
          updateWhileInteracting: true,
          zIndex: 3,
        }),
      ],
      view: new View({
        projection: SITE,
        center: [45, 35],
        resolution: 0.15,
        minResolution: 0.01,
        maxResolution: 3,
        enableRotation: false,
      }),
      interactions: defaultInteractions({ altShiftDragRotate: false, pinchRotate: false }),
    });
    const turn = (coordinate: number[]) => {
      const stump = hooks.current.scene.preview?.stump;
      if (stump)
        hooks.current.onTurn?.(
          ((Math.atan2(coordinate[0] - stump.eastM, coordinate[1] - stump.northM) * 180) / Math.PI + 360) % 360,
        );
    };
    m.addInteraction(
      new Pointer({
        handleDownEvent: (e) =>
          !hooks.current.picking &&
          Boolean(m.forEachFeatureAtPixel(e.pixel, (f) => f.get('handle') as unknown, { hitTolerance: 6 })),
        handleDragEvent: (e) => turn(e.coordinate),
        handleUpEvent: () => false,
      }),
    );
    const onBand = (coordinate: number[]): number | undefined => {
      const { preview, dial, stage, focus } = hooks.current.scene;
      if (!preview || !dial || stage !== 3 || focus !== 'lay' || hooks.current.picking) return undefined;
      const [e, n] = [coordinate[0] - preview.stump.eastM, coordinate[1] - preview.stump.northM];
      const outside = (Math.hypot(e, n) - preview.reachM) / (m.getView().getResolution() ?? 1);
      return outside < -4 || outside > BAND_PX + 6
        ? undefined
        : Math.floor(((Math.atan2(e, n) * 180) / Math.PI + 360) % 360);
    };
    m.on('pointermove', (e) => {
      if (!e.dragging) hooks.current.onPoint(onBand(e.coordinate));
    });
    m.on('singleclick', (e) => {
      if (hooks.current.sketch?.what === 'draw') return;
      const pointed = onBand(e.coordinate);
      if (pointed !== undefined && !m.forEachFeatureAtPixel(e.pixel, (f) => f.get('handle') as unknown)) {
        hooks.current.onPoint(pointed, true);
        return;
      }
      if (hooks.current.picking) {
        hooks.current.onPick({
          eastM: Math.round(e.coordinate[0] * 10) / 10,
          northM: Math.round(e.coordinate[1] * 10) / 10,
        });
        return;
      }
      const id = m.forEachFeatureAtPixel(e.pixel, (f) => f.get('stemId') as string | undefined, { hitTolerance: 14 });
      if (id) {
        hooks.current.onStem(id);
        return;
      }
      const feature = m.forEachFeatureAtPixel(e.pixel, (f) => f.get('featureId') as string | undefined, {
        hitTolerance: 8,
      });
      if (feature) hooks.current.onFeature(feature);
    });
    m.on('moveend', () => setResolution(m.getView().getResolution() ?? 0.15));
    const watch = new ResizeObserver(() => {
      m.updateSize();
      fitAll(m, hooks.current.scene);
    });
    watch.observe(box.current!);
    map.current = m;
    box.current!.dataset.ready = 'yes';
    (box.current as unknown as { olMap: OlMap }).olMap = m;
    return () => {
      watch.disconnect();
      m.setTarget(undefined);
    };
  }, []);

  useEffect(() => {
    const show = () => {
      const f = falling.get();
      fallSource.current.clear(true);
      if (f) fallSource.current.addFeatures(fallStyles(f).map(alone));
      fallSource.current.changed();
    };
    show();
    return falling.watch(show);
  }, []);

  const { dial, preview, pointed, focus } = scene;
  const onStage = scene.stage;
  const east = preview?.stump.eastM;
  const north = preview?.stump.northM;
  const reachM = preview?.reachM;
  const nearHandle = preview && Math.round(preview.layDeg / 6) * 6;
  useEffect(() => {
    dialSource.current.clear(true);
    if (dial && onStage === 3 && focus === 'lay' && east !== undefined && north !== undefined && reachM !== undefined) {
      const band = dialStyles({ eastM: east, northM: north }, reachM, dial, resolution, nearHandle ?? 0, pointed).map(
        alone,
      );
      taken.current.dial = takeWords(band);
      dialSource.current.addFeatures(band);
    } else taken.current.dial = NOTHING;
    dialSource.current.changed();
    say();
  }, [dial, pointed, focus, onStage, east, north, reachM, nearHandle, resolution, glare, fonts, say]);

  useEffect(() => {
    resolved.current = resolution;
    say();
  }, [resolution, fonts, say]);

  const { features, stage, feature } = scene;
  useEffect(() => {
    groundSource.current.clear(true);
    const things = ground(hooks.current.scene, surroundings);
    taken.current.ground = takeWords(things);
    groundSource.current.addFeatures(things);
    groundSource.current.changed();
    say();
  }, [features, stage, feature, surroundings, glare, fonts, say]);

  const under = surroundings?.underlay;
  useEffect(() => {
    if (!under?.origin || !under.metresPerPixel) {
      picture.current.setSource(null);
      return;
    }
    picture.current.setSource(turned(`/api/jobs/${job}/place/underlay?v=${under.version}`, under));
  }, [under, job]);

  useEffect(() => {
    if (!sketch || !map.current) return;
    return beginSketch(map.current, groundSource.current, sketch);
  }, [sketch]);

  useEffect(() => {
    source.current.clear(true);
    const drawn = draw(scene, resolution);
    taken.current.drawn = takeWords(drawn);
    source.current.addFeatures(drawn);
    say();
    for (const g of ghosts) {
      if (g.outline && g.form && g.form !== 'POINT')
        source.current.addFeature(
          styled(
            geometryOf(g.form, g.outline),
            new Style({ stroke: line('act', 3.5), fill: new Fill({ color: `${token('act')}22` }), zIndex: 24 }),
          ),
        );
    }
    source.current.addFeatures(
      ghosts.map((g) =>
        alone(
          new Style({
            geometry: new Point(xy(g.at)),
            image:
              g.form && g.form !== 'POINT'
                ? undefined
                : new Circle({ radius: 12, fill: new Fill({ color: token('panel') }), stroke: line('act', 3) }),
            text: words(g.label, 'ink', true, g.outline ? [0, g.form === 'POINT' ? 24 : 0] : [0, 0]),
            zIndex: 25,
          }),
        ),
      ),
    );
    source.current.changed();
    if (!fitted.current && (scene.features.length > 0 || scene.stems.length > 0)) {
      fitted.current = true;
      if (map.current) fitAll(map.current, scene);
    }
  }, [scene, resolution, glare, fonts, ghosts, say]);

  const feet = useUnits() === 'feet';
  const unit = feet ? 0.3048 : 1;
  const length = [1, 2, 5, 10, 20, 50, 100].find((n) => (n * unit) / resolution >= 80) ?? 200;
  const bar = length * unit;
  return (
    <>
      <div className="ol-map" ref={box} data-testid="site-plan" style={{ cursor: picking ? 'crosshair' : undefined }} />
      <svg className="north" width="190" height="64" aria-hidden="true">
        <g transform="translate(14 30)">
          <path d="M0-26 7 8 0 3-7 8Z" fill="var(--ink)" />
          <text y="26" textAnchor="middle" className="b h">
            N
          </text>
        </g>
        {scene.slopeDeg > 0 && (
          <g transform="translate(52 26)">
            <g transform={`rotate(${scene.downhillDeg})`}>
              <path d="M0 18V-12M-9 12h18M-6 3h12" stroke="var(--ink)" strokeWidth="2" fill="none" />
              <path d="M-6-10 0-22 6-10Z" fill="var(--ink)" />
            </g>
            <text x="22" y="2" className="h">
              {scene.slopeDeg}° down
            </text>
            <text x="22" y="18" className="h mu">
              to {azimuth(scene.downhillDeg)}°
            </text>
          </g>
        )}
      </svg>
      <svg
        className="scale"
        width={bar / resolution + 40}
        height="26"
        aria-label={`${length} ${feet ? 'feet' : 'metres'}`}
      >
        <path
          d={`M4 20h${bar / resolution}M4 14v12M${4 + bar / resolution} 14v12`}
          stroke="var(--ink)"
          strokeWidth="2"
        />
        <text x={4} y="11" className="h m">
          0
        </text>
        <text x={4 + bar / resolution} y="11" className="h m" textAnchor="middle">
          {length} {feet ? 'ft' : 'm'}
        </text>
      </svg>
    </>
  );
}
