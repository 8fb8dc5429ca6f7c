import css from '../ui/layout.module.css';
import { FilePick } from '../ui/FilePick';
import { Button, Input } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, data, type Schemas } from '../api/client';
import { useStems } from '../api/job';
import { post, useOutbox } from '../api/outbox';
import { useWords } from '../words/words';

type What = 'fault' | 'measure' | 'photo';
const FACES = ['N', 'NE', 'E', 'SE', 'S', 'SW', 'W', 'NW'];
const LONGEST_PX = 1600;

/** What somebody on the job sees: a fault, a measurement, a photo. It is added, never changed; the leader decides what may relax. */
export default function SeePage({ job }: { job: string }) {
  const t = useWords();
  const out = useOutbox(job);
  const stems = (useStems(job).data ?? []).filter((s) => s.state !== 'FELLED');
  const choices = useQuery({
    queryKey: ['choices'],
    queryFn: () => data(api.GET('/api/jobs/{job}/stems/choices', { params: { path: { job } } })),
    staleTime: Infinity,
  }).data;
  const [id, setId] = useState<string>();
  const [what, setWhat] = useState<What>();
  const [kept, setKept] = useState('');
  const stem = stems.find((s) => s.id === id);
  const done = (words: string) => {
    setKept(words);
    setWhat(undefined);
  };
  const waiting = out.unsent.filter((u) => u.kind === 'sighting' || u.kind === 'defect' || u.kind === 'photo');
  return (
    <>
      <div className="c" role="group" aria-label={t('see.which')}>
        <h2>{t('see.which')}</h2>
        <div className="chips">
          {stems.map((s) => (
            <Button
              type={s.id === id ? 'primary' : 'default'}
              key={s.id}
              aria-pressed={s.id === id}
              onClick={() => {
                setId(s.id);
                setKept('');
              }}
            >
              {s.label} {s.commonName}
            </Button>
          ))}
        </div>
      </div>
      {stem && !what && (
        <div className="c">
          <h2>
            {stem.label}:{' '}
            {stem.defects
              .filter((d) => !d.setAside)
              .map((d) => d.words)
              .join(', ') || t('see.noFault')}
          </h2>
          <Button size="large" block className={css.below} onClick={() => setWhat('fault')}>
            {t('see.fault')}
          </Button>
          <Button size="large" block className={css.below} onClick={() => setWhat('measure')}>
            {t('see.measured')}
          </Button>
          <Button size="large" block className={css.below} onClick={() => setWhat('photo')}>
            {t('see.photo')}
          </Button>
        </div>
      )}
      {stem && what === 'fault' && choices && (
        <Fault
          key={stem.id}
          choices={choices}
          stem={stem}
          add={(body, words) => {
            post(job, { kind: 'defect', key: 'see', words, path: `/api/jobs/${job}/stems/${stem.id}/defects`, body });
            done(t('see.faultAdded', { what: words }));
          }}
        />
      )}
      {stem && what === 'measure' && choices && (
        <Measured
          key={stem.id}
          job={job}
          choices={choices}
          stem={stem}
          add={(body, words) => {
            post(job, {
              kind: 'sighting',
              key: 'see',
              words,
              path: `/api/jobs/${job}/stems/${stem.id}/sightings`,
              body,
            });
            done(t('see.measureAdded', { what: words }));
          }}
        />
      )}
      {stem && what === 'photo' && (
        <Photo
          add={(picture) => {
            post(job, {
              kind: 'photo',
              key: 'see',
              words: t('see.photo'),
              path: `/api/jobs/${job}/stems/${stem.id}/photos`,
              picture,
            });
            done(t('see.photoAdded'));
          }}
        />
      )}
      {what && (
        <div className="c">
          <Button type="text" onClick={() => setWhat(undefined)}>
            {t('see.leave')}
          </Button>
        </div>
      )}
      {out.refused.see && (
        <p className="refused" role="alert">
          {out.refused.see.message}
        </p>
      )}
      {kept && (
        <p className={`refused ${css.edgeGood}`} role="status">
          {kept}
        </p>
      )}
      {waiting.length > 0 && (
        <div className="c">
          <h2>{t('see.waiting')}</h2>
          <ul>
            {waiting.map((u) => (
              <li key={u.id}>
                <span>…</span>
                {u.words}
              </li>
            ))}
          </ul>
        </div>
      )}
      {!stem && (
        <div className="c">
          <h2>{t('see.say')}</h2>
        </div>
      )}
    </>
  );
}

