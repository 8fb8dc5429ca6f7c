import { Button, Input } from 'antd';
import { lazy, Suspense, useEffect, useRef, useState } from 'react';
import { api, data, type Schemas, type Spot } from '../api/client';
import { post, useOutbox } from '../api/outbox';
import type { More } from '../stump/StumpMore';
import '../words/pages';
import { useWords } from '../words/words';
import { later } from './later';
import { newId } from './newId';
import { ShortLength } from './ShortLength';
import { Chips, Stepper } from './Stepper';

const StumpMore = lazy(() => later(() => import('../stump/StumpMore')));

type Review = Schemas['ReviewView'];
type Props = {
  job: string;
  label: string;
  review: Review;
  corrects?: boolean;
  done?: () => void;
  /** Where a plan stands beside it: asks for a place on it. */
  pick?: (hint: string, picked: (at: Spot) => void) => void;
};

/** Where a stem came to lie and what its stump shows; what can hardly be is asked back, and taken when it is so. */
export function FallForm({ job, label, review, corrects, done, pick }: Props) {
  const t = useWords();
  // a correction starts from what stands; what it leaves open of the stump stays as it was told
  const stands = corrects ? review.outcomes.find((o) => o.outcome.stem === label)?.outcome.measured : undefined;
  const [bearing, setBearing] = useState<number | null>(stands?.bearingDeg ?? null);
  const [distance, setDistance] = useState<number | null>(stands?.distanceM ?? null);
  const [by, setBy] = useState<Review['by'][number]['by'] | undefined>(stands?.by);
  const [control, setControl] = useState<Review['controls'][number]['control'] | undefined>(stands?.control);
  const [left, setLeft] = useState<number>();
  const [right, setRight] = useState<number>();
  const [length, setLength] = useState<number>();
  const [line, setLine] = useState<number | null>(null);
  const [more, setMore] = useState<More>({});
  const [wholeStump, setWholeStump] = useState(false);
  const [surprise, setSurprise] = useState(stands?.surprise ?? '');
  // what is asked back is sent once more, its photo is not
  const kept = useRef<{ photo: File; id?: string }>(undefined);
  const [reason, setReason] = useState('');
  const key = `outcome:${label}`;
  const out = useOutbox(job);
  const waits = out.unsent.some((u) => u.key === key);
  const refused = out.refused[key];
  const odd = refused?.faults.some((f) => f.code === 'ASKED_BACK') ?? false;
  const sent = useRef(false);
  useEffect(() => {
    if (sent.current && !waits && !refused) done?.();
  }, [waits, refused, done]);
  const missing = [
    bearing === null && t('fall.bearing'),
    distance === null && t('fall.distance'),
    !by && t('fall.by'),
    !control && t('fall.control'),
  ].filter((m) => m !== false);
  const stump = review.stumps.find((s) => s.stem === label);
  const photographed = async (photo: File): Promise<string | undefined> => {
    if (!stump) return undefined;
    const { smaller } = await import('../photo/smaller');
    const id = newId();
    const address = await smaller(photo);
    post(job, {
      id,
      kind: 'photo',
      key,
      words: t('fall.of', { stem: label }),
      path: `/api/jobs/${job}/stems/${stump.stemId}/photos`,
      attached: { address, name: 'stump.jpg' },
    });
    return id;
  };
  const send = async (sure: boolean) => {
    sent.current = true;
    const { photo, ...read } = more;
    // a photo that could not be kept does not keep what was read off it
    if (photo && kept.current?.photo !== photo)
      kept.current = { photo, id: await photographed(photo).catch(() => undefined) };
    const photoId = photo && kept.current?.id;
    post(job, {
      kind: 'outcome',
      key,
      words: t('fall.of', { stem: label }),
      method: 'PUT',
      path: `/api/jobs/${job}/review/outcomes/${label}`,
      body: {
        bearingDeg: bearing,
        distanceM: distance,
        by,
        control,
        hingeLeftM: left,
        hingeRightM: right,
        hingeLengthM: length,
        notchLineDeg: line ?? undefined,
        ...read,
        photoId,
        surprise,
        sure,
        reason,
      },
    });
  };
  const tapped = (at: Spot) =>
    void data(
      api.GET('/api/jobs/{job}/review/tips/{stem}', { params: { path: { job, stem: label }, query: at } }),
    ).then((tip) => {
      setBearing(tip.bearingDeg);
      setDistance(tip.distanceM);
      setBy('TAP');
    });
  const hinge = (words: string, value: number | undefined, set: (v?: number) => void) => (
    <ShortLength label={words} value={value} by={0} note={t('fall.asFound')} undo="" blank onChange={set} />
  );
  return (
    <section className="form" aria-label={t('fall.of', { stem: label })}>
      <h2>
        {t(corrects ? 'fall.correct' : 'fall.isDown', { stem: label })} <span>{t('fall.fromStump')}</span>
      </h2>
      <div className="two">
        <Stepper label={t('fall.bearing')} unit="°" value={bearing} onChange={setBearing} step={1} digits={1} />
        <Stepper label={t('fall.distance')} unit="m" value={distance} onChange={setDistance} step={0.5} digits={1} />
      </div>
      {pick && <Button onClick={() => pick(t('fall.tapHint', { stem: label }), tapped)}>{t('fall.tap')}</Button>}
      <Chips
        label={t('fall.by')}
        options={review.by.map((b) => ({ value: b.by, words: b.words }))}
        value={by}
        onChange={setBy}
      />
      <Chips
        label={t('fall.control')}
        options={review.controls.map((c) => ({ value: c.control, words: c.words }))}
        value={control}
        onChange={setControl}
      />
      <h2>
        {t('fall.stump')} <span>{t('fall.stumpWhy')}</span>
      </h2>
      <div className="two">
        {hinge(t('fall.hingeLeft'), left, setLeft)}
        {hinge(t('fall.hingeRight'), right, setRight)}
      </div>
      <div className="two">
        {hinge(t('fall.hingeLength'), length, setLength)}
        <Stepper label={t('fall.notchLine')} unit="°" value={line} onChange={setLine} step={1} digits={1} />
      </div>
      {wholeStump ? (
        <Suspense fallback={null}>
          <StumpMore job={job} stump={stump} choices={review.looks} more={more} change={setMore} />
        </Suspense>
      ) : (
        <Button size="large" block onClick={() => setWholeStump(true)}>
          {t('fall.more')}
        </Button>
      )}
      <label>
        {t('fall.surprises')}
        <Input size="large" value={surprise} onChange={(e) => setSurprise(e.target.value)} />
      </label>
      {corrects && (
        <label>
          {t('fall.why')}
          <Input size="large" value={reason} onChange={(e) => setReason(e.target.value)} />
        </label>
      )}
      {refused && (
        <p className="refused" role="alert">
          {refused.message}
        </p>
      )}
      {odd && (
        <Button size="large" block disabled={waits} onClick={() => void send(true)}>
          {t('fall.isSo')}
        </Button>
      )}
      {missing.length > 0 && <p>{t('fall.missing', { what: missing.join(', ') })}</p>}
      <Button type="primary" size="large" block disabled={waits || missing.length > 0} onClick={() => void send(false)}>
        {t(waits ? 'kept' : 'fall.compare')}
      </Button>
      {done && (
        <Button type="text" onClick={done}>
          {t('fall.leave')}
        </Button>
      )}
    </section>
  );
}
