import { Button, Select, Steps } from 'antd';
import { useEffect, useRef, useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { api, type Schemas } from '../../api/client';
import { useAct, useBriefings, useHere, useHold, useJob, useTalk } from '../../api/job';
import { useLive } from '../../api/live';
import { pressHold, useOutbox } from '../../api/outbox';
import { HoldBanner } from '../../app/HoldBanner';
import { Mark } from '../../figures/Mark';
import { Sign } from '../../figures/Sign';
import { PlanSketch } from '../../plan/PlanSketch';
import { Waiting } from '../../ui/Waiting';
import { clock } from '../../units/format';
import css from './talk.module.css';
import { msg } from './words';

type Talk = Schemas['TalkView'];
type Part = Schemas['TalkCardView']['part'];
/** A finger that moves farther than this turns the card. */
const SWIPE_PX = 60;
const PLAN_PX = 560;
/** So many letters are set smaller, so that they fit. */
const MUCH = 260;
const MANY = 8;

/** The briefing as it is held: one card at a time, read from three metres; what is shown here is on every phone. */
export default function TalkPage() {
  const { job = '', number = '' } = useParams();
  const [asked, ask] = useSearchParams();
  const [refused, setRefused] = useState('');
  const act = useAct(job, setRefused);
  const info = useJob(job).data;
  useLive(job, true);
  const hold = useHold(job);
  const out = useOutbox(job);
  const turn = asked.has('step') ? Number(asked.get('step')) : undefined;
  const talk = useTalk(job, Number(number), turn);
  const t = talk.data;
  const at = Math.max(0, t?.cards.findIndex((c) => c.part === asked.get('card')) ?? 0);
  const leader = info?.myPart === 'LEADER';
  const card = t?.cards[at];
  const show = (part: Part | undefined, step = t?.turn) => {
    if (part && step !== undefined) ask({ card: part, step: String(step) }, { replace: true });
  };
  const move = (by: number) => show(t?.cards[at + by]?.part);
  const latest = useRef(move);
  useEffect(() => {
    latest.current = move;
  });
  useEffect(() => {
    const key = (e: KeyboardEvent) => {
      if (e.key === 'ArrowRight') latest.current(1);
      else if (e.key === 'ArrowLeft') latest.current(-1);
      else if (e.key === 'h' || e.key === 'H') pressHold(job);
    };
    window.addEventListener('keydown', key);
    return () => window.removeEventListener('keydown', key);
  }, [job]);
  const part = card?.part;
  const told = t?.turn;
  useEffect(() => {
    if (!leader || !part || told === undefined) return;
    void act(
      api.PUT('/api/jobs/{job}/shown', {
        params: { path: { job } },
        body: { number: Number(number), turn: told, part },
      }),
    );
    // shown anew only when it is another card
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [leader, part, told, number, job]);
  const rail = useRef<HTMLElement>(null);
  useEffect(() => {
    const now = rail.current?.querySelector('.ant-steps-item-active');
    void now?.scrollIntoView({ block: 'nearest', inline: 'center' });
  }, [part]);
  const finger = useRef<number | undefined>(undefined);
  if (!t || !card || !info) return <Waiting className="body" />;
  const next = t.cards[at + 1];
  const long =
    card.lines.map((l) => l.head.length + (l.more?.length ?? 0)).reduce((a, b) => a + b, 0) > MUCH ||
    card.lines.length > MANY;
  const unsent = out.unsent.some((u) => u.kind === 'hold');
  return (
    <div
      className={css.talk}
      onTouchStart={(e) => (finger.current = e.touches[0]?.clientX)}
      onTouchEnd={(e) => {
        const moved = (e.changedTouches[0]?.clientX ?? 0) - (finger.current ?? 0);
        if (finger.current !== undefined && Math.abs(moved) > SWIPE_PX) move(moved < 0 ? 1 : -1);
      }}
    >
      <header className={css.top}>
        <Link to={`/jobs/${job}/brief`}>{info.name}</Link>
        <span>{msg('briefing', { number: t.number })}</span>
        {t.steps.length > 1 ? (
          <Select
            aria-label={msg('stepThatIsTold')}
            value={t.turn}
            onChange={(step) => show(card.part, step)}
            options={t.steps.map((s) => ({ value: s.turn, label: `${s.turn} ${s.title}` }))}
          />
        ) : (
          <b>{t.steps[0]?.title}</b>
        )}
        <Button type="primary" danger className="hold" onClick={() => pressHold(job)}>
          {msg('hold')}
        </Button>
      </header>
      {(hold || unsent) && <HoldBanner job={job} hold={hold} me={info.me} leader={leader} say={setRefused} />}
      <nav ref={rail} className={css.rail} aria-label={msg('cards')}>
        <Steps
          size="small"
          responsive={false}
          titlePlacement="vertical"
          type="dot"
          current={at}
          onChange={(i) => show(t.cards[i]?.part)}
          items={t.cards.map((c) => ({ title: c.called }))}
        />
      </nav>
      <main className={css.card} aria-live="polite">
        {/* what does not fit is scrolled to, by keys too */}
        {/* eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex */}
        <section aria-label={card.heading} tabIndex={0} className={long ? css.dense : undefined}>
          <h1>{card.heading}</h1>
          {card.lines.length === 0 && <p className={css.more}>{msg('nothingKnown')}</p>}
          <ul>
            {card.lines.map((l) => (
              <li key={l.head}>
                {l.sign && <Sign kind={l.sign} />}
                <div>
                  <div className={css.head}>{l.head}</div>
                  {l.more && <div className={css.more}>{l.more}</div>}
                </div>
              </li>
            ))}
          </ul>
        </section>
        <Drawn t={t} />
      </main>
      <footer className={css.foot}>
        <Button size="large" aria-label={msg('cardBefore')} disabled={at === 0} onClick={() => move(-1)}>
          ←
        </Button>
        <Presents job={job} leader={leader} name={info.people.find((p) => p.id === info.me)?.name ?? ''} />
        <Signed job={job} />
        {refused && <span className="refused">{refused}</span>}
        {next ? (
          <Button type="primary" size="large" onClick={() => move(1)}>
            {at + 2} {next.called} →
          </Button>
        ) : (
          <Link
            className={css.over}
            to={`/jobs/${job}/brief`}
            onClick={() => {
              if (leader) void act(api.DELETE('/api/jobs/{job}/shown', { params: { path: { job } } }));
            }}
          >
            {msg('talkIsOver')}
          </Link>
        )}
      </footer>
    </div>
  );
}

/** The frozen plan with everybody of the step that is told. */
function Drawn({ t }: { t: Talk }) {
  const step = t.plan.steps.find((s) => s.turn === t.turn);
  const all = (step?.posts ?? []).flatMap((p) =>
    p.stand ? [{ stand: p.stand, ways: p.waysOut, label: p.person.split(' ')[0] ?? '' }] : [],
  );
  return <PlanSketch plan={t.plan} height={PLAN_PX} focus={t.stem} everybody={all} />;
}

function Presents({ job, leader, name }: { job: string; leader: boolean; name: string }) {
  const here = useHere(job).data ?? [];
  const others = here.filter((n) => n !== name).length;
  return (
    <div className={css.who}>
      <b>{leader ? msg('presents', { name }) : msg('onlyLooking')}</b>
      {leader && <small>{msg('onPhones', { others })}</small>}
    </div>
  );
}

function Signed({ job }: { job: string }) {
  const signers = (useBriefings(job).data?.issues.at(-1)?.signers ?? []).filter((s) => s.posted);
  return (
    <ul className={css.signed} aria-label={msg('signatures')}>
      {signers.map((s) => (
        <li key={s.personId}>
          <Mark kind={s.signedAt ? 'ready' : s.wrongTries > 1 ? 'CAUTION' : 'none'} />
          <span>
            <b>{s.name.split(' ')[0]}</b>
            <small>{s.signedAt ? clock(s.signedAt) : msg('notYet')}</small>
          </span>
        </li>
      ))}
    </ul>
  );
}