function Amount({
  label,
  unit,
  value,
  step,
  set,
}: {
  label: string;
  unit: string;
  value: number | undefined;
  step: number;
  set: (v: number | undefined) => void;
}) {
  const t = useWords();
  const digits = step >= 1 ? 0 : step >= 0.1 ? 1 : 3;
  return (
    <label className={css.blockApart}>
      {label} ({unit})
      <span className={css.bigStepper}>
        <Button
          size="large"
          block
          aria-label={t('see.less', { label })}
          onClick={() => set(Number(((value ?? 0) - step).toFixed(digits)))}
        >
          −
        </Button>
        <Input
          aria-label={label}
          inputMode="decimal"
          value={value ?? ''}
          onChange={(e) =>
            set(
              e.target.value.trim() === '' || Number.isNaN(Number(e.target.value.replace(',', '.')))
                ? undefined
                : Number(e.target.value.replace(',', '.')),
            )
          }
        />
        <Button
          size="large"
          block
          aria-label={t('see.more', { label })}
          onClick={() => set(Number(((value ?? 0) + step).toFixed(digits)))}
        >
          +
        </Button>
      </span>
    </label>
  );
}

function Fault({
  choices,
  stem,
  add,
}: {
  choices: Schemas['Choices'];
  stem: Schemas['StemView'];
  add: (body: Schemas['DefectRequest'], words: string) => void;
}) {
  const t = useWords();
  const [kind, setKind] = useState<Schemas['DefectChoice']>();
  const [from, setFrom] = useState<number | undefined>(1);
  const [face, setFace] = useState<number>();
  const [tells, setTells] = useState<Schemas['TellChoice']['key'][]>([]);
  return (
    <div className="c" aria-label={t('label.fault')}>
      <h2>{t('see.what')}</h2>
      <div className="chips">
        {(kind ? [kind] : choices.defects).map((d) => (
          <Button
            type={d.key === kind?.key ? 'primary' : 'default'}
            key={d.key}
            aria-pressed={d.key === kind?.key}
            onClick={() => setKind(kind ? undefined : d)}
          >
            {d.words}
          </Button>
        ))}
      </div>
      {kind && (
        <>
          <Amount label={t('see.height')} unit="m" value={from} step={0.5} set={setFrom} />
          <h2>{t('see.side')}</h2>
          <div className="chips">
            {FACES.map((f, i) => (
              <Button
                type={face === i * 45 ? 'primary' : 'default'}
                key={f}
                aria-pressed={face === i * 45}
                onClick={() => setFace(i * 45)}
              >
                {f}
              </Button>
            ))}
          </div>
          {kind.tells.length > 0 && (
            <>
              <h2>{t('see.else')}</h2>
              <div className="chips">
                {kind.tells.map((x) => (
                  <Button
                    type={tells.includes(x.key) ? 'primary' : 'default'}
                    key={x.key}
                    aria-pressed={tells.includes(x.key)}
                    onClick={() =>
                      setTells(tells.includes(x.key) ? tells.filter((y) => y !== x.key) : [...tells, x.key])
                    }
                  >
                    {x.words}
                  </Button>
                ))}
              </div>
            </>
          )}
          <Button
            type="primary"
            size="large"
            block
            disabled={from === undefined || from < 0 || face === undefined}
            onClick={() =>
              add(
                {
                  kind: kind.key,
                  fromM: from ?? 0,
                  toM: (from ?? 0) + 0.5,
                  faceDeg: face ?? 0,
                  found: 'SEEN',
                  tells,
                  extent: '',
                  note: '',
                },
                t('see.on', { what: kind.words, stem: stem.label }),
              )
            }
          >
            {t('see.addFault')}
          </Button>
        </>
      )}
    </div>
  );
}

