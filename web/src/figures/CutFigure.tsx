import css from '../ui/layout.module.css';
import type { Schemas } from '../api/client';
import { useUnits } from '../units/useUnits';
import { azimuth } from '../units/format';
import '../words/pages';
import { useTerms, useWords } from '../words/words';

type Card = Schemas['CutPart'];
const W = 456;
/** Half a letter's width at the size of the measures. */
const LETTER = 4.2;

/** Notch, hinge, strap and passes of the bar, from the side and from above, to one scale. All measures come from the core, said to the safe side. */
export function CutFigure({ card: c, phone = false }: { card: Card; phone?: boolean }) {
  const term = useTerms();
  const t = useWords();
  const inches = useUnits() === 'feet';
  const said = (key: Card['measures'][number]['key']) => c.measures.find((x) => x.key === key)?.shown.words ?? '';
  const k = Math.min(262 / c.dAlongM, 240 / c.dAcrossM);
  const midX = 214;
  const back = midX - (c.dAlongM * k) / 2;
  const front = midX + (c.dAlongM * k) / 2;
  const x = (fromFront: number) => front - fromFront * k;
  const thick = Math.max(c.hingeLeftM, c.hingeRightM);
  const apex = x(c.depthM);
  const hingeBack = x(c.depthM + thick);
  const strapEdge = c.strapLeft ? back + c.strapM * k : back;
  const floor = 170;
  const foot = Math.min((c.mouthM ?? c.depthM) * k, 110) * (c.slopingFromBelow ? 1 : -1);
  const step = c.stepM * k;
  const a = (c.dAlongM * k) / 2;
  const b = (c.dAcrossM * k) / 2;
  const cy = 366 + b;
  const half = (px: number) => b * Math.sqrt(Math.max(0, 1 - ((px - midX) / a) ** 2));
  const hinge = (c.hingeLengthM * k) / 2;
  const [left, right] = [said('HINGE_LEFT'), said('HINGE_RIGHT')];
  const ends = left === right ? left : `${left} | ${right}`;
  const marks: [number, number, string, string][] = c.strapLeft
    ? [
        [back, strapEdge, t('figure.strap'), said('STRAP')],
        [strapEdge, hingeBack, t('figure.bored'), said('BORE')],
        [hingeBack, apex, t('figure.theHinge'), ends],
        [apex, front, t('figure.notch'), said('DEPTH')],
      ]
    : [
        [back, hingeBack, t('figure.backCut'), ''],
        [hingeBack, apex, t('figure.theHinge'), ends],
        [apex, front, t('figure.notch'), said('DEPTH')],
      ];
  // strap and hinge stand in one row; where what is bored between them is narrow, the hinge's words go one lower
  const lower = (i: number) => {
    const [here, before] = [marks[i], marks[i - 2]];
    if (i !== 2 || !here || !before) return 0;
    const apart = (here[0] + here[1] - before[0] - before[1]) / 2;
    const letters = Math.max(here[2].length, here[3].length) + Math.max(before[2].length, before[3].length);
    return apart < letters * LETTER + 10 ? 36 : 0;
  };
  const sideY = (s: string) => (s === 'LEFT' ? -1 : 1);
  return (
    <svg
      viewBox={`0 0 ${W} ${Math.ceil(cy + b + 62)}`}
      role="img"
      aria-label={t('figure.cuts', { stem: c.stem })}
      data-testid="stump-figure"
    >
      {!phone && (
        <>
          <text x="14" y="24" className="b">
            {c.stem}, {term('School', c.school)}
          </text>
          <text x="14" y="42" className="mu">
            {t('figure.wood', { along: c.said.dAlongM, across: c.said.dAcrossM, off: inches ? '±1/4 in' : '±5 mm' })}
          </text>
        </>
      )}
      <path
        d={`M${back} 60V${floor + 84}M${front} 60V${floor + Math.min(0, foot)}M${front} ${floor + Math.max(0, foot)}V${floor + 84}`}
        stroke="var(--ink)"
        strokeWidth="3.5"
        fill="none"
      />
      {Array.from({ length: 8 }, (_, i) => (
        <path
          key={i}
          d={`M${back + ((i + 1) * (front - back)) / 9} 62V${floor + 82}`}
          stroke="var(--line)"
          strokeWidth="1"
        />
      ))}
      <path
        d={`M${front} ${floor + foot}L${apex} ${floor}H${front}Z`}
        fill="var(--paper)"
        stroke="var(--ink)"
        strokeWidth="3"
      />
      <rect
        x={hingeBack}
        y={floor - 16}
        width={apex - hingeBack}
        height="32"
        fill="color-mix(in srgb, var(--lay) 18%, transparent)"
        stroke="var(--lay)"
        strokeWidth="2"
      />
      <path d={`M${strapEdge} ${floor - step}H${hingeBack}`} stroke="var(--ink)" strokeWidth="6" />
      {c.strapLeft && (
        <path
          d={`M${back} ${floor - step + 9}H${strapEdge}`}
          stroke="var(--ink)"
          strokeWidth="4"
          strokeDasharray="6 4"
        />
      )}
      <text x={apex + 20} y={floor + (c.slopingFromBelow ? 22 : -10)} className="m h b">
        {Math.round(c.faceDeg)}°
      </text>
      <path d={`M${front + 8} 86h40`} stroke="var(--lay)" strokeWidth="4.5" />
      <path d={`M${front + 62} 86l-16-8 4 8-4 8z`} fill="var(--lay)" />
      <text x={Math.min(front + 6, W - 84)} y="74" className={`b ${css.fillLay}`}>
        {t('figure.lay', { azimuth: azimuth(c.layDeg) })}
      </text>
      <text x="14" y={floor + 100} className="mu">
        {c.said.cutHeightM}
      </text>
      <text x="14" y={floor + 116} className="mu">
        {t('figure.high')}
      </text>
      {marks.map(([l, r, name, size], i) => (
        <g key={name} aria-label={`${name} ${size}`}>
          <path
            d={`M${l} ${floor + 104}H${r}M${l} ${floor + 98}v12M${r} ${floor + 98}v12`}
            stroke="var(--ink)"
            strokeWidth="1.5"
          />
          <text x={(l + r) / 2} y={floor + (i % 2 ? 92 : 128) + lower(i)} textAnchor="middle" className="m b h">
            {size}
          </text>
          <text x={(l + r) / 2} y={floor + (i % 2 ? 76 : 144) + lower(i)} textAnchor="middle" className="mu h">
            {name}
          </text>
        </g>
      ))}
      {[back, strapEdge, hingeBack, apex, front].map((px, i) => (
        <path
          key={i}
          d={`M${px} ${floor + 112}V${cy - half(px)}`}
          stroke="var(--mute)"
          strokeWidth="0.75"
          strokeDasharray="8 3 2 3"
        />
      ))}
      <ellipse cx={midX} cy={cy} rx={a} ry={b} fill="var(--bored)" stroke="var(--ink)" strokeWidth="3.5" />
      <path
        d={`M${apex} ${cy - half(apex)}A${a} ${b} 0 0 1 ${apex} ${cy + half(apex)}Z`}
        fill="var(--panel)"
        stroke="var(--ink)"
        strokeWidth="2"
      />
      <path
        d={`M${apex} ${cy - hinge}V${cy + hinge}L${x(c.depthM + c.hingeRightM)} ${cy + hinge}L${x(c.depthM + c.hingeLeftM)} ${cy - hinge}Z`}
        fill="color-mix(in srgb, var(--lay) 26%, var(--panel))"
        stroke="var(--lay)"
        strokeWidth="2"
      />
      {c.strapLeft && (
        <path
          d={`M${strapEdge} ${cy - half(strapEdge)}A${a} ${b} 0 0 0 ${strapEdge} ${cy + half(strapEdge)}Z`}
          fill="var(--wood)"
          stroke="var(--ink)"
          strokeWidth="2"
        />
      )}
      {c.walls.length >= 3 && (
        <path
          d={`M${c.walls.map((w) => `${midX + Math.max(0, a - w.soundM * k) * Math.cos((w.relDeg * Math.PI) / 180)} ${cy + Math.max(0, b - w.soundM * k) * Math.sin((w.relDeg * Math.PI) / 180)}`).join('L')}Z`}
          fill="color-mix(in srgb, var(--paper) 60%, transparent)"
          stroke="var(--keep)"
          strokeWidth="2"
          strokeDasharray="4 4"
        />
      )}
      {c.soundLeftM !== undefined && c.soundRightM !== undefined && (
        <g stroke="var(--keep)" strokeWidth="3" strokeDasharray="5 4">
          <path d={`M${hingeBack - 8} ${Math.min(cy, cy - hinge + c.soundLeftM * k)}H${apex + 8}`} />
          <path d={`M${hingeBack - 8} ${Math.max(cy, cy + hinge - c.soundRightM * k)}H${apex + 8}`} />
          <text x={apex + 12} y={cy - 10} stroke="none" className={`b ${css.fillKeep}`}>
            {t('figure.sound')}
          </text>
        </g>
      )}

      <text x={(apex + front) / 2} y={cy + 30} textAnchor="middle">
        {t('figure.notch')}
      </text>
      {c.strapLeft && (
        <text
          x={(back + strapEdge) / 2}
          y={cy}
          textAnchor="middle"
          transform={`rotate(-90 ${(back + strapEdge) / 2 + 4} ${cy})`}
          className="b"
        >
          {t('figure.strap')}
        </text>
      )}
      {c.passes.map((p, i) => {
        const px =
          x(p.throughFace ? c.depthM / 2 : (p.fromM + p.toM) / 2) + (i % 2 ? 16 : -16) * (c.passes.length > 1 ? 1 : 0);
        const edge = cy + sideY(p.entry) * (half(px) + 6);
        const to = cy + sideY(p.entry) * (half(px) - Math.min(2 * half(px), p.inM * k));
        return (
          <g key={i}>
            <path d={`M${px} ${edge}V${to}`} stroke="var(--ink)" strokeWidth="2.5" strokeDasharray="7 4" />
            <circle cx={px} cy={edge + sideY(p.entry) * 12} r="12" fill="var(--ink)" />
            <text x={px} y={edge + sideY(p.entry) * 12 + 5} textAnchor="middle" className={`b ${css.fillPaper}`}>
              {i + 1}
            </text>
          </g>
        );
      })}
      {(c.wedges || c.keepOpen) &&
        (c.wedges ? [-1, 1] : [-1]).map((s) => {
          const px = strapEdge + 18;
          const edge = cy + s * half(px);
          return (
            <path
              key={s}
              d={`M${px - 9} ${edge + s * 12}h18L${px} ${edge - s * 34}Z`}
              fill="var(--panel)"
              stroke="var(--ink)"
              strokeWidth="2"
            />
          );
        })}
      <text x={hingeBack - 8} y={cy - 14} textAnchor="end" className="mu h">
        {t('figure.theHinge')}
      </text>
      <text x={hingeBack - 8} y={cy + 4} textAnchor="end" className="m b h">
        {said('HINGE_LENGTH')}
      </text>
      <g transform={`translate(${midX + 62} ${cy + sideY(c.stand) * (b + 24)})`}>
        <circle r="9" fill="none" stroke="var(--ink)" strokeWidth="3" />
        <text x="16" y="5" className="b">
          {t('figure.cutter', { side: term('EscapeRoutes.Side', c.stand) })}
        </text>
      </g>
      {c.ways.map((y) => {
        const rad = (y.relDeg * Math.PI) / 180;
        const from = [midX + (a + 10) * Math.cos(rad), cy + (b + 10) * Math.sin(rad)];
        const to = [from[0] + 42 * Math.cos(rad), from[1] + 42 * Math.sin(rad)];
        return (
          <g key={y.name}>
            <path d={`M${from.join()}L${to.join()}`} stroke="var(--esc)" strokeWidth="7" strokeDasharray="9 4" />
            <path d={`M${from.join()}L${to.join()}`} stroke="var(--paper)" strokeWidth="2.5" />
            <text
              x={to[0] - 8}
              y={to[1] + (rad > 0 ? 14 : 0)}
              textAnchor={Math.cos(rad) < 0 ? 'end' : 'start'}
              className={`b ${css.fillWayOut}`}
            >
              {y.best ? t('figure.first', { name: y.name }) : y.name}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
