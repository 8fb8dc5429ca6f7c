import OlMap from 'ol/Map';
import View from 'ol/View';
import VectorLayer from 'ol/layer/Vector';
import VectorSource from 'ol/source/Vector';
import { useEffect, useRef, useState } from 'react';
import { labelFeatures, takeWords } from './labelLayer';
import { large, pile } from './layers/tangle';
import css from './plan.module.css';
import { SITE } from './projection';
import type { PlanScene } from './scene';
import { xy } from './styles';
import { msg } from './words';

/** Metres around what is shown. */
const ROOM_M = 2.5;
/** Shown only where it is at least so many times larger than the plan. */
const WORTH = 1.4;

export type Corner = 'topRight' | 'bottomRight' | 'bottomLeft' | 'topLeft';
const CORNERS: Corner[] = ['topRight', 'bottomRight', 'bottomLeft', 'topLeft'];
const [WIDE, HIGH] = [350, 330];

/** The corner of the plan in which the inset hides least of what hangs and lies. */
export function emptiest(plan: OlMap, scene: PlanScene): Corner {
  const [w, h] = plan.getSize() ?? [0, 0];
  const ends = (scene.tangle?.stems ?? [])
    .flatMap((s) => (s.pose ? [s.pose.butt.at, s.pose.tip.at] : []))
    .map((p) => plan.getPixelFromCoordinate(xy(p)))
    .filter((p) => p !== null);
  const hides = (c: Corner) =>
    ends.filter(
      ([x = 0, y = 0]) =>
        (c.endsWith('Right') ? x > w - WIDE : x < WIDE) && (c.startsWith('top') ? y < HIGH + 64 : y > h - HIGH - 40),
    ).length;
  return CORNERS.reduce((best, c) => (hides(c) < hides(best) ? c : best));
}

/** Stems that bear on each other, larger than the plan can show them beside everything else. */
export function PlanInset({
  scene,
  resolution,
  corner,
  onStem,
}: {
  scene: PlanScene;
  /** Metres a pixel of the plan it lies on. */
  resolution: number;
  corner: Corner;
  onStem: (id: string) => void;
}) {
  const box = useRef<HTMLDivElement>(null);
  const source = useRef(new VectorSource());
  /** Words and numbers, over all that is drawn. */
  const said = useRef(new VectorSource());
  const map = useRef<OlMap | null>(null);
  const tap = useRef(onStem);
  const [own, setOwn] = useState(resolution);
  const stems = pile(scene);
  const shown = stems.length > 1;
  const key = stems.map((s) => `${s.label}${JSON.stringify(s.pose?.butt.at)}${JSON.stringify(s.pose?.tip.at)}`).join();
  useEffect(() => {
    tap.current = onStem;
  });
  useEffect(() => {
    if (!shown || !box.current) return;
    const m = new OlMap({
      target: box.current,
      controls: [],
      interactions: [],
      layers: [
        new VectorLayer({ source: source.current, zIndex: 1 }),
        new VectorLayer({ source: said.current, zIndex: 2 }),
      ],
      view: new View({ projection: SITE, center: [0, 0], resolution: 0.05, minResolution: 0.005 }),
    });
    m.on('singleclick', (e) => {
      const id = m.forEachFeatureAtPixel(e.pixel, (f) => f.get('stemId') as string | undefined, { hitTolerance: 10 });
      if (id) tap.current(id);
    });
    map.current = m;
    return () => {
      m.setTarget(undefined);
      map.current = null;
    };
  }, [shown]);
  useEffect(() => {
    if (!map.current || stems.length === 0) return;
    const ends = stems.flatMap((s) => (s.pose ? [xy(s.pose.butt.at), xy(s.pose.tip.at)] : []));
    const e = ends.map((p) => p[0]);
    const n = ends.map((p) => p[1]);
    map.current
      .getView()
      .fit([Math.min(...e) - ROOM_M, Math.min(...n) - ROOM_M, Math.max(...e) + ROOM_M, Math.max(...n) + ROOM_M]);
    setOwn(map.current.getView().getResolution() ?? resolution);
    // eslint-disable-next-line react-hooks/exhaustive-deps -- where they lie, not how the plan is zoomed
  }, [key, shown]);
  useEffect(() => {
    const drawn = large(scene, stems, own);
    const words = takeWords(drawn);
    source.current.clear(true);
    source.current.addFeatures(drawn);
    said.current.clear(true);
    said.current.addFeatures(labelFeatures([words], own));
  });
  if (!shown) return null;
  const worth = resolution / own >= WORTH;
  return (
    <section
      className={`${css.inset} ${css[corner]} ${worth ? '' : css.unseen}`}
      aria-label={msg('insetOf')}
      aria-hidden={!worth}
    >
      <b>{stems.map((s) => s.label).join(', ')}</b>{' '}
      <small>{msg('timesLarger', { times: (resolution / own).toFixed(1) })}</small>
      <div ref={box} className={css.insetPlan} />
    </section>
  );
}
