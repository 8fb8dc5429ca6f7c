import css from '../ui/layout.module.css';
import { Button } from 'antd';
import { lazy, Suspense, useState } from 'react';
import { api, type Schemas } from '../api/client';
import { useAct, useSession } from '../api/job';
import { Mark } from '../figures/Mark';
import { usePlanTools } from '../plan/planTools';
import { later } from './later';
import { Waiting } from '../ui/Waiting';
import { usePanelKey } from './keys';
import { type Stage, stageOf } from '../stages/stage';
import { msg } from './words';

const AskOpinion = lazy(() => later(() => import('./AskOpinion')));
type Finding = Schemas['FindingView'];

/** Every finding, worst first, one tap from where it is cleared. */
export function OpenPoints({
  job,
  findings,
  leader,
  go,
}: {
  job: string;
  findings: Finding[];
  leader: boolean;
  go: (s: Stage) => void;
}) {
  const [up, setUp] = useState(false);
  usePanelKey(['o'], () => setUp((u) => !u));
  const open = findings.filter((f) => f.open);
  const weighty = open.filter((f) => f.severity !== 'NOTE');
  return (
    <footer className="strip" aria-label={msg('openPoints')}>
      {up && (
        <div className="all">
          {findings.map((f) => (
            <Row
              key={f.key}
              job={job}
              f={f}
              leader={leader}
              go={(s) => {
                setUp(false);
                go(s);
              }}
            />
          ))}
          {findings.length === 0 && <p className={`empty ${css.padded}`}>{msg('noRuleHasAnything')}</p>}
        </div>
      )}
      <div className="row">
        {weighty.slice(0, 3).map((f) => (
          <Button key={f.key} onClick={() => go(stageOf(f))} title={f.words}>
            <Mark kind={f.severity} />
            <span>{f.words}</span>
          </Button>
        ))}
        {weighty.length === 0 && (
          <Button onClick={() => setUp(true)}>
            <Mark kind="ready" />
            <span>{msg('nothingStandsAgainstThe')}</span>
          </Button>
        )}
        <Button type="text" className="up" aria-expanded={up} onClick={() => setUp(!up)}>
          {msg('openInAll', { weightyCount: weighty.length, findingsCount: findings.length, up: up ? '▾' : '▴' })}
        </Button>
      </div>
    </footer>
  );
}

function Row({ job, f, leader, go }: { job: string; f: Finding; leader: boolean; go: (s: Stage) => void }) {
  const { say } = usePlanTools();
  const act = useAct(job, say);
  const [asking, setAsking] = useState(false);
  const session = useSession().data;
  const mayTake = !leader && session?.way === 'PASSPHRASE';
  const take = () =>
    act(
      api.POST('/api/jobs/{job}/opinions', {
        params: { path: { job } },
        body: {
          findingKey: f.key,
          takerId: session?.personId ?? '',
          byTelephone: false,
          shown: msg('thePlanOnThis'),
        },
      }),
    );
  return (
    <div className="finding" data-severity={f.severity}>
      <Mark kind={f.open ? f.severity : 'ready'} />
      <div>
        <b>{f.words}</b>
        <div className="s">
          {f.why} ({f.source}). {f.open ? <>{msg('clearsIt', { clears: f.clears })}</> : <b>{f.cleared}</b>}
        </div>
        {asking && (
          <Suspense fallback={<Waiting />}>
            <AskOpinion job={job} f={f} done={() => setAsking(false)} />
          </Suspense>
        )}
      </div>
      <div className="act">
        {f.open && leader && f.severity === 'CAUTION' && (
          <Button
            type="text"
            onClick={() =>
              void act(
                api.POST('/api/jobs/{job}/acknowledgements', {
                  params: { path: { job } },
                  body: { findingKey: f.key },
                }),
              )
            }
          >
            {msg('acknowledge')}
          </Button>
        )}
        {f.open && mayTake && f.severity === 'SECOND_OPINION' && !asking && (
          <Button type="text" onClick={() => void take()}>
            {msg('iTakeItHere')}
          </Button>
        )}
        {f.open && leader && f.severity === 'SECOND_OPINION' && !asking && (
          <Button type="text" onClick={() => setAsking(true)}>
            {msg('writeDownASecond')}
          </Button>
        )}
        <Button type="text" className={css.strong} onClick={() => go(stageOf(f))}>
          {msg('goThere')}
        </Button>
      </div>
    </div>
  );
}
