import { Button } from 'antd';
import { useState } from 'react';
import { api, data, type Schemas } from '../../api/client';
import { useAct } from '../../api/job';
import { usePreview } from '../../api/usePreview';
import { Mark } from '../../figures/Mark';
import { usePlanTools } from '../../plan/planTools';
import { CutMarks } from './CutMarks';
import css from './tangle.module.css';
import { msg } from './words';

/** A stem on a building, vehicle, fence or line: in what turns it comes off, with what is held, propped and covered. */
export function TakeOff({
  job,
  stem,
  place,
  leader,
}: {
  job: string;
  stem: Schemas['TangledStem'];
  place: string;
  leader: boolean;
}) {
  const { say } = usePlanTools();
  const act = useAct(job, say);
  const [cuts, setCuts] = useState<number[]>([]);
  const [added, setAdded] = useState(false);
  const { answer, faults, failed } = usePreview(
    'takeoff',
    stem.stemId,
    { cutsM: cuts },
    JSON.stringify([stem.pose, stem.rests, stem.plate]),
    (body, signal) =>
      data(
        api.POST('/api/jobs/{job}/tangle/stems/{stem}/take-off', {
          params: { path: { job, stem: stem.stemId } },
          body,
          signal,
        }),
      ),
  );
  return (
    <section aria-label={msg('takeOff', { stem: stem.label, place })}>
      <h2>{msg('takeOff', { stem: stem.label, place })}</h2>
      <p className="s">{msg('takeOffCuts')}</p>
      <CutMarks cuts={cuts} setCuts={setCuts} />
      {[...faults.map((f) => f.message), ...(failed ? [failed.message] : [])].map((m) => (
        <p key={m} className="refused">
          {m}
        </p>
      ))}
      {answer && (
        <ol className={css.turns}>
          {answer.map((t, i) => (
            <li key={`${i} ${t.words}`} data-kind={t.kind}>
              {!t.removes && <Mark kind={t.kind === 'LOOK_AGAIN' ? 'STOP' : 'CAUTION'} />}{' '}
              {t.removes ? <b>{t.words}</b> : t.words}
            </li>
          ))}
        </ol>
      )}
      {leader && answer && (
        <Button
          size="large"
          block
          onClick={() =>
            void act(
              api.POST('/api/jobs/{job}/tangle/stems/{stem}/take-off/steps', {
                params: { path: { job, stem: stem.stemId } },
                body: { cutsM: cuts },
              }),
            ).then((done) => done && setAdded(true))
          }
        >
          {msg('addTurnsToCrew')}
        </Button>
      )}
      {added && <p role="status">{msg('turnsAdded')}</p>}
    </section>
  );
}
