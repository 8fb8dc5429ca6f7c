import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { api, data, type Schemas } from '../../api/client';
import { useAct } from '../../api/job';
import { usePlanTools } from '../../plan/planTools';
import { clock } from '../../units/format';
import { msg } from './words';
import css from './learned.module.css';

type Props = { job: string; stem: string; leader: boolean };
type Correction = Schemas['HouseCorrectionView'];

/** What the house has measured before that bears on this stem: used or not, and by whose word. */
export function Learned({ job, stem, leader }: Props) {
  const { say } = usePlanTools();
  const act = useAct(job, say);
  const corrections = useQuery({
    queryKey: ['job', job, 'corrections', stem],
    queryFn: () => data(api.GET('/api/jobs/{job}/stems/{stem}/corrections', { params: { path: { job, stem } } })),
  }).data;
  if (!corrections?.length) return null;
  const decide = (kind: Correction['kind'], taken: boolean) =>
    void act(
      api.PUT('/api/jobs/{job}/stems/{stem}/corrections/{kind}', {
        params: { path: { job, stem, kind } },
        body: { taken },
      }),
    );
  return (
    <section aria-label={msg('measuredBefore')}>
      <h2>
        {msg('measuredBefore')} <span>{msg('measuredBeforeWhy')}</span>
      </h2>
      {corrections.map((c) => (
        <section key={c.kind} className={css.correction} aria-label={c.of}>
          <p>
            <b>{c.says}</b>
            {c.effect && `; ${c.effect}`}
          </p>
          <p>
            {c.of}. {c.use} {c.told}
          </p>
          {leader && (c.used || c.mayBeTaken) && (
            <Button size="large" block onClick={() => decide(c.kind, !c.used)}>
              {msg(c.used ? 'doNotUseThem' : 'useThem')}
            </Button>
          )}
          {c.decided.length > 0 && (
            <ul className={css.decided}>
              {c.decided.map((d) => (
                <li key={d.at}>
                  {msg('decidedAim', {
                    time: clock(d.at),
                    who: d.by,
                    taken: d.taken ? 'yes' : 'no',
                    falls: d.measured,
                  })}
                </li>
              ))}
            </ul>
          )}
        </section>
      ))}
    </section>
  );
}
