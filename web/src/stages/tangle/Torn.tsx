import { Button, Select, Segmented } from 'antd';
import { useState } from 'react';
import { api, data, type Schemas } from '../../api/client';
import { useAct } from '../../api/job';
import { Stepper } from '../../app/Stepper';
import { usePlanTools } from '../../plan/planTools';
import { said } from './terms';
import { msg } from './words';

type Request = Schemas['TornPartRequest'];

/** A torn leader, a broken top or a big limb becomes a stem of its own, chosen at once so that its pose is entered. */
export function TornForm({
  job,
  stems,
  first,
  done,
}: {
  job: string;
  stems: { value: string; label: string }[];
  first: string | undefined;
  done: () => void;
}) {
  const tools = usePlanTools();
  const act = useAct(job, tools.say);
  const [of, setOf] = useState(first);
  const [kind, setKind] = useState<Request['kind']>('TORN_LEADER');
  const [at, setAt] = useState<number | null>(null);
  const [fibres, setFibres] = useState<Request['fibres']>('PARTLY');
  const [hangs, setHangs] = useState(true);
  const save = async () => {
    if (!of || at === null) return;
    const kept = await act(
      data(
        api.POST('/api/jobs/{job}/tangle/stems/{stem}/parts', {
          params: { path: { job, stem: of } },
          body: { kind, atM: at, fibres, hangs },
        }),
      ).then((part) => tools.selectStem(part.id)),
    );
    if (kept) done();
  };
  const choices = <T extends string>(type: string, values: readonly T[]) =>
    values.map((value) => ({ value, label: said(type, value) }));
  return (
    <div className="form" role="group" aria-label={msg('newPart')}>
      <Segmented
        block
        aria-label={msg('whatIsTorn')}
        value={kind}
        onChange={setKind}
        options={choices('PartOf.Kind', ['TORN_LEADER', 'BROKEN_TOP', 'BIG_LIMB'] as const)}
      />
      <div className="two">
        <label>
          {msg('partOf')}
          <Select
            aria-label={msg('partOf')}
            value={of}
            onChange={setOf}
            options={stems}
            showSearch
            optionFilterProp="label"
          />
        </label>
        <Stepper label={msg('tornAt')} unit="m" value={at} onChange={setAt} step={0.1} min={0} max={60} digits={1} />
      </div>
      <Segmented
        block
        aria-label={msg('fibres')}
        value={fibres}
        onChange={setFibres}
        options={choices('Rest.Fibres', ['HOLD', 'PARTLY', 'TORN'] as const)}
      />
      <Segmented
        block
        aria-label={msg('hangsOrLies')}
        value={hangs}
        onChange={setHangs}
        options={[
          { value: true, label: msg('itHangs') },
          { value: false, label: msg('itLies') },
        ]}
      />
      <Button size="large" block disabled={!of || at === null} onClick={() => void save()}>
        {msg('addPart')}
      </Button>
    </div>
  );
}
