import { Slider } from 'antd';
import type { Piece, View } from './useTakedown';
import { calledAt, placed } from './badges';
import { ClimberMark } from './ClimberMark';
import css from './takedown.module.css';
import { msg } from './words';

type At = { rightM: number; upM: number };
/** The cut of the chosen piece of stem as it was last moved: what that comes to follows. */
export type Cutter = { atM: number; moveTo: (atM: number) => void };
type Props = {
  view: View;
  chosen?: Piece;
  choose: (n: number) => void;
  cutter?: Cutter;
};

const STEP_M = 0.1;
const percent = (part: number, of: number) => `${(100 * part) / of}%`;

const WIDE = 440;
const HIGH = 560;
const TOP = 24;
const GROUND = HIGH - 34;
const RULER = WIDE - 34;
/** Where the weakest link is named: clear of limbs and numbers. */
const CALLED = { x: 4, ys: [92, 160, 228, 296].map((up) => GROUND - up), wide: 150 };

/** The stem, its limbs and its pieces to scale: gone dashed, the chosen one bold, its weakest link named where it is. */
export function TreeSide({ view, chosen, choose, cutter }: Props) {
  const figure = view.figure;
  if (!figure) return null;
  const all: At[] = [...figure.stem, ...view.limbs.flatMap((l) => l.line)];
  const left = Math.min(-2, ...all.map((p) => p.rightM));
  const right = Math.max(2, ...all.map((p) => p.rightM));
  const scale = Math.min(
    (GROUND - TOP) / Math.max(figure.heightM, ...all.map((p) => p.upM)),
    (RULER - 40) / (right - left),
  );
  const middle = 20 + (RULER - 40) / 2 - ((left + right) / 2) * scale;
  const x = (p: At) => middle + p.rightM * scale;
  const y = (p: At) => GROUND - p.upM * scale;
  const line = (ps: At[]) => ps.map((p) => `${x(p)},${y(p)}`).join(' ');
  const now = chosen?.number ?? 0;
  const cutting = chosen?.climber ? [chosen.climber.feet, chosen.climber.tieIn].map((p) => ({ x: x(p), y: y(p) })) : [];
  const badges = placed(view.pieces, now, x, y, RULER - 12, cutting);
  const limbCut = (id: string) => view.pieces.filter((p) => p.limb === id);
  const weakest = chosen?.chain.at(0);
  const weakAt = weakest?.at;
  const faults = figure.weak.map((w) => ({ x: x(w.at) - 12, y: y(w.at), text: `${w.words} ${w.said.heightM}` }));
  const calledY = calledAt(CALLED.ys, CALLED.x + CALLED.wide, faults);
  const top = chosen?.outline.at(chosen.outline.length / 2)?.upM;
  return (
    <div className={css.figure}>
      {chosen && cutter && top !== undefined && top - STEP_M > figure.footM && (
        <div
          className={css.cutter}
          style={{
            left: percent(RULER, WIDE),
            top: percent(GROUND - (top - STEP_M) * scale, HIGH),
            height: percent((top - STEP_M - figure.footM) * scale, HIGH),
          }}
        >
          <Slider
            vertical
            ariaLabelForHandle={msg('cutOfPiece', { piece: chosen.number })}
            min={figure.footM}
            max={top - STEP_M}
            step={STEP_M}
            value={cutter.atM}
            onChange={cutter.moveTo}
            tooltip={{ open: false }}
          />
        </div>
      )}
      <svg
        viewBox={`0 0 ${WIDE} ${HIGH}`}
        className={`own ${css.side}`}
        role="img"
        aria-label={msg('sideSays', {
          stem: view.label,
          pieces: view.pieces.length,
          weakest: weakest ? `${weakest.words} ${weakest.said.share ?? ''}` : 'none',
        })}
      >
        <line x1={0} x2={WIDE} y1={GROUND} y2={GROUND} className={css.ground} />
        {heights(figure.heightM).map((m) => (
          <g key={m} className={css.ruler}>
            <line x1={RULER - (m % 5 === 0 ? 12 : 6)} x2={RULER} y1={GROUND - m * scale} y2={GROUND - m * scale} />
            {m % 5 === 0 && (
              <text x={RULER + 6} y={GROUND - m * scale + 5}>
                {m}
              </text>
            )}
          </g>
        ))}
        <polygon points={line(figure.stem)} className={css.bare} />
        <polygon points={line(figure.rest)} className={css.wood} />
        {view.pieces
          .filter((p) => !p.limb)
          .map((p) => (
            <polygon
              key={p.number}
              points={line(p.outline)}
              className={p.down || p.number < now ? css.gone : p.number === now ? css.chosen : css.wood}
            />
          ))}
        {view.limbs.map((l) => {
          const cut = limbCut(l.id);
          const gone = cut.length > 0 && cut.every((p) => p.down || p.number < now);
          const bold = cut.some((p) => p.number === now);
          return (
            <polyline
              key={l.id}
              points={line(l.line)}
              style={{ strokeWidth: Math.max(2, l.thickM * scale) }}
              className={gone ? css.limbGone : bold ? css.limbChosen : css.limb}
            />
          );
        })}
        {figure.weak.map((w, i) => (
          <g key={i} className={css.weak}>
            <circle cx={x(w.at)} cy={y(w.at)} r={5} />
            {(i === 0 || figure.weak[i - 1].defectId !== w.defectId) && (
              <text x={faults[i].x} y={faults[i].y + 4} textAnchor="end">
                {faults[i].text}
              </text>
            )}
          </g>
        ))}
        {chosen?.block && chosen.tie && chosen.brake && (
          <g className={css.rope}>
            <polyline points={line([chosen.tie, chosen.block, chosen.brake])} />
            <circle cx={x(chosen.block)} cy={y(chosen.block)} r={7} />
            <circle cx={x(chosen.tie)} cy={y(chosen.tie)} r={3} className={css.knot} />
            <rect x={x(chosen.brake) - 6} y={y(chosen.brake) - 8} width={12} height={16} />
          </g>
        )}
        {chosen?.block && chosen.across && (
          <g className={css.across}>
            <line
              x1={x(chosen.across.from)}
              y1={y(chosen.across.from)}
              x2={x(chosen.across.to)}
              y2={y(chosen.across.to)}
            />
            <polyline points={line([chosen.block, chosen.across.to, chosen.across.anchor])} />
            {chosen.across.secondWraps !== undefined && chosen.tie && (
              <polyline points={line([chosen.tie, chosen.across.anchor])} />
            )}
            <circle cx={x(chosen.across.to)} cy={y(chosen.across.to)} r={5} />
          </g>
        )}
        {chosen?.climber && (
          <ClimberMark
            feet={{ x: x(chosen.climber.feet), y: y(chosen.climber.feet) }}
            tieIn={{ x: x(chosen.climber.tieIn), y: y(chosen.climber.tieIn) }}
            lanyard={{ x: x(chosen.climber.lanyard), y: y(chosen.climber.lanyard) }}
            scale={scale}
          />
        )}
        {view.guy && (
          <g className={css.guy}>
            <polyline points={line(view.guy.drawn)} />
            <rect x={x(view.guy.drawn[1]) - 5} y={y(view.guy.drawn[1]) - 5} width={10} height={10} />
          </g>
        )}
        {badges.map(({ piece: p, at, weight }) => (
          <g
            key={p.number}
            className={`${css.badge} ${p.down || p.number < now ? css.past : ''} ${p.number === now ? css.now : ''}`}
            onClick={() => choose(p.number)}
          >
            <circle cx={at.x} cy={at.y} r={12} data-severity={p.severity} />
            <text x={at.x} y={at.y + 5} textAnchor="middle">
              {p.number}
            </text>
            {weight && (
              <text
                x={at.x + (weight === 'left' ? -17 : 17)}
                y={at.y + 5}
                textAnchor={weight === 'left' ? 'end' : 'start'}
                className={css.kg}
              >
                {p.said.massHighKg}
              </text>
            )}
          </g>
        ))}
        {weakest && weakAt && (
          <g className={css.callout} data-severity={weakest.severity}>
            <line x1={x(weakAt)} y1={y(weakAt)} x2={CALLED.x + CALLED.wide} y2={calledY} />
            <rect x={CALLED.x} y={calledY - 24} width={CALLED.wide} height={46} />
            <text x={CALLED.x + 10} y={calledY - 6}>
              {weakest.words}
            </text>
            <text x={CALLED.x + 10} y={calledY + 15} className={css.share}>
              {weakest.said.share ?? msg('notKnown')}
            </text>
          </g>
        )}
      </svg>
    </div>
  );
}

const heights = (top: number) => Array.from({ length: Math.floor(top) + 1 }, (_, m) => m);
