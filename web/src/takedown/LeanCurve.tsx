import type { View } from './useTakedown';
import css from './takedown.module.css';
import { msg } from './words';

const WIDE = 290;
const HIGH = 130;
const LEFT = 4;
const BASE = HIGH - 22;

/** What bends the foot and the worst fault after each piece, as steps; where a piece raises it, that is said. */
export function LeanCurve({ view, chosen }: { view: View; chosen?: number }) {
  const rows = view.leaning;
  if (rows.length < 2) return null;
  const most = Math.max(1, ...rows.map((r) => Math.max(r.footNm, r.faultNm ?? 0)));
  const x = (i: number) => LEFT + (i / rows.length) * (WIDE - LEFT);
  const y = (nm: number) => BASE - (nm / most) * (BASE - 18);
  const steps = (of: (r: (typeof rows)[number]) => number) =>
    rows.map((r, i) => `${x(i)},${y(of(r))} ${x(i + 1)},${y(of(r))}`).join(' ');
  const raised = rows.filter((r) => r.raisedNm !== undefined);
  // more than two are one sentence, with the one that raised it most
  const worst =
    raised.length > 2 ? raised.reduce((a, b) => ((b.raisedNm ?? 0) > (a.raisedNm ?? 0) ? b : a)) : undefined;
  return (
    <>
      <h2>{msg('leanLeft')}</h2>
      <svg
        viewBox={`0 0 ${WIDE} ${HIGH}`}
        className={`own ${css.curve}`}
        role="img"
        aria-label={msg('leanSays', {
          raised: raised.map((r) => `${r.afterPiece}: ${r.said.raisedNm ?? ''}`).join(', ') || 'none',
        })}
      >
        {chosen !== undefined && chosen < rows.length && (
          <rect x={x(chosen)} width={x(1) - x(0)} y={8} height={BASE - 8} className={css.here} />
        )}
        {view.leanTicks.map((t) => (
          <g key={t.atNm} className={css.grid}>
            <line x1={LEFT} x2={WIDE} y1={y(t.atNm)} y2={y(t.atNm)} />
          </g>
        ))}
        <polyline points={steps((r) => r.footNm)} className={css.foot} />
        {rows.some((r) => r.faultNm !== undefined) && (
          <polyline points={steps((r) => r.faultNm ?? 0)} className={css.fault} />
        )}
        {rows.map((r, i) => (
          <text key={r.afterPiece} x={(x(i) + x(i + 1)) / 2} y={HIGH - 6} textAnchor="middle" className={css.tick}>
            {r.afterPiece === 0 ? msg('all') : rows.length < 14 || r.afterPiece % 5 === 0 ? r.afterPiece : ''}
          </text>
        ))}
        {view.leanTicks.map((t) => (
          <text key={t.atNm} x={WIDE} y={y(t.atNm) - 4} textAnchor="end">
            {t.said.atNm}
          </text>
        ))}
        {raised.map((r) => (
          <circle
            key={r.afterPiece}
            cx={(x(rows.indexOf(r)) + x(rows.indexOf(r) + 1)) / 2}
            cy={y(r.footNm) - 8}
            r={5}
            className={css.raised}
          />
        ))}
      </svg>
      <p className={css.curveWords}>
        {msg('footAndFault', { fault: rows.some((r) => r.faultNm !== undefined) ? 'yes' : 'no' })}
        {worst !== undefined && (
          <b>
            {' '}
            ·{' '}
            {msg('piecesRaised', {
              pieces: raised.map((r) => r.afterPiece).join(', '),
              piece: worst.afterPiece,
              by: worst.said.raisedNm ?? '',
            })}
          </b>
        )}
        {worst === undefined &&
          raised.map((r) => (
            <b key={r.afterPiece}> · {msg('pieceRaised', { piece: r.afterPiece, by: r.said.raisedNm ?? '' })}</b>
          ))}
      </p>
    </>
  );
}
