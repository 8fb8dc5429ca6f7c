import css from '../../ui/layout.module.css';
import { Noted, Rows } from '../../ui/Rows';
import { Button } from 'antd';
import { useState } from 'react';
import { api, type Schemas } from '../../api/client';
import { Chips } from '../../app/Stepper';
import { ShortLength } from '../../app/ShortLength';
import { Figure } from '../../figures/Figure';
import { Mark, type MarkKind } from '../../figures/Mark';
import { usePlanTools } from '../../plan/planTools';
import { useAct } from '../../api/job';
import { clock } from '../../units/format';
import { useUnits } from '../../units/useUnits';
import { met } from '../../words/measures';
import { useTerms } from '../../words/words';
import type { Cutting, CutView } from './useCuts';
import { msg } from './words';
import '../../words/terms';

const LEVELS: Record<Schemas['SplitView']['level'], MarkKind> = {
  LOW: 'ready',
  MODERATE: 'CAUTION',
  HIGH: 'SECOND_OPINION',
  EXTREME: 'STOP',
};
const woods = (): { value: Schemas['OpenedRequest']['wood']; words: string }[] => [
  { value: 'SOUND', words: msg('sound') },
  { value: 'STRESSED', words: msg('stressed') },
  { value: 'DEAD_RECENT', words: msg('deadRecent') },
  { value: 'DEAD_OLD', words: msg('deadOld') },
  { value: 'DECAYED', words: msg('decayed') },
];

