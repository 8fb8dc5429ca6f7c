import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { useNavigate } from 'react-router';
import { useSession } from '../../api/job';
import { TopBar } from '../../app/TopBar';
import { Manner } from '../../crew/Manner';
import { Waiting } from '../../ui/Waiting';
import '../../words/drills';
import { useWords } from '../../words/words';
import css from './drills.module.css';
import { dueOf, progressOf } from './progress';
import { useManner, useSaid } from './said';
import { Sets } from './Sets';

const SEEDS = 1_000_000;

/** What can be practised: no job, no sign-in. */
export default function DrillsPage() {
  const t = useWords();
  const navigate = useNavigate();
  const manner = useManner();
  const drills = useQuery(useSaid(manner)).data;
  const signedIn = useSession().data?.signedIn === true;
  return (
    <>
      <TopBar />
      <main className={css.page}>
        <p className={css.head}>
          <Manner />
        </p>
        <h1>{t('drill.heading')}</h1>
        <p>{t('drill.lead')}</p>
        {!drills && <Waiting />}
        {drills && signedIn && <Sets kinds={drills.kinds} />}
        {drills?.kinds.map((k) => {
          const { level } = progressOf(k.key);
          const due = dueOf(k.key);
          const start = () => Math.floor(Math.random() * SEEDS);
          return (
            <section key={k.key} aria-label={k.words} className={css.kind}>
              <h2>
                {k.words} <span>{t('drill.level', { level })}</span>
              </h2>
              <p>{k.says}</p>
              {due.length > 0 && (
                <Button
                  size="large"
                  block
                  onClick={() =>
                    void navigate(`/drills/${k.key}?level=${due[0].level}&seed=${due[0].seed}&n=${drills.round}`)
                  }
                >
                  {t('drill.again', { count: due.length })}
                </Button>
              )}
              <Button
                type="primary"
                size="large"
                block
                onClick={() => void navigate(`/drills/${k.key}?level=${level}&seed=${start()}&n=1`)}
              >
                {t('drill.start')}
              </Button>
            </section>
          );
        })}
        {drills && <p className="s">{t('drill.caution', { days: drills.againDays.join(', ') })}</p>}
      </main>
    </>
  );
}
