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

type Props = { job: string; l: Turning; v: Schemas['LayView']; leader: boolean; go: (s: Stage) => void };

/** What it can hit, what it lands on, who must be out, and the ground kept clear. */
export function ReachTab({ job, l, v, leader, go }: Props) {
  return (
    <>
      <h2 className={css.firstHead}>
        What it can hit <span>chance with control, rounded up</span>
      </h2>
      <Rows
        label="Targets"
        rows={[...v.around.targets].sort(
          (a, b) =>
            Number(b.blocks) - Number(a.blocks) || Number(b.inFan) - Number(a.inFan) || a.clearanceM - b.clearanceM,
        )}
        keyOf={(t) => t.id}
        columns={[
          {
            head: 'target, worth',
            cell: (t) => (
              <Noted
                note={
                  t.limit &&
                  t.chance.includes('%') &&
                  `limit ${t.limit}${t.atMost && t.atMost !== t.chance ? `; at most ${t.atMost}` : ''}${
                    t.chanceLost ? `; control lost ${t.chanceLost}` : ''
                  }`
                }
              >
                {t.name} <small>{t.worth}</small>
              </Noted>
            ),
          },
          { head: 'clear of fan', quantity: true, cell: (t) => (t.inFan ? <b>in fan</b> : t.clearance) },
          { head: 'chance', right: true, cell: (t) => <b>{t.chance}</b> },
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
          <b>May hang up</b> in {v.around.hangUps.map((h) => `${h.tree} (${h.words})`).join(', ')}.
        </p>
      )}

      <h2>
        Keep-out ring <span>the worse decides: {v.reach.ring.decides}</span>
      </h2>
      <Pairs
        label="Ring"
        rows={[
          ['practice, tree lengths kept clear', v.reach.ring.said.practiceM],
          [
            `mechanics: reach, throw, slide${v.reach.slideM === undefined ? '' : ` ${v.reach.said.slideM}`}`,
            v.reach.ring.said.mechanicsM ?? 'no end downhill',
          ],
          [
            <Noted
              note={
                v.reach.ring.open &&
                `open downhill, ${azimuth(v.reach.ring.open.fromDeg)}° to ${azimuth(v.reach.ring.open.toDeg)}°: nothing holds it there`
              }
            >
              <b>kept clear</b>
            </Noted>,
            <b>{v.reach.said.exclusionM}</b>,
          ],
          ['crown’s swath to each side of the stem', v.reach.said.swathHalfM],
          ['butt zone', v.reach.said.buttZoneM],
        ]}
      />
      {v.reach.ring.open && (
        <section aria-label="Below the stem">
          <p className="refused">
            It may roll or run downhill without end. Below must be empty to the first thing that holds.
          </p>
          {leader && <BelowForm key={l.stem?.id} choice={l.choice} set={l.set} />}
        </section>
      )}

      <h2>
        Emptied, closed or guarded{' '}
        <span>
          {v.around.occupied.filter((o) => !o.done).length} of {v.around.occupied.length} not done
        </span>
      </h2>
      {v.around.occupied.length === 0 ? (
        <p className="s">No house, path or pen in the ring.</p>
      ) : (
        <Rows
          label="Emptied, closed or guarded"
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
            { cell: (o) => (o.how ? `${o.how}: ${o.by || 'nobody named'}` : <b>nothing planned</b>) },
            { cell: (o) => <Mark size={18} kind={o.done ? 'ready' : o.takenCareOf ? 'CAUTION' : 'STOP'} /> },
          ]}
        />
      )}
      {v.around.occupied.some((o) => !o.takenCareOf) && (
        <Button type="text" className={css.link} onClick={() => go('place')}>
          Name who does it, in Place →
        </Button>
      )}

      <h2>
        What it lands on <span>{v.landing.contacts.length === 0 ? 'no bed recorded under it' : ''}</span>
      </h2>
      {v.landing.contacts.length > 0 && (
        <Rows
          label="Landing"
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
                [c.lifts && 'lifts the butt', c.breaks && 'breaks there'].filter(Boolean).join(', ') || 'soft',
            },
          ]}
        />
      )}
      {v.landing.contacts.length > 0 && (
        <p className="s">
          Whole lengths, down: {v.landing.whole.join(', ')}.
          {v.landing.buttLiftShare !== undefined &&
            ` The butt rises ${v.landing.said.buttLiftShare} times the bed’s height.`}
        </p>
      )}

      <Zones job={job} l={l} v={v} leader={leader} />
      <h2>Take it along</h2>
      <p className="files">
        <a href={`/api/jobs/${job}/stems/${l.stem!.id}/lay/sheet.pdf`}>Sheet to scale, PDF</a>{' '}
        <a href={`/api/jobs/${job}/stems/${l.stem!.id}/lay/sheet.svg`}>SVG</a>{' '}
        <a href={`/api/jobs/${job}/files/lays?wgs84=false`}>GeoJSON, local</a>{' '}
        <a href={`/api/jobs/${job}/files/lays?wgs84=true`}>GeoJSON, WGS 84</a>
      </p>
      <p className="s">Sheets and files show the saved lay{l.changed ? '; this one is not saved yet' : ''}.</p>
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
        Zones <span>on the plan</span>
      </h2>
      <Rows
        label="Zones"
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
          Taken out of the {v.zones.find((z) => z.kind === c.kind)?.words ?? c.kind.toLowerCase()}: {c.reason}{' '}
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
              Put it back
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
              hint: 'Draw what walls or water keep out of a zone',
              done: (outline) => {
                setSketch(undefined);
                setDraft({ outline, kind: 'RING', reason: '' });
                setGhosts([{ at: outline[0], label: 'taken out', form: 'POLYGON', outline }]);
              },
            })
          }
        >
          Take ground out of a zone
        </Button>
      )}
      {draft && saved && (
        <div className="form">
          <label>
            Out of which zone
            <Select
              aria-label="Zone"
              value={draft.kind}
              onChange={(kind) => setDraft({ ...draft, kind })}
              options={v.zones.map((z) => ({ value: z.kind, label: z.words }))}
            />
          </label>
          <label>
            Reason
            <Input
              aria-label="Reason for the clip"
              value={draft.reason}
              onChange={(e) => setDraft({ ...draft, reason: e.target.value })}
              placeholder="lock wall 3 m high"
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
              Take it out
            </Button>
            <Button type="text" onClick={drop}>
              Leave it
            </Button>
          </div>
        </div>
      )}
      {leader && !saved && <p className="s">Save the lay first (Z), then ground can be taken out of a zone.</p>}
    </>
  );
}
