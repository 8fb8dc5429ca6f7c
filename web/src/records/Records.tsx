import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { api, data, type Schemas } from '../api/client';
import { Mark } from '../figures/Mark';
import '../words/lessons';
import { useWords } from '../words/words';
import css from '../lessons/lessons.module.css';
import rows from '../ui/layout.module.css';
import { IncidentForm } from './IncidentForm';
import { WeightForm } from './WeightForm';

const useRecords = (job: string) =>
  useQuery({
    queryKey: ['job', job, 'records'],
    queryFn: () => data(api.GET('/api/jobs/{job}/records', { params: { path: { job } } })),
  });

/** What else happened on a job: near misses, damage, weights. Anybody tells them; nobody is named in the first two. */
export function Records({ job }: { job: string }) {
  const t = useWords();
  const records = useRecords(job).data;
  const [open, setOpen] = useState<'incident' | 'weight'>();
  if (!records) return null;
  const close = () => setOpen(undefined);
  return (
    <section aria-label={t('records.title')}>
      <h2>
        {t('records.title')} <span>{t('records.why')}</span>
      </h2>
      {records.incidents.map((i) => (
        <p key={i.at} className={rows.rowBelow}>
          <Mark kind="CAUTION" />
          <span>
            <b>{words(records.choices.kinds, i.kind)}</b>{' '}
            {t('records.couldBe', { harm: words(records.choices.harms, i.couldBe), stem: i.stem ?? 'none' })}{' '}
            {i.struck && t('records.hit', { struck: i.struck })} {i.words}
          </span>
        </p>
      ))}
      {records.weights.map((w) => (
        <Weight key={w.at} w={w} choices={records.choices} />
      ))}
      {open === 'incident' ? (
        <IncidentForm job={job} choices={records.choices} done={close} />
      ) : (
        <Button size="large" block className={css.next} onClick={() => setOpen('incident')}>
          {t('records.tell')}
        </Button>
      )}
      {open === 'weight' ? (
        <WeightForm job={job} choices={records.choices} done={close} />
      ) : (
        records.choices.stems.length > 0 && (
          <Button size="large" block className={css.next} onClick={() => setOpen('weight')}>
            {t('records.weigh')}
          </Button>
        )
      )}
    </section>
  );
}

const words = (choices: Schemas['RecordChoice'][], value: string) =>
  choices.find((c) => c.value === value)?.words ?? value;

/** The weight first, then how far beside the reckoning. */
function Weight({ w, choices }: { w: Schemas['WeightView']; choices: Schemas['RecordChoices'] }) {
  const t = useWords();
  return (
    <p>
      <b className="n">{w.said.weightKg}</b>{' '}
      {t('records.of', {
        sigma: w.said.sigmaKg,
        stem: w.stem,
        part: words(choices.parts, w.part),
        from: w.part === 'STEM' ? w.said.fromM : 'none',
        to: w.said.toM,
        by: words(choices.scales, w.by),
      })}{' '}
      {w.more === undefined
        ? t('records.notReckoned')
        : t('records.beside', {
            more: w.said.more ?? '',
            heavier: w.more >= 0 ? 'yes' : 'no',
            reckoned: w.said.reckonedKg ?? '',
          })}
    </p>
  );
}
