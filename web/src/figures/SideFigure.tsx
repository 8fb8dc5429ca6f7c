import css from '../ui/layout.module.css';
import { useStems } from '../api/job';
import { usePlanTools } from '../plan/planTools';
import { azimuth } from '../units/format';
import { msg } from './words';

const TOP = 54;
const FOOT = 62;

/** The stem from the side, to scale, with its defects at their height; tapping it begins a defect there. */
export default function SideFigure({ job }: { job: string }) {
  const tools = usePlanTools();
  const stems = useStems(job);
  const s = stems.data?.find((x) => x.id === tools.stem);
  if (!s) return <p className={`empty ${css.waiting}`}>{msg('chooseAStemOr')}</p>;
  if (!s.height) return <p className={`empty ${css.waiting}`}>{msg('theHeightIsNot', { label: s.label })}</p>;
  const w = 520;
  const h = 690;
  const top = s.height.high;
  const k = (h - TOP - FOOT) / (top * 1.03);
  const y = (m: number) => h - FOOT - m * k;
  const cx = 180;
  const lean = s.lean ? Math.tan((s.lean.deg * Math.PI) / 180) : 0;
  const x = (m: number) => cx + m * lean * k;
  const H = s.height.value;
  const crown = (s.crownRadius?.value ?? 0) * k;
  const outline = s.outline;
  const base = outline?.crownFromM ?? 0;
  const sides = outline
    ? [
        ...outline.stem.map((p) => [x(p.upM) - p.halfM * k, y(p.upM)]),
        ...[...outline.stem].reverse().map((p) => [x(p.upM) + p.halfM * k, y(p.upM)]),
      ]
    : [];
  const ticks = Array.from({ length: Math.floor(top / 5) + 1 }, (_, i) => i * 5);
  const tap = (e: React.MouseEvent<SVGSVGElement>) => {
    const box = e.currentTarget.getBoundingClientRect();
    const scale = Math.min(box.width / w, box.height / h);
    const py = (e.clientY - box.top - (box.height - h * scale) / 2) / scale;
    const px = (e.clientX - box.left - (box.width - w * scale) / 2) / scale;
    const m = Math.max(0, Math.min(H, (h - FOOT - py) / k));
    const seenFrom = s.lean ? s.lean.azimuthDeg - 90 : 0;
    window.dispatchEvent(
      new CustomEvent('antevid-defect', {
        detail: {
          fromM: Math.round(m * 10) / 10,
          faceDeg: (Math.round(seenFrom + (px >= x(m) ? 90 : 270)) + 720) % 360,
        },
      }),
    );
  };
  let last = 0;
  const labelY = (wanted: number) => {
    last = Math.max(wanted, last + 36);
    return last;
  };
  const defects = s.defects.filter((d) => !d.setAside).sort((a, b) => b.fromM - a.fromM);
  return (
    <svg
      viewBox={`0 0 ${w} ${h}`}
      role="img"
      aria-label={msg('fromTheSideTap', { label: s.label })}
      onClick={tap}
      className={css.aims}
      data-testid="side-figure"
    >
      <text x="14" y="24" className="b">
        {s.label} {s.commonName}
        {s.lean ? msg('seenAcrossTheLean', { azimuthDeg: azimuth(s.lean.azimuthDeg) }) : msg('leanNotKnown')}
      </text>
      {ticks.map((m) => (
        <g key={m}>
          <path d={`M44 ${y(m)}H${w - 10}`} stroke="var(--line)" strokeWidth="0.75" />
          <path d={`M40 ${y(m)}h10`} stroke="var(--ink)" strokeWidth="2" />
          <text x="34" y={y(m) + 4} textAnchor="end" className="m">
            {m}
          </text>
        </g>
      ))}
      <path d={`M45 ${y(0)}V${y(top)}`} stroke="var(--ink)" strokeWidth="2" />
      <text x="50" y={y(H) - 8} className="m h">
        {s.height.shown} ±{s.height.shownSigma}
      </text>
      <path d={`M45 ${y(H)}H${x(H)}`} stroke="var(--ink)" strokeDasharray="2 3" strokeWidth="1.25" />
      {crown > 0 && outline && (
        <path
          d={`M${x(base)} ${y(base)}C${x(base) - crown * 1.33} ${y(base)} ${x((base + H) / 2) - crown * 1.33} ${y(H)} ${x(H)} ${y(H)}C${x((base + H) / 2) + crown * 1.33} ${y(H)} ${x(base) + crown * 1.33} ${y(base)} ${x(base)} ${y(base)}Z`}
          fill="none"
          stroke="var(--mute)"
          strokeWidth={outline.crownAssumed ? 1 : 2}
          strokeDasharray={outline.crownAssumed ? '3 3' : undefined}
        />
      )}
      {crown > 0 && outline && (
        <text x={x(base) + crown + 8} y={y(base) - 4} className="mu h">
          {msg('crownFromAssumed', {
            crownFromM: outline.said.crownFromM,
            crownAssumed: outline.crownAssumed ? 'yes' : 'no',
          })}
        </text>
      )}
      <path d={`M${cx} ${y(0)}V${y(H)}`} stroke="var(--mute)" strokeDasharray="10 4 2 4" strokeWidth="1.25" />
      {outline ? (
        <path
          d={`M${sides.map(([a, b]) => `${a} ${b}`).join('L')}Z`}
          fill="var(--wood)"
          stroke="var(--ink)"
          strokeWidth="2"
        />
      ) : (
        <path d={`M${x(0)} ${y(0)}L${x(H)} ${y(H)}`} stroke="var(--ink)" strokeWidth="2" strokeDasharray="6 5" />
      )}
      {s.mass && (
        <g>
          <circle cx={x(s.mass.cgM)} cy={y(s.mass.cgM)} r="9" fill="var(--panel)" stroke="var(--ink)" strokeWidth="2" />
          <path
            d={`M${x(s.mass.cgM)} ${y(s.mass.cgM)}h9a9 9 0 0 1-9 9zM${x(s.mass.cgM)} ${y(s.mass.cgM)}h-9a9 9 0 0 1 9-9z`}
            fill="var(--ink)"
          />
        </g>
      )}
      {defects.map((d, i) => {
        const at = labelY(Math.max(TOP + 10, y((d.fromM + d.toM) / 2)));
        return (
          <g key={d.id}>
            <path
              d={`M${x(d.fromM)} ${y(d.fromM)}L${x(d.toM)} ${y(Math.min(H, d.toM))}`}
              stroke="var(--keep)"
              strokeWidth="7"
              opacity="0.75"
            />
            <path
              d={`M${x((d.fromM + d.toM) / 2) + 5} ${y((d.fromM + d.toM) / 2)}L266 ${at - 4}`}
              stroke="var(--ink)"
              strokeWidth="1.25"
              fill="none"
            />
            <rect x="268" y={at - 17} width="34" height="22" rx="11" fill="var(--ink)" />
            <text x="285" y={at - 1} textAnchor="middle" className={`b ${css.fillWhite}`}>
              D{defects.length - i}
            </text>
            <text x="308" y={at - 1} className="b h">
              {d.words}
            </text>
            <text x="308" y={at + 15} className="mu h">
              {msg('toFace', { fromM: d.said.fromM, toM: d.said.toM, faceDeg: d.said.faceDeg })}
            </text>
          </g>
        );
      })}
      {s.mass && (
        <text x={x(s.mass.cgM) - 14} y={y(s.mass.cgM) + 4} textAnchor="end" className="h mu">
          {msg('centreOfGravity', { cgM: s.mass.said.cgM })}
        </text>
      )}
      <path d={`M20 ${y(0)}H${w - 10}`} stroke="var(--ink)" strokeWidth="3.5" />
      <text x="14" y={h - 36} className="mu">
        {msg('drawnToScaleTaper', { outline: outline ? 'yes' : 'no' })}
      </text>
      <text x="14" y={h - 16} className="mu">
        {msg('localCodeAndThe')}
      </text>
    </svg>
  );
}
