import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { api, data, type Schemas } from '../../api/client';
import { useAct } from '../../api/job';
import { usePlanTools } from '../../plan/planTools';
import { clock } from '../../units/format';
import { msg } from './words';

type Props = { job: string; stem: string; leader: boolean };

/** What earlier falls of whoever cuts this stem say of its lay: used or not, and by whose word. */
export function Learned({ job, stem, leader }: Props) {
  const { say } = usePlanTools();
  const act = useAct(job, say);
  const aim = useQuery({
    queryKey: ['job', job, 'aim', stem],
    queryFn: () => data(api.GET('/api/jobs/{job}/stems/{stem}/aim', { params: { path: { job, stem } } })),
  }).data?.aim;
  if (!aim) return null;
  const decide = (taken: boolean) =>
    act(api.PUT('/api/jobs/{job}/stems/{stem}/aim', { params: { path: { job, stem } }, body: { taken } }));
  return (
    <section aria-label={msg('earlierFalls')}>
      <h2>
        {msg('earlierFallsOf', { sawyer: aim.sawyer })}{' '}
        <span>{msg('fallsMeasured', { falls: aim.learned.falls })}</span>
      </h2>
      <Change aim={aim} />
      {leader &&
        (aim.learned.used ? (
          <Button size="large" block onClick={() => void decide(false)}>
            {msg('doNotUseThem')}
          </Button>
        ) : (
          <Button size="large" block disabled={!aim.learned.mayBeTaken} onClick={() => void decide(true)}>
            {msg('useThem')}
          </Button>
        ))}
      {aim.decided.length > 0 && (
        <ul className={'picks'}>
          {aim.decided.map((d) => (
            <li key={d.at} className="s">
              {msg('decidedAim', { time: clock(d.at), who: d.by, taken: d.taken ? 'yes' : 'no', falls: d.falls })}
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

function Change({ aim }: { aim: Schemas['AimView'] }) {
  const { learned } = aim;
  const [was, is] = learned.used
    ? [aim.said.otherwiseRingM, aim.said.ringM]
    : [aim.said.ringM, aim.said.otherwiseRingM];
  return (
    <>
      <p>
        <b className="n">
          {learned.said.tableDeg} → {learned.said.blendedDeg}
        </b>{' '}
        {msg('spreadOfTheAim', { ring: was === is ? 'same' : 'moved', was: was ?? '', is: is ?? '' })}
      </p>
      <p>
        {msg('howItIsUsed', {
          how: learned.used
            ? aim.wider
              ? 'wider'
              : 'narrower'
            : learned.mayBeTaken
              ? aim.wider
                ? 'refused'
                : 'offered'
              : 'few',
        })}
      </p>
      {aim.pull && (
        <p>{msg('pullsToOneSide', { off: aim.pull.said.deg, side: aim.pull.deg > 0 ? 'right' : 'left' })}</p>
      )}
    </>
  );
}
