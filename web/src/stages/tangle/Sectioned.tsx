import { Button, Checkbox, Select } from 'antd';
import { useState } from 'react';
import { api, type Schemas } from '../../api/client';
import { useAct, useJob } from '../../api/job';
import { usePlanTools } from '../../plan/planTools';
import css from './tangle.module.css';
import { msg } from './words';

/** A piece that was cut off a stem while it hangs: who cut, with the winch on. A record, never a proposal. */
export function Sectioned({ job, stem }: { job: string; stem: Schemas['TangledStem'] }) {
  const { say } = usePlanTools();
  const act = useAct(job, say);
  const people = useJob(job).data?.people ?? [];
  const [open, setOpen] = useState(false);
  const [cutBy, setCutBy] = useState<string>();
  const [winchOn, setWinchOn] = useState(false);
  const title = msg('sectionedTitle', { stem: stem.label });
  if (!open)
    return (
      <Button type="text" onClick={() => setOpen(true)}>
        {title}
      </Button>
    );
  const record = async () => {
    const kept = await act(
      api.POST('/api/jobs/{job}/tangle/stems/{stem}/sections', {
        params: { path: { job, stem: stem.stemId } },
        body: { cutBy: cutBy ?? '', winchOn },
      }),
    );
    if (kept) setOpen(false);
  };
  return (
    <section aria-label={title}>
      <h2>{title}</h2>
      <p className="s">{msg('sectionedHow')}</p>
      <div className={css.taps}>
        <Select
          aria-label={msg('sectionedBy')}
          placeholder={msg('sectionedBy')}
          value={cutBy}
          onChange={setCutBy}
          options={people.map((p) => ({ value: p.name, label: p.name }))}
        />
        <Checkbox checked={winchOn} onChange={(e) => setWinchOn(e.target.checked)}>
          {msg('winchWasOn')}
        </Checkbox>
        <Button size="large" block disabled={!cutBy} onClick={() => void record()}>
          {msg('recordCut')}
        </Button>
      </div>
    </section>
  );
}
