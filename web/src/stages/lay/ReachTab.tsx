import css from '../../ui/layout.module.css';
import { Noted, Pairs, Rows } from '../../ui/Rows';
import { Button, Input, Select } from 'antd';
import { useState } from 'react';
import { api, type Schemas, type Spot } from '../../api/client';
import { useAct } from '../../api/job';
import type { Stage } from '../stage';
import { Mark } from '../../figures/Mark';
import { usePlanTools } from '../../plan/planTools';
import { azimuth } from '../../units/format';
import { BelowForm } from './BelowForm';
import type { Turning } from './useLay';
import { msg } from './words';
import { term } from '../../words/terms';

type Props = { job: string; l: Turning; v: Schemas['LayView']; leader: boolean; go: (s: Stage) => void };

/** What it can hit, what it lands on, who must be out, and the ground kept clear. */
export function ReachTab({ job, l, v, leader, go }: Props) {
  return (
    <>
      <h2 className={css.firstHead}>
        {msg('whatItCanHit')} <span>{msg('chanceWithControlRounded')}</span>
      </h2>
      <Rows
        label={msg('targets')}
        rows={[...v.around.targets].sort(
          (a, b) =>
            Number(b.blocks) - Number(a.blocks) || Number(b.inFan) - Number(a.inFan) || a.clearanceM - b.clearanceM,
        )}
        keyOf={(t) => t.id}
        columns={[
          {
            head: msg('targetWorth'),
            cell: (t) => (
              <Noted
                note={
                  t.limit &&
                  t.chance.includes('%') &&
                  msg('limit', {
                    limit: t.limit,
                    atMost: t.atMost && t.atMost !== t.chance ? msg('atMost', { atMost: t.atMost }) : '',
                    chanceLost: t.chanceLost ? msg('controlLost', { chanceLost: t.chanceLost }) : '',
                  })
                }
              >
                {t.name} <small>{t.worth}</small>
              </Noted>
            ),
          },
          { head: msg('clearOfFan'), quantity: true, cell: (t) => (t.inFan ? <b>{msg('inFan')}</b> : t.clearance) },
          { head: msg('chance'), right: true, cell: (t) => <b>{t.chance}</b> },
          {
            cell: (t) => (
              <Mark
                size={18}
                kind={t.blocks ? 'STOP' : t.inFan && !t.isProtected ? 'CAUTION' : t.inReach ? 'NOTE' : 'ready'}
              />
            ),
          },
        ]}
      />
      {v.around.hangUps.length > 0 && (
        <p>
          <b>{msg('mayHangUp')}</b>{' '}
          {msg('inThese', { these: v.around.hangUps.map((h) => `${h.tree} (${h.words})`).join(', ') })}
        </p>
      )}

      <h2>
        {msg('keepOutRing')} <span>{msg('theWorseDecides', { decides: v.reach.ring.decides })}</span>
      </h2>
      <Pairs
        label={msg('ring')}
        rows={[
          [msg('practiceTreeLengthsKept'), v.reach.ring.said.practiceM],
          [
            msg('mechanicsReachThrowSlide', { slideM: v.reach.slideM === undefined ? '' : ` ${v.reach.said.slideM}` }),
            v.reach.ring.said.mechanicsM ?? msg('noEndDownhill'),
          ],
          [
            <Noted
              note={
                v.reach.ring.open &&
                msg('openDownhillDegreesTo', {
                  fromDeg: azimuth(v.reach.ring.open.fromDeg),
                  toDeg: azimuth(v.reach.ring.open.toDeg),
                })
              }
            >
              <b>{msg('keptClear')}</b>
            </Noted>,
            <b>{v.reach.said.exclusionM}</b>,
          ],
          [msg('crownsSwathToEach'), v.reach.said.swathHalfM],
          [msg('buttZone'), v.reach.said.buttZoneM],
        ]}
      />
      {v.reach.ring.open && (
        <section aria-label={msg('belowTheStem')}>
          <p className="refused">{msg('itMayRollOr')}</p>
          {leader && <BelowForm key={l.stem?.id} choice={l.choice} set={l.set} />}
        </section>
      )}

      <h2>
        {msg('emptiedClosedOrGuarded')}{' '}
        <span>
          {msg('ofNotDone', {
            occupiedCount: v.around.occupied.filter((o) => !o.done).length,
            occupiedCount2: v.around.occupied.length,
          })}
        </span>
      </h2>
      {v.around.occupied.length === 0 ? (
        <p className="s">{msg('noHousePathOr')}</p>
      ) : (
        <Rows
          label={msg('emptiedClosedOrGuarded')}
          rows={v.around.occupied}
          keyOf={(o) => o.id}
          columns={[
            {
              cell: (o) => (
                <>
                  {o.name} <small>{o.away}</small>
                </>
              ),
            },
            { cell: (o) => (o.how ? `${o.how}: ${o.by || msg('nobodyNamed')}` : <b>{msg('nothingPlanned')}</b>) },
            { cell: (o) => <Mark size={18} kind={o.done ? 'ready' : o.takenCareOf ? 'CAUTION' : 'STOP'} /> },
          ]}
        />
      )}
      {v.around.occupied.some((o) => !o.takenCareOf) && (
        <Button type="text" className={css.link} onClick={() => go('place')}>
          {msg('nameWhoDoesIt')}
        </Button>
      )}

      <h2>
        {msg('whatItLandsOn')} <span>{v.landing.contacts.length === 0 ? msg('noBedRecordedUnder') : ''}</span>
      </h2>
      {v.landing.contacts.length > 0 && (
        <Rows
          label={msg('landing')}
          rows={v.landing.contacts}
          columns={[
            {
              cell: (c) => (
                <>
                  {c.name} <small>{c.bed}</small>
                </>
              ),
            },
            { quantity: true, cell: (c) => c.where },
            {
              cell: (c) =>
                [c.lifts && msg('liftsTheButt'), c.breaks && msg('breaksThere')].filter(Boolean).join(', ') ||
                msg('soft'),
            },
          ]}
        />
      )}
      {v.landing.contacts.length > 0 && (
        <p className="s">
          {msg('wholeLengthsDown', { whole: v.landing.whole.join(', ') })}
          {v.landing.buttLiftShare !== undefined &&
            ` ${msg('theButtRisesTimes', { buttLiftShare: v.landing.said.buttLiftShare ?? '' })}`}
        </p>
      )}

      <Zones job={job} l={l} v={v} leader={leader} />
      <h2>{msg('takeItAlong')}</h2>
      <p className="files">
        <a href={`/api/jobs/${job}/stems/${l.stem!.id}/lay/sheet.pdf`}>{msg('sheetToScalePdf')}</a>{' '}
        <a href={`/api/jobs/${job}/stems/${l.stem!.id}/lay/sheet.svg`}>SVG</a>{' '}
        <a href={`/api/jobs/${job}/files/lays?wgs84=false`}>{msg('geojsonLocal')}</a>{' '}
        <a href={`/api/jobs/${job}/files/lays?wgs84=true`}>{msg('geojsonWgs84')}</a>
      </p>
      <p className="s">{msg('sheetsAndFilesShow', { changed: l.changed ? 'yes' : 'no' })}</p>
    </>
  );
}

