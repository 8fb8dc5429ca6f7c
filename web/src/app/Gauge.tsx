import type { Schemas } from '../api/client';

/** A need against what there is, on one bar; the words are the core's, need rounded up and what there is down. */
export function Gauge({ of, words }: { of: Schemas['GaugeView']; words: string }) {
  return (
    <div>
      <b className="n">{of.words}</b>
      <div className={of.over ? 'gauge over' : 'gauge'}>
        <i style={{ width: `${Math.min(100, of.share * 100)}%` }} />
      </div>
      <small>{words}</small>
    </div>
  );
}
