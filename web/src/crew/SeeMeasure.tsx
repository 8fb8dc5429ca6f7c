import css from '../ui/layout.module.css';
import { Button } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, data, type Schemas } from '../api/client';
import { Chips, Stepper } from '../app/Stepper';
import { PhotoTouches } from '../photo/PhotoTouches';
import { ADVICE, touchesOf } from '../photo/touches';
import { useWords } from '../words/words';

type Kind = Schemas['SightingChoice'];
/** What somebody measures with a tape, a phone or by eye while the leader plans. */
const PHONE_KINDS: Kind['key'][] = [
  'GIRTH',
  'HEIGHT_ANGLES',
  'HEIGHT_PHOTO',
  'LEAN_VIEW',
  'LEAN_PHOTO',
  'CROWN_RADIUS',
  'SOUND_WALL',
  'HEAVE',
  'EYE_HEIGHT',
];
/** What is worth asking though it may stay open. */
const ALSO: Partial<Record<Kind['key'], string[]>> = {
  LEAN_VIEW: ['offsetM'],
  CROWN_RADIUS: ['azimuthDeg'],
  HEAVE: ['azimuthDeg'],
};

type Props = {
  job: string;
  kinds: Kind[];
  stem: Schemas['StemView'];
  add: (body: Schemas['SightingRequest'], words: string, touched?: File) => void;
};

/** A measurement taken on the phone: the numbers, or touches on a photo, and what follows from them at once. */
export function SeeMeasure({ job, kinds, stem, add }: Props) {
  const t = useWords();
  const [key, setKey] = useState<Kind['key']>();
  const [numbers, setNumbers] = useState<Record<string, number | null>>({});
  const [photo, setPhoto] = useState<{ numbers: Record<string, number>; file: File }>();
  const kind = kinds.find((k) => k.key === key);
  const touches = touchesOf(kind);
  const advice = kind && ADVICE[kind.key];
  const typed = Object.fromEntries(Object.entries(numbers).filter((e): e is [string, number] => e[1] !== null));
  const given: Record<string, number> = { ...typed, ...photo?.numbers };
  const complete = Boolean(
    kind?.notes.every((n) => !n.required || n.choices.length > 0 || given[n.name] !== undefined),
  );
  const body = kind && { kind: kind.key, numbers: given, choices: {}, instrument: kind.instrument };
  const answer = useQuery({
    queryKey: ['preview', stem.id, JSON.stringify(body)],
    enabled: complete,
    retry: false,
    queryFn: () =>
      data(
        api.POST('/api/jobs/{job}/stems/{stem}/sightings/preview', {
          params: { path: { job, stem: stem.id } },
          body: body!,
        }),
      ),
  });
  const asked = kind?.notes.filter(
    (n) => n.choices.length === 0 && !n.touched && (n.required || ALSO[kind.key]?.includes(n.name)),
  );
  return (
    <div className={`c ${css.fields}`} role="group" aria-label={t('label.measurement')}>
      <Chips
        label={t('see.whatMeasured')}
        value={key}
        options={kinds
          .filter((s) => (kind ? s === kind : PHONE_KINDS.includes(s.key)))
          .map((s) => ({ value: s.key, words: s.words }))}
        onChange={(k) => {
          setKey(kind ? undefined : k);
          setNumbers({});
          setPhoto(undefined);
        }}
      />
      {kind && touches && (
        <>
          {advice && <small>{t(advice)}</small>}
          <PhotoTouches
            key={kind.key}
            touches={touches}
            touched={(touchedNumbers, file) => setPhoto({ numbers: touchedNumbers, file })}
          />
        </>
      )}
      {asked?.map((n) => (
        <Stepper
          key={n.name}
          label={n.words}
          unit={n.unit.startsWith('° or') ? '°' : n.unit}
          value={numbers[n.name] ?? null}
          step={n.step}
          digits={3}
          onChange={(v) => setNumbers({ ...numbers, [n.name]: v })}
        />
      ))}
      {complete && answer.data && (
        <p role="status">
          = <b>{answer.data.shown}</b> ±{answer.data.shownSigma}
          {answer.data.warnings.map((w) => `; ${w}`)}
        </p>
      )}
      {complete && answer.error && <p className={css.keep}>{answer.error.message}</p>}
      {kind && (
        <Button
          type="primary"
          size="large"
          block
          disabled={!complete || Boolean(answer.error)}
          onClick={() => body && add(body, t('see.of', { what: kind.words, stem: stem.label }), photo?.file)}
        >
          {t('see.addMeasure')}
        </Button>
      )}
    </div>
  );
}
