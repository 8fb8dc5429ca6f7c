import { Button, Checkbox, Form, Input, Radio, type RadioChangeEvent, Segmented, Select } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, data, type Schemas } from '../api/client';
import { post, useOutbox } from '../api/outbox';
import { Stepper } from '../app/Stepper';
import '../words/lessons';
import { useWords } from '../words/words';
import css from './lessons.module.css';
import { STEPS } from './thresholds';

type From = Schemas['ReviewView']['learnFrom'][number];
type Cause = From['causes'][number];
type Becomes = 'REMINDER' | 'CHECK' | 'HOUSE_RULE';
type Threshold = Schemas['ThresholdView'];
const OWN = 'OWN';
const WORK = ['species', 'wood', 'means', 'school'] as const;
type Part = (typeof WORK)[number];
type Defect = From['work']['defects'][number]['defect'];

/**
 * Why a stem fell so, as somebody says it, and the lesson from it: what stands behind a cause is said with it. Without a
 * stem it is a lesson of the whole job.
 */
export function LearnForm({ job, from, done }: { job: string; from?: From; done: () => void }) {
  const t = useWords();
  const out = useOutbox(job);
  const key = `lesson:${from?.stem ?? ''}`;
  const title = from ? t('learn.of', { stem: from.stem }) : t('learn.ofJob');
  const waits = out.unsent.some((u) => u.key === key);
  const refused = out.refused[key];
  // nobody's word is put into their mouth: the causes that something stands behind are only the first of the list
  const [cause, setCause] = useState<Cause>();
  const [sure, setSure] = useState(false);
  const [idea, setIdea] = useState<string>(OWN);
  const [words, setWords] = useState('');
  const [becomes, setBecomes] = useState<Becomes>('REMINDER');
  const house = useQuery({
    queryKey: ['house'],
    queryFn: () => data(api.GET('/api/house', {})),
    staleTime: 60_000,
  }).data;
  const [threshold, setThreshold] = useState<Threshold['key']>();
  const [limit, setLimit] = useState<number | null>(null);
  const rule = house?.thresholds.find((x) => x.key === threshold);
  const ruled = becomes === 'HOUSE_RULE';
  const [where, setWhere] = useState<Part[]>([]);
  const [defect, setDefect] = useState<Defect>();
  const [sent, setSent] = useState(false);
  const take = (value: string) => {
    const next = from?.causes.find((c) => c.cause === value);
    setCause(next);
    setIdea(next?.ideas[0]?.idea ?? OWN);
  };
  const narrowed = (part: Part) => (from && !ruled && where.includes(part) ? valueOf(from, part) : undefined);
  const propose = () => {
    setSent(true);
    post(job, {
      kind: 'lesson',
      key,
      words: title,
      method: 'POST',
      path: `/api/jobs/${job}/lessons`,
      body: {
        stem: from?.stem,
        cause: cause?.cause,
        sure,
        idea: idea === OWN ? undefined : idea,
        words: idea === OWN ? words : '',
        becomes,
        rule: ruled ? { threshold, value: limit } : undefined,
        species: narrowed('species'),
        wood: narrowed('wood'),
        means: narrowed('means'),
        school: narrowed('school'),
        defect: ruled ? undefined : defect,
      },
    });
  };
  if (sent && !refused)
    return (
      <section className={css.learn} aria-label={title}>
        <p role="status">{t(waits ? 'learn.kept' : 'learn.sent')}</p>
        <Button size="large" onClick={done}>
          {t('records.done')}
        </Button>
      </section>
    );
  return (
    <section className={css.learn} aria-label={title}>
      <h2>{title}</h2>
      <Form layout="vertical" requiredMark={false} onFinish={propose}>
        {from && (
          <>
            <Form.Item label={t('learn.cause')}>
              <Select
                size="large"
                aria-label={t('learn.cause')}
                value={cause?.cause}
                placeholder={t('learn.notSaid')}
                onChange={take}
                classNames={{ popup: { root: css.causes } }}
                options={from.causes.map((c) => ({ value: c.cause, label: c.words, behind: behind(t, c) }))}
                optionRender={(o) => (
                  <>
                    {o.data.label}
                    {o.data.behind && <small className={css.behind}>{o.data.behind}</small>}
                  </>
                )}
              />
              {cause && behind(t, cause) && <p>{behind(t, cause)}</p>}
            </Form.Item>
            <Form.Item label={t('learn.sure')}>
              <Segmented
                block
                size="large"
                aria-label={t('learn.sure')}
                value={sure ? 'known' : 'guess'}
                options={[
                  { value: 'guess', label: t('learn.guess') },
                  { value: 'known', label: t('learn.known') },
                ]}
                onChange={(v) => setSure(v === 'known')}
              />
            </Form.Item>
            <Form.Item label={t('learn.lesson')}>
              <Radio.Group
                className={css.ideas}
                aria-label={t('learn.lesson')}
                value={idea}
                onChange={(e: RadioChangeEvent) => setIdea(String(e.target.value))}
                options={[
                  ...(cause?.ideas ?? []).map((i) => ({ value: i.idea, label: i.words })),
                  { value: OWN, label: t('learn.own') },
                ]}
              />
            </Form.Item>
          </>
        )}
        {idea === OWN && (
          <Form.Item label={t('learn.words')}>
            <Input.TextArea
              aria-label={t('learn.words')}
              rows={2}
              maxLength={500}
              value={words}
              onChange={(e) => setWords(e.target.value)}
            />
          </Form.Item>
        )}
        <Form.Item label={t('learn.becomes')}>
          <Segmented<Becomes>
            block
            vertical
            size="large"
            aria-label={t('learn.becomes')}
            value={becomes}
            options={[
              { value: 'REMINDER', label: t('learn.reminder') },
              { value: 'CHECK', label: t('learn.check') },
              ...(house ? [{ value: 'HOUSE_RULE' as const, label: t('learn.houseRule') }] : []),
            ]}
            onChange={(v) => setBecomes(v)}
          />
        </Form.Item>
        {ruled && house && (
          <HouseRule
            thresholds={house.thresholds}
            rule={rule}
            choose={(key) => {
              setThreshold(key);
              setLimit(null);
            }}
            limit={limit}
            change={setLimit}
          />
        )}
        {from && !ruled && (
          <Form.Item label={t('learn.where')}>
            <Checkbox.Group
              value={where}
              onChange={(v) => setWhere(v)}
              options={WORK.flatMap((p) => {
                const said = from.work[p]?.words;
                return said ? [{ value: p, label: said }] : [];
              })}
            />
            {from.work.defects.map((d) => (
              <Checkbox
                key={d.defect}
                checked={d.defect === defect}
                onChange={(e) => setDefect(e.target.checked ? d.defect : undefined)}
              >
                {d.words}
              </Checkbox>
            ))}
          </Form.Item>
        )}
        {refused && (
          <p className="refused" role="alert">
            {refused.message}
          </p>
        )}
        <Button
          type="primary"
          size="large"
          block
          htmlType="submit"
          disabled={waits || (idea === OWN && words.trim() === '') || (ruled && (!rule || limit === null))}
        >
          {t('learn.propose')}
        </Button>
        <Button type="text" onClick={done}>
          {t('learn.leave')}
        </Button>
      </Form>
    </section>
  );
}