const PHONE_KINDS = ['GIRTH', 'HEIGHT_ANGLES', 'LEAN_VIEW', 'CROWN_RADIUS', 'SOUND_WALL', 'HEAVE', 'EYE_HEIGHT'];

function Measured({
  job,
  choices,
  stem,
  add,
}: {
  job: string;
  choices: Schemas['Choices'];
  stem: Schemas['StemView'];
  add: (body: Schemas['SightingRequest'], words: string) => void;
}) {
  const t = useWords();
  const [kind, setKind] = useState<Schemas['SightingChoice']>();
  const [numbers, setNumbers] = useState<Record<string, number | undefined>>({});
  const given = Object.fromEntries(Object.entries(numbers).filter((e): e is [string, number] => e[1] !== undefined));
  const complete = Boolean(
    kind?.notes.every((n) => !n.required || n.choices.length > 0 || given[n.name] !== undefined),
  );
  const body = kind ? { kind: kind.key, numbers: given, choices: {}, instrument: kind.instrument } : undefined;
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
  return (
    <div className="c" aria-label={t('label.measurement')}>
      <h2>{t('see.whatMeasured')}</h2>
      <div className="chips">
        {(kind ? [kind] : choices.sightings.filter((s) => PHONE_KINDS.includes(s.key))).map((s) => (
          <Button
            type={s.key === kind?.key ? 'primary' : 'default'}
            key={s.key}
            aria-pressed={s.key === kind?.key}
            onClick={() => {
              setKind(kind ? undefined : s);
              setNumbers({});
            }}
          >
            {s.words}
          </Button>
        ))}
      </div>
      {kind?.notes
        .filter(
          (n) =>
            n.choices.length === 0 &&
            (n.required || (kind.key === 'LEAN_VIEW' && n.name === 'offsetM') || n.name === 'azimuthDeg'),
        )
        .map((n) => (
          <Amount
            key={n.name}
            label={n.words}
            unit={n.unit.replace(' or %', '')}
            value={numbers[n.name]}
            step={n.step}
            set={(v) => setNumbers({ ...numbers, [n.name]: v })}
          />
        ))}
      {complete && answer.data && (
        <p>
          = {answer.data.shown} ±{answer.data.shownSigma}
        </p>
      )}
      {complete && answer.error && <p className={css.keep}>{answer.error.message}</p>}
      {kind && (
        <Button
          type="primary"
          size="large"
          block
          disabled={!complete || Boolean(answer.error)}
          onClick={() => body && add(body, t('see.of', { what: kind.words, stem: stem.label }))}
        >
          {t('see.addMeasure')}
        </Button>
      )}
    </div>
  );
}

function Photo({ add }: { add: (picture: string) => void }) {
  const t = useWords();
  const [trouble, setTrouble] = useState('');
  return (
    <div className="c">
      <FilePick
        label={t('label.photo')}
        accept="image/*"
        camera
        onFile={(f) => void smaller(f).then(add, () => setTrouble(t('see.noPicture')))}
      >
        <Button type="primary" size="large" block>
          {t('see.camera')}
        </Button>
      </FilePick>
      {trouble && <p role="alert">{trouble}</p>}
    </div>
  );
}

/** Upright and small enough to wait in the phone's own storage. */
async function smaller(file: File): Promise<string> {
  const image = await createImageBitmap(file, { imageOrientation: 'from-image' });
  const k = Math.min(1, LONGEST_PX / Math.max(image.width, image.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.round(image.width * k);
  canvas.height = Math.round(image.height * k);
  canvas.getContext('2d')?.drawImage(image, 0, 0, canvas.width, canvas.height);
  return canvas.toDataURL('image/jpeg', 0.8);
}
