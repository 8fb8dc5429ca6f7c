import css from '../ui/layout.module.css';
import type { Schemas, Spot } from '../api/client';
import { azimuth } from '../units/format';
import { useWords } from '../words/words';

type Plan = Schemas['PlanDocument'];
type Box = { x: number; y: number; w: number; h: number };

/** Left free on each side, as a share of what is drawn. */
const ROOM = 0.08;

export type Me = { stand: Spot; ways: Schemas['WayPart'][]; label: string };

function bounds(plan: Plan, extra: Spot[]): Box {
  const all = [
    ...plan.things.flatMap((t) => t.outline),
    ...plan.stems.flatMap((s) => [s.at, ...(s.lay?.dropZone ?? [])]),
    ...extra,
  ];
  if (all.length === 0) return { x: -45, y: -35, w: 90, h: 70 };
  const e = all.map((p) => p.eastM);
  const n = all.map((p) => -p.northM);
  const wide = Math.max(...e) - Math.min(...e);
  const high = Math.max(...n) - Math.min(...n);
  // names stand beside what they name, the north arrow in its corner
  const side = 3 + ROOM * wide;
  const above = 3 + ROOM * high;
  return {
    x: Math.min(...e) - side,
    y: Math.min(...n) - above,
    w: Math.max(20, wide + 2 * side),
    h: Math.max(15, high + 2 * above),
  };
}

const xy = (p: Spot): string => `${p.eastM.toFixed(2)},${(-p.northM).toFixed(2)}`;
const path = (points: Spot[]): string => points.map(xy).join(' ');
const toward = (p: Spot, deg: number, m: number): Spot => ({
  eastM: p.eastM + m * Math.sin((deg * Math.PI) / 180),
  northM: p.northM + m * Math.cos((deg * Math.PI) / 180),
});

/** Its name stands on the other side. */
const fallsEast = (s: Plan['stems'][number]): boolean => Math.sin(((s.lay?.layDeg ?? 0) * Math.PI) / 180) >= 0;

