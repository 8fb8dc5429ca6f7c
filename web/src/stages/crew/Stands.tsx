import { Segmented, Slider } from 'antd';
import { useJob, usePlan } from '../../api/job';
import type { Schemas } from '../../api/client';
import { usePlanView } from '../../plan/planView';
import { length } from '../../units/length';
import { term } from '../../words/terms';
import { msg } from './words';

type Step = Schemas['StepView'];
/** More steps than this are gone through with a slider. */
const MOST_SHOWN = 7;

/** Step by step, where everybody stands on the plan, also who has no part. */
export function Stands({ job, steps }: { job: string; steps: Step[] }) {
  const people = (useJob(job).data?.people ?? []).filter((p) => p.part !== 'REVIEWER');
  const plan = usePlan(job).data;
  const chosen = usePlanView((v) => v.step);
  const lookAt = usePlanView((v) => v.lookAtStep);
  const ahead = steps.filter((s) => !s.done);
  const step = ahead.find((s) => s.id === chosen) ?? ahead[0];
  if (!step) return null;
  const idle = people.filter((p) => !step.posts.some((x) => x.personId === p.id));
  const ring = plan?.stems.find((s) => s.label === step.stem)?.lay?.exclusionM;
  const name = (id: string) => people.find((p) => p.id === id)?.name ?? '?';
  return (
    <section aria-label={msg('whereEveryone')}>
      <h2>
        {msg('whereEveryone')} <span>{step.title}</span>
      </h2>
      {ahead.length > MOST_SHOWN && (
        <Slider
          ariaLabelForHandle={msg('stepOnThePlan')}
          min={1}
          max={ahead.length}
          value={ahead.indexOf(step) + 1}
          onChange={(n) => {
            const at = ahead[n - 1];
            if (at) lookAt(at.id);
          }}
          tooltip={{ formatter: (n) => ahead[(n ?? 1) - 1]?.title }}
        />
      )}
      {ahead.length > 1 && ahead.length <= MOST_SHOWN && (
        <Segmented
          block
          aria-label={msg('stepOnThePlan')}
          value={step.id}
          onChange={lookAt}
          options={ahead.map((s) => ({ value: s.id, label: String(s.turn) }))}
        />
      )}
      <ul className="list">
        {step.posts.map((p) => (
          <li key={p.role + p.personId}>
            <span>
              <b>{name(p.personId)}</b>, {term('Role', p.role)}{' '}
              <small>
                {p.stand
                  ? msg('atEN', { eastM: length(p.stand.eastM, 0), northM: length(p.stand.northM, 0) })
                  : msg(p.role === 'CLIMBER' ? 'inTheTree' : p.role === 'CUTTER' ? 'atTheStump' : 'standNotSet')}
              </small>
            </span>
          </li>
        ))}
        {idle.length > 0 && (
          <li>
            <span>
              {msg('withoutAPart', { names: idle.map((p) => p.name).join(', ') })}{' '}
              {ring !== undefined && <small>{msg('stayOutside', { ring: length(ring, 0) })}</small>}
            </span>
          </li>
        )}
      </ul>
    </section>
  );
}
