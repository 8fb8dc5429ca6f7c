import type { Schemas } from '../../api/client';
import css from './shares.module.css';
import { msg } from './words';

type Explained = Schemas['Explanation'];
type Share = Explained['rest'];

/** What may explain a miss: a bar for each share, left or right of the middle, its range beneath it. */
export function Shares({ stem, explained }: { stem: string; explained: Explained }) {
  const all = [...explained.shares, explained.rest];
  const most = Math.max(1, ...all.map((s) => Math.abs(s.deg) + s.sigmaDeg));
  return (
    <section aria-label={msg('whatExplainsFallOf', { stem })}>
      <h2>
        {msg('whatExplainsIt')} <span>{msg('degreesWithRange')}</span>
      </h2>
      <ul className={css.shares}>
        {all.map((s) => (
          <Bar key={s.cause} s={s} most={most} rest={s === explained.rest ? explained.said.restShare : undefined} />
        ))}
      </ul>
      {explained.notRead.length > 0 && (
        <p className="s">{msg('notRead', { what: explained.notRead.map((n) => n.words).join(', ') })}</p>
      )}
    </section>
  );
}

function Bar({ s, most, rest }: { s: Share; most: number; rest?: string }) {
  const percent = (deg: number) => 50 + (deg / most) * 50;
  const from = Math.min(50, percent(s.deg));
  const low = percent(s.deg - s.sigmaDeg);
  return (
    <li>
      <span>{s.named.words}</span>
      <svg viewBox="0 0 100 24" preserveAspectRatio="none" aria-hidden="true" className={css.bar}>
        <rect
          x={from}
          y={2}
          width={Math.abs(percent(s.deg) - 50)}
          height={12}
          className={s.cause === 'NOT_EXPLAINED' ? css.open : s.says === 'OTHER_WAY' ? css.other : css.agrees}
        />
        <path d={`M50 0V24M${low} 19H${percent(s.deg + s.sigmaDeg)}`} className={css.range} />
      </svg>
      <b className="n">
        {s.said.deg} {msg(s.deg >= 0 ? 'right' : 'left')}
      </b>
      <small>
        {msg('plusMinusSaying', {
          off: s.said.sigmaDeg,
          saying: s.cause === 'NOT_EXPLAINED' ? (rest ?? 'none') : s.saying.words,
        })}
      </small>
    </li>
  );
}
