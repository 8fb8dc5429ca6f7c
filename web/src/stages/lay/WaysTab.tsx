import css from '../../ui/layout.module.css';
import { Noted, Rows } from '../../ui/Rows';
import { Button } from 'antd';
import { api, type Schemas } from '../../api/client';
import { useAct, useStems } from '../../api/job';
import { Chips } from '../../app/Stepper';
import { Mark, type MarkKind } from '../../figures/Mark';
import { usePlanTools } from '../../plan/planTools';
import { azimuth } from '../../units/format';
import type { Turning } from './useLay';
import { msg } from './words';
import { term } from '../../words/terms';

/** The mark of his main way says what the finding says. */
const AWAY: Record<Schemas['LeavingView']['away'], MarkKind> = {
  CLEAR: 'ready',
  LEFT_BEFORE: 'ready',
  NOT_KNOWN: 'CAUTION',
  WITHIN: 'CAUTION',
  TOO_NEAR: 'STOP',
};

type Props = { job: string; l: Turning; v: Schemas['LayView']; leader: boolean };

/** Whether the cutter gets away: two ways, their ground and time, what is cleared first, and what else buys time. */
export function WaysTab({ job, l, v, leader }: Props) {
  const { say } = usePlanTools();
  const act = useAct(job, say);
  const trees = (useStems(job).data ?? []).filter((s) => s.state === 'STANDING' && s.id !== l.stem?.id);
  const clear = (side: Schemas['WayView']['side'], done: boolean) =>
    void act(
      api.PUT('/api/jobs/{job}/stems/{stem}/lay/clearing', {
        params: { path: { job, stem: l.stem!.id } },
        body: { side, done },
      }),
    );
  const strap = v.control.strap;
  const line = l.choice.means.endsWith('LINE');
  const atPull = line && (l.choice.clock ?? 'AT_PULL') === 'AT_PULL';
  return (
    <>
      <h2 className={css.firstHead}>
        {msg('waysOut')}{' '}
        <span>
          {msg('downIn', {
            fallFastS:
              v.leaving.fallFastS === undefined
                ? msg('notKnown')
                : msg('roundedDown', { fallFastS: v.leaving.said.fallFastS ?? '' }),
          })}
        </span>
      </h2>
      <Rows
        label={msg('waysOut')}
        rows={v.leaving.ways}
        keyOf={(w) => w.name}
        columns={[
          {
            cell: (w) => (
              <>
                <b className="esc">{w.name}</b> {term('EscapeRoutes.Side', w.side)}
                {w.best && msg('main')}
              </>
            ),
          },
          {
            cell: (w) =>
              w.open ? (
                <Noted
                  note={msg('walks', {
                    slopeUpDeg:
                      Math.abs(w.slopeUpDeg ?? 0) < 0.5
                        ? msg('level')
                        : `${w.said.slopeUpDeg ?? ''} ${(w.slopeUpDeg ?? 0) > 0 ? msg('up') : msg('down')}`,
                    ground: w.ground,
                    walkS: w.said.walkS ?? '',
                  })}
                >
                  <span className="n">
                    {azimuth(w.azimuthDeg ?? 0)}°, {w.length}
                  </span>
                  {w.path.length > 2 && ` ${msg('withABend')}`}
                </Noted>
              ) : (
                <b>{msg('blocked', { blockedBy: w.blockedBy.join(', ') })}</b>
              ),
          },
          {
            quantity: true,
            cell: (w) =>
              w.open &&
              (v.leaving.away === 'LEFT_BEFORE'
                ? msg('leftBefore')
                : w.marginS === undefined
                  ? msg('notKnown')
                  : w.marginS >= 0
                    ? msg('spare', { marginS: w.said.marginS ?? '' })
                    : w.best && v.leaving.away === 'CLEAR'
                      ? msg('clearInTime')
                      : msg('atItsEndLate', { marginS: w.said.marginS ?? '' })),
          },
          { cell: (w) => <Mark size={18} kind={!w.open ? 'CAUTION' : w.best ? AWAY[v.leaving.away] : 'NOTE'} /> },
        ]}
      />
      {v.leaving.differ && <p className="s">{v.leaving.differ}.</p>}
      <p className="s">{msg('neverToTheFall')}</p>
      {v.leaving.reachedM !== undefined && (
        <p aria-label={msg('reached')}>
          {msg('whenItLandsThe')} <b className="n">{v.leaving.said.reachedM}</b> {msg('onTheBetterWay')}
          {v.leaving.reachedIfClearedM !== undefined && v.leaving.reachedIfClearedM > v.leaving.reachedM ? (
            <>
              {msg('cleared')} <b className="n">{v.leaving.said.reachedIfClearedM}</b>
            </>
          ) : (
            ''
          )}
          {msg('clearOfButtAnd')} <b className="n">{v.leaving.said.clearM}</b>.
        </p>
      )}
      {v.leaving.away === 'LEFT_BEFORE' && (
        <p role="status" aria-label={msg('awayTitle')}>
          {msg('heIsAwayBefore')}
        </p>
      )}
      {v.leaving.away === 'NOT_KNOWN' && (
        <p role="status" aria-label={msg('awayTitle')}>
          {msg('howFarHeGets')}
        </p>
      )}
      {v.leaving.away === 'WITHIN' && (
        <p role="status" aria-label={msg('awayTitle')} className={css.cautionBar}>
          {msg('notClearOfIt', { helps: v.leaving.helps.join('; ') })}
        </p>
      )}
      {v.leaving.away === 'TOO_NEAR' && (
        <p role="status" aria-label={msg('awayTitle')} className="refused">
          {msg('heGetsLessThan', { leastAwayM: v.leaving.said.leastAwayM, helps: v.leaving.helps.join('; ') })}
        </p>
      )}

      <h2>
        {msg('clearFirst')}{' '}
        <span>
          {msg('ofDone', {
            waysCount: v.leaving.ways.filter((w) => w.clearedBy !== undefined).length,
            waysCount2: v.leaving.ways.filter((w) => w.open).length,
          })}
        </span>
      </h2>
      {!l.saved && <p className="s">{msg('saveTheLayFirstZ')}</p>}
      <Rows
        label={msg('clearFirst')}
        rows={v.leaving.ways.filter((w) => w.open)}
        keyOf={(w) => w.name}
        columns={[
          {
            cell: (w) => (
              <>
                <b className="esc">{w.name}</b>{' '}
                {msg('onDegreesWideBrush', {
                  wCount: w.length ?? '',
                  azimuthDeg: azimuth(w.azimuthDeg ?? 0),
                  wayWideM: v.leaving.said.wayWideM,
                })}
              </>
            ),
          },
          {
            right: true,
            cell: (w) =>
              w.clearedBy !== undefined ? (
                <>
                  {msg('clearedInline')} <small>{w.clearedBy}</small>{' '}
                  {leader && (
                    <Button type="text" onClick={() => clear(w.side, false)}>
                      {msg('notAnyMore')}
                    </Button>
                  )}
                </>
              ) : (
                <Button
                  type="text"
                  className="b"
                  disabled={!leader || !l.saved || l.changed}
                  onClick={() => clear(w.side, true)}
                >
                  {msg('markCleared', { name: w.name })}
                </Button>
              ),
          },
        ]}
      />
      {l.saved && l.changed && <p className="s">{msg('saveThisLayZ')}</p>}

      {line && (
        <>
          <h2>{msg('whenHisTimeBegins')}</h2>
          <Chips
            label=""
            value={l.choice.clock ?? 'AT_PULL'}
            onChange={(clock) => l.set({ clock })}
            options={[
              { value: 'AT_MOVEMENT', words: msg('firstMovement') },
              { value: 'AT_PULL', words: msg('pullAfterHeLeft') },
            ]}
          />
          {atPull &&
            (strap ? (
              <p className={strap.holds ? 's' : 'refused'}>
                {msg('theStrapHolds2', {
                  ratio:
                    strap.ratio === undefined
                      ? msg('whateverLeansOnIt')
                      : msg('timesWhatTheLean', { ratio: strap.said.ratio ?? '' }),
                  neededM: strap.holds
                    ? ''
                    : strap.neededM !== undefined
                      ? msg('would', { neededM: strap.said.neededM ?? '' })
                      : msg('noThicknessWould'),
                })}
              </p>
            ) : (
              <p className="s">{msg('noStrapHereThe')}</p>
            ))}
        </>
      )}

      <h2>
        {msg('coverTree')} <span>{msg('noDistanceSecondOpinion')}</span>
      </h2>
      <Chips
        label=""
        value={l.choice.coverTree ?? ''}
        onChange={(coverTree) => l.set({ coverTree })}
        options={[{ value: '', words: msg('none') }, ...trees.map((t) => ({ value: t.label, words: t.label }))]}
      />
    </>
  );
}
