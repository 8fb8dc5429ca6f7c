import { Button } from 'antd';
import { type ReactNode, useState } from 'react';
import { Menu } from '../app/Menu';
import { Link, useNavigate } from 'react-router';
import { useHold, useJob } from '../api/job';
import { useLive } from '../api/live';
import { pressHold, useOutbox } from '../api/outbox';
import { HoldBanner } from '../app/HoldBanner';
import { Boundary } from '../ui/Boundary';
import css from './tree.module.css';
import { msg } from './words';

type Props = {
  job: string;
  back: { to: string; words: string };
  title: string;
  wide?: boolean;
  children: (say: (words: string) => void) => ReactNode;
};

/** A page of its own, for one phone in one hand: where one is, what was refused, and HOLD within reach of the thumb. */
export function TreeFrame({ job, back, title, wide, children }: Props) {
  const link = useLive(job, true);
  const info = useJob(job).data;
  const hold = useHold(job);
  const out = useOutbox(job);
  const navigate = useNavigate();
  const [refused, setRefused] = useState('');
  const unsent = out.unsent.some((u) => u.kind === 'hold');
  return (
    <div className={wide ? `${css.frame} ${css.wide}` : css.frame}>
      <header className={css.top}>
        <Link to={back.to} aria-label={back.words}>
          ← {back.words}
        </Link>
        <h1 className={css.title}>{title}</h1>
        <Menu more={[{ words: msg('allNineStages'), act: () => void navigate(`/jobs/${job}/place`) }]} />
        {info && (
          <span className={css.gust}>
            {msg('gust')} <b className="n">{info.wind.gust}</b>{' '}
            {info.wind.simulated && <span className="sim">{msg('simulated')}</span>}
          </span>
        )}
      </header>
      {(hold || unsent) && info && (
        <HoldBanner job={job} hold={hold} me={info.me} leader={info.myPart === 'LEADER'} say={setRefused} />
      )}
      {link === 'lost' && (
        <p className="refused" role="alert">
          {msg('noLinkThisMay')}
        </p>
      )}
      {refused && (
        <p className="refused" role="alert">
          {refused}{' '}
          <Button type="text" onClick={() => setRefused('')}>
            {msg('close')}
          </Button>
        </p>
      )}
      <main className={css.main}>
        <Boundary what={title}>{children(setRefused)}</Boundary>
      </main>
      <Button type="primary" danger className={css.hold} onClick={() => pressHold(job)}>
        <span>
          <b>{msg('hold')}</b> <small>{msg('sawOffAllStand')}</small>
        </span>
      </Button>
    </div>
  );
}