/** What is cut, in which order, and what would go wrong. */
export function CardTab({ job, l, v, leader }: { job: string; l: Cutting; v: CutView; leader: boolean }) {
  const term = useTerms();
  const inches = useUnits() === 'feet';
  const c = v.card;
  const h = v.hinge;
  return (
    <>
      <Rows
        label={msg('cutCard')}
        rows={c.measures}
        keyOf={(m) => m.key}
        columns={[
          {
            cell: (m) => (
              <Noted note={m.off?.words}>
                {term('Measure.Key', m.key)}
                {m.own && <b> {msg('yours')}</b>}
              </Noted>
            ),
          },
          {
            quantity: true,
            cell: (m) => (
              <Noted note={m.outside && msg('fromBark', { outside: m.outside.words })}>
                <b>{m.shown.words}</b>
              </Noted>
            ),
          },
        ]}
      />
      <p className="s">
        {msg('leftAndRightLooking', { inches: inches ? 'yes' : 'no', barkM: c.barkM === undefined ? 'yes' : 'no' })}
      </p>
      {h && (
        <section aria-label={msg('twoAnswers')}>
          <h2>
            {msg('twoAnswersForThe')} <span>{h.decides}</span>
          </h2>
          <div className="figs">
            <div>
              <Figure shown={h.said.practiceM} />
              <small>{msg('practice')}</small>
            </div>
            <div>
              <Figure shown={h.said.mechanicsM ?? 'none'} />
              <small>{msg('mechanicsTheSideLean')}</small>
            </div>
            <div>
              <span className="fig">
                {h.sidePercent ?? '–'}
                <i>%</i>
              </span>
              <small>{msg('ofItTheSide', { guyPercent: h.guyPercent > 0 ? 'yes' : 'no' })}</small>
            </div>
          </div>
          {h.taperLeftM !== undefined && h.taperRightM !== undefined && (
            <p>
              {msg('soTaperIt')}{' '}
              <b className="n">
                {msg('leftRight', { taperLeftM: h.said.taperLeftM ?? '', taperRightM: h.said.taperRightM ?? '' })}
              </b>
              .{' '}
              <Button
                type="text"
                className={css.link}
                onClick={() =>
                  l.setCuts({
                    hingeLeftM: h.taperLeftM,
                    hingeRightM: h.taperRightM,
                  })
                }
              >
                {msg('takeTheTaper')}
              </Button>
            </p>
          )}
          <p className="s">
            {msg('aForwardLeanOf', {
              bendsDeg: h.bendsDeg,
              need: v.need && v.need.backM < 0 && !h.movesAlone ? 'yes' : 'no',
            })}
          </p>
        </section>
      )}
      {v.strap && (
        <section aria-label={msg('strap')}>
          <h2>
            {msg('strap')} <span>{msg('leanWindAndPretension', { wood: v.strap.wood })}</span>
          </h2>
          <p className={css.line}>
            <Mark kind={v.strap.holds ? 'ready' : 'STOP'} />
            <span>
              {v.strap.ratio === undefined ? (
                msg('nothingPullsAtIt')
              ) : (
                <>
                  {msg('holds')} <b className="n">{v.strap.said.ratio}</b>{' '}
                  {msg('timesDown2Is', {
                    neededM:
                      v.strap.neededM !== undefined && !v.strap.holds
                        ? msg('fromTheBark', { neededM: v.strap.said.neededM ?? '' })
                        : '',
                  })}
                </>
              )}
              {v.strap.fullRatio !== undefined && (
                <>
                  {' '}
                  {msg('pulledInFullToo')} <b className="n">{v.strap.said.fullRatio}</b> {msg('times')}
                </>
              )}
            </span>
          </p>
        </section>
      )}
      {v.splitting && (
        <section aria-label={msg('splittingUpTheStem')}>
          <h2>
            {msg('splittingUpTheStem')}{' '}
            <span>
              {msg('practiceMechanics', {
                practice: term('SplitRisk.Level', v.splitting.practice),
                mechanics: term('SplitRisk.Level', v.splitting.mechanics),
              })}
            </span>
          </h2>
          <p className={css.line}>
            <Mark kind={LEVELS[v.splitting.level]} />
            <span>
              <b>{term('SplitRisk.Level', v.splitting.level)}</b>
              {msg('doNotFellBy', {
                level: v.splitting.level === 'EXTREME' ? 'yes' : 'no',
                index: v.splitting.index,
                ratio: v.splitting.ratio,
              })}
              {v.splitting.likely.length > 0 && ` ${v.splitting.likely.join('; ')}.`}
            </span>
          </p>
          <ul className="checks">
            {v.splitting.changes.map((x) => (
              <li key={x.words}>
                {x.level ? <Mark kind={LEVELS[x.level]} size={18} /> : <Mark kind="NOTE" size={18} />}
                <span>
                  {x.words}
                  {x.level && (
                    <>
                      : <b>{term('SplitRisk.Level', x.level)}</b>
                    </>
                  )}
                </span>
              </li>
            ))}
          </ul>
        </section>
      )}
      <section aria-label={msg('inThisOrder')}>
        <h2>
          {msg('inThisOrder')}{' '}
          <span>
            {msg('cutsChecksAndSignals', {
              stepsCount: c.steps.filter((s) => s.kind === 'CUT').length,
              stepsCount2: c.steps.filter((s) => s.kind !== 'CUT').length,
            })}
          </span>
        </h2>
        <Steps steps={c.steps} />
        <p className="s">
          {msg('standsOnTheNever', { term: term('EscapeRoutes.Side', c.stand), standsBecause: c.standsBecause.words })}
          {c.overlapM !== undefined && ` ${msg('passesOverlapBy', { overlapM: c.said.overlapM ?? '' })}`}
        </p>
      </section>
      <Opened job={job} l={l} v={v} leader={leader} />
      {v.warnings.length > 0 && <p className="s">{msg('notes', { warnings: v.warnings.join('; ') })}</p>}
      <p className={css.belowWell}>
        <b>{msg('printIt')}</b> {msg('asSavedA5')}{' '}
        <a href={`/api/jobs/${job}/stems/${l.stem!.id}/cuts/card.pdf`} download>
          PDF
        </a>{' '}
        ·{' '}
        <a href={`/api/jobs/${job}/stems/${l.stem!.id}/cuts/card.svg`} download>
          {msg('svgFront')}
        </a>{' '}
        ·{' '}
        <a href={`/api/jobs/${job}/stems/${l.stem!.id}/cuts/card.svg?back=true`} download>
          {msg('back')}
        </a>
      </p>
    </>
  );
}

