import OlMap from 'ol/Map';
import View from 'ol/View';
import { defaults as defaultInteractions } from 'ol/interaction/defaults';
import Pointer from 'ol/interaction/Pointer';
import ImageLayer from 'ol/layer/Image';
import VectorLayer from 'ol/layer/Vector';
import { addProjection } from 'ol/proj';
import VectorSource from 'ol/source/Vector';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { Schemas, Spot } from '../api/client';
import { onGlare } from '../app/glare';
import { alone, styled } from './draw';
import { falling } from './falling';
import { labelFeatures, NOTHING, type Seen, seenOf, takeWords, type Taken } from './labelLayer';
import { GROUND, PICTURE, SAID } from './layers/registry';
import { turned } from './layers/underlay';
import { PlanFinder } from './PlanFinder';
import { PlanMarks } from './PlanMarks';
import type { Ghost, Sketch } from './planTools';
import { usePlanView } from './planView';
import { emptiest, PlanInset, type Corner } from './PlanInset';
import { SITE } from './projection';
import { extent, type PlanScene, looksAtTangle } from './scene';
import { beginSketch, geometryOf } from './sketching';
import { BAND_PX, Circle, dialStyles, fallStyles, Fill, line, Point, Style, words, xy } from './styles';
import { token } from './token';
import { msg } from './words';
addProjection(SITE);

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

/** What stands over the plan: no word runs beneath it. */
const OVER = '.north, .scale, .outrank, [data-over]';

const isWide = (map: OlMap): boolean => (map.getSize()?.[0] ?? 0) > 500;

/** Shows the whole site, as after every change of the plan's size, or what somebody asked to stay near to. */
function fitAll(map: OlMap, scene: PlanScene): void {
  const near = usePlanView.getState().near;
  if (near) {
    const [east, north] = [near.map((s) => s.eastM), near.map((s) => s.northM)];
    const box = [Math.min(...east), Math.min(...north), Math.max(...east), Math.max(...north)];
    map.getView().fit(box, { padding: [50, 50, 50, 50], minResolution: 0.05 });
    return;
  }
  map.getView().fit(extent(scene, isWide(map)), { padding: [64, 24, 60, isWide(map) ? 84 : 24] });
}

