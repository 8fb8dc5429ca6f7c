import { Button } from 'antd';
import { api, type Schemas } from '../../api/client';
import { useAct } from '../../api/job';
import { usePlanTools } from '../../plan/planTools';
import { clock } from '../../units/format';
import tangle from './tangle.module.css';
import { msg } from './words';

type Props = { job: string; stem: Schemas['TangledStem']; ties: Schemas['RelationView'][]; leader: boolean };

/** What has to be looked at again, each with one tap for "as it was"; after a tie was severed, what ties it still. */
export function LookAgain({ job, stem, ties, leader }: Props) {
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
            : stem.lookAgain === 'SEVERED'
              ? msg('lookAfterSevered', { stem: stem.label })
              : stem.lookAgain === 'GUST'
                ? msg('lookAfterGust', { stem: stem.label })
                : msg('lookIsOld', { stem: stem.label, at: stem.lookedAt ? clock(stem.lookedAt) : '' })}
      </span>
      {leader &&
        stem.lookAgain === 'SEVERED' &&
        ties.map((r) => (
          <Button
            key={r.id}
            size="large"
            onClick={() =>
              void act(api.DELETE('/api/jobs/{job}/tangle/relations/{id}', { params: { path: { job, id: r.id } } }))
            }
          >
            {msg('freeOf', { other: r.a === stem.label ? r.bName : r.aName })}
          </Button>
        ))}
      {leader && stem.lookAgain !== 'SECTIONED' && (
        <Button
          size="large"
          onClick={() =>
            void act(
              api.POST('/api/jobs/{job}/tangle/stems/{stem}/looks', { params: { path: { job, stem: stem.stemId } } }),
            )
          }
        >
          {stem.lookAgain === 'SEVERED' ? msg('stillTied') : msg('asItWas')}
        </Button>
      )}
    </div>
  );
}
