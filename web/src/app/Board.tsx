import css from '../ui/layout.module.css';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { Button, Empty, Flex, Grid, Input, Pagination, Segmented } from 'antd';
import { Waiting } from '../ui/Waiting';
import { lazy, Suspense, useEffect, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { api, data } from '../api/client';
import { useSession } from '../api/job';
import { ComesBack } from './ComesBack';
import { Mark } from '../figures/Mark';
import { PlanSketch } from '../plan/PlanSketch';
import { later } from './later';
import { TopBar } from './TopBar';
import { msg } from './words';

const NewJob = lazy(() => later(() => import('./NewJob')));
type Show = 'OPEN' | 'CLOSED' | 'ALL';
const shown = () => [
  { value: 'OPEN' as const, label: msg('open') },
  { value: 'CLOSED' as const, label: msg('closed') },
  { value: 'ALL' as const, label: msg('all') },
];

/** All jobs as cards, each with its own plan drawn small. */
export default function Board() {
  const navigate = useNavigate();
  const wide = Grid.useBreakpoint().md;
  const session = useSession();
  const [page, setPage] = useState(0);
  const [q, setQ] = useState('');
  const [show, setShow] = useState<Show>('OPEN');
  const board = useQuery({
    queryKey: ['board', page, q, show],
    queryFn: ({ signal }) => data(api.GET('/api/board', { params: { query: { page, q, show } }, signal })),
    placeholderData: keepPreviousData,
    enabled: session.data?.signedIn === true,
    staleTime: 0,
  });
  const [asking, setAsking] = useState(false);
  useEffect(() => {
    if (session.data && !session.data.signedIn) void navigate('/sign-in');
  }, [session.data, navigate]);

  return (
    <>
      <TopBar />
      <main className="board">
        <h1>{msg('board')}</h1>
        <Flex gap={12} wrap align="center">
          <Input
            allowClear
            aria-label={msg('findAJob')}
            placeholder={msg('findByNameOr')}
            className={css.find}
            value={q}
            onChange={(e) => {
              setQ(e.target.value);
              setPage(0);
            }}
          />
          <Segmented
            aria-label={msg('whichJobs')}
            options={shown()}
            value={show}
            onChange={(v) => {
              setShow(v);
              setPage(0);
            }}
          />
          {session.data?.office === 'LEADER' && <Button onClick={() => setAsking(true)}>{msg('openAJob')}</Button>}
          <span className="s">{board.data ? msg('ofYoursTheMark', { all: board.data.all }) : ''}</span>
        </Flex>
        {board.data?.all === 0 && (
          <Empty
            image={Empty.PRESENTED_IMAGE_SIMPLE}
            description={
              q
                ? msg('noJobIsCalled', { q })
                : msg('noJobHereYet', { leader: session.data?.office === 'LEADER' ? 'yes' : 'no' })
            }
          />
        )}
        {!board.data && <Waiting />}
        {session.data?.signedIn && <ComesBack />}
        <div className="cards">
          {board.data?.jobs.map((j) => (
            <Link
              key={j.id}
              className="card"
              to={session.data?.office === 'CREW' ? `/crew/${j.id}` : `/jobs/${j.id}/${wide ? 'place' : 'trees'}`}
            >
              <PlanSketch plan={j.plan} height={230} />
              <div className="in">
                <h1>{j.name}</h1>
                <p className="s">
                  {j.place} ·{' '}
                  {new Date(j.visitOn).toLocaleDateString('en-GB', {
                    weekday: 'short',
                    day: 'numeric',
                    month: 'short',
                  })}
                  {j.closed ? ` ${msg('closedElse')}` : ''}
                </p>
                <p className={css.cardFoot}>
                  <Mark
                    kind={
                      j.stops > 0
                        ? 'STOP'
                        : j.plan.stems.length === 0
                          ? 'none'
                          : j.secondOpinions > 0
                            ? 'SECOND_OPINION'
                            : j.cautions > 0
                              ? 'CAUTION'
                              : 'ready'
                    }
                  />
                  {j.plan.stems.length === 0
                    ? msg('noStemsYet', { stops: j.stops > 0 ? msg('stop', { stops: j.stops }) : '' })
                    : msg('stopSecondOpinionCaution', {
                        stops: j.stops,
                        secondOpinions: j.secondOpinions,
                        cautions: j.cautions,
                      })}
                </p>
                {j.reminders.map((r) => (
                  <p key={r.says.words} className={css.ruled}>
                    <b>{msg('rememberFrom', { fromJob: r.fromJob })}</b> {r.says.words} <small>{r.who}</small>
                  </p>
                ))}
              </div>
            </Link>
          ))}
        </div>
        {board.data && board.data.pages > 1 && (
          <Pagination
            className={css.wellBelow}
            current={board.data.page + 1}
            pageSize={24}
            total={board.data.all}
            showSizeChanger={false}
            showTotal={(all) => msg('jobs', { all })}
            onChange={(p) => setPage(p - 1)}
          />
        )}
        {asking && (
          <Suspense fallback={null}>
            <NewJob done={(id) => void navigate(`/jobs/${id}/trees/new`)} leave={() => setAsking(false)} />
          </Suspense>
        )}
      </main>
    </>
  );
}
