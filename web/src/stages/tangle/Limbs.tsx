import { Button, Radio } from 'antd';
import { useState } from 'react';
import { useQuery } from '@tanstack/react-query';
import { api, data, type Schemas } from '../../api/client';
import { useAct } from '../../api/job';
import { usePlanTools } from '../../plan/planTools';
import { Mark } from '../../figures/Mark';
import css from './tangle.module.css';
import { said } from './terms';
import { msg } from './words';

type Limb = Schemas['LimbRequest'];
const GROWING: NonNullable<Limb['growing']>[] = ['ABOVE', 'LEFT', 'RIGHT', 'BELOW'];
const BENT: NonNullable<Limb['bent']>[] = ['NOT', 'DOWN', 'UP', 'SIDEWAYS'];
const MARKS = { NEUTRAL: 'ready', LOW: 'ready', MODERATE: 'CAUTION', HIGH: 'SECOND_OPINION', EXTREME: 'STOP' } as const;

/** Limbs of a stem that lies, each in three taps; in what order they come off and where the stem rolls then. */
export function Limbs({ job, stemId, label, leader }: { job: string; stemId: string; label: string; leader: boolean }) {
  const { say } = usePlanTools();
  const act = useAct(job, say);
  const [growing, setGrowing] = useState<Limb['growing']>();
  const [bent, setBent] = useState<Limb['bent']>();
  const [thickM, setThickM] = useState<number>();
  const path = { job, stem: stemId };
  const limbs = useQuery({
    queryKey: ['job', job, 'tangle', 'limbs', stemId],
    queryFn: () => data(api.GET('/api/jobs/{job}/tangle/stems/{stem}/limbs', { params: { path } })),
  }).data;
  const add = async () => {
    if (!growing || !bent || thickM === undefined) return;
    // cleared as it is sent: the next limb may be tapped before this one is there
    setGrowing(undefined);
    setBent(undefined);
    setThickM(undefined);
    const kept = await act(
      api.POST('/api/jobs/{job}/tangle/stems/{stem}/limbs', { params: { path }, body: { growing, bent, thickM } }),
    );
    if (kept) return;
    setGrowing((now) => now ?? growing);
    setBent((now) => now ?? bent);
    setThickM((now) => now ?? thickM);
  };
  if (!limbs) return null;
  return (
    <section aria-label={msg('limbsOf', { stem: label })}>
      <h2>{msg('limbsOf', { stem: label })}</h2>
      <p>{msg('limbsLast')}</p>
      {limbs.turns.length === 0 && <p className="empty">{msg('noLimbs')}</p>}
      <ol className="list">
        {limbs.turns.map((t) => (
          <Turn
            key={t.id}
            limb={t}
            off={
              leader
                ? () =>
                    void act(api.DELETE('/api/jobs/{job}/tangle/limbs/{id}', { params: { path: { job, id: t.id } } }))
                : undefined
            }
          />
        ))}
      </ol>
      {limbs.said.lastTenthM && <p>{msg('lastTenth', { depth: limbs.said.lastTenthM })}</p>}
      {leader && (
        <div className={css.taps}>
          <Taps label={msg('limbGrows')} value={growing} set={setGrowing} of={GROWING} type="SeenLimb.Growing" />
          <Taps label={msg('limbBent')} value={bent} set={setBent} of={BENT} type="SeenLimb.Bent" />
          <Radio.Group
            size="large"
            optionType="button"
            buttonStyle="solid"
            aria-label={msg('limbThick')}
            value={thickM}
            onChange={(e) => setThickM(e.target.value as number)}
            options={limbs.thicknesses.map((t) => ({ value: t.thickM, label: t.said.thickM }))}
          />
          <Button size="large" block disabled={!growing || !bent || thickM === undefined} onClick={() => void add()}>
            {msg('limbSeen')}
          </Button>
        </div>
      )}
    </section>
  );
}

function Taps<T extends string>({
  label,
  value,
  set,
  of,
  type,
}: {
  label: string;
  value: T | undefined;
  set: (v: T) => void;
  of: readonly T[];
  type: string;
}) {
  return (
    <Radio.Group
      size="large"
      optionType="button"
      buttonStyle="solid"
      aria-label={label}
      value={value}
      onChange={(e) => set(e.target.value as T)}
      options={of.map((v) => ({ value: v, label: said(type, v) }))}
    />
  );
}

function Turn({ limb, off }: { limb: Schemas['LimbTurn']; off?: () => void }) {
  return (
    <li>
      <Mark kind={MARKS[limb.severity]} />{' '}
      <span>
        <b>
          {limb.turn} {limb.growingWords}, <span className="n">{limb.said.thickM}</span>, {limb.bentWords}
        </b>
        {limb.holds && <b className={css.never}> · {msg('limbHolds')}</b>}
        <br />
        {limb.squeezedWords}, {limb.severityWords} ·{' '}
        {limb.steps
          .map((s) =>
            [s.words, s.sideWords && msg('fromThe', { side: s.sideWords }), s.said.depthM].filter(Boolean).join(' '),
          )
          .join(', ')}
        <br />
        <small>{msg('limbMass', { mass: limb.mass, measured: String(limb.lengthMeasured) })}</small>
        {limb.rolls !== 'NOT' && (
          <>
            <br />
            <b className={css.never}>{limb.rollsWords}</b>
          </>
        )}
      </span>
      {off && (
        <Button type="text" onClick={off}>
          {msg('limbOff')}
        </Button>
      )}
    </li>
  );
}