/** A frozen or current plan drawn small, to scale, north up: for cards and phones. Draws what the server computed. */
export function PlanSketch({
  plan,
  height,
  me,
  focus,
  changes,
  everybody = [],
}: {
  plan: Plan;
  height: number;
  me?: Me;
  focus?: string;
  changes?: Schemas['BriefPlanComparisonChange'][];
  /** All of a step, each where they stand. */
  everybody?: Me[];
}) {
  const t = useWords();
  const paths = me
    ? me.ways.map((w) => (w.path.length > 1 ? w.path : [me.stand, toward(me.stand, w.azimuthDeg, w.lengthM)]))
    : [];
  const ends = paths.map((p) => p[p.length - 1]);
  const closed = plan.stems.filter((s) => s.closed && (!focus || s.label === focus));
  const b = bounds(plan, [
    ...(me ? [me.stand, ...ends] : []),
    ...everybody.map((p) => p.stand),
    ...closed.flatMap((s) => (s.closed?.ringM === undefined ? [] : s.closed.ground)),
  ]);
  const unit = Math.max(b.w / 390, b.h / height);
  const text = 13 * unit;
  const atTheEdge = (p: Me) => p.stand.eastM > b.x + 0.8 * b.w;
  const lays = plan.stems.filter((s) => s.lay && s.state !== 'FELLED' && (!focus || s.label === focus));
  return (
    <svg
      viewBox={`${b.x} ${b.y} ${b.w} ${b.h}`}
      width="100%"
      height={height}
      role="img"
      aria-label={t('label.plan', { job: plan.job })}
      className={css.sketch}
    >
      <defs>
        <pattern
          id="sk-drop"
          width={9 * unit}
          height={9 * unit}
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <path d={`M0 0V${9 * unit}`} stroke="var(--drop)" strokeWidth={2.4 * unit} />
        </pattern>
      </defs>
      {plan.things.map((t) =>
        t.form === 'POLYGON' ? (
          <polygon
            key={t.id}
            points={path(t.outline)}
            fill={t.kind === 'WATER' ? 'var(--water)' : t.worth > 0 ? 'var(--panel)' : 'none'}
            stroke={t.worth > 0 ? 'var(--ink)' : 'var(--mute)'}
            strokeWidth={(t.worth > 0 ? 1.6 : 0.8) * unit}
          />
        ) : t.form === 'LINE' ? (
          <polyline
            key={t.id}
            points={path(t.outline)}
            fill="none"
            stroke="var(--ink)"
            strokeWidth={1.4 * unit}
            strokeDasharray={t.kind === 'OVERHEAD_LINE' ? `${1 * unit} ${5 * unit}` : `${7 * unit} ${3 * unit}`}
            strokeLinecap="round"
          />
        ) : (
          <circle
            key={t.id}
            cx={t.outline[0].eastM}
            cy={-t.outline[0].northM}
            r={Math.max(t.radiusM, 4 * unit)}
            fill="var(--panel)"
            stroke="var(--ink)"
            strokeWidth={1.4 * unit}
          />
        ),
      )}
      {plan.stems
        .filter((s) => s.beneath.length > 0 && s.state === 'HUNG')
        .map((s) => (
          <polygon
            key={s.label}
            points={path(s.beneath)}
            fill="color-mix(in srgb, var(--keep) 8%, transparent)"
            stroke="var(--keep)"
            strokeWidth={2 * unit}
            strokeDasharray={`${14 * unit} ${5 * unit}`}
          />
        ))}
      {lays.map(
        (s) =>
          s.lay && (
            <g key={s.label}>
              {s.lay.dropZone.length > 0 && (
                <polygon
                  points={path(s.lay.dropZone)}
                  fill="url(#sk-drop)"
                  stroke="var(--drop)"
                  strokeWidth={1.6 * unit}
                  opacity={0.7}
                />
              )}
              <polygon
                points={path(s.lay.fan)}
                fill="color-mix(in srgb, var(--lay) 18%, transparent)"
                stroke="var(--lay)"
                strokeWidth={1.4 * unit}
              />
              {s.lay.zones.every((z) => z.kind !== 'RING') && (
                <circle
                  cx={s.at.eastM}
                  cy={-s.at.northM}
                  r={s.lay.exclusionM}
                  fill="none"
                  stroke="var(--keep)"
                  strokeWidth={2.6 * unit}
                  strokeDasharray={`${16 * unit} ${6 * unit}`}
                />
              )}
              {s.lay.zones
                .filter((z) => z.kind === 'RING')
                .flatMap((z) => z.outlines)
                .map((o, i) => (
                  <polygon
                    key={i}
                    points={path(o)}
                    fill="none"
                    stroke="var(--keep)"
                    strokeWidth={2.6 * unit}
                    strokeDasharray={`${16 * unit} ${6 * unit}`}
                  />
                ))}
              <polyline
                points={path([s.at, toward(s.at, s.lay.layDeg, s.lay.reachM)])}
                stroke="var(--lay)"
                strokeWidth={4 * unit}
                fill="none"
              />
              <text
                x={toward(s.at, s.lay.layDeg, s.lay.reachM * 0.6).eastM + 8 * unit}
                y={-toward(s.at, s.lay.layDeg, s.lay.reachM * 0.6).northM + 18 * unit}
                style={{ fontSize: text, strokeWidth: 4 * unit, fill: 'var(--lay)' }}
                className="h b"
              >
                {azimuth(s.lay.layDeg)}°
              </text>
            </g>
          ),
      )}
      {closed.map((s) => (
        <polygon
          key={s.label}
          points={path(s.closed?.ground ?? [])}
          fill="none"
          stroke="var(--keep)"
          strokeWidth={2.6 * unit}
          strokeDasharray={`${16 * unit} ${6 * unit}`}
        />
      ))}
      {plan.stems.map((s) => (
        <g key={s.label}>
          {s.closed && s.closed.axis.length > 1 && (
            <>
              <polyline points={path(s.closed.axis)} stroke="var(--ink)" strokeWidth={9 * unit} fill="none" />
              <polyline points={path(s.closed.axis)} stroke="var(--wood)" strokeWidth={5 * unit} fill="none" />
            </>
          )}
          <circle
            cx={s.at.eastM}
            cy={-s.at.northM}
            r={4.5 * unit}
            fill={s.state === 'FELLED' || s.state === 'CUT_UP' ? 'var(--wood)' : 'var(--panel)'}
            stroke="var(--ink)"
            strokeWidth={2.6 * unit}
          />
          <text
            x={s.at.eastM + (fallsEast(s) ? -12 : 12) * unit}
            y={-s.at.northM + 5 * unit}
            textAnchor={fallsEast(s) ? 'end' : 'start'}
            style={{ fontSize: text, strokeWidth: 4 * unit }}
            className="h b"
          >
            {s.label}
          </text>
        </g>
      ))}
      {changes?.map((c) => (
        <g key={c.says.words}>
          {c.from && c.to && (
            <polyline
              points={path([c.from, c.to])}
              stroke="var(--second)"
              strokeWidth={2.5 * unit}
              strokeDasharray={`${5 * unit} ${3 * unit}`}
            />
          )}
          {(c.to ?? c.from) && (
            <circle
              cx={(c.to ?? c.from)!.eastM}
              cy={-(c.to ?? c.from)!.northM}
              r={11 * unit}
              fill="none"
              stroke="var(--second)"
              strokeWidth={3 * unit}
            />
          )}
        </g>
      ))}
      {everybody.map((p) => (
        <g key={p.label}>
          {p.ways
            .filter((w) => w.path.length > 1)
            .map((w) => (
              <g key={w.name}>
                <polyline
                  points={path(w.path)}
                  stroke="var(--esc)"
                  strokeWidth={3.5 * unit}
                  strokeDasharray={`${8 * unit} ${4 * unit}`}
                  fill="none"
                />
                <text
                  x={w.path[w.path.length - 1]?.eastM}
                  y={-(w.path[w.path.length - 1]?.northM ?? 0)}
                  style={{ fontSize: text, fill: 'var(--esc)', strokeWidth: 4 * unit }}
                  className="h b"
                >
                  {w.name}
                </text>
              </g>
            ))}
          <circle cx={p.stand.eastM} cy={-p.stand.northM} r={8 * unit} fill="var(--ink)" />
          <text
            x={p.stand.eastM + (atTheEdge(p) ? -12 : 12) * unit}
            y={-p.stand.northM + 5 * unit}
            textAnchor={atTheEdge(p) ? 'end' : 'start'}
            style={{ fontSize: text * 1.3, strokeWidth: 4 * unit }}
            className="h b"
          >
            {p.label}
          </text>
        </g>
      ))}
      {me && (
        <g>
          {me.ways.map((w, i) => (
            <g key={w.name}>
              <polyline
                points={path(paths[i])}
                stroke="var(--esc)"
                strokeWidth={6 * unit}
                strokeDasharray={`${8 * unit} ${4 * unit}`}
                fill="none"
              />
              <polyline points={path(paths[i])} stroke="var(--paper)" strokeWidth={2 * unit} fill="none" />
              <text
                x={ends[i].eastM}
                y={-ends[i].northM}
                textAnchor={ends[i].eastM < me.stand.eastM ? 'end' : 'start'}
                style={{ fontSize: text * 1.15, fill: 'var(--esc)', strokeWidth: 4 * unit }}
                className="h b"
              >
                {w.name}
              </text>
            </g>
          ))}
          <circle cx={me.stand.eastM} cy={-me.stand.northM} r={9 * unit} fill="var(--ink)" />
          <text
            x={me.stand.eastM}
            y={-me.stand.northM - 13 * unit}
            textAnchor="middle"
            style={{ fontSize: text * 1.15, strokeWidth: 4 * unit }}
            className="h b"
          >
            {me.label}
          </text>
        </g>
      )}
      <g transform={`translate(${b.x + 16 * unit} ${b.y + 30 * unit}) scale(${unit})`}>
        <path d="M0-24 7 8 0 3-7 8Z" fill="var(--ink)" />
        <text y="23" textAnchor="middle" className="b h">
          N
        </text>
      </g>
    </svg>
  );
}
