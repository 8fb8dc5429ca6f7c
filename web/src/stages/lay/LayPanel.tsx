import css from '../../ui/layout.module.css';
import { Button } from 'antd';
import { useEffect, useState } from 'react';
import { api } from '../../api/client';
import { useAct, useJob, useStems } from '../../api/job';
import type { PanelProps } from '../stage';
import { usePanelKey } from '../../app/keys';
import { Tabs } from '../../app/Stepper';
import { Figure } from '../../figures/Figure';
import { type LayFocus, usePlanTools } from '../../plan/planTools';
import { azimuth } from '../../units/format';
import { LayTab } from './LayTab';
import { ReachTab } from './ReachTab';
import { RehearseTab } from './RehearseTab';
import { RestsTab } from './RestsTab';
import { useLay } from './useLay';
import { WaysTab } from './WaysTab';

const MOST_NAMED = 2;

/** Stage 3: where it falls, what it can hit, who must be out, and whether the cutter gets away. */
export default function LayPanel({ job, go }: PanelProps) {
  const tools = usePlanTools();
  const act = useAct(job, tools.say);
  const leader = useJob(job).data?.myPart === 'LEADER';
  const stems = useStems(job).data ?? [];
  const [tab, setTab] = useState<LayFocus>('lay');
  const l = useLay(job, tab);
  const { set, turn } = l;
  usePanelKey(['[', ']'], (key, shift) => turn((key === '[' ? -1 : 1) * (shift ? 10 : 1)));
  const { onTurn } = tools;
  useEffect(() => {
    onTurn((deg) => set({ layDeg: Math.round(deg) % 360 }));
    return () => onTurn(undefined);
  });
  const fix = async (fixed: boolean) => {
    if (!l.lay || !l.stem) return;
    const done = await act(
      api.PUT('/api/jobs/{job}/stems/{stem}/lay', {
        params: { path: { job, stem: l.stem.id } },
        body: { choice: l.choice, fixed, dropZone: l.lay.suggestedDropZone, version: l.saved?.version },
      }),
    );
    if (done) l.settle();
  };
  usePanelKey(['z'], () => void fix(false));
  usePanelKey(['e'], () => setTab('ways'));
  const v = l.lay;
  const blocking = v?.around.targets.filter((t) => t.blocks) ?? [];
  const isFixed = l.saved?.fixed && !l.changed;
  const old = l.changed ? undefined : l.saved?.outOfDate;

  return (
    <>
      <div className="body">
        <div className="chips" role="group" aria-label="Stems">
          {stems
            .filter((s) => !s.toBeKept)
            .map((s) => (
              <Button
                type={s.id === tools.stem ? 'primary' : 'default'}
                key={s.id}
                aria-pressed={s.id === tools.stem}
                onClick={() => tools.selectStem(s.id)}
              >
                {s.label}
              </Button>
            ))}
        </div>
        {l.stem?.toBeKept && <p className="empty">{l.stem.label} is to be kept; it gets no lay.</p>}
        {l.stem && l.stem.notKnown.length > 0 && (
          <div className="refused">
            {l.stem.label}: {l.stem.notKnown.join(', ')} not known. No direction is judged and no reach is guessed.
            <br />
            <Button type="text" className={css.link} onClick={() => go('stems')}>
              Measure {l.stem.notKnown[0]} of {l.stem.label} →
            </Button>
          </div>
        )}
        {v && l.stem && (
          <>
            <h1>
              {v.stem} {l.stem.commonName} <small>plan for {v.said.massHighKg}</small>
            </h1>
            <div className={css.rowWide}>
              <span className={`hero ${css.layColour}`} data-testid="lay">
                {azimuth(v.layDeg)}°
              </span>
              <span>
                <b>Lay</b>{' '}
                {v.control.proven ? (
                  <span className="s">
                    spread ±{v.control.said.within95Deg} (95 %), drifts {v.control.said.biasDeg}{' '}
                    {(v.control.biasDeg ?? 0) >= 0 ? 'right' : 'left'}; the side lean takes {v.control.sidePercent} % of
                    the hinge
                  </span>
                ) : (
                  <b className={css.keep}>
                    control not proven:{' '}
                    {!v.control.leanKnown || v.control.measureLeanFirst ? 'measure the lean' : 'it may go any way'}
                  </b>
                )}
              </span>
            </div>
            <div className="step4">
              {[-10, -1, 1, 10].map((d) => (
                <Button key={d} onClick={() => turn(d)} aria-label={`turn ${d} degrees`}>
                  {d > 0 ? '+' : '−'}
                  {Math.abs(d)}°
                </Button>
              ))}
            </div>
            <div className="figs">
              <div>
                <Figure shown={v.reach.said.reachM} />
                <small>reach, rounded up</small>
              </div>
              <div>
                <Figure shown={v.reach.said.exclusionM} />
                <small>keep-out ring, up</small>
              </div>
              <div>
                <Figure shown={v.reach.said.throwM} />
                <small>thrown beyond tip</small>
              </div>
            </div>
            {l.changed && (
              <p className="s" role="status">
                <b>Not saved.</b>{' '}
                {l.saved
                  ? `Planned is ${azimuth(l.saved.choice.layDeg)}°${l.saved.fixed ? ', fixed' : ''}.`
                  : 'Nothing is planned for this stem.'}{' '}
                <Button type="text" className={css.link} onClick={() => l.settle()}>
                  {l.saved ? 'Back to the planned one' : 'Back to the best'}
                </Button>
              </p>
            )}
            {l.layFaults.length > 0 && (
              <p className="refused" role="alert">
                {l.layFaults.map((f) => f.message).join('; ')}. What is shown is the last that could be computed.
              </p>
            )}
            {!v.control.proven && (
              <div className="refused">
                {v.control.reasons.join('; ')}.
                {(!v.control.leanKnown || v.control.measureLeanFirst) && (
                  <>
                    <br />
                    <Button type="text" className={css.link} onClick={() => go('stems')}>
                      Measure the lean of {v.stem} →
                    </Button>
                  </>
                )}
              </div>
            )}
            {v.zones.some((z) => z.kind === 'PLATE') && (
              <p className="refused">
                Root plate not covered: it has moved, and lay and cuts do not answer for it. A machine from outside its
                zone, or a second opinion.
              </p>
            )}
            {old && (
              <div className="refused" role="status" aria-label="Out of date">
                This fixed lay is out of date:{' '}
                {old.changed
                  .map((c) => `${c.what.words} was ${c.was?.words ?? 'not there'}, is ${c.is?.words ?? 'gone'}`)
                  .join('; ')}
                .
                <br />
                {old.moved.length > 0
                  ? `The answer moves: ${old.moved.map((c) => `${c.what.words} ${c.was?.words ?? 'not known'} → ${c.is?.words ?? 'not known'}`).join('; ')}.`
                  : 'No answer moves by what is shown.'}{' '}
                Look again, then fix it anew.
              </div>
            )}
            <div className={css.belowMore}>
              <Tabs
                label="Parts of the lay"
                value={tab}
                onChange={setTab}
                tabs={[
                  { value: 'lay', words: 'Lay' },
                  { value: 'reach', words: 'Reach', mark: blocking.length > 0 },
                  {
                    value: 'ways',
                    words: 'Ways out',
                    mark: v.leaving.away !== 'CLEAR' && v.leaving.away !== 'LEFT_BEFORE',
                  },
                  { value: 'rehearse', words: 'Rehearse' },
                  { value: 'rests', words: 'Rests on', mark: Boolean(old) },
                ]}
              />
            </div>
            {tab === 'lay' && <LayTab job={job} l={l} v={v} leader={leader} />}
            {tab === 'reach' && <ReachTab job={job} l={l} v={v} leader={leader} go={go} />}
            {tab === 'ways' && <WaysTab job={job} l={l} v={v} leader={leader} />}
            {tab === 'rehearse' && <RehearseTab job={job} l={l} v={v} />}
            {tab === 'rests' && <RestsTab job={job} l={l} />}
          </>
        )}
      </div>
      {isFixed && !old ? (
        <Button type="primary" className="next" onClick={() => go('cuts')}>
          <span>
            Next: the cuts<small>lay {azimuth(l.saved?.choice.layDeg ?? 0)}° and drop zone are fixed</small>
          </span>
          →
        </Button>
      ) : (
        <Button
          type="primary"
          className="next"
          disabled={!v || !leader || l.layFaults.length > 0}
          onClick={() => void fix(true)}
        >
          <span>
            {v ? `Fix lay ${azimuth(v.layDeg)}° and its drop zone` : 'No lay yet'}
            <small>
              {!v
                ? 'what is missing is named above'
                : blocking.length > 0
                  ? `a stop will stand: ${blocking
                      .slice(0, MOST_NAMED)
                      .map((t) => t.name)
                      .join(', ')}${blocking.length > MOST_NAMED ? ` and ${blocking.length - MOST_NAMED} more` : ''}`
                  : 'the crew is briefed on it'}
            </small>
          </span>
          →
        </Button>
      )}
    </>
  );
}
