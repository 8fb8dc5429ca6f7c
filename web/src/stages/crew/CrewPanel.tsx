import css from '../../ui/layout.module.css';
import { gone } from '../../app/gone';
import { Button, Select } from 'antd';
import { useState } from 'react';
import { api, type Schemas } from '../../api/client';
import { useAct, useJob, useStems, useSteps } from '../../api/job';
import type { PanelProps } from '../stage';
import { usePlanTools } from '../../plan/planTools';
import { CrewFaults } from './CrewFaults';
import { Asked } from './Asked';
import { DayTimes } from './DayTimes';
import { PeopleList } from './PeopleList';
import { Stands } from './Stands';
import { StepCard } from './StepCard';
import { msg } from './words';

type Step = Schemas['StepView'];
const kinds = (): { value: Step['kind']; label: string }[] => [
  { value: 'RELEASE', label: msg('bringDownTheHung') },
  { value: 'FELL', label: msg('fell') },
  { value: 'CROSSCUT', label: msg('crosscut') },
  { value: 'CLEAR', label: msg('clearUp') },
];

/** Stage 6: steps in order, who does them, where each stands. The server refuses what cannot be, with the reason. */
export default function CrewPanel({ job, go }: PanelProps) {
  const { say } = usePlanTools();
  const act = useAct(job, say);
  const info = useJob(job).data;
  const steps = useSteps(job).data ?? [];
  const stems = useStems(job).data ?? [];
  const leader = info?.myPart === 'LEADER';
  const [kind, setKind] = useState<Step['kind']>('FELL');
  const [stem, setStem] = useState<string>();
  const end = Math.max(0, ...steps.map((s) => s.endMin));
  return (
    <>
      <div className="body">
        <h1>
          {msg('crew')} <small>{msg('stepsInOrderMinutes')}</small>
        </h1>
        <CrewFaults job={job} leader={leader} />
        <DayTimes job={job} steps={steps} leader={leader} />
        <Stands job={job} steps={steps} />
        <Asked job={job} leader={leader} />
        {steps.map((s) => (
          <StepCard key={s.id + s.version} job={job} step={s} people={info?.people ?? []} leader={leader} />
        ))}
        {steps.length === 0 && <p className="empty">{msg('noStepYet')}</p>}
        {leader && (
          <section className="form" aria-label={msg('newStep')}>
            <h2>{msg('newStep')}</h2>
            <div className="two">
              <Select aria-label={msg('kindOfStep')} value={kind} onChange={setKind} options={kinds()} />
              <Select
                aria-label={msg('stemOfTheStep')}
                placeholder={msg('stem')}
                value={stem}
                onChange={setStem}
                options={stems
                  .filter((s) => !gone(s))
                  .map((s) => ({ value: s.label, label: `${s.label} ${s.commonName}` }))}
              />
            </div>
            <Button
              size="large"
              block
              className={css.plainSize}
              onClick={() =>
                void act(
                  api.POST('/api/jobs/{job}/steps', {
                    params: { path: { job } },
                    body: { kind, stem, startMin: end, posts: [] },
                  }),
                )
              }
            >
              {msg('addTheStep')}
            </Button>
          </section>
        )}
        <PeopleList job={job} people={info?.people ?? []} leader={leader} />
      </div>
      <Button type="primary" className="next" onClick={() => go('brief')}>
        <span>
          {msg('nextBriefTheCrew')}
          <small>{msg('freezeThePlanRead')}</small>
        </span>
        →
      </Button>
    </>
  );
}
