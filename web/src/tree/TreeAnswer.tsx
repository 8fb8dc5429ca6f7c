import { Alert, Descriptions } from 'antd';
import { Link } from 'react-router';
import type { Schemas } from '../api/client';
import { stageOf } from '../stages/stage';
import { DialFigure } from '../figures/DialFigure';
import { Mark } from '../figures/Mark';
import css from './tree.module.css';

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
    ['notch deep', said(cut, 'DEPTH') ?? '–'],
    ['notch open', `${said(cut, 'FACE') ?? '–'} or more`],
    ['hinge thick', left === right ? `${left} or more` : `${left} left, ${right} right`],
    ['hinge long', said(cut, 'HINGE_LENGTH') ?? '–'],
    cut.backCut === 'STRAIGHT' ? ['back cut', 'straight'] : ['strap left', said(cut, 'STRAP') ?? '–'],
    line ? ['line pull', line.pullWords] : ['cut at', cut.said.cutHeightM],
  ];
}

/** The headline, the dial, the card's numbers, and what stands against it. */
export function TreeAnswer({ job, view, stored }: { job: string; view: View; stored: boolean }) {
  const look = view.look;
  if (!look) return null;
  const [worst, ...rest] = view.against;
  const never = look.headline === 'NOT_BY_HAND';
  const where = (f: Schemas['FindingView']) =>
    stored ? <Link to={`/jobs/${job}/${stageOf(f)}`}>See</Link> : undefined;
  return (
    <section aria-label="What to do" className={css.answer}>
      <h2 data-headline={look.headline}>{view.headline ?? look.headlineWords}</h2>
      <p>
        {never ? 'Because: ' : ''}
        {look.because}.
        {never && (
          <>
            {' '}
            Then: <b>{look.verdictWords}</b>.
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
          description={`To clear it: ${worst.clears}`}
          action={where(worst)}
        />
      )}
      {rest.map((f) => (
        <p key={f.key} className={css.other}>
          <Mark kind={f.severity} size={18} />
          <span>
            {f.words}
            <small> To clear it: {f.clears}</small>
          </span>
          {where(f)}
        </p>
      ))}
      {!worst && !never && <p>Nothing stands against it.</p>}
      <p className="s">
        {look.nextMeasurement
          ? `Measure next: ${look.nextMeasurement}${look.nextDegrees && look.nextDegrees >= 1 ? `; it could change ${look.said.nextDegrees} of the dial` : ''}. `
          : 'Measure next: nothing that would change what to do. '}
        By eye all of it hangs on the ± beside each value. Local code and the qualified person on site outrank this.
      </p>
    </section>
  );
}
