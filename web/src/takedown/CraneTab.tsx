import { Button, Checkbox } from 'antd';
import { type ReactNode, useEffect, useState } from 'react';
import { createPortal } from 'react-dom';
import type { Spot } from '../api/client';
import { Mark } from '../figures/Mark';
import { type Ghost, usePlanTools } from '../plan/planTools';
import { usePlanView } from '../plan/planView';
import { FilePick } from '../ui/FilePick';
import { Noted, Pairs, Rows } from '../ui/Rows';
import { Waiting } from '../ui/Waiting';
import { MachineForm } from './MachineForm';
import { PadList } from './PadList';
import { padsWith } from './padsOf';
import { Readings } from './Readings';
import { Remarks } from './Remarks';
import { type Crane, type CraneView, useCrane } from './useCrane';
import css from './takedown.module.css';
import { msg } from './words';

type Props = {
  job: string;
  stem: string;
  leader: boolean;
  /** The pieces were changed and not kept: picks are reckoned of those that are kept. */
  unsaved: boolean;
  slot: HTMLElement | null;
  /** Back to the pieces: who does what comes next. */
  done: () => void;
};

/** A crane set up on the plan, its chart, what each pick uses of it, what the display showed. */
export function CraneTab({ job, stem, leader, unsaved, slot, done }: Props) {
  const c = useCrane(job, stem);
  const { view } = c;
  const [pad, setPad] = useState<number>();
  const [machine, setMachine] = useState(false);
  useOnPlan(view);
  if (!view) return <Waiting />;
  return (
    <section aria-label={msg('crane')} className={css.craned}>
      {unsaved && <p className="s">{msg('picksOfKept')}</p>}
      {c.faults.map((f) => (
        <p key={f.field + f.code} className="refused" role="alert">
          {f.message}
        </p>
      ))}
      <Remarks of={view.remarks} />
      <Picks view={view} />
      <Readings c={c} view={view} leader={leader} />
      <PadList c={c} view={view} leader={leader} open={pad} setOpen={setPad} />
      <Chart c={c} view={view} leader={leader} />
      {leader && <MachineForm c={c} view={view} open={machine} setOpen={setMachine} />}
      {slot &&
        leader &&
        createPortal(
          <NextOfCrane c={c} view={view} openPad={setPad} openMachine={() => setMachine(true)} done={done} />,
          slot,
        )}
    </section>
  );
}

