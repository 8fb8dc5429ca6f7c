import { Alert, Descriptions } from 'antd';
import { Link } from 'react-router';
import type { Schemas } from '../api/client';
import { stageOf } from '../stages/stage';
import { DialFigure } from '../figures/DialFigure';
import { Mark } from '../figures/Mark';
import css from './tree.module.css';
import { msg } from './words';

type View = Schemas['TreeView'];
type Measure = Schemas['CutPart']['measures'][number];

const said = (cut: Schemas['CutPart'], key: Measure['key']): string | undefined =>
  cut.measures.find((m) => m.key === key)?.shown.words;

/** What the saw is set to: the six numbers of the card, each already on its safe side. */
function numbers(view: View): [string, string][] {
  const cut = view.cut;
  if (!cut) return [];
  const left = said(cut, 'HINGE_LEFT') ?? '–';
  const right = said(cut, 'HINGE_RIGHT') ?? '–';
  const line = view.look?.proposed;
  return [
    [msg('notchDeep'), said(cut, 'DEPTH') ?? '–'],
    [msg('notchOpen'), msg('orMore', { cut: said(cut, 'FACE') ?? '–' })],
    [msg('hingeThick'), left === right ? msg('orMoreWithLeft', { left }) : msg('leftRight', { left, right })],
    [msg('hingeLong'), said(cut, 'HINGE_LENGTH') ?? '–'],
    cut.backCut === 'STRAIGHT' ? [msg('backCut'), 'straight'] : [msg('strapLeft'), said(cut, 'STRAP') ?? '–'],
    line ? [msg('linePull'), line.pullWords] : [msg('cutAt'), cut.said.cutHeightM],
  ];
}

/** The headline, the dial, the card's numbers, and what stands against it. */
export function TreeAnswer({ job, view, stored }: { job: string; view: View; stored: boolean }) {
  const look = view.look;
  if (!look) return null;
  const [worst, ...rest] = view.against;
  const never = look.headline === 'NOT_BY_HAND';
  const where = (f: Schemas['FindingView']) =>
    stored ? <Link to={`/jobs/${job}/${stageOf(f)}`}>{msg('see')}</Link> : undefined;
  return (
    <section aria-label={msg('whatToDo')} className={css.answer}>
      <h2 data-headline={look.headline}>{view.headline ?? look.headlineWords}</h2>
      <p>
        {never ? `${msg('because')} ` : ''}
        {look.because}.
        {never && (
          <>
            {' '}
            {msg('then')} <b>{look.verdictWords}</b>.
          </>
        )}
      </p>
      <div className={css.numbers}>
        <DialFigure dial={look.dial} layDeg={look.layDeg} />
        <Descriptions
          column={1}
          size="small"
          colon={false}
          items={numbers(view).map(([label, value]) => ({
            key: label,
            label,
            children: <b className="n">{value}</b>,
          }))}
        />
      </div>
      {view.cut?.help.map((h) => (
        <p key={h.words} className="s">
          {h.words}
        </p>
      ))}
      {worst && (
        <Alert
          type={worst.severity === 'STOP' ? 'error' : 'warning'}
          showIcon
          icon={<Mark kind={worst.severity} size={22} />}
          title={worst.words}
          description={msg('toClearIt', { clears: worst.clears })}
          action={where(worst)}
        />
      )}
      {rest.map((f) => (
        <p key={f.key} className={css.other}>
          <Mark kind={f.severity} size={18} />
          <span>
            {f.words}
            <small> {msg('toClearIt', { clears: f.clears })}</small>
          </span>
          {where(f)}
        </p>
      ))}
      {!worst && !never && <p>{msg('nothingStandsAgainstIt')}</p>}
      <p className="s">
        {msg('byEyeAllOf', {
          nextMeasurement: look.nextMeasurement
            ? `${msg('measureNext', { nextMeasurement: look.nextMeasurement, nextDegrees: look.nextDegrees && look.nextDegrees >= 1 ? msg('itCouldChangeOf', { nextDegrees: look.said.nextDegrees ?? '' }) : '' })} `
            : `${msg('measureNextNothingThat')} `,
        })}
      </p>
    </section>
  );
}