/** A number of the house, made stricter for everybody. */
function HouseRule({
  thresholds,
  rule,
  choose,
  limit,
  change,
}: {
  thresholds: Threshold[];
  rule?: Threshold;
  choose: (key: Threshold['key']) => void;
  limit: number | null;
  change: (v: number | null) => void;
}) {
  const t = useWords();
  return (
    <>
      <Form.Item label={t('learn.which')}>
        <Select
          size="large"
          aria-label={t('learn.which')}
          value={rule?.key}
          onChange={choose}
          options={thresholds.map((x) => ({ value: x.key, label: x.words }))}
        />
      </Form.Item>
      {rule && (
        <Stepper
          label={t(rule.moreIsStricter ? 'learn.atLeast' : 'learn.atMost')}
          {...STEPS[rule.key]}
          min={rule.low}
          max={rule.high}
          value={limit}
          onChange={change}
          note={t('learn.inForce', { now: rule.inForce })}
        />
      )}
    </>
  );
}

function valueOf(from: From, part: Part): string | undefined {
  switch (part) {
    case 'species':
      return from.work.species.species;
    case 'wood':
      return from.work.wood?.wood;
    case 'means':
      return from.work.means?.means;
    case 'school':
      return from.work.school?.school;
  }
}

/** What stands behind a cause; empty where only people can tell. */
const behind = (t: ReturnType<typeof useWords>, c: Cause): string =>
  c.share
    ? t('learn.behind', {
        deg: c.share.said.deg,
        side: c.share.deg >= 0 ? 'right' : 'left',
        says: c.share.saying.words,
      })
    : '';
