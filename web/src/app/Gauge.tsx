import { fixed } from '../units/format';

/** A need against what there is, on one bar. */
export function Gauge({ need, have, unit, words }: { need: number; have: number; unit: string; words: string }) {
  const share = have > 0 ? need / have : need > 0 ? 2 : 0;
  return <div><b className="n">{fixed(need, need < 10 ? 1 : 0)} of {fixed(have, have < 10 ? 1 : 0)} {unit}</b><div className={share > 1 ? 'gauge over' : 'gauge'}><i style={{ width: `${Math.min(100, share * 100)}%` }} /></div><small>{words}</small></div>;
}
