import { Button } from 'antd';
import { api, type Schemas } from '../../api/client';
import { useAct } from '../../api/job';
import { usePlanTools } from '../../plan/planTools';
import { clock } from '../../units/format';
import tangle from './tangle.module.css';
import { msg } from './words';

/** What has to be looked at again, each with one tap for "as it was". */
export function LookAgain({ job, stem, leader }: { job: string; stem: Schemas['TangledStem']; leader: boolean }) {
  const { say } = usePlanTools();
  const act = useAct(job, say);
  if (!stem.lookAgain && !stem.lookIsOld) return null;
  return (
    <div className={tangle.again} role="status">
      <span>
        {stem.lookAgain === 'STEP_DONE'
          ? msg('lookAfterStep', { stem: stem.label })
          : stem.lookAgain === 'SECTIONED'
            ? msg('lookAfterCut', { stem: stem.label })
            : stem.lookAgain === 'GUST'
              ? msg('lookAfterGust', { stem: stem.label })
              : msg('lookIsOld', { stem: stem.label, at: stem.lookedAt ? clock(stem.lookedAt) : '' })}
      </span>
      {leader && stem.lookAgain !== 'SECTIONED' && (
        <Button
          size="large"
          onClick={() =>
            void act(
              api.POST('/api/jobs/{job}/tangle/stems/{stem}/looks', { params: { path: { job, stem: stem.stemId } } }),
            )
          }
        >
          {msg('asItWas')}
        </Button>
      )}
    </div>
  );
}
