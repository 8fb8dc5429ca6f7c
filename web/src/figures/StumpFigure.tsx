import { usePlanTools } from '../plan/planTools';
import { azimuth, mm } from '../units/format';

/** Notch, hinge, strap and back cut from the side and from above, to scale, on one axis. All measures come from the core. */
export default function StumpFigure() {
  const { preview } = usePlanTools();
  if (!preview) return <p className="empty" style={{ padding: 20 }}>Choose a lay first; the cut follows from it.</p>;
  const c = preview.cuts;
  const D = c.dCutM;
  const w = 456;
  const k = 270 / D;
  const left = 80;
  const right = left + D * k;
  const x = (fromFront: number) => right - fromFront * k;
  const apex = x(c.depthM);
  const hingeBack = x(c.depthM + c.hingeThickM);
  const strapEdge = left + c.strapM * k;
  const cutY = 178;
  const mouth = Math.min((c.mouthM ?? c.depthM) * k, 120);
  const step = c.backCutStepM * k;
  const below = c.school === 'face cut from below';
  const r = (D * k) / 2;
  const cy = 316 + r;
  const hingeHalf = (c.hingeLengthM * k) / 2;
  const chordHalf = (px: number) => Math.sqrt(Math.max(0, r * r - (px - (left + r)) ** 2));
  return (
    <svg viewBox={`0 0 ${w} 700`} role="img" aria-label={`Cuts of ${preview.stem}, from the side and from above`} data-testid="stump-figure">
      <text x="14" y="24" className="b">{preview.stem}, {c.school}</text>
      <text x="14" y="42" className="mu">stem {mm(D)} mm at {mm(c.cutHeightM)} mm above ground; each measure ±{mm(c.sigmaM)} mm</text>
      <path d={`M${left} 64V${cutY + 84}M${right} 64V${cutY - (below ? 0 : mouth)}M${right} ${cutY + (below ? mouth : 0)}V${cutY + 84}`} stroke="var(--ink)" strokeWidth="3.5" fill="none" />
      {Array.from({ length: 8 }, (_, i) => <path key={i} d={`M${left + ((i + 1) * (right - left)) / 9} 66V${cutY + 82}`} stroke="var(--line)" strokeWidth="1" />)}
      <path d={`M${right} ${cutY + (below ? mouth : -mouth)}L${apex} ${cutY}H${right}Z`} fill="var(--paper)" stroke="var(--ink)" strokeWidth="3" />
      <rect x={hingeBack} y={cutY - 16} width={apex - hingeBack} height="32" fill="color-mix(in srgb, var(--lay) 18%, transparent)" stroke="var(--lay)" strokeWidth="2" />
      <path d={`M${c.boreLengthM ? strapEdge : left} ${cutY - step}H${hingeBack}`} stroke="var(--ink)" strokeWidth="6" />
      {c.boreLengthM !== undefined && <path d={`M${left} ${cutY - step + 9}H${strapEdge}`} stroke="var(--ink)" strokeWidth="4" strokeDasharray="6 4" />}
      <text x={apex + 10} y={cutY + (below ? 20 : -10)} className="m h b">{c.faceDeg}°</text>
      <path d={`M${right + 10} 90h52`} stroke="var(--lay)" strokeWidth="4.5" /><path d={`M${right + 74} 90l-16-8 4 8-4 8z`} fill="var(--lay)" />
      <text x={right + 8} y="78" className="b" style={{ fill: 'var(--lay)' }}>lay {azimuth(preview.layDeg)}°</text>
      <g>
        {[[left, strapEdge, c.strapM, 'strap'], [strapEdge, hingeBack, c.behindHingeM - c.strapM, 'bore'], [hingeBack, apex, c.hingeThickM, 'hinge'], [apex, right, c.depthM, 'notch']].map(([a, b, m, t], i) => (
          <g key={String(t)}>
            <path d={`M${a} ${cutY + 104}H${b}M${a} ${cutY + 98}v12M${b} ${cutY + 98}v12`} stroke="var(--ink)" strokeWidth="1.5" />
            <text x={(Number(a) + Number(b)) / 2} y={cutY + (i % 2 ? 92 : 126)} textAnchor="middle" className="m b h">{mm(Number(m))}</text>
            <text x={(Number(a) + Number(b)) / 2} y={cutY + (i % 2 ? 78 : 140)} textAnchor="middle" className="mu h">{t}</text>
          </g>
        ))}
        <text x={right + 10} y={cutY + 108} className="mu">mm</text>
      </g>
      {[left, strapEdge, hingeBack, apex, right].map((px) => <path key={px} d={`M${px} ${cutY + 112}V${cy - chordHalf(px)}`} stroke="var(--mute)" strokeWidth="0.75" strokeDasharray="8 3 2 3" />)}
      <circle cx={left + r} cy={cy} r={r} fill="var(--bored)" stroke="var(--ink)" strokeWidth="3.5" />
      <path d={`M${apex} ${cy - chordHalf(apex)}A${r} ${r} 0 0 1 ${apex} ${cy + chordHalf(apex)}Z`} fill="var(--panel)" stroke="var(--ink)" strokeWidth="2" />
      <rect x={hingeBack} y={cy - hingeHalf} width={apex - hingeBack} height={2 * hingeHalf} fill="color-mix(in srgb, var(--lay) 22%, var(--panel))" stroke="var(--lay)" strokeWidth="2" />
      {c.boreLengthM !== undefined && <path d={`M${strapEdge} ${cy - chordHalf(strapEdge)}A${r} ${r} 0 0 0 ${strapEdge} ${cy + chordHalf(strapEdge)}Z`} fill="var(--wood)" stroke="var(--ink)" strokeWidth="2" />}
      <text x={hingeBack - 8} y={cy + 4} textAnchor="end" className="b">hinge {mm(c.hingeLengthM)} × {mm(c.hingeThickM)} mm</text>
      <text x={(apex + right) / 2} y={cy + 4} textAnchor="middle">notch</text>
      {c.boreLengthM !== undefined && <text x={(left + strapEdge) / 2} y={cy} textAnchor="middle" transform={`rotate(-90 ${(left + strapEdge) / 2 + 4} ${cy})`} className="b">strap</text>}
      {preview.ways.filter((y) => y.open && y.relDeg !== undefined).map((y) => {
        const a = (((y.side === 'RIGHT' ? 1 : -1) * (y.relDeg ?? 135)) * Math.PI) / 180;
        const from = [left + r + (r + 10) * Math.cos(a), cy + (r + 10) * Math.sin(a) + (y.side === 'LEFT' ? 8 : 0)];
        const to = [from[0] + 46 * Math.cos(a), from[1] + 46 * Math.sin(a)];
        return <g key={y.name}><path d={`M${from}L${to}`} stroke="var(--esc)" strokeWidth="7" strokeDasharray="9 4" /><path d={`M${from}L${to}`} stroke="var(--paper)" strokeWidth="2.5" /><text x={to[0] - 30} y={to[1] + (y.side === 'RIGHT' ? 18 : 4)} className="b" style={{ fill: 'var(--esc)' }}>{y.name}</text></g>;
      })}
    </svg>
  );
}