/** Ground kept clear, and what the leader takes out of it where walls or water make it smaller. */
function Zones({ job, l, v, leader }: Omit<Props, 'go'>) {
  const { setSketch, setGhosts, say } = usePlanTools();
  const act = useAct(job, say);
  const [draft, setDraft] = useState<{ outline: Spot[]; kind: Schemas['ClipRequest']['kind']; reason: string }>();
  const saved = l.saved;
  const path = { job, stem: l.stem!.id };
  const drop = () => {
    setDraft(undefined);
    setGhosts([]);
  };
  return (
    <>
      <h2>
        {msg('zones')} <span>{msg('onThePlan')}</span>
      </h2>
      <Rows
        label={msg('zones')}
        rows={v.zones}
        keyOf={(z) => z.kind}
        columns={[
          {
            cell: (z) => (
              <Noted note={z.why}>
                <b>{z.words}</b>
              </Noted>
            ),
          },
        ]}
      />
      {saved?.clips.map((c, i) => (
        <p key={c.reason + i}>
          {msg('takenOutOfThe', {
            words: term('Zone.Kind', c.kind),
            reason: c.reason,
          })}{' '}
          <small>({c.who})</small>
          {leader && (
            <Button
              type="text"
              onClick={() =>
                void act(
                  api.DELETE('/api/jobs/{job}/stems/{stem}/lay/clips/{index}', {
                    params: { path: { ...path, index: i }, query: { version: saved.version } },
                  }),
                )
              }
            >
              {msg('putItBack')}
            </Button>
          )}
        </p>
      ))}
      {leader && saved && !draft && (
        <Button
          type="text"
          className={css.link}
          onClick={() =>
            setSketch({
              what: 'draw',
              form: 'POLYGON',
              hint: msg('drawWhatWallsOr'),
              done: (outline) => {
                setSketch(undefined);
                setDraft({ outline, kind: 'RING', reason: '' });
                setGhosts([{ at: outline[0], label: msg('takenOut'), form: 'POLYGON', outline }]);
              },
            })
          }
        >
          {msg('takeGroundOutOf')}
        </Button>
      )}
      {draft && saved && (
        <div className="form">
          <label>
            {msg('outOfWhichZone')}
            <Select
              aria-label={msg('zone')}
              value={draft.kind}
              onChange={(kind) => setDraft({ ...draft, kind })}
              options={v.zones.map((z) => ({ value: z.kind, label: z.words }))}
            />
          </label>
          <label>
            {msg('reason')}
            <Input
              aria-label={msg('reasonForTheClip')}
              value={draft.reason}
              onChange={(e) => setDraft({ ...draft, reason: e.target.value })}
              placeholder={msg('lockWall3M')}
            />
          </label>
          <div>
            <Button
              type="text"
              className={css.strong}
              disabled={!draft.reason.trim()}
              onClick={() =>
                void act(
                  api.POST('/api/jobs/{job}/stems/{stem}/lay/clips', {
                    params: { path },
                    body: { ...draft, version: saved.version },
                  }),
                ).then((ok) => ok && drop())
              }
            >
              {msg('takeItOut')}
            </Button>
            <Button type="text" onClick={drop}>
              {msg('leaveIt')}
            </Button>
          </div>
        </div>
      )}
      {leader && !saved && <p className="s">{msg('saveTheLayFirst')}</p>}
    </>
  );
}
