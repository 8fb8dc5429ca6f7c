import css from '../ui/layout.module.css';
import { Button } from 'antd';
import { Waiting } from '../ui/Waiting';
import { lazy, Suspense, useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { Link, useLocation, useNavigate, useParams } from 'react-router';
import { Problem, type Schemas, type Spot } from '../api/client';
import { useBriefings, useFindings, useHere, useHold, useJob, useStems, useSurroundings } from '../api/job';
import { useLive } from '../api/live';
import { pressHold, useOutbox } from '../api/outbox';
import { Mark } from '../figures/Mark';
import { useScene } from '../plan/useScene';
import { type Ghost, type LayFocus, PlanContext, type PlanTools, type Sketch } from '../plan/planTools';
import { HoldBanner } from './HoldBanner';
import { useKeys } from './keys';
import { OpenPoints } from './OpenPoints';
import { stageAt, STAGES } from '../stages/registry';
import { type Stage, stageMark } from '../stages/stage';
import { azimuth } from '../units/format';
import { Boundary } from '../ui/Boundary';
import { later } from './later';
import { Menu } from './Menu';
import { msg } from './words';

const SitePlan = lazy(() => later(() => import('../plan/SitePlan')));
const linkWords = () => ({
  live: msg('live'),
  connecting: 'linking',
  asking: msg('slowLink'),
  lost: <b>{msg('noLinkThisMay')}</b>,
});
const KeySheet = lazy(() => later(() => import('./KeySheet')));
/** The leader's screen: header, stage rail, plan, panel of the stage, open points. */
export default function JobScreen() {
  const { job = '', stage: at = 'place' } = useParams();
  const stage = stageAt(at);
  const navigate = useNavigate();
  const link = useLive(job, true);
  const out = useOutbox(job);
  const info = useJob(job);
  const stems = useStems(job);
  const findings = useFindings(job);
  const activeHold = useHold(job);
  const here = useHere(job);
  const briefings = useBriefings(job);
  const came = useLocation().state as { stem?: string } | null;
  const [stem, setStem] = useState(came?.stem);
  const [shown, setShown] = useState<{ lay?: Schemas['LayView']; dial?: Schemas['DialView']; focus?: LayFocus }>({});
  const [cut, showCut] = useState<Schemas['CutPart']>();
  const [pointed, setPointed] = useState<{ deg?: number; tapped?: boolean }>({});
  const [picking, setPicking] = useState<{ hint: string; picked: (at: Spot) => void }>();
  const surroundings = useSurroundings(job);
  const [feature, selectFeature] = useState<string>();
  const [sketch, setSketch] = useState<Sketch>();
  const [ghosts, setGhosts] = useState<Ghost[]>([]);
  const [refused, setRefused] = useState('');
  const [keys, setKeys] = useState(false);
  const [roomy, setRoomy] = useState(false);
  const turn = useRef<((deg: number) => void) | undefined>(undefined);
  const go = useCallback((to: Stage) => void navigate(`/jobs/${job}/${to}`), [navigate, job]);
  const selected = stem ?? stems.data?.[0]?.id;

  useEffect(() => {
    setRefused('');
    setPicking(undefined);
    setSketch(undefined);
    setGhosts([]);
    setPointed({});
    // by the stem somebody chose: that the first one has loaded must not end a drawing just begun
  }, [stage.key, stem]);
  useEffect(() => {
    selectFeature(undefined);
    setRoomy(false);
  }, [stage.key]);
  useEffect(() => {
    if (info.error instanceof Problem && (info.error.status === 401 || info.error.status === 404)) void navigate('/');
  }, [info.error, navigate]);

  const hold = useCallback(() => pressHold(job), [job]);
  useKeys(useMemo(() => ({ go, hold, sheet: () => setKeys((k) => !k) }), [go, hold]));

  const showLay = useCallback(
    (lay?: Schemas['LayView'], dial?: Schemas['DialView'], focus?: LayFocus) => setShown({ lay, dial, focus }),
    [],
  );
  const point = useCallback(
    (deg?: number, tapped = false) =>
      setPointed((p) => (tapped ? { deg, tapped } : p.tapped || p.deg === deg ? p : { deg })),
    [],
  );
  const onTurn = useCallback((t?: (deg: number) => void) => {
    turn.current = t;
  }, []);
  const [boarded, askForBoard] = useState(false);
  const [board, setBoard] = useState<HTMLDivElement | null>(null);
  const tools = useMemo<PlanTools>(
    () => ({
      stem: selected,
      selectStem: setStem,
      preview: shown.lay,
      dial: shown.dial,
      showLay,
      cut,
      showCut,
      onTurn,
      pick: (hint, picked) => setPicking({ hint, picked }),
      say: setRefused,
      feature,
      selectFeature,
      sketch,
      setSketch,
      setGhosts,
      board: board ?? undefined,
      askForBoard,
    }),
    [selected, shown, cut, showLay, onTurn, feature, sketch, board],
  );

  const scene = useScene(job, {
    stage: stage.key,
    preview: shown.lay,
    dial: shown.dial,
    focus: shown.focus,
    pointed: pointed.deg,
    selected,
    feature,
  });

  if (!info.data) {
    return (
      <div className="screen">
        <header>
          <span className="job">{info.error ? msg('theServerDoesNot') : msg('openingTheJob')}</span>
          <div className="r">
            <Button type="primary" danger className="hold" onClick={hold}>
              {msg('holdTitle')}
            </Button>
          </div>
        </header>
      </div>
    );
  }
  const j = info.data;
  const { Panel, Figure, Below, Overlay } = stage;
  const leader = j.myPart === 'LEADER';
  const briefed = (briefings.data?.issues.length ?? 0) > 0;
  const planFirst = stage.planFirst && (picking || !selected);
  const unsentHold = out.unsent.some((u) => u.kind === 'hold');
  // whoever is asked to touch the plan sees it
  const low = roomy && !picking && !sketch;
  const held = activeHold || unsentHold;
  const away = msg(low ? 'showAgain' : 'moreRoom', { what: Figure && !planFirst ? 'figure' : 'plan' });

  return (
    <>
      <PlanContext.Provider value={tools}>
        <div className={`screen${held ? ' held' : ''}${low ? ' low' : ''}`}>
          <header>
            <Link className="job" to="/" title={msg('backToTheBoard')}>
              {j.name}
              <span>
                {briefings.data?.issues.length
                  ? msg('briefing', { number: briefings.data.issues.at(-1)!.number })
                  : msg('planNotBriefed')}
              </span>
            </Link>
            <Link className="trees" to={`/jobs/${job}/trees`}>
              {msg('trees')}
            </Link>
            <div className="r">
              <div className="wind">
                <b>{msg('gust')}</b> <span className="n">{j.wind.gust}</span>{' '}
                {msg('fromDegrees', { fromDeg: azimuth(j.wind.fromDeg) })}{' '}
                {j.wind.simulated && <span className="sim">{msg('simulated')}</span>}
              </div>
              <div className="quiet">
                <b>{msg('here')}</b> {(here.data ?? []).map((n) => n.split(' ')[0]).join(' · ')}
              </div>
              <div className={link === 'lost' ? 'link lost' : 'quiet link'}>{linkWords()[link]}</div>
              <Menu more={[{ words: msg('allKeys'), act: () => setKeys(true) }]} />
              <Button type="primary" danger className="hold" onClick={hold}>
                {msg('holdTitle')}
              </Button>
            </div>
          </header>
          {held && <HoldBanner job={job} hold={activeHold} me={j.me} leader={leader} say={setRefused} />}
          <nav className="rail" aria-label={msg('stages')}>
            {STAGES.map((s, i) => (
              <Link
                key={s.key}
                to={`/jobs/${job}/${s.key}`}
                className={s === stage ? 'on' : ''}
                aria-current={s === stage ? 'page' : undefined}
              >
                <span className="n">{i + 1}</span>
                {s.words}
                <Mark kind={stageMark(s.key, findings.data ?? [], s.filled(scene, briefed))} size={18} />
              </Link>
            ))}
          </nav>
          <main className={Figure ? `mid split${planFirst ? ' taps' : ''}` : boarded ? 'mid boarded' : 'mid'}>
            {boarded && <div className="sideboard" ref={setBoard} />}
            <div className="planbox">
              <Boundary what={msg('thePlan')}>
                <Suspense fallback={<Waiting className="body" />}>
                  <SitePlan
                    scene={scene}
                    picking={Boolean(picking)}
                    onStem={setStem}
                    onFeature={selectFeature}
                    sketch={sketch}
                    ghosts={ghosts}
                    surroundings={surroundings.data}
                    job={job}
                    onTurn={(deg) => turn.current?.(deg)}
                    onPoint={point}
                    onPick={(spot) => {
                      const p = picking;
                      setPicking(undefined);
                      p?.picked(spot);
                    }}
                  />
                </Suspense>
              </Boundary>
              {picking && (
                <div className="hint" role="status">
                  {picking.hint}{' '}
                  <Button type="text" onClick={() => setPicking(undefined)}>
                    {msg('leaveIt')}
                  </Button>
                </div>
              )}
              <Suspense fallback={null}>
                {Below && <Below job={job} />}
                {Overlay && (
                  <Overlay
                    job={job}
                    leader={leader}
                    focus={shown.focus}
                    pointed={pointed}
                    turn={(deg) => turn.current?.(deg)}
                    unpoint={() => setPointed({})}
                  />
                )}
              </Suspense>
              {!picking && sketch && (
                <div className="hint" role="status">
                  {sketch.hint}{' '}
                  <Button type="text" onClick={() => setSketch(undefined)}>
                    {sketch.what === 'edit' ? msg('done') : msg('leaveIt')}
                  </Button>
                </div>
              )}
              {!Figure && !boarded && <p className="outrank">{msg('localCodeTheMakers')}</p>}
            </div>
            {Figure && (
              // eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- on a phone it is scrolled, by keys too
              <div className="figure" role="group" aria-label={msg('figureOf', { stage: stage.words })} tabIndex={0}>
                <Suspense fallback={null}>
                  <Figure job={job} />
                </Suspense>
              </div>
            )}
            <div className="room">
              {low && <b>{stage.words}</b>}
              <Button data-over aria-expanded={!low} aria-label={away} onClick={() => setRoomy(!low)}>
                {low ? away : msg('hide')}
              </Button>
            </div>
          </main>
          <aside className="panel" aria-label={stage.words}>
            {refused && (
              <p className={`refused ${css.refusedInPanel}`} role="alert">
                {refused}{' '}
                <Button type="text" onClick={() => setRefused('')}>
                  {msg('closeInline')}
                </Button>
              </p>
            )}
            <Boundary key={stage.key} what={stage.words}>
              <Suspense fallback={<Waiting className="body" />}>
                <Panel job={job} go={go} />
              </Suspense>
            </Boundary>
          </aside>
          <OpenPoints job={job} findings={findings.data ?? []} leader={leader} go={go} />
          {keys && (
            <Suspense fallback={null}>
              <KeySheet close={() => setKeys(false)} />
            </Suspense>
          )}
        </div>
      </PlanContext.Provider>
    </>
  );
}
