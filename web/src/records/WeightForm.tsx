import { Button } from 'antd';
import { useState } from 'react';
import type { Schemas } from '../api/client';
import { post, useOutbox } from '../api/outbox';
import { Chips, Stepper } from '../app/Stepper';
import '../words/lessons';
import { useWords } from '../words/words';
import { Sent } from './Sent';

type Props = { job: string; choices: Schemas['RecordChoices']; done: () => void };
const KEY = 'record:weight';

/** What a piece weighed on a scale; far beside what was reckoned it is asked back, and taken when it is so. */
export function WeightForm({ job, choices, done }: Props) {
  const t = useWords();
  const out = useOutbox(job);
  const [stem, setStem] = useState<string>();
  const [part, setPart] = useState<string>();
  const [from, setFrom] = useState<number | null>(null);
  const [to, setTo] = useState<number | null>(null);
  const [weight, setWeight] = useState<number | null>(null);
  const [by, setBy] = useState<string>();
  const [sent, setSent] = useState(false);
  const waits = out.unsent.some((u) => u.key === KEY);
  const refused = out.refused[KEY];
  const log = part === 'STEM';
  const missing = [
    !stem && t('records.at'),
    !part && t('records.part'),
    log && from === null && t('records.from'),
    log && to === null && t('records.to'),
    weight === null && t('records.weight'),
    !by && t('records.by'),
  ].filter((m) => typeof m === 'string');
  if (sent && !refused) return <Sent waits={waits} done={done} />;
  const weigh = (sure: boolean) => {
    setSent(true);
    post(job, {
      kind: 'record',
      key: KEY,
      words: t('records.weigh'),
      method: 'POST',
      path: `/api/jobs/${job}/records/weights`,
      body: {
        stem,
        part,
        fromM: log ? from : undefined,
        toM: log ? to : undefined,
        weightKg: weight,
        by,
        sure,
      },
    });
  };
  return (
    <section className="form" aria-label={t('records.weigh')}>
      <h2>
        {t('records.weigh')} <span>{t('records.still')}</span>
      </h2>
      <Chips
        label={t('records.at')}
        options={choices.stems.map((s) => ({ value: s, words: s }))}
        value={stem}
        onChange={setStem}
      />
      <Chips label={t('records.part')} options={choices.parts} value={part} onChange={setPart} />
      {log && (
        <div className="two">
          <Stepper label={t('records.from')} unit="m" value={from} onChange={setFrom} step={0.5} digits={1} />
          <Stepper label={t('records.to')} unit="m" value={to} onChange={setTo} step={0.5} digits={1} />
        </div>
      )}
      <Stepper label={t('records.weight')} unit="kg" value={weight} onChange={setWeight} step={10} digits={0} />
      <Chips label={t('records.by')} options={choices.scales} value={by} onChange={setBy} />
      {refused && (
        <p className="refused" role="alert">
          {refused.message}
        </p>
      )}
      {refused?.faults.some((f) => f.code === 'ASKED_BACK') && (
        <Button size="large" block disabled={waits} onClick={() => weigh(true)}>
          {t('fall.isSo')}
        </Button>
      )}
      {missing.length > 0 && <p>{t('fall.missing', { what: missing.join(', ') })}</p>}
      <Button type="primary" size="large" block disabled={waits || missing.length > 0} onClick={() => weigh(false)}>
        {t('records.compare')}
      </Button>
      <Button type="text" onClick={done}>
        {t('learn.leave')}
      </Button>
    </section>
  );
}
