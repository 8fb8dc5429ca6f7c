import type Feature from 'ol/Feature';
import type { Schemas } from '../../api/client';
import { styled } from '../draw';
import { Circle, Fill, line, Point, Style, words, xy } from '../styles';
import { token } from '../token';
import type { PlanLayer } from './layer';
import { msg } from '../words';

/** Where the stems stand. */
export const stems: PlanLayer = {
  key: 'stems',
  draw: (scene) => scene.stems.map((s) => stemFeature(s, s.id === scene.selected)),
};

function stemFeature(s: Schemas['StemView'], selected: boolean): Feature {
  const r = selected ? 8 : 6;
  const fill = s.state === 'FELLED' ? token('wood') : s.toBeKept ? token('ok') : token('panel');
  return styled(
    new Point(xy(s.at)),
    [
      new Style({
        image: new Circle({ radius: r, fill: new Fill({ color: fill }), stroke: line('ink', selected ? 4 : 2.5) }),
        text: words(
          s.label +
            (s.state === 'HUNG'
              ? ` ${msg('hung')}`
              : s.toBeKept
                ? ` ${msg('keep')}`
                : s.state === 'FELLED'
                  ? ` ${msg('down')}`
                  : ''),
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
