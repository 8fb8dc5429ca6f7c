import { Button } from 'antd';
import { api } from '../../api/client';
import { useAct, useFindings, useRoster } from '../../api/job';
import { Mark } from '../../figures/Mark';
import { usePlanTools } from '../../plan/planTools';
import { stageOf } from '../stage';
import css from './crew.module.css';
import { msg } from './words';

/** What is wrong with who does what when, each with the smallest change that mends it. */
export function CrewFaults({ job, leader }: { job: string; leader: boolean }) {
  const { say } = usePlanTools();
  const act = useAct(job, say);
  const mends = useRoster(job).data?.mends ?? [];
  const found = (useFindings(job).data ?? []).filter((f) => f.open && stageOf(f) === 'crew');
  if (found.length === 0) return null;
  return (
    <section aria-label={msg('whatIsWrong')}>
      <h2>
        {msg('whatIsWrong')} <span>{found.length}</span>
      </h2>
      {found.map((f) => {
        const mend = mends.find((m) => m.findings.includes(f.key));
        return (
          <div key={f.key} className={css.fault}>
            <Mark kind={f.severity} />
            <div>
              <b>{f.words}</b>
              {!mend && <div className="s">{f.clears}</div>}
              {mend && leader && (
                <Button
                  onClick={() =>
                    void act(
                      api.POST('/api/jobs/{job}/roster/mend', {
                        params: { path: { job } },
                        body: { finding: f.key, change: mend.change },
                      }),
                    )
                  }
                >
                  {msg('doIt', { words: mend.words })}
                </Button>
              )}
            </div>
          </div>
        );
      })}
    </section>
  );
}
