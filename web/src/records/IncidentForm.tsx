import { AutoComplete, Button, Input } from 'antd';
import { useState } from 'react';
import type { Schemas } from '../api/client';
import { post, useOutbox } from '../api/outbox';
import { Chips } from '../app/Stepper';
import '../words/lessons';
import { useWords } from '../words/words';
import { Sent } from './Sent';

type Props = { job: string; choices: Schemas['RecordChoices']; done: () => void };
const KEY = 'record:incident';
const NO_STEM = '-';

/** What nearly hurt somebody, or broke something: four taps and a sentence. */
export function IncidentForm({ job, choices, done }: Props) {
  const t = useWords();
  const out = useOutbox(job);
  const [kind, setKind] = useState<string>();
  const [harm, setHarm] = useState<string>();
  const [stem, setStem] = useState<string>();
  const [struck, setStruck] = useState('');
  const [text, setText] = useState('');
  const [sent, setSent] = useState(false);
  const waits = out.unsent.some((u) => u.key === KEY);
  const refused = out.refused[KEY];
  const missing = [
    !kind && t('records.kind'),
    !harm && t('records.harm'),
    kind === 'DAMAGE' && struck.trim() === '' && t('records.struck'),
    text.trim() === '' && t('records.words'),
  ].filter((m) => typeof m === 'string');
  if (sent && !refused) return <Sent waits={waits} done={done} />;
  const tell = () => {
    setSent(true);
    post(job, {
      kind: 'record',
      key: KEY,
      words: t('records.tell'),
      method: 'POST',
      path: `/api/jobs/${job}/records/incidents`,
      body: {
        kind,
        stem: stem === NO_STEM ? undefined : stem,
        couldBe: harm,
        struck: kind === 'DAMAGE' ? struck : undefined,
        featureId: kind === 'DAMAGE' ? choices.things.find((x) => x.name === struck)?.featureId : undefined,
        words: text,
      },
    });
  };
  return (
    <section className="form" aria-label={t('records.tell')}>
      <h2>
        {t('records.tell')} <span>{t('records.noBlame')}</span>
      </h2>
      <Chips label={t('records.kind')} options={choices.kinds} value={kind} onChange={setKind} />
      <Chips label={t('records.harm')} options={choices.harms} value={harm} onChange={setHarm} />
      {choices.stems.length > 0 && (
        <Chips
          label={t('records.at')}
          options={[
            ...choices.stems.map((s) => ({ value: s, words: s })),
            { value: NO_STEM, words: t('records.noStem') },
          ]}
          value={stem}
          onChange={setStem}
        />
      )}
      {kind === 'DAMAGE' && (
        <label>
          {t('records.struck')}
          <AutoComplete
            size="large"
            aria-label={t('records.struck')}
            value={struck}
            onChange={(v) => setStruck(v)}
            options={choices.things.map((x) => ({ value: x.name, key: x.featureId }))}
          />
        </label>
      )}
      <label>
        {t('records.words')}
        <Input.TextArea rows={2} maxLength={500} value={text} onChange={(e) => setText(e.target.value)} />
      </label>
      {refused && (
        <p className="refused" role="alert">
          {refused.message}
        </p>
      )}
      {missing.length > 0 && <p>{t('fall.missing', { what: missing.join(', ') })}</p>}
      <Button type="primary" size="large" block disabled={waits || missing.length > 0} onClick={tell}>
        {t('records.tellIt')}
      </Button>
      <Button type="text" onClick={done}>
        {t('learn.leave')}
      </Button>
    </section>
  );
}
