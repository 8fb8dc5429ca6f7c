import { Button, Select } from 'antd';
import { useEffect, useRef, useState } from 'react';
import { createPortal } from 'react-dom';
import { api, type Spot } from '../api/client';
import { useAct, useAskedSteps, useStems } from '../api/job';
import { gone } from '../app/gone';
import { Tabs } from '../app/Stepper';
import { useBoard, usePlanTools } from '../plan/planTools';
import { usePlanView } from '../plan/planView';
import type { Stage } from '../stages/stage';
import { Waiting } from '../ui/Waiting';
import { AloftForm } from './AloftForm';
import { CraneTab } from './CraneTab';
import { GearForm } from './GearForm';
import { inPieces } from './inPieces';
import { LimbList } from './LimbList';
import { PieceCard } from './PieceCard';
import { PieceList } from './PieceList';
import { Remarks } from './Remarks';
import { SideBoard } from './SideBoard';
import { type Piece, type Takedown, useTakedown, type View } from './useTakedown';
import css from './takedown.module.css';
import { msg } from './words';

type Part = 'pieces' | 'tree' | 'gear' | 'crane' | 'aloft';

type Props = {
  job: string;
  leader: boolean;
  /** Where the panel says what to do next. */
  slot: HTMLElement | null;
  go: (to: Stage) => void;
};

/** A tree taken down in pieces: cut on the figure before it is cut in the air. */
export default function TakeDownTab({ job, leader, slot, go }: Props) {
  const tools = usePlanTools();
  const standing = (useStems(job).data ?? []).filter((s) => s.state === 'STANDING' && !gone(s));
  const [picked, setPicked] = useState<string>();
  const stem =
    standing.find((s) => s.id === picked) ??
    standing.find((s) => s.id === tools.stem && inPieces(s)) ??
    standing.find(inPieces) ??
    standing.find((s) => s.id === tools.stem) ??
    standing.at(0);
  const pick = (id: string) => {
    setPicked(id);
    tools.selectStem(id);
  };
  if (!stem) return <p className="empty">{msg('nothingStands')}</p>;
  return (
    <>
      <Select
        className={css.wide}
        size="large"
        aria-label={msg('whichStem')}
        value={stem.id}
        onChange={pick}
        options={standing.map((s) => ({ value: s.id, label: `${s.label} ${s.commonName}` }))}
      />
      <OneStem key={stem.id} job={job} stem={stem.id} leader={leader} slot={slot} go={go} />
    </>
  );
}

