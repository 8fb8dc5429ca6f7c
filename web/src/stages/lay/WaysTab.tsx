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
        Ways out{' '}
        <span>
          down in {v.leaving.fallFastS === undefined ? 'not known' : `${v.leaving.said.fallFastS}, rounded down`}
        </span>
      </h2>
      <Rows
        label="Ways out"
        rows={v.leaving.ways}
        keyOf={(w) => w.name}
        columns={[
          {
            cell: (w) => (
              <>
                <b className="esc">{w.name}</b> {w.side.toLowerCase()}
                {w.best && ', main'}
              </>
            ),
          },
          {
            cell: (w) =>
              w.open ? (
                <Noted
                  note={`${
                    Math.abs(w.slopeUpDeg ?? 0) < 0.5
                      ? 'level'
                      : `${w.said.slopeUpDeg ?? ''} ${(w.slopeUpDeg ?? 0) > 0 ? 'up' : 'down'}`
                  }, ${w.ground}, walks ${w.said.walkS ?? ''}`}
                >
                  <span className="n">
                    {azimuth(w.azimuthDeg ?? 0)}°, {w.length}
                  </span>
                  {w.path.length > 2 && ' with a bend'}
                </Noted>
              ) : (
                <b>blocked: {w.blockedBy.join(', ')}</b>
              ),
          },
          {
            quantity: true,
            cell: (w) =>
              w.open &&
              (v.leaving.away === 'LEFT_BEFORE'
                ? 'left before'
                : w.marginS === undefined
                  ? 'not known'
                  : w.marginS >= 0
                    ? `${w.said.marginS} spare`
                    : w.best && v.leaving.away === 'CLEAR'
                      ? 'clear in time'
                      : `at its end ${w.said.marginS} late`),
          },
          { cell: (w) => <Mark size={18} kind={!w.open ? 'CAUTION' : w.best ? AWAY[v.leaving.away] : 'NOTE'} /> },
        ]}
      />
      {v.leaving.differ && <p className="s">{v.leaving.differ}.</p>}
      <p className="s">Never to the fall side, square to the stem or straight behind: the shaded sectors.</p>
      {v.leaving.reachedM !== undefined && (
        <p aria-label="Reached">
          When it lands the cutter has walked <b className="n">{v.leaving.said.reachedM}</b> on the better way
          {v.leaving.reachedIfClearedM !== undefined && v.leaving.reachedIfClearedM > v.leaving.reachedM ? (
            <>
              , cleared <b className="n">{v.leaving.said.reachedIfClearedM}</b>
            </>
          ) : (
            ''
          )}
          ; clear of butt and crown at <b className="n">{v.leaving.said.clearM}</b>.
        </p>
      )}
      {v.leaving.away === 'LEFT_BEFORE' && (
        <p role="status" aria-label="Away">
          He is away before the pull is given; no time runs against him.
        </p>
      )}
      {v.leaving.away === 'NOT_KNOWN' && (
        <p role="status" aria-label="Away">
          How far he gets is not known: lean, line or a way out is missing.
        </p>
      )}
      {v.leaving.away === 'WITHIN' && (
        <p role="status" aria-label="Away" className={css.cautionBar}>
          Not clear of it yet when it lands. What helps: {v.leaving.helps.join('; ')}.
        </p>
      )}
      {v.leaving.away === 'TOO_NEAR' && (
        <p role="status" aria-label="Away" className="refused">
          He gets less than {v.leaving.said.leastAwayM} away. What helps: {v.leaving.helps.join('; ')}.
        </p>
      )}

      <h2>
        Clear first{' '}
        <span>
          {v.leaving.ways.filter((w) => w.clearedBy !== undefined).length} of{' '}
          {v.leaving.ways.filter((w) => w.open).length} done
        </span>
      </h2>
      {!l.saved && <p className="s">Save the lay first (Z); clearing is kept for the lay it was done for.</p>}
      <Rows
        label="Clear first"
        rows={v.leaving.ways.filter((w) => w.open)}
        keyOf={(w) => w.name}
        columns={[
          {
            cell: (w) => (
              <>
                <b className="esc">{w.name}</b> {w.length} on {azimuth(w.azimuthDeg ?? 0)}°, {v.leaving.said.wayWideM}{' '}
                wide: brush, brash, tools
              </>
            ),
          },
          {
            right: true,
            cell: (w) =>
              w.clearedBy !== undefined ? (
                <>
                  cleared <small>{w.clearedBy}</small>{' '}
                  {leader && (
                    <Button type="text" onClick={() => clear(w.side, false)}>
                      not any more
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
                  Mark {w.name} cleared
                </Button>
              ),
          },
        ]}
      />
      {l.saved && l.changed && <p className="s">Save this lay (Z) before marking ways as cleared.</p>}

      {line && (
        <>
          <h2>When his time begins</h2>
          <Chips
            label=""
            value={l.choice.clock ?? 'AT_PULL'}
            onChange={(clock) => l.set({ clock })}
            options={[
              { value: 'AT_MOVEMENT', words: 'first movement' },
              { value: 'AT_PULL', words: 'pull after he left' },
            ]}
          />
          {atPull &&
            (strap ? (
              <p className={strap.holds ? 's' : 'refused'}>
                The strap holds{' '}
                {strap.ratio === undefined ? 'whatever leans on it' : `${strap.said.ratio} times what the lean asks`} (2
                are needed)
                {strap.holds
                  ? ''
                  : strap.neededM !== undefined
                    ? `; ${strap.said.neededM} would`
                    : '; no thickness would'}
                .
              </p>
            ) : (
              <p className="s">No strap here: the lean is not known or the stem is too small to bore.</p>
            ))}
        </>
      )}

      <h2>
        Cover tree <span>no distance; second opinion</span>
      </h2>
      <Chips
        label=""
        value={l.choice.coverTree ?? ''}
        onChange={(coverTree) => l.set({ coverTree })}
        options={[{ value: '', words: 'none' }, ...trees.map((t) => ({ value: t.label, words: t.label }))]}
      />
    </>
  );
}
