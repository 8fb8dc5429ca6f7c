import { useQuery } from '@tanstack/react-query';
import { Radio } from 'antd';
import { useState } from 'react';
import { api, data, type Schemas } from '../api/client';
import { post, useOutbox } from '../api/outbox';
import { Mark } from '../figures/Mark';
import { useWords } from '../words/words';
import '../words/pages';
import css from './face.module.css';
import { AtButton } from './AtButton';

type Look = Schemas['LookChoice']['look'];
const KEY = 'face';

/** What the opened face shows, in three taps; the third one sends it. */
export default function FaceForm({ job }: { job: string }) {
  const t = useWords();
  const out = useOutbox(job);
  const [left, setLeft] = useState<number>();
  const [right, setRight] = useState<number>();
  const [look, setLook] = useState<Look>();
  const choices = useQuery({
    queryKey: ['job', job, 'face'],
    queryFn: () => data(api.GET('/api/jobs/{job}/run/face', { params: { path: { job } } })),
  }).data;
  if (!choices) return null;
  const waits = out.unsent.some((u) => u.key === KEY);
  const sent = !waits && look !== undefined && !out.refused[KEY];
  const send = (soundLeftM?: number, soundRightM?: number, seen?: Look) => {
    if (soundLeftM === undefined || soundRightM === undefined || !seen) return;
    post(job, {
      kind: 'face',
      key: KEY,
      words: t('face.is'),
      method: 'PUT',
      path: `/api/jobs/${job}/run/face`,
      body: { soundLeftM, soundRightM, look: seen },
    });
  };
  const sound = choices.sound.map((s, i) => ({ value: s.soundM, label: i === 0 ? t('face.all') : s.words }));
  return (
    <div className={css.face}>
      <h2>{t('face.is')}</h2>
      <Side
        label={t('face.left')}
        options={sound}
        value={left}
        set={(v) => {
          setLeft(v);
          send(v, right, look);
        }}
      />
      <Side
        label={t('face.right')}
        options={sound}
        value={right}
        set={(v) => {
          setRight(v);
          send(left, v, look);
        }}
      />
      <Side
        label={t('face.colour')}
        options={choices.looks.map((l) => ({ value: l.look, label: l.words }))}
        value={look}
        set={(v) => {
          setLook(v);
          send(left, right, v);
        }}
      />
      {waits && <p>{t('sending')}</p>}
      {sent && left !== undefined && right !== undefined && (
        <p className="line">
          <Mark kind="ready" /> {t('face.told')}
        </p>
      )}
      <AtButton refused={out.refused[KEY]} />
    </div>
  );
}

type SideProps<T> = { label: string; options: { value: T; label: string }[]; value?: T; set: (v: T) => void };

function Side<T extends string | number>({ label, options, value, set }: SideProps<T>) {
  return (
    <>
      <p>{label}</p>
      <Radio.Group
        aria-label={label}
        optionType="button"
        buttonStyle="solid"
        className={css.choices}
        options={options}
        value={value}
        onChange={(e) => set(e.target.value as T)}
      />
    </>
  );
}