function OneStem({ job, stem, leader, slot, go }: Props & { stem: string }) {
  const t = useTakedown(job, stem);
  const [part, setPart] = useState<Part>('pieces');
  const [number, setNumber] = useState<number>();
  const card = useRef<HTMLDivElement>(null);
  const show = (n: number) => {
    setNumber(n);
    card.current?.scrollIntoView({ block: 'start' });
  };
  const lookAt = (n: number) => {
    setPart('pieces');
    show(n);
  };
  const { view } = t;
  const coming = view?.pieces.filter((p) => !p.down) ?? [];
  const worst = coming.find((p) => p.severity === 'STOP') ?? coming.at(0) ?? view?.pieces.at(-1);
  const chosen = view?.pieces.find((p) => p.number === number) ?? worst;
  useZone(part === 'crane' ? undefined : chosen);
  const { wide, board } = useBoard(view?.figure !== undefined && part !== 'crane');
  if (!view) return <Waiting />;
  const cuts = t.draft?.cuts ?? [];
  const cut = chosen && cuts[chosen.number - 1];
  const moveTo = (atM: number) => void t.change({ cuts: cuts.map((c) => (c === cut ? { ...c, atM } : c)) });
  const side = (
    <SideBoard
      view={view}
      chosen={chosen}
      choose={setNumber}
      cutter={leader && cut && !chosen.down ? { atM: cut.atM, moveTo } : undefined}
    />
  );
  return (
    <section aria-label={msg('takenDown', { stem: view.label })}>
      {wide && board && createPortal(side, board)}
      {view.missing.length > 0 && (
        <p className="refused">{msg('firstMeasure', { what: view.missing.map((m) => m.words).join(', ') })}</p>
      )}
      {view.saidNo && (
        <p className="refused" role="alert">
          {msg('saidNo', {
            who: view.saidNo,
            instead: view.choices.instead.find((i) => i.value === view.fallback)?.words ?? 'none',
            changed: view.since === 'ANOTHER_WAY' ? 'yes' : 'no',
          })}
        </p>
      )}
      <h1>
        {msg('takenDown', { stem: view.label })}{' '}
        <small>
          {view.said.heaviestKg
            ? msg('soMany', { count: coming.length, heaviest: view.said.heaviestKg, down: view.down })
            : msg('noPieces')}
        </small>
      </h1>
      <Tabs<Part>
        label={msg('partsOf')}
        tabs={[
          { value: 'pieces', words: msg('pieces') },
          { value: 'tree', words: msg('limbs') },
          { value: 'gear', words: msg('gear') },
          ...(view.pieces.some((p) => p.picked) || part === 'crane'
            ? [{ value: 'crane' as const, words: msg('crane') }]
            : []),
          { value: 'aloft', words: msg('aloft') },
        ]}
        value={part}
        onChange={setPart}
      />
      {t.faults.map((f) => (
        <p key={f.field + f.code} className="refused" role="alert">
          {f.message}
        </p>
      ))}
      {part === 'pieces' && (
        <>
          <div ref={card}>{chosen && <PieceCard t={t} view={view} piece={chosen} leader={leader} />}</div>
          {!wide && side}
          <PieceList
            base={`/api/jobs/${job}/takedown/stems/${stem}`}
            file={`/api/jobs/${job}/takedown/file`}
            t={t}
            view={view}
            chosen={chosen?.number}
            choose={show}
            leader={leader}
          />
          <Remarks of={view.remarks} />
          {view.smallestCrew && (
            <p className={css.zone}>
              {msg('smallestCrew', {
                people: view.smallestCrew.people,
                roles: view.smallestCrew.roles.join(', '),
                piece: view.smallestCrew.piece,
              })}
            </p>
          )}
        </>
      )}
      {part === 'tree' && (
        <>
          <LimbList t={t} view={view} leader={leader} />
          {!wide && side}
        </>
      )}
      {part === 'gear' && <GearForm job={job} t={t} view={view} leader={leader} />}
      {part === 'crane' && (
        <CraneTab
          job={job}
          stem={stem}
          leader={leader}
          unsaved={t.unsaved}
          slot={slot}
          done={() => setPart('pieces')}
        />
      )}
      {part === 'aloft' && <AloftForm job={job} t={t} view={view} leader={leader} />}
      {slot &&
        part !== 'crane' &&
        createPortal(
          <Next job={job} t={t} view={view} leader={leader} setPart={setPart} show={lookAt} go={go} />,
          slot,
        )}
    </section>
  );
}

/** The ground nobody stands on while the piece is cut lies on the plan, and the plan stays near to it. */
function useZone(piece?: Piece) {
  const { setGhosts } = usePlanTools();
  const stayNear = usePlanView((v) => v.stayNear);
  const zone = piece && piece.zone.length > 0 ? JSON.stringify(piece.zone) : undefined;
  const swing = piece && piece.swing.length > 0 ? JSON.stringify(piece.swing) : undefined;
  const ahead = piece && piece.ahead.length > 0 ? JSON.stringify(piece.ahead) : undefined;
  const strikes = piece && piece.strikes.length > 0 ? JSON.stringify(piece.strikes) : undefined;
  const number = piece?.number;
  useEffect(() => {
    if (zone && number !== undefined) {
      const outline = JSON.parse(zone) as Spot[];
      const inner = swing ?? ahead ?? strikes;
      const within = inner ? (JSON.parse(inner) as Spot[]) : undefined;
      setGhosts([
        {
          at: outline[0],
          label: swing
            ? msg('ifLineGoes', { piece: number })
            : ahead
              ? msg('hingeFails', { piece: number })
              : strikes
                ? msg('bouncesTo', { piece: number })
                : msg('belowPiece', { piece: number }),
          form: 'POLYGON',
          outline,
        },
        ...(within
          ? [
              {
                at: middle(within),
                label: msg(swing ? 'swings' : ahead ? 'goesOver' : 'strikes'),
                form: 'POLYGON' as const,
                outline: within,
              },
            ]
          : []),
      ]);
      stayNear(outline);
    }
    return () => {
      setGhosts([]);
      stayNear(undefined);
    };
  }, [zone, swing, ahead, strikes, number, setGhosts, stayNear]);
}

