import css from '../ui/layout.module.css';
import { lazy, Suspense } from 'react';
import type { Schemas } from '../api/client';
import { Mark } from '../figures/Mark';
import { Sign as Drawn } from '../figures/Sign';
import { PlanSketch } from '../plan/PlanSketch';
import { clock } from '../units/format';
import { cuts } from '../app/cuts';
import { later } from '../app/later';
import { MY_CARD, ReadBack, SignedLate } from './ReadBack';
import '../words/pages';
import { useWords } from '../words/words';

const Visitors = lazy(() => later(() => import('../app/Visitors')));
const ReadAloud = lazy(() => later(() => import('./ReadAloud')));

type Card = Schemas['Card'];
type Props = { job: string; card?: Card; changed: boolean; say: (words: string) => void };

/** What the leader knows, read back and signed. */
export default function BriefPage({ job, card, changed, say }: Props) {
  const t = useWords();
  if (!card)
    return (
      <div className="c">
        <p>{t('brief.none')}</p>
        <h2>{t('brief.comes')}</h2>
      </div>
    );
  const e = card.plan.emergency;
  return (
    <>
      {changed && <p className="refused">{t('brief.changing')}</p>}
      {!card.signedAt && <SignedLate job={job} card={card} />}
      {card.changes.length > 0 && (
        <div className="c" aria-label={t('brief.changed', { number: card.number })}>
          <h2>{t('brief.changed', { number: card.number })}</h2>
          <ul>
            {card.changes.map((c) => (
              <li key={c.says.words}>
                <Mark kind="SECOND_OPINION" size={18} /> <b>{c.says.words}</b>
              </li>
            ))}
          </ul>
        </div>
      )}
      {card.posts.length === 0 && (
        <>
          <PlanSketch plan={card.plan} height={230} changes={card.changes} />
          <div className="c">
            <p>{t('brief.noPart')}</p>
            <h2>{t('brief.outside')}</h2>
          </div>
        </>
      )}
      {card.posts.length > 0 && (
        <Suspense>
          <ReadAloud parts={aloud(card, t)} />
        </Suspense>
      )}
      <div id={MY_CARD} />
      {card.posts.map((p) => (
        <MyPost key={p.turn + p.role} card={card} p={p} />
      ))}
      <div className="c">
        <h2>{t('brief.signals')}</h2>
        <p>{card.signals.join(' · ')}</p>
      </div>
      <div className="c">
        <h2>{t('brief.stopWhen')}</h2>
        <ul>
          {card.stopConditions.map((s) => (
            <li key={s}>
              <Mark kind="STOP" size={20} /> {s}
            </li>
          ))}
        </ul>
      </div>
      {e.nearestHelp && (
        <div className="c" aria-label={t('brief.emergency')}>
          <h2>{t('brief.emergency')}</h2>
          <p>{t('brief.say', { help: e.nearestHelp, where: e.gridReference })}</p>
          <p className="s">
            {t('brief.more', {
              route: e.route,
              cover: e.phoneCover,
              firstAider: e.firstAider,
              kit: e.kit,
              rescue: e.rescuePlan,
            })}
            {e.utilityLine && ` · ${e.utilityLine}`}
          </p>
        </div>
      )}
      {card.signedAt ? (
        <div className="c">
          <p className="line">
            <Mark kind="ready" />{' '}
            {card.signedNumber === card.number
              ? t('brief.signed', { at: clock(card.signedAt) })
              : t('brief.signedBefore', { at: clock(card.signedAt), number: card.signedNumber })}
          </p>
        </div>
      ) : (
        <ReadBack job={job} card={card} say={say} />
      )}
      <Suspense>
        <Visitors job={job} say={say} />
      </Suspense>
      <p className={`s ${css.footnote}`}>{t('outrank')}</p>
    </>
  );
}

/** Where I stand, my way out, what I do, my signals, and when I stop: the card in the order it is read. */
function aloud(card: Card, t: ReturnType<typeof useWords>): string[] {
  return [
    ...card.posts.flatMap((p) => [
      t('brief.step', { turn: p.turn, title: p.title }),
      `${t('brief.stand')}: ${stands(p, t)}`,
      `${t('brief.way')}: ${waysOf(p, t) || t('brief.way.none')}`,
      ...p.piece,
      p.task,
      ...p.cues.map((c) => c.words),
    ]),
    ...card.signals,
    `${t('brief.stopWhen')}: ${card.stopConditions.join('; ')}`,
  ];
}

const stands = (p: Card['posts'][number], t: ReturnType<typeof useWords>) =>
  p.role === 'CLIMBER'
    ? t('brief.stand.up', { stem: p.stem })
    : p.stand
      ? p.role === 'CUTTER'
        ? t('brief.stand.at', { stem: p.stem })
        : t('brief.stand.from', { away: p.said.fromStemM, stem: p.stem })
      : t('brief.stand.notSet');
const waysOf = (p: Card['posts'][number], t: ReturnType<typeof useWords>) =>
  p.waysOut
    .map((w) => t('brief.way.one', { name: w.name, azimuth: w.said.azimuthDeg, length: w.said.lengthM }))
    .join(' · ');

function MyPost({ card, p }: { card: Card; p: Card['posts'][number] }) {
  const t = useWords();
  const me = p.stand && {
    stand: p.stand,
    ways: p.waysOut.map((w) => ({ ...w, lengthM: Math.min(w.lengthM, 20) })),
    label: t('label.me'),
  };
  const stand = stands(p, t);
  const ways = waysOf(p, t);
  return (
    <section aria-label={t('brief.step', { turn: p.turn, title: p.title })}>
      <div className="c dark">
        <p>{t('brief.step', { turn: p.turn, title: p.title })}</p>
      </div>
      <PlanSketch plan={card.plan} height={230} focus={p.stem} changes={card.changes} me={me} />
      <div className="c">
        <h2>{t('brief.stand')}</h2>
        <p>
          {stand}
          {p.exclusionM !== undefined && !cuts(p.role) && t('brief.ring', { ring: p.exclusionM })}
        </p>
      </div>
      <div className="c">
        <h2>{t('brief.way')}</h2>
        <p className={css.wayOut}>{ways || t('brief.way.none')}</p>
      </div>
      <div className="c">
        <h2>{t('brief.task', { role: p.roleWords })}</h2>
        {p.piece.map((x) => (
          <p key={x} className={css.told}>
            {x}
          </p>
        ))}
        <p>{p.task}</p>
        {p.kit.length > 0 && <p>{t('brief.needs', { kit: p.kit.join(' · ') })}</p>}
      </div>
      {p.cues.length > 0 && (
        <div className="c" aria-label={t('brief.cues')}>
          <h2>{t('brief.cues')}</h2>
          {p.cues.map((c) => (
            <p key={c.words} className={css.cue}>
              <Drawn kind={c.sign} />
              <span>{c.words}</span>
            </p>
          ))}
        </div>
      )}
    </section>
  );
}
