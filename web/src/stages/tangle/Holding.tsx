import css from '../../ui/layout.module.css';
import { Button, Select } from 'antd';
import { useState } from 'react';
import { api, type Schemas } from '../../api/client';
import { useAct, useJob, useStems } from '../../api/job';
import { Stepper } from '../../app/Stepper';
import { usePlanTools } from '../../plan/planTools';
import { said } from './terms';
import { msg } from './words';

type By = NonNullable<Schemas['HoldingRequest']['by']>;
const BY: By[] = ['MACHINE', 'CRANE', 'CHAIN_TO_TREE'];
const KN = 1000;

/** A ring of stems: which of them may be held, what holds it, whether that counts. */
export function Rings({ job, t, leader }: { job: string; t: Schemas['TangleView']; leader: boolean }) {
  const { say } = usePlanTools();
  const act = useAct(job, say);
  return (
    <>
      {t.holdings.map((h) => (
        <div key={h.id} className={h.verdict === 'HOLDS' ? css.row : `${css.row} refused`}>
          <span className={css.grow}>
            <b>{msg('heldBy', { stem: h.stem, by: h.byWords, who: h.mindedBy || msg('nobody') })}</b>{' '}
            {msg('ratedOf', { rated: h.rated ?? msg('notKnown'), needed: h.needed ?? msg('notKnown') })}:{' '}
            {h.verdictWords}
          </span>
          {leader && (
            <Button
              onClick={() =>
                void act(api.DELETE('/api/jobs/{job}/tangle/holdings/{id}', { params: { path: { job, id: h.id } } }))
              }
            >
              {msg('letGo')}
            </Button>
          )}
        </div>
      ))}
      {t.deadlocks.map((d) => (
        <section key={d.stems.join()} aria-label={msg('ringOfStems', { stems: d.stems.join(', ') })}>
          <p className="refused">{msg('holdEachOther', { stems: d.stems.join(', '), hold: d.holdOneOf.join(', ') })}</p>
          {leader && d.holdOneOf.length > 0 && <HoldForm job={job} t={t} choices={d.holdOneOf} />}
        </section>
      ))}
    </>
  );
}

function HoldForm({ job, t, choices }: { job: string; t: Schemas['TangleView']; choices: string[] }) {
  const { say } = usePlanTools();
  const act = useAct(job, say);
  const people = useJob(job).data?.people ?? [];
  const trees = (useStems(job).data ?? []).filter((s) => s.toBeKept);
  const [stem, setStem] = useState<string | undefined>(choices[0]);
  const [by, setBy] = useState<By>('MACHINE');
  const [rated, setRated] = useState<number | null>(null);
  const [anchor, setAnchor] = useState<string>();
  const [who, setWho] = useState<string>();
  const held = t.stems.find((s) => s.label === stem);
  const save = async () => {
    if (!held) return;
    await act(
      api.POST('/api/jobs/{job}/tangle/stems/{stem}/holdings', {
        params: { path: { job, stem: held.stemId } },
        body: {
          by,
          ratedN: rated === null ? undefined : rated * KN,
          anchor: by === 'CHAIN_TO_TREE' ? anchor : undefined,
          mindedBy: who ?? '',
        },
      }),
    );
  };
  return (
    <div className="form" role="group" aria-label={msg('holdOne')}>
      <div className="two">
        <label>
          {msg('holdWhich')}
          <Select
            aria-label={msg('holdWhich')}
            value={stem}
            onChange={setStem}
            options={choices.map((c) => ({ value: c, label: c }))}
          />
        </label>
        <label>
          {msg('holdBy')}
          <Select
            aria-label={msg('holdBy')}
            value={by}
            onChange={setBy}
            options={BY.map((value) => ({ value, label: said('Holding.By', value) }))}
          />
        </label>
      </div>
      <div className="two">
        <Stepper
          label={msg('ratedFor')}
          unit="kN"
          value={rated}
          onChange={setRated}
          step={5}
          min={0.1}
          max={2000}
          digits={1}
        />
        <label>
          {msg('mindedBy')}
          <Select
            aria-label={msg('mindedBy')}
            value={who}
            onChange={setWho}
            options={people.map((m) => ({ value: m.name, label: m.name }))}
          />
        </label>
      </div>
      {by === 'CHAIN_TO_TREE' && (
        <label>
          {msg('chainTo')}
          <Select
            aria-label={msg('chainTo')}
            value={anchor}
            onChange={setAnchor}
            options={trees.map((s) => ({ value: s.label, label: `${s.label} ${s.commonName}` }))}
          />
        </label>
      )}
      <Button size="large" block disabled={!held || !who} onClick={() => void save()}>
        {msg('itIsHeld')}
      </Button>
    </div>
  );
}
