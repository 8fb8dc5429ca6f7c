import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { api, data } from '../api/client';
import css from './board.module.css';
import { msg } from './words';

const SHOWN = 2;

/** What comes back from the work that is done: falls nobody measured yet, what was learned last, a drill for today. */
export function ComesBack() {
  const back = useQuery({ queryKey: ['board', 'back'], queryFn: () => data(api.GET('/api/board/back', {})) }).data;
  const drills = useQuery({ queryKey: ['drills', 'today'], queryFn: () => data(api.GET('/api/drills', {})) }).data;
  if (!back) return null;
  const more = back.unmeasured.length - SHOWN;
  return (
    <section className={css.back} aria-label={msg('comesBack')}>
      {back.unmeasured.length > 0 && (
        <p>
          <b>{msg('toBeMeasured')}</b>{' '}
          {back.unmeasured.slice(0, SHOWN).map((f) => (
            <Link key={`${f.jobId} ${f.stem}`} to={`/jobs/${f.jobId}/review`}>{`${f.job} ${f.stem}`}</Link>
          ))}
          {more > 0 && <Link to="/logbook">{msg('andMore', { more })}</Link>}
        </p>
      )}
      {back.learnedLast && (
        <p>
          <b>{msg('learnedLast')}</b> {back.learnedLast.says.words} <small>{back.learnedLast.fromJob}</small>
        </p>
      )}
      {drills && (
        <p>
          <b>{msg('oneMinute')}</b>{' '}
          <Link
            to={`/drills/${drills.today.key}?level=${drills.today.level}&seed=${drills.today.seed}&n=${drills.round}`}
          >
            {drills.kinds.find((k) => k.key === drills.today.key)?.words}
          </Link>
        </p>
      )}
    </section>
  );
}
