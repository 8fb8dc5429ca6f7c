import { Rows } from '../../ui/Rows';
import { Button, Select } from 'antd';
import { useState } from 'react';
import { api, type Schemas } from '../../api/client';
import { useAct, useLays, useStems } from '../../api/job';
import { Chips, Stepper } from '../../app/Stepper';
import { usePlanTools } from '../../plan/planTools';
import { azimuth } from '../../units/format';
import { length } from '../../units/length';
import { useChoices } from './choices';
import { stemRequest } from './stemRequest';

type Place = 'left' | 'right' | 'back' | 'core' | 'crown';
const PLACES: [Place, string][] = [
  ['left', 'left corner'],
  ['right', 'right corner'],
  ['back', 'back, where a strap would be'],
  ['core', 'core'],
  ['crown', 'crown'],
];

/** Condition of the wood by place, probed walls, and stems on one stump. */
export function WoodTab({ job, stem, leader }: { job: string; stem: Schemas['StemView']; leader: boolean }) {
  const { say } = usePlanTools();
  const act = useAct(job, say);
  const choices = useChoices(job);
  const stems = useStems(job).data ?? [];
  const lay = useLays(job).data?.find((l) => l.stemId === stem.id);
  const [union, setUnion] = useState(stem.unionWith);
  const [unionHeight, setUnionHeight] = useState<number | null>(stem.unionHeightM ?? null);
  const change = (over: Partial<Schemas['StemRequest']>) =>
    void act(
      api.PUT('/api/jobs/{job}/stems/{id}', { params: { path: { job, id: stem.id } }, body: stemRequest(stem, over) }),
    );
  const facing = lay?.choice.layDeg ?? stem.wood.facingDeg;
  const same = PLACES.every(([p]) => stem.wood[p] === stem.wood.left);
  const set = (p: Place, c: Schemas['ConditionChoice']['key']) =>
    change({ wood: { ...stem.wood, [p]: c, facingDeg: facing } });
  const named = (key: Schemas['ConditionChoice']['key']) => choices.conditions.find((c) => c.key === key)?.name ?? '';
  const kind = choices.species.find((c) => c.key === stem.species);
  return (
    <>
      {kind && (
        <p className="s">
          <b>{kind.words}</b> ({kind.botanical}): {kind.hinge} hinge wood, splits {kind.split}; {kind.note}.
        </p>
      )}
      <Chips
        label="The whole stem"
        value={same ? stem.wood.left : undefined}
        onChange={(c) => leader && change({ wood: { left: c, right: c, back: c, core: c, crown: c } })}
        options={choices.conditions.map((c) => ({
          value: c.key,
          words: c.key === 'SOUND' ? 'alive, sound' : c.name,
        }))}
      />
      <h2>
        By place{' '}
        <span>
          {stem.wood.facingDeg !== undefined
            ? `read for a lay of ${azimuth(stem.wood.facingDeg)}°`
            : 'the same for every lay'}
        </span>
      </h2>
      <Rows
        label="Wood by place"
        rows={PLACES}
        keyOf={([p]) => p}
        columns={[
          { width: '40%', cell: ([, w]) => w },
          {
            cell: ([p, w]) => (
              <Select
                aria-label={w}
                className="wide"
                disabled={!leader}
                value={stem.wood[p]}
                onChange={(c) => set(p, c)}
                options={choices.conditions.map((c) => ({ value: c.key, label: c.name }))}
              />
            ),
          },
        ]}
      />
      {PLACES.filter(([p], i) => PLACES.findIndex(([q]) => stem.wood[q] === stem.wood[p]) === i).map(([p]) => (
        <p key={p} className="s">
          <b>{named(stem.wood[p])}</b>: {choices.conditions.find((c) => c.key === stem.wood[p])?.words}.
        </p>
      ))}
      <p className="s">
        For a lay more than 30° from the one read for, nobody knows which wood becomes a corner: the worst of corners
        and back counts. A hinge takes the corners, the strap the back, overhead rules the crown.
      </p>
      <p>
        <b>For the hinge, whatever the lay: {named(stem.hingeWood)}.</b> <small>{stem.hingeWoodWords}.</small>
      </p>
      <h2>
        Probed walls <span>{stem.walls.length}; three directions, both corners among them</span>
      </h2>
      <Rows
        label="Walls"
        rows={stem.walls}
        columns={[
          { cell: (w) => `to ${azimuth(w.azimuthDeg)}°, ${length(w.heightM)} up` },
          { quantity: true, cell: (w) => `${length(w.thicknessM, 2)} ±${length(w.sigmaM, 2)}` },
          { cell: (w) => <small>{w.accepted ? '' : 'waits for you'}</small> },
        ]}
      />
      {stem.walls.length < 3 && (
        <p className="empty">What is not probed counts as decayed where a fault makes it suspect.</p>
      )}
      {leader && stems.length > 1 && (
        <section aria-label="Union">
          <h2>Stems on one stump</h2>
          <div className="form">
            <label>
              Joins
              <Select
                aria-label="Joins"
                mode="multiple"
                value={union}
                onChange={setUnion}
                options={stems
                  .filter((s) => s.id !== stem.id)
                  .map((s) => ({ value: s.label, label: `${s.label} ${s.commonName}` }))}
              />
            </label>
            {union.length > 0 && (
              <Stepper
                label="They part at"
                unit="m"
                value={unionHeight}
                onChange={setUnionHeight}
                step={0.1}
                digits={1}
              />
            )}
            {(union.join() !== stem.unionWith.join() || unionHeight !== (stem.unionHeightM ?? null)) && (
              <Button
                type="primary"
                size="large"
                block
                disabled={union.length > 0 && unionHeight === null}
                onClick={() =>
                  change({ unionWith: union, unionHeightM: union.length > 0 ? (unionHeight ?? undefined) : undefined })
                }
              >
                Save the union
              </Button>
            )}
          </div>
        </section>
      )}
    </>
  );
}