/** Crane, pads and landing lie on the plan while they are looked at. */
function useOnPlan(view?: CraneView) {
  const { setGhosts } = usePlanTools();
  const stayNear = usePlanView((v) => v.stayNear);
  const at = JSON.stringify([view?.at, view?.pads.map((p) => p.at), view?.landing?.at]);
  useEffect(() => {
    if (!view) return;
    const ghosts: Ghost[] = view.pads.map((p) => ({ at: p.at, label: String(p.number) }));
    if (view.at)
      ghosts.push({ at: view.at, label: msg('crane'), form: 'POLYGON', outline: view.pads.map((p) => p.at) });
    if (view.landing) ghosts.push({ at: view.landing.at, label: msg('landing') });
    setGhosts(ghosts);
    stayNear(ghosts.length > 0 ? ghosts.map((g) => g.at) : undefined);
    return () => {
      setGhosts([]);
      stayNear(undefined);
    };
    // what lies on the plan follows from the places alone
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [at, setGhosts, stayNear]);
}

/** Each matter once, with the picks it concerns; what every number is of stands in its row. */
function Picks({ view }: { view: CraneView }) {
  const range = (low?: string, high?: string) => (low && high ? msg('fromTo', { low, high }) : '?');
  return (
    <section aria-label={msg('picks')}>
      <h2>
        {msg('picks')} <span>{msg('picksAtWorst')}</span>
      </h2>
      <Remarks
        of={view.matters.map((m) => ({ ...m, words: msg('picksSay', { picks: m.picks.join(', '), says: m.words }) }))}
      />
      <Rows
        label={msg('picks')}
        rows={view.picks}
        keyOf={(p) => String(p.number)}
        columns={[
          {
            head: msg('pieceHead'),
            cell: (p) => (
              <span className={css.numbered}>
                <Mark kind={p.severity === 'NOTE' ? 'none' : p.severity} /> <b>{p.number}</b>
              </span>
            ),
          },
          {
            head: msg('weighs'),
            cell: (p) => (
              <Noted note={msg('limitAt', { limit: p.said.limitKg ?? '?', radius: p.said.governingM ?? '?' })}>
                <b className="n">{range(p.said.lowKg, p.said.highKg)}</b>
              </Noted>
            ),
          },
          { head: msg('ofChart'), quantity: true, cell: (p) => <b>{p.said.share ?? '?'}</b> },
          { head: msg('shows'), right: true, cell: (p) => range(p.said.showFromKg, p.said.showToKg) },
        ]}
      />
    </section>
  );
}

function Chart({ c, view, leader }: { c: Crane; view: CraneView; leader: boolean }) {
  return (
    <section aria-label={msg('chart')}>
      <h2>
        {msg('chart')} <span>{msg('chartIsMakers')}</span>
      </h2>
      {view.chart && (
        <>
          <Pairs rows={view.chart.head.map((h) => [h.called, h.words] as const)} />
          <p className="n">{view.chart.rows.map((r) => `${r.said.radiusM} ${r.said.capacityKg}`).join(' · ')}</p>
          <Checkbox
            disabled={!leader}
            checked={c.draft?.confirmed ?? view.confirmed}
            onChange={(e) => c.change({ confirmed: e.target.checked })}
          >
            {msg('confirmChart')}
          </Checkbox>
        </>
      )}
      {leader && (
        <ChartPick c={c}>
          <Button size="large">{msg('loadChart')}</Button>
        </ChartPick>
      )}
    </section>
  );
}

/** The chart as the maker gives it. */
function ChartPick({ c, children }: { c: Crane; children: ReactNode }) {
  return (
    <FilePick label={msg('loadChart')} accept=".csv,text/csv" onFile={(f) => void c.load(f)}>
      {children}
    </FilePick>
  );
}

type NextProps = {
  c: Crane;
  view: CraneView;
  openPad: (number: number) => void;
  openMachine: () => void;
  done: () => void;
};
type Step = [words: string, why: string | undefined, act: () => void];

const show = (part: string) => document.querySelector(`[aria-label="${part}"]`)?.scrollIntoView();

/** The one thing to do next, as the server says it. */
function NextOfCrane({ c, view, openPad, openMachine, done }: NextProps) {
  const { pick } = usePlanTools();
  const { kind, because } = view.next;
  const number = view.next.number ?? 0;
  const move = (at: Spot) => c.change(padsWith(view, number, { at }));
  const keep: Step = [msg('keepCrane'), msg('keepCraneWhy'), () => void c.keep()];
  const steps: Record<CraneView['next']['kind'], Step> = {
    PUT_CRANE: [msg('putCrane'), msg('putCraneWhy'), () => pick(msg('putCrane'), (at) => c.change({ at, pads: [] }))],
    PUT_LANDING: [
      msg('putLanding'),
      msg('putLandingWhy'),
      () => pick(msg('putLanding'), (at) => c.change({ landing: { at, lengthM: 6, widthM: 4 } })),
    ],
    // the button opens the choice of the file by itself
    LOAD_CHART: [msg('loadChart'), msg('chartIsMakers'), () => undefined],
    CONFIRM_CHART: [msg('confirmNext'), msg('confirmChart'), () => c.change({ confirmed: true })],
    LARGER_PAD: [msg('largerPad', { number }), because, () => openPad(number)],
    SAY_OF_PAD: [msg('sayOfPad', { number }), because, () => openPad(number)],
    MOVE_PAD: [msg('movePad', { number }), because, () => pick(msg('movePad', { number }), move)],
    FIND_WHY: [msg('oddNext'), because, () => show(msg('readings'))],
    SEE_TO_SET_UP: [msg('seeTo'), because, openMachine],
    LOOK_AT_PICK: [msg('lookAtPick', { number }), because, () => show(msg('picks'))],
    KEEP: keep,
    WHO_DOES_IT: [msg('nextCrew'), msg('nextCrewWhy'), done],
  };
  const [words, why, act] = steps[kind];
  const next = (
    <Button type="primary" className="next" onClick={act}>
      <span>
        {words}
        <small>{why}</small>
      </span>
      →
    </Button>
  );
  return (
    <>
      {view.changed && view.landing && kind !== 'KEEP' && (
        <Button block size="large" onClick={keep[2]}>
          {keep[0]}
        </Button>
      )}
      {kind === 'LOAD_CHART' ? (
        <div className={css.loadNext}>
          <ChartPick c={c}>{next}</ChartPick>
        </div>
      ) : (
        next
      )}
    </>
  );
}
