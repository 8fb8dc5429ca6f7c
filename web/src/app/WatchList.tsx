import type { ReactNode } from 'react';
import type { Schemas } from '../api/client';
import { Mark, type MarkKind } from '../figures/Mark';
import { clock } from '../units/format';
import '../words/pages';
import { useWords } from '../words/words';
import css from './watch.module.css';

type Watch = Schemas['WatchView'];

const MARK: Record<Watch['state'], MarkKind> = {
  WITHIN: 'ready',
  NEAR: 'CAUTION',
  NOT_KNOWN: 'none',
  OVER: 'STOP',
};

/** What instruments read now: the figure first, what it means, how old it is. */
export default function WatchList({ all, more }: { all: Watch[]; more?: (w: Watch) => ReactNode }) {
  const t = useWords();
  return (
    <ul className={css.watch}>
      {all.map((w) => (
        <li key={w.id} className={w.state === 'WITHIN' ? undefined : css.look}>
          <p className={css.line}>
            <Mark kind={MARK[w.state]} />
            <b className={css.name}>
              {w.name.words} {w.simulated && <span className="sim">{t('simulated')}</span>}
            </b>
            {w.value && <b className="n">{w.value}</b>}
          </p>
          <p>{w.says.words}</p>
          {w.share !== undefined && (
            <div className="bar">
              <i style={{ width: `${100 * w.share}%` }} />
            </div>
          )}
          <p className={css.age}>
            {w.at && <small className="n">{t('readAt', { at: clock(w.at) })}</small>}
            {more?.(w)}
          </p>
        </li>
      ))}
    </ul>
  );
}
