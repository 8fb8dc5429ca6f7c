import type { Schemas } from '../api/client';
import { Mark } from '../figures/Mark';
import css from './takedown.module.css';

/** What stands against a piece or the whole, the worst first. */
export function Remarks({
  of,
}: {
  of: { remark: string; severity: Schemas['PieceWord']['severity']; words: string }[];
}) {
  return (
    <>
      {of.map((r) => (
        <p key={r.remark} className={css.remark} data-severity={r.severity}>
          <Mark kind={r.severity} /> <span>{r.words}</span>
        </p>
      ))}
    </>
  );
}
