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
import { Learned } from './Learned';
import { ReachTab } from './ReachTab';
import { RehearseTab } from './RehearseTab';
import { RestsTab } from './RestsTab';
import { useLay } from './useLay';
import { WaysTab } from './WaysTab';
import { msg } from './words';
import { Waiting } from '../../ui/Waiting';

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
    const sent = l.choice;
    const done = await act(
      api.PUT('/api/jobs/{job}/stems/{stem}/lay', {
        params: { path: { job, stem: l.stem.id } },
        body: { choice: sent, fixed, dropZone: l.lay.suggestedDropZone, version: l.saved?.version },
      }),
    );
    if (done) l.sent(sent);
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
        <div className="chips" role="group" aria-label={msg('stems')}>
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
        {l.stem?.toBeKept && <p className="empty">{msg('isToBeKept', { stemLabel: l.stem.label })}</p>}
        {l.stem && !v && (
          <h1>
            {l.stem.label} {l.stem.commonName}
          </h1>
        )}
        {l.stem?.notFelled && (
          <div className="refused">{msg('notFelled', { why: l.stem.notFelled, stem: l.stem.label })}</div>
        )}
        {l.stem && !l.stem.notFelled && l.stem.notKnown.length > 0 && (
          <div className="refused">
            {msg('notKnownNoDirection', { stemLabel: l.stem.label, notKnown: l.stem.notKnown.join(', ') })}
            <br />
            <Button type="text" className={css.link} onClick={() => go('stems')}>
              {msg('measureOf', { notKnown: l.stem.notKnown[0], stemLabel: l.stem.label })}
            </Button>
          </div>
        )}
        {l.stem && !l.stem.notFelled && l.stem.notKnown.length > 0 && (
          <Learned job={job} stem={l.stem.id} leader={leader} />
        )}
        {l.waiting && <Waiting />}
        {v && l.stem && (
          <>
            <h1>
              {v.stem} {l.stem.commonName} <small>{msg('planFor', { massHighKg: v.said.massHighKg })}</small>
            </h1>
            <div className={css.rowWide}>
              <span className={`hero ${css.layColour}`} data-testid="lay">
                {azimuth(v.layDeg)}°
              </span>
              <span>
                <b>{msg('lay')}</b>{' '}
                {v.control.proven ? (
                  <span className="s">
                    {msg('spread95DriftsRight', {
                      within95Deg: v.control.said.within95Deg ?? '',
                      biasDeg: v.control.said.biasDeg ?? '',
                      biasDeg2: (v.control.biasDeg ?? 0) >= 0 ? 'yes' : 'no',
                      sidePercent: v.control.sidePercent ?? '',
                    })}
                  </span>
                ) : (
                  <b className={css.keep}>
                    {msg('controlNotProvenMeasure', {
                      leanKnown: !v.control.leanKnown || v.control.measureLeanFirst ? 'yes' : 'no',
                    })}
                  </b>
                )}
              </span>
            </div>
            <div className="step4">
              {[-10, -1, 1, 10].map((d) => (
                <Button key={d} onClick={() => turn(d)} aria-label={msg('turnDegrees', { d })}>
                  {d > 0 ? '+' : '−'}
                  {Math.abs(d)}°
                </Button>
              ))}
            </div>
            <div className="figs">
              <div>
                <Figure shown={v.reach.said.reachM} />
                <small>{msg('reachRoundedUp')}</small>
              </div>
              <div>
                <Figure shown={v.reach.said.exclusionM} />
                <small>{msg('keepOutRingUp')}</small>
              </div>
              <div>
                <Figure shown={v.reach.said.throwM} />
                <small>{msg('thrownBeyondTip')}</small>
              </div>
            </div>
            {l.changed && (
              <p className="s" role="status">
                <b>{msg('notSaved')}</b>{' '}
                {l.saved
                  ? msg('plannedIsDegreesFixed', {
                      layDeg: azimuth(l.saved.choice.layDeg),
                      fixed: l.saved.fixed ? 'yes' : 'no',
                    })
                  : msg('nothingIsPlannedFor')}{' '}
                <Button type="text" className={css.link} onClick={() => l.settle()}>
                  {l.saved ? msg('backToThePlanned') : msg('backToTheBest')}
                </Button>
              </p>
            )}
            {l.layFaults.length > 0 && (
              <p className="refused" role="alert">
                {msg('whatIsShownIs', { layFaults: l.layFaults.map((f) => f.message).join('; ') })}
              </p>
            )}
            {!v.control.proven && (
              <div className="refused">
                {v.control.reasons.join('; ')}.
                {(!v.control.leanKnown || v.control.measureLeanFirst) && (
                  <>
                    <br />
                    <Button type="text" className={css.link} onClick={() => go('stems')}>
                      {msg('measureTheLeanOf', { stem: v.stem })}
                    </Button>
                  </>
                )}
              </div>
            )}
            {v.zones.some((z) => z.kind === 'PLATE') && <p className="refused">{msg('rootPlateNotCovered')}</p>}
            {old && (
              <div className="refused" role="status" aria-label={msg('outOfDate')}>
                {msg('thisFixedLayIs', {
                  changed: old.changed
                    .map((c) =>
                      msg('wasIs', {
                        what: c.what.words,
                        was: c.was?.words ?? msg('notThere'),
                        is: c.is?.words ?? msg('gone'),
                      }),
                    )
                    .join('; '),
                })}
                <br />
                {msg('lookAgainThenFix', {
                  movedCount:
                    old.moved.length > 0
                      ? msg('theAnswerMoves', {
                          moved: old.moved
                            .map(
                              (c) =>
                                `${c.what.words} ${c.was?.words ?? msg('notKnown')} → ${c.is?.words ?? msg('notKnown')}`,
                            )
                            .join('; '),
                        })
                      : msg('noAnswerMovesBy'),
                })}
              </div>
            )}
            <div className={css.belowMore}>
              <Tabs
                label={msg('partsOfTheLay')}
                value={tab}
                onChange={setTab}
                tabs={[
                  { value: 'lay', words: msg('lay') },
                  { value: 'reach', words: msg('reach'), mark: blocking.length > 0 },
                  {
                    value: 'ways',
                    words: msg('waysOut'),
                    mark: v.leaving.away !== 'CLEAR' && v.leaving.away !== 'LEFT_BEFORE',
                  },
                  { value: 'rehearse', words: msg('rehearse') },
                  { value: 'rests', words: msg('restsOn'), mark: Boolean(old) },
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
      {l.stem?.notFelled ? (
        <Button type="primary" className="next" onClick={() => go('tangle')}>
          <span>
            {msg('toHungFallen', { stem: l.stem.label })}
            <small>{msg('broughtDownThere')}</small>
          </span>
          →
        </Button>
      ) : isFixed && !old ? (
        <Button type="primary" className="next" onClick={() => go('cuts')}>
          <span>
            {msg('nextTheCuts')}
            <small>{msg('layDegreesAndDrop', { layDeg: azimuth(l.saved?.choice.layDeg ?? 0) })}</small>
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
            {v
              ? msg('fixLayDegreesAnd', { layDeg: azimuth(v.layDeg) })
              : l.waiting
                ? msg('beingComputed')
                : msg('noLayYet')}
            <small>
              {!v
                ? !l.waiting && msg('whatIsMissingIs')
                : blocking.length > 0
                  ? msg('aStopWillStand', {
                      blocking: blocking
                        .slice(0, MOST_NAMED)
                        .map((t) => t.name)
                        .join(', '),
                      blockingCount:
                        blocking.length > MOST_NAMED
                          ? ` ${msg('andMore', { blockingCount: blocking.length - MOST_NAMED })}`
                          : '',
                    })
                  : msg('theCrewIsBriefed')}
            </small>
          </span>
          →
        </Button>
      )}
    </>
  );
}
