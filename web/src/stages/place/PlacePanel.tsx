import css from '../../ui/layout.module.css';
import { Button } from 'antd';
import { Waiting } from '../../ui/Waiting';
import { lazy, Suspense, useState } from 'react';
import { later } from '../../app/later';
import { api, data, type Schemas } from '../../api/client';
import { useAct, useFindings, useJob } from '../../api/job';
import type { PanelProps } from '../stage';
import { usePanelKey } from '../../app/keys';
import { Tabs } from '../../app/Stepper';
import { usePlanTools } from '../../plan/planTools';
import { PlanTab } from './PlanTab';
import { msg } from './words';

const AccessTab = lazy(() => later(() => import('./AccessTab')).then((m) => ({ default: m.AccessTab })));
const FilesTab = lazy(() => later(() => import('./FilesTab')).then((m) => ({ default: m.FilesTab })));
const LeaveTab = lazy(() => later(() => import('./LeaveTab')).then((m) => ({ default: m.LeaveTab })));
const TodayTab = lazy(() => later(() => import('./TodayTab')).then((m) => ({ default: m.TodayTab })));

type Tab = 'plan' | 'today' | 'leave' | 'access' | 'files';

/** Which part of the panel clears a finding of the place. */
/** Where a finding of the place is cleared; what is not named here is cleared on the plan. */
const TAB_OF: Partial<Record<Schemas['FindingView']['rule'], Tab>> = {
  PERMIT_NOT_KNOWN: 'leave',
  PERMIT_NO: 'leave',
  EMERGENCY_CARD: 'leave',
  MACHINE_NOT_RECORDED: 'access',
  MACHINE_KEPT_OUT: 'access',
  MACHINE_TOO_WEAK: 'access',
  WIND_NOT_KNOWN: 'today',
  WIND_NOW: 'today',
  WIND_AHEAD: 'today',
  DUSK: 'today',
  DARK: 'today',
  DARK_AHEAD: 'today',
  GROUND: 'today',
  CROWN_LOAD: 'today',
};

/** Stage 1: what stands and lies here, the day, leave and help, what gets in. */
export default function PlacePanel({ job, go }: PanelProps) {
  const info = useJob(job).data;
  const { say } = usePlanTools();
  const act = useAct(job, say);
  const [tab, setTab] = useState<Tab>('plan');
  const findings = useFindings(job).data ?? [];
  const open = new Set(
    findings.filter((f) => f.stage === 'PLACE' && f.open && f.severity !== 'NOTE').map((f) => TAB_OF[f.rule] ?? 'plan'),
  );
  usePanelKey(['t'], () => setTab('plan'));
  const leader = info?.myPart === 'LEADER';
  return (
    <>
      <div className={`body ${css.closeAbove}`}>
        <Tabs
          label={msg('partsOfThePlace')}
          value={tab}
          onChange={setTab}
          tabs={[
            { value: 'plan', words: msg('plan'), mark: open.has('plan') },
            { value: 'today', words: msg('today'), mark: open.has('today') },
            { value: 'leave', words: msg('permitsHelp'), mark: open.has('leave') },
            { value: 'access', words: msg('access'), mark: open.has('access') },
            { value: 'files', words: msg('files') },
          ]}
        />
        {tab === 'plan' && (
          <>
            <h1>
              {msg('placeTitle')} <small>{info?.place}</small>
            </h1>
            <PlanTab job={job} leader={leader} />
            {leader && info?.joinAddress && <Join job={job} info={info} act={act} />}
          </>
        )}
        <Suspense fallback={<Waiting />}>
          {tab === 'today' && info && <TodayTab job={job} info={info} leader={leader} />}
          {tab === 'leave' && <LeaveTab job={job} leader={leader} />}
          {tab === 'access' && <AccessTab job={job} leader={leader} />}
          {tab === 'files' && <FilesTab job={job} leader={leader} />}
        </Suspense>
      </div>
      <Button type="primary" className="next" onClick={() => go('stems')}>
        <span>
          {msg('nextReadTheStems')}
          <small>{msg('whatStandsHangsAnd')}</small>
        </span>
        →
      </Button>
    </>
  );
}

function Join({
  job,
  info,
  act,
}: {
  job: string;
  info: Schemas['JobView'];
  act: (w: Promise<unknown>) => Promise<boolean>;
}) {
  const crew = info.people.filter((p) => p.part === 'CREW');
  const [everyone, setEveryone] = useState<Schemas['PersonEntry'][]>();
  return (
    <section aria-label={msg('join')}>
      <h2>
        {msg('crewJoinsHere')}{' '}
        <span>{msg('ofJoined', { crewCount: crew.filter((p) => p.joined).length, crewCount2: crew.length })}</span>
      </h2>
      <div className={css.rowRoomy}>
        <img src={`/api/jobs/${job}/qr`} alt={msg('qrCodeOfThe')} width={128} height={128} />
        <div>
          <div className="fig" data-testid="join-code">
            {info.code}
          </div>
          <small>{info.joinAddress}</small>
          <p className="s">{msg('onTheLocalWi')}</p>
        </div>
      </div>
      {!everyone ? (
        <Button type="text" onClick={() => void data(api.GET('/api/people', {})).then(setEveryone)}>
          {msg('putSomeoneOnThis')}
        </Button>
      ) : (
        <div className="chips">
          {everyone
            .filter((p) => p.office === 'CREW' && !info.people.some((m) => m.id === p.id))
            .map((p) => (
              <Button
                key={p.id}
                onClick={() =>
                  void act(api.POST('/api/jobs/{job}/members', { params: { path: { job } }, body: { personId: p.id } }))
                }
              >
                {p.name}
              </Button>
            ))}
        </div>
      )}
    </section>
  );
}
