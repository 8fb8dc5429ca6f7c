import css from '../ui/layout.module.css';
import { Button } from 'antd';
import { useState } from 'react';
import { useStems } from '../api/job';
import { post, useOutbox } from '../api/outbox';
import { newId } from '../app/newId';
import { smaller } from '../photo/smaller';
import { useChoices } from '../stages/stems/choices';
import '../words/seeing';
import { useWords } from '../words/words';
import { SeeFault } from './SeeFault';
import { SeeMeasure } from './SeeMeasure';
import { SeePhoto } from './SeePhoto';
import { dataAddress } from './dataAddress';

type What = 'fault' | 'measure' | 'photo';
const WAITING = ['sighting', 'defect', 'photo', 'voice'];

/** What somebody on the job sees: a fault, a measurement, a photo. It is added, never changed; the leader decides what may relax. */
export default function SeePage({ job }: { job: string }) {
  const t = useWords();
  const out = useOutbox(job);
  const stems = (useStems(job).data ?? []).filter((s) => s.state !== 'FELLED');
  const choices = useChoices(job);
  const [id, setId] = useState<string>();
  const [what, setWhat] = useState<What>();
  const [kept, setKept] = useState('');
  const stem = stems.find((s) => s.id === id);
  const done = (words: string) => {
    setKept(words);
    setWhat(undefined);
  };
  const to = stem && `/api/jobs/${job}/stems/${stem.id}`;
  const photo = (file: Blob) =>
    smaller(file).then((address) =>
      post(job, {
        kind: 'photo',
        key: 'see',
        words: t('see.photo'),
        path: `${to}/photos`,
        attached: { address, name: 'photo.jpg' },
      }),
    );
  const waiting = out.unsent.filter((u) => WAITING.includes(u.kind));
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
      {stem && what === 'fault' && (
        <SeeFault
          key={stem.id}
          kinds={choices.defects}
          stem={stem}
          add={(body, words, said) => {
            const defect = newId();
            post(job, { id: defect, kind: 'defect', key: 'see', words, path: `${to}/defects`, body });
            // after the fault it belongs to: what waits is sent in order
            if (said)
              void dataAddress(said).then((address) =>
                post(job, {
                  kind: 'voice',
                  key: 'see',
                  words: t('see.voice'),
                  path: `${to}/voice-notes`,
                  attached: { address, name: 'voice', fields: { defect } },
                }),
              );
            done(t('see.faultAdded', { what: words }));
          }}
        />
      )}
      {stem && what === 'measure' && (
        <SeeMeasure
          key={stem.id}
          job={job}
          kinds={choices.sightings}
          stem={stem}
          add={(body, words, touched) => {
            post(job, { kind: 'sighting', key: 'see', words, path: `${to}/sightings`, body });
            // what was touched can be looked at again
            if (touched) void photo(touched);
            done(t('see.measureAdded', { what: words }));
          }}
        />
      )}
      {stem && what === 'photo' && <SeePhoto add={(file) => photo(file).then(() => done(t('see.photoAdded')))} />}
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