/** Where the name of a ground stands: in the midst of its outline. */
function middle(outline: Spot[]): Spot {
  const of = (pick: (s: Spot) => number) => outline.reduce((sum, s) => sum + pick(s), 0) / outline.length;
  return { eastM: of((s) => s.eastM), northM: of((s) => s.northM) };
}

type NextProps = {
  job: string;
  t: Takedown;
  view: View;
  leader: boolean;
  setPart: (p: Part) => void;
  /** A piece, on its card. */
  show: (piece: number) => void;
  go: (to: Stage) => void;
};

type ToDo = { words: string; why: string; act: () => void };

/** What is done next, in words and as an act; what it is the core says. */
function Next({ job, t, view, leader, setPart, show, go }: NextProps) {
  const send = useAct(job, usePlanTools().say);
  const asked = (useAskedSteps(job).data?.asked ?? []).filter((a) => a.stem === view.label && !a.notWanted);
  const intoCrew = async () => {
    const keys = asked.map((a) => a.key);
    if (await send(api.POST('/api/jobs/{job}/steps/asked', { params: { path: { job } }, body: { keys } }))) go('crew');
  };
  const { kind, piece: number } = view.next;
  const piece = view.pieces.find((p) => p.number === number);
  const undrawn = view.remarks.find((r) => r.remark === 'CROWN_NOT_DRAWN');
  const stops = piece?.remarks.find((r) => r.severity === 'STOP') ?? piece?.below.at(0);
  const crew: ToDo = { words: msg('nextCrew'), why: msg('nextCrewWhy'), act: () => go('crew') };
  const todo: Record<View['next']['kind'], ToDo> = {
    MEASURE: { words: msg('nextMeasure'), why: view.missing.map((m) => m.words).join(', '), act: () => go('stems') },
    CHOOSE_INSTEAD: { words: msg('nextInstead'), why: msg('nextInsteadWhy'), act: () => setPart('aloft') },
    PLAN_ANEW: {
      words: msg('nextAnew'),
      why: msg('nextAnewWhy', { instead: view.choices.instead.find((i) => i.value === view.fallback)?.words ?? '' }),
      act: () => void t.instead(),
    },
    DRAW_LIMBS: { words: msg('nextDraw'), why: undrawn?.words ?? '', act: () => setPart('tree') },
    CHOOSE_GEAR: { words: msg('nextGear'), why: msg('nextGearWhy'), act: () => setPart('gear') },
    PROPOSE: { words: msg('nextPropose'), why: msg('nextProposeWhy'), act: () => void t.propose() },
    SHORTEN: {
      words: msg('nextShorten', { piece: number ?? '', longest: piece?.said.longestM ?? '' }),
      why: stops?.words ?? '',
      act: () => number !== undefined && void t.shorten(number),
    },
    LOOK_AT_PIECE: {
      words: msg('nextLook', { piece: number ?? '' }),
      why: stops?.words ?? '',
      act: () => number !== undefined && show(number),
    },
    SET_UP_CRANE: { words: msg('nextCrane'), why: msg('nextCraneWhy'), act: () => setPart('crane') },
    KEEP: { words: msg('keep'), why: msg('keepWhy'), act: () => void t.keep() },
    WHO_DOES_IT:
      asked.length > 0
        ? { words: msg('intoCrew', { count: asked.length }), why: msg('intoCrewWhy'), act: () => void intoCrew() }
        : crew,
  };
  const next = leader ? todo[kind] : crew;
  // what is not settled can be kept, and what is kept be given to the crew, all the same
  const unsettled =
    leader &&
    (kind === 'SHORTEN' ||
      kind === 'LOOK_AT_PIECE' ||
      kind === 'SET_UP_CRANE' ||
      (kind === 'DRAW_LIMBS' && view.pieces.length > 0));
  return (
    <>
      {unsettled && t.unsaved && (
        <Button block size="large" onClick={() => void t.keep()}>
          {msg('keep')}
        </Button>
      )}
      {unsettled && !t.unsaved && asked.length > 0 && (
        <Button block size="large" onClick={() => void intoCrew()}>
          {msg('intoCrew', { count: asked.length })}
        </Button>
      )}
      <Button type="primary" className="next" onClick={next.act}>
        <span>
          {next.words}
          <small>{next.why}</small>
        </span>
        →
      </Button>
    </>
  );
}
