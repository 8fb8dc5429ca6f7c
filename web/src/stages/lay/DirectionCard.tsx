import { Button } from 'antd';
import type { Schemas } from '../../api/client';
import { dialWords } from '../../figures/DialFigure';
import { azimuth } from '../../units/format';
import { msg } from './words';

/** What the dial says of one direction: its blocks, what it takes first, its costs part by part. */
export function Judged({ d }: { d: Schemas['Direction'] }) {
  const state =
    d.state === 'OPEN_WITH_PULL' && d.pull ? msg('openWithAtLeast', { pull: d.pull }) : dialWords()[d.state];
  return (
    <>
      <b className="n">{azimuth(d.deg)}°</b> <b>{state}</b>
      {d.against.length > 0 && <p>{d.against.join('; ')}</p>}
      {d.first.length > 0 && <p>{msg('first', { first: d.first.join('; ') })}</p>}
      <p className="s">
        {d.costs.length > 0 ? msg('againstItMostFirst', { costs: d.costs.join(', ') }) : msg('nothingSpeaksAgainstIt')}
      </p>
    </>
  );
}

/** One direction of the dial, pointed at or tapped. */
export function DirectionCard({
  dial,
  deg,
  tapped,
  turn,
  close,
}: {
  dial: Schemas['DialView'];
  deg: number;
  tapped: boolean;
  turn: () => void;
  close: () => void;
}) {
  const d = dial.lays.find((l) => l.deg === deg);
  if (!d) return null;
  return (
    <div className="direction" role="status" aria-label={msg('direction')}>
      <Judged d={d} />
      {tapped && (
        <div>
          <Button type="text" onClick={turn}>
            {msg('turnTheLayHere')}
          </Button>
          <Button type="text" onClick={close}>
            {msg('close')}
          </Button>
        </div>
      )}
    </div>
  );
}
