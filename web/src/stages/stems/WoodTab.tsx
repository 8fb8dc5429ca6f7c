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
import { msg } from './words';

type Place = 'left' | 'right' | 'back' | 'core' | 'crown';
const places = (): [Place, string][] => [
  ['left', msg('leftCorner')],
  ['right', msg('rightCorner')],
  ['back', msg('backWhereAStrap')],
  ['core', msg('core')],
  ['crown', msg('crownInline')],
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
  const same = places().every(([p]) => stem.wood[p] === stem.wood.left);
  const set = (p: Place, c: Schemas['ConditionChoice']['key']) =>
    change({ wood: { ...stem.wood, [p]: c, facingDeg: facing } });
  const named = (key: Schemas['ConditionChoice']['key']) => choices.conditions.find((c) => c.key === key)?.name ?? '';
  const kind = choices.species.find((c) => c.key === stem.species);
  return (
    <>
      {kind && (
        <p className="s">
          <b>{kind.words}</b>{' '}
          {msg('hingeWoodSplits', { botanical: kind.botanical, hinge: kind.hinge, split: kind.split, note: kind.note })}
        </p>
      )}
      <Chips
        label={msg('theWholeStem')}
        value={same ? stem.wood.left : undefined}
        onChange={(c) => leader && change({ wood: { left: c, right: c, back: c, core: c, crown: c } })}
        options={choices.conditions.map((c) => ({
          value: c.key,
          words: c.key === 'SOUND' ? msg('aliveSound') : c.name,
        }))}
      />
      <h2>
        {msg('byPlace')}{' '}
        <span>
          {stem.wood.facingDeg !== undefined
            ? msg('readForALay', { facingDeg: azimuth(stem.wood.facingDeg) })
            : msg('theSameForEvery')}
        </span>
      </h2>
      <Rows
        label={msg('woodByPlace')}
        rows={places()}
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
      {places()
        .filter(([p], i) => places().findIndex(([q]) => stem.wood[q] === stem.wood[p]) === i)
        .map(([p]) => (
          <p key={p} className="s">
            <b>{named(stem.wood[p])}</b>: {choices.conditions.find((c) => c.key === stem.wood[p])?.words}.
          </p>
        ))}
      <p className="s">{msg('forALayMore')}</p>
      <p>
        <b>{msg('forTheHingeWhatever', { hingeWood: named(stem.hingeWood) })}</b> <small>{stem.hingeWoodWords}.</small>
      </p>
      <h2>
        {msg('probedWalls')} <span>{msg('threeDirectionsBothCorners', { wallsCount: stem.walls.length })}</span>
      </h2>
      <Rows
        label={msg('walls')}
        rows={stem.walls}
        columns={[
          { cell: (w) => msg('toDegreesUp', { azimuthDeg: azimuth(w.azimuthDeg), heightM: length(w.heightM) }) },
          { quantity: true, cell: (w) => `${length(w.thicknessM, 2)} ±${length(w.sigmaM, 2)}` },
          { cell: (w) => <small>{w.accepted ? '' : msg('waitsForYou')}</small> },
        ]}
      />
      {stem.walls.length < 3 && <p className="empty">{msg('whatIsNotProbed')}</p>}
      {leader && stems.length > 1 && (
        <section aria-label={msg('union')}>
          <h2>{msg('stemsOnOneStump')}</h2>
          <div className="form">
            <label>
              {msg('joins')}
              <Select
                aria-label={msg('joins')}
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
                label={msg('theyPartAt')}
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
                {msg('saveTheUnion')}
              </Button>
            )}
          </div>
        </section>
      )}
    </>
  );
}
