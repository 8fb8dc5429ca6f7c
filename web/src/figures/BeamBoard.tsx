import { Slider } from 'antd';
import { useEffect } from 'react';
import type { Schemas, Spot } from '../api/client';
import { usePlanView } from '../plan/planView';
import css from '../stages/tangle/tangle.module.css';
import { said } from '../stages/tangle/terms';
import { msg } from '../stages/tangle/words';
import { TangleEnd } from './TangleEnd';
import { TangleSide } from './TangleSide';

type Stem = Schemas['TangledStem'];
type Edge = Stem['edges'][number];

const SIZE = { wide: 780, most: 188 };
const HIGH: Record<Edge['severity'], number> = { NEUTRAL: 3, LOW: 7, MODERATE: 12, HIGH: 17, EXTREME: 22 };
const STRIP = 26;
/** Left and right of the strip and of its slider, pixels of its width. */
const PAD = 44;

/** The chosen stem across the whole width: what the cut does, dragged along it, and how hard it binds anywhere. */
export function BeamBoard({
  stem,
  cut,
  better,
  from,
  to,
  step,
  x,
  setX,
}: {
  stem: Stem;
  cut?: Schemas['TangleCut'];
  better: Schemas['GoodCut'][];
  from: number;
  to: number;
  step: number;
  x: number;
  setX: (x: number) => void;
}) {
  const stayNear = usePlanView((v) => v.stayNear);
  const pose = stem.pose;
  const outline = pose && JSON.stringify(pose.outline.length > 0 ? pose.outline : [pose.butt.at, pose.tip.at]);
  useEffect(() => {
    if (outline) stayNear(JSON.parse(outline) as Spot[]);
    return () => stayNear(undefined);
  }, [outline, stayNear]);
  const marks = stem.side?.marks ?? [];
  const length = pose?.lengthM ?? 1;
  const along = (xM: number) => PAD + (xM / length) * (SIZE.wide - 2 * PAD);
  return (
    <section className={css.beamBoard} aria-label={msg('sideTitle', { stem: stem.label })}>
      <p className={css.beamTitle}>
        <b>{msg('sideTitle', { stem: stem.label })}</b>{' '}
        {msg('sideScale', { angle: stem.pose?.said.angleDeg ?? '', length: stem.pose?.said.lengthM ?? '' })}
      </p>
      {cut && (
        <>
          <h1 className={cut.noHandCut ? css.never : undefined}>
            {cut.noHandCut ? msg('noHandCutHere') : msg('barPinches', { pinch: cut.pinch })}
          </h1>
          <p className={css.beamMoves}>
            {[[msg('buttPart'), cut.butt] as const, [msg('tipPart'), cut.tip] as const]
              .map(([name, p]) => `${name} ${p.words} ${p.move ?? msg('notKnownHowFar')}`)
              .join('; ')}
          </p>
        </>
      )}
      <TangleSide stem={stem} cut={cut} size={SIZE} better={better[0]} />
      <p className={css.stripTitle}>{msg('howHardItBinds')}</p>
      <div className={css.stripSlide}>
        <Slider
          ariaLabelForHandle={msg('whereToCut')}
          min={from}
          max={to}
          step={step}
          value={x}
          onChange={setX}
          tooltip={{ open: false }}
        />
      </div>
      <svg
        className={`${css.side} own`}
        viewBox={`0 0 ${SIZE.wide} ${STRIP + 36}`}
        role="img"
        aria-label={msg('howHardItBinds')}
      >
        {stem.edges.map((e) => {
          const open = e.squeeze === 'UNCERTAIN';
          const high = open ? HIGH.EXTREME : HIGH[e.severity];
          return (
            <rect
              key={e.fromM}
              x={along(e.fromM)}
              width={along(e.toM) - along(e.fromM) + 0.5}
              y={STRIP - high}
              height={high}
              fill={open ? 'var(--line)' : 'var(--ink)'}
            />
          );
        })}
        {better.map((b) => (
          <path key={b.xM} d={`M${along(b.xM) - 6} 0h12l-6 9z`} fill="var(--esc)" />
        ))}
        {classes(stem.edges).map((c) => (
          <text
            key={c.from.fromM}
            x={(along(c.from.fromM) + along(c.to.toM)) / 2}
            y={STRIP + 15}
            fontSize={12}
            fontWeight={700}
            textAnchor="middle"
          >
            {c.from.squeeze === 'UNCERTAIN' ? msg('notKnown') : said('BindSeverity', c.from.severity)}
          </text>
        ))}
        {marks.map((m) => (
          <text key={m.xM} x={along(m.xM)} y={STRIP + 33} fontSize={12} textAnchor="middle" fill="var(--mute)">
            {m.said.xM}
          </text>
        ))}
      </svg>
      {cut && (
        <div className={css.beamEnds}>
          <TangleEnd cut={cut} />
        </div>
      )}
    </section>
  );
}

/** Stretches that bind alike, those long enough for a word. */
function classes(edges: Edge[]): { from: Edge; to: Edge }[] {
  const all: { from: Edge; to: Edge; n: number }[] = [];
  for (const e of edges) {
    const last = all.at(-1);
    const unsure = (x: Edge) => x.squeeze === 'UNCERTAIN';
    if (last && last.from.severity === e.severity && unsure(last.from) === unsure(e)) {
      last.to = e;
      last.n++;
    } else all.push({ from: e, to: e, n: 1 });
  }
  return all.filter((c) => c.n > 2);
}