/** Cuts numbered, checks as squares, signals in the lay's colour. */
export function Steps({ steps }: { steps: Schemas['CutStep'][] }) {
  let n = 0;
  return (
    <Rows
      label={msg('stepsOfTheCut')}
      rows={steps.map((s) => ({ ...s, n: s.kind === 'CUT' ? (n += 1) : 0 }))}
      keyOf={(s) => s.key}
      columns={[
        { width: 30, cell: (s) => (s.n > 0 ? <b className="n">{s.n}</b> : <Mark kind="none" size={16} />) },
        {
          cell: (s) => (
            <>
              <span className={s.kind === 'SIGNAL' ? 'b lay' : s.kind === 'CUT' ? 'b' : undefined}>{s.says.words}</span>
              {s.measures.length > 0 && (
                <>
                  <br />
                  <span className="n">{met(s.measures)}</span>
                </>
              )}
            </>
          ),
        },
      ]}
    />
  );
}

/** What the opened face showed; entered while the work stands, the card is another one at once. */
function Opened({ job, l, v, leader }: { job: string; l: Cutting; v: CutView; leader: boolean }) {
  const { say } = usePlanTools();
  const act = useAct(job, say);
  const half = v.card.hingeLengthM / 2;
  const [open, setOpen] = useState(false);
  const [left, setLeft] = useState<number>();
  const [right, setRight] = useState<number>();
  const [wood, setWood] = useState<Schemas['OpenedRequest']['wood']>();
  const all = left !== undefined && right !== undefined && wood !== undefined;
  const keep = async () => {
    if (!all) return;
    if (
      await act(
        api.PUT('/api/jobs/{job}/stems/{stem}/cuts/opened', {
          params: { path: { job, stem: l.stem!.id } },
          body: { soundLeftM: left, soundRightM: right, wood, note: '' },
        }),
      )
    )
      setOpen(false);
  };
  const o = v.opened;
  return (
    <section aria-label={msg('openedFace')}>
      <h2>
        {msg('theOpenedFace')}{' '}
        <span>
          {o ? `${o.who.split(' ')[0]}, ${clock(o.at)}` : v.reread ? msg('plannedCheckTheWood') : msg('notLookedAt')}
        </span>
      </h2>
      {o && (
        <p>
          {o.holds ? (
            <>
              <b className="n">
                {msg('leftRightWithSoundLeftM', { soundLeftM: o.said.soundLeftM, soundRightM: o.said.soundRightM })}
              </b>{' '}
              {msg('soundOfTheHinge', { wood: o.wood, woodShare: o.said.woodShare ?? '' })} <b>{o.result}</b>.
            </>
          ) : (
            msg('readForAnotherFace')
          )}
        </p>
      )}
      {open ? (
        <div className="form">
          <div className="two">
            <ShortLength
              label={msg('soundFromTheLeft')}
              value={left}
              by={0}
              note={msg('allOfItIs', { half: Math.floor(half * 1000) })}
              undo=""
              blank
              onChange={setLeft}
            />
            <ShortLength
              label={msg('soundFromTheRight')}
              value={right}
              by={0}
              note={msg('allOfItIs', { half: Math.floor(half * 1000) })}
              undo=""
              blank
              onChange={setRight}
            />
          </div>
          <Button
            type="text"
            className={css.link}
            onClick={() => {
              setLeft(half);
              setRight(half);
              setWood('SOUND');
            }}
          >
            {msg('soundWoodOverThe')}
          </Button>
          <Chips label={msg('theWoodThatIs')} options={woods()} value={wood} onChange={setWood} />
          {!all && (
            <p className="s">
              {msg('notEnteredYetNothing', {
                it: [
                  left === undefined && msg('left'),
                  right === undefined && msg('right'),
                  wood === undefined && msg('theWood'),
                ]
                  .filter(Boolean)
                  .join(', '),
              })}
            </p>
          )}
          <Button type="primary" size="large" block disabled={!all} onClick={() => void keep()}>
            {msg('computeTheCardAnew')}
          </Button>
        </div>
      ) : (
        leader &&
        l.saved && (
          <Button type="text" className={css.link} onClick={() => setOpen(true)}>
            {msg('enterWhatTheFace')}
          </Button>
        )
      )}
    </section>
  );
}
