import { Button } from 'antd';
import type { Schemas } from '../../api/client';
import { DIAL_WORDS } from '../../figures/DialFigure';
import { azimuth } from '../../units/format';

/** What the dial says of one direction: its blocks, what it takes first, its costs part by part. */
export function Judged({ d }: { d: Schemas['Direction'] }) {
  const state = d.state === 'OPEN_WITH_PULL' && d.pull ? `open with at least ${d.pull}` : DIAL_WORDS[d.state];
  return (
    <>
      <b className="n">{azimuth(d.deg)}°</b> <b>{state}</b>
      {d.against.length > 0 && <p>{d.against.join('; ')}</p>}
      {d.first.length > 0 && <p>First: {d.first.join('; ')}</p>}
      <p className="s">
        {d.costs.length > 0 ? `Against it, most first: ${d.costs.join(', ')}` : 'Nothing speaks against it'}
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
    <div className="direction" role="status" aria-label="Direction">
      <Judged d={d} />
      {tapped && (
        <div>
          <Button type="text" onClick={turn}>
            Turn the lay here
          </Button>
          <Button type="text" onClick={close}>
            Close
          </Button>
        </div>
      )}
    </div>
  );
}
