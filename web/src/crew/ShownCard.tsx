import css from '../ui/layout.module.css';
import { Button } from 'antd';
import { useEffect, useRef, useState } from 'react';
import type { Schemas } from '../api/client';
import { useTalk } from '../api/job';
import { Sign } from '../figures/Sign';
import '../words/pages';
import { useWords } from '../words/words';

/** The card of the briefing that is shown just now, in the words of who holds this phone. */
export default function ShownCard({ job, shown }: { job: string; shown: Schemas['ShownCard'] }) {
  const t = useWords();
  const [away, setAway] = useState<string>();
  const card = useTalk(job, shown.number, shown.turn).data?.cards.find((c) => c.part === shown.part);
  const at = useRef<HTMLElement>(null);
  // whoever scrolled down sees the card that is told
  useEffect(() => {
    // newer browsers answer with a promise, which is nothing to clean up
    void at.current?.scrollIntoView({ block: 'nearest' });
  }, [card?.part]);
  if (!card || away === shown.part) return null;
  return (
    <section ref={at} className="c" aria-label={t('shown', { by: shown.by })}>
      <h2>{t('shown', { by: shown.by })}</h2>
      <p className={css.shownHead}>{card.heading}</p>
      {card.lines.map((l) => (
        <div key={l.head} className={l.sign ? css.cue : undefined}>
          {l.sign && <Sign kind={l.sign} />}
          <span>
            <b>{l.head}</b>
            {l.more && <small className={css.under}>{l.more}</small>}
          </span>
        </div>
      ))}
      <Button size="large" block onClick={() => setAway(shown.part)}>
        {t('shown.away')}
      </Button>
    </section>
  );
}
