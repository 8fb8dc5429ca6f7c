import OlFeature from 'ol/Feature';
import type { Feature as AnyFeature } from 'ol';
import Draw from 'ol/interaction/Draw';
import Modify from 'ol/interaction/Modify';
import Snap from 'ol/interaction/Snap';
import { LineString, Point, Polygon } from 'ol/geom';
import VectorLayer from 'ol/layer/Vector';
import type OlMap from 'ol/Map';
import VectorSource from 'ol/source/Vector';
import type { Spot } from '../api/client';
import type { Form, Sketch } from './planTools';
import { Circle, Fill, line, ring, Style, xy } from './styles';
import { token } from './token';

const round = (v: number): number => Math.round(v * 100) / 100;
const spot = (c: number[]): Spot => ({ eastM: round(c[0]), northM: round(c[1]) });

export function geometryOf(form: Form, outline: Spot[]): Point | LineString | Polygon {
  return form === 'POLYGON'
    ? ring(outline)
    : form === 'LINE'
      ? new LineString(outline.map(xy))
      : new Point(xy(outline[0]));
}

function outlineOf(g: Point | LineString | Polygon): Spot[] {
  if (g instanceof Point) return [spot(g.getCoordinates())];
  if (g instanceof LineString) return g.getCoordinates().map(spot);
  return g.getCoordinates()[0].slice(0, -1).map(spot);
}

const STYLE = () =>
  new Style({
    stroke: line('act', 3),
    fill: new Fill({ color: `${token('act')}22` }),
    image: new Circle({ radius: 9, fill: new Fill({ color: token('panel') }), stroke: line('act', 3) }),
  });

const VERTICES = (f: AnyFeature) => {
  const g = f.getGeometry();
  if (!g || g instanceof Point) return STYLE();
  const corners = g instanceof Polygon ? g.getCoordinates()[0] : (g as LineString).getCoordinates();
  return [
    STYLE(),
    ...corners.map(
      (c) =>
        new Style({
          geometry: new Point(c),
          image: new Circle({ radius: 8, fill: new Fill({ color: token('panel') }), stroke: line('act', 3) }),
        }),
    ),
  ];
};

/** Drawing or changing one outline by hand, snapping to what is on the plan. Returns how to end it. */
export function beginSketch(map: OlMap, onPlan: VectorSource, sketch: Sketch): () => void {
  const source = new VectorSource();
  const layer = new VectorLayer({ source, style: (f) => VERTICES(f as AnyFeature), zIndex: 30 });
  map.addLayer(layer);
  const interactions: (Draw | Modify | Snap)[] = [];
  if (sketch.what === 'draw') {
    const type = sketch.form === 'POLYGON' ? 'Polygon' : sketch.form === 'LINE' ? 'LineString' : 'Point';
    const draw = new Draw({ source, type, style: STYLE(), clickTolerance: 14 });
    draw.on('drawend', (e) => {
      const outline = outlineOf(e.feature.getGeometry() as Polygon);
      const clean = outline.filter(
        (p, i) => i === 0 || p.eastM !== outline[i - 1].eastM || p.northM !== outline[i - 1].northM,
      );
      setTimeout(() => sketch.done(clean));
    });
    interactions.push(draw);
  } else {
    const f = new OlFeature(geometryOf(sketch.form, sketch.outline));
    source.addFeature(f);
    const modify = new Modify({ source, pixelTolerance: 22, style: STYLE() });
    modify.on('modifyend', () => sketch.done(outlineOf(f.getGeometry() as Polygon)));
    interactions.push(modify);
  }
  interactions.push(new Snap({ source: onPlan, pixelTolerance: 12 }));
  interactions.forEach((i) => map.addInteraction(i));
  return () => {
    interactions.forEach((i) => map.removeInteraction(i));
    map.removeLayer(layer);
  };
}