/** A place on the plan as a finger means it: to a decimetre. */
const tapped = ([east, north]: number[]): Spot => ({
  eastM: Math.round(east * 10) / 10,
  northM: Math.round(north * 10) / 10,
});

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
  const [corner, setCorner] = useState<Corner>('topRight');
  const resolved = useRef(resolution);
  const taken = useRef<Record<'ground' | 'drawn' | 'dial', Taken>>({ ground: NOTHING, drawn: NOTHING, dial: NOTHING });
  const seen = useRef<Seen>(undefined);
  /** All words are placed together, whichever part of the plan was drawn anew. */
  const say = useCallback(() => {
    labelSource.current.clear(true);
    // looked at once for each view of the plan: a drag of the lay says its words many times
    seen.current ??= map.current?.getSize() ? seenOf(map.current, OVER) : undefined;
    labelSource.current.addFeatures(labelFeatures(Object.values(taken.current), resolved.current, seen.current));
    labelSource.current.changed();
  }, []);
  const onStage = scene.stage;
  const hidden = usePlanView((v) => v.hidden);
  const lookAt = usePlanView((v) => v.lookAt);
  const stay = usePlanView((v) => v.near);
  const shown = useCallback(
    (layers: typeof SAID) =>
      layers.filter((l) => (l.words === undefined || !hidden.includes(l.key)) && (!l.at || l.at.includes(onStage))),
    [hidden, onStage],
  );
  const [glare, setGlare] = useState(0);
  const [fonts, setFonts] = useState(false);
  const fitted = useRef<boolean>(undefined);
  useEffect(() => {
    hooks.current = { picking, onPick, onTurn, onPoint, onStem, onFeature, scene, sketch, ghosts };
  });
  useEffect(() => {
    if (map.current && scene.stage === 'tangle') setCorner(emptiest(map.current, scene));
  }, [scene]);
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
      if (!preview || !dial || stage !== 'lay' || focus !== 'lay' || hooks.current.picking) return undefined;
      const [e, n] = [coordinate[0] - preview.stump.eastM, coordinate[1] - preview.stump.northM];
      const outside = (Math.hypot(e, n) - preview.reach.reachM) / (m.getView().getResolution() ?? 1);
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
        hooks.current.onPick(tapped(e.coordinate));
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
    m.on('moveend', () => {
      setResolution(m.getView().getResolution() ?? 0.15);
      setCorner(emptiest(m, hooks.current.scene));
    });
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
    const m = map.current;
    const looked = () => {
      seen.current = undefined;
      say();
    };
    looked();
    m?.on('moveend', looked);
    return () => m?.un('moveend', looked);
  }, [say, onStage, scene.focus, picking]);

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
  const east = preview?.stump.eastM;
  const north = preview?.stump.northM;
  const reachM = preview?.reach.reachM;
  const nearHandle = preview && Math.round(preview.layDeg / 6) * 6;
  useEffect(() => {
    dialSource.current.clear(true);
    if (
      dial &&
      onStage === 'lay' &&
      focus === 'lay' &&
      east !== undefined &&
      north !== undefined &&
      reachM !== undefined
    ) {
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
    const things = shown(GROUND).flatMap((l) => l.draw(hooks.current.scene, resolved.current, surroundings));
    taken.current.ground = takeWords(things);
    groundSource.current.addFeatures(things);
    groundSource.current.changed();
    say();
  }, [features, stage, feature, surroundings, glare, fonts, say, shown]);

  const under = surroundings?.underlay;
  useEffect(() => {
    if (!under?.origin || !under.metresPerPixel) {
      picture.current.setSource(null);
      return;
    }
    picture.current.setSource(turned(`/api/jobs/${job}/place/underlay?v=${under.version}`, under, SITE));
  }, [under, job]);
  useEffect(() => picture.current.setVisible(!hidden.includes(PICTURE.key)), [hidden]);

  useEffect(() => {
    if (map.current) fitAll(map.current, hooks.current.scene);
  }, [stay]);

  useEffect(() => {
    if (lookAt) map.current?.getView().setCenter(xy(lookAt));
  }, [lookAt]);

  useEffect(() => {
    if (!sketch || !map.current) return;
    return beginSketch(map.current, groundSource.current, sketch);
  }, [sketch]);

  useEffect(() => {
    source.current.clear(true);
    const drawn = shown(SAID).flatMap((l) => l.draw(scene, resolution, surroundings));
    const pending = ghosts.map((g) =>
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
    );
    taken.current.drawn = takeWords([...drawn, ...pending]);
    source.current.addFeatures([...drawn, ...pending]);
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
    source.current.changed();
    // what lies on each other is looked at from near
    const near = looksAtTangle(scene, map.current === null || isWide(map.current));
    if (fitted.current !== near && (scene.features.length > 0 || scene.stems.length > 0)) {
      fitted.current = near;
      if (map.current) fitAll(map.current, scene);
    }
  }, [scene, resolution, glare, fonts, ghosts, say, shown, surroundings]);

  return (
    <>
      {/* the plan goes by arrows, plus and minus too; what is placed is placed in its middle */}
      {/* eslint-disable-next-line jsx-a11y/no-noninteractive-element-interactions -- the same */}
      <div
        className={picking ? 'ol-map picking' : 'ol-map'}
        ref={box}
        data-testid="site-plan"
        role="application"
        aria-label={picking ? msg('sitePlanMoveWith') : msg('sitePlan')}
        // eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- it is moved and placed on by keyboard
        tabIndex={0}
        onKeyDown={(e) => {
          const middle = map.current?.getView().getCenter();
          if (e.key !== 'Enter' || !picking || !middle) return;
          e.preventDefault();
          onPick(tapped(middle));
        }}
      />
      {picking && <span className="cross" aria-hidden="true" />}
      <PlanFinder scene={scene} onStem={onStem} onFeature={onFeature} />
      <PlanMarks scene={scene} resolution={resolution} />
      {onStage === 'tangle' && !picking && !sketch && (
        <PlanInset scene={scene} resolution={resolution} corner={corner} onStem={onStem} />
      )}
    </>
  );
}
