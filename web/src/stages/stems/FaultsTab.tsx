import css from '../../ui/layout.module.css';
import { Button } from 'antd';
import { useState } from 'react';
import { api, type Schemas, upload } from '../../api/client';
import { useAct, useFindings, usePhotos, useVoiceNotes } from '../../api/job';
import { Mark } from '../../figures/Mark';
import { usePlanTools } from '../../plan/planTools';
import { azimuth, clock } from '../../units/format';
import { FilePick } from '../../ui/FilePick';
import { VoiceNote } from '../../voice/VoiceNote';
import { length } from '../../units/length';
import { useChoices } from './choices';
import { DefectForm } from './DefectForm';
import { isDefect } from './isDefect';
import { msg } from './words';

const NONE: never[] = [];
type At = { fromM: number; faceDeg: number };

/** The stem's faults, each with what it changes. */
export function FaultsTab({
  job,
  stem,
  leader,
  at,
  begin,
}: {
  job: string;
  stem: Schemas['StemView'];
  leader: boolean;
  at?: At;
  begin: (at?: At) => void;
}) {
  const { say } = usePlanTools();
  const act = useAct(job, say);
  const choices = useChoices(job);
  const findings = useFindings(job).data ?? [];
  const photos = (usePhotos(job).data ?? []).filter((p) => p.stemId === stem.id);
  const voices = useVoiceNotes(job).data ?? NONE;
  const [aside, setAside] = useState<string>();
  const [saying, setSaying] = useState<string>();
  const [position, setPosition] = useState(false);
  const photo = (f: File, defect?: string) =>
    void act(
      upload(`/api/jobs/${job}/stems/${stem.id}/photos`, f, f.name, {
        keepPosition: String(position),
        ...(defect ? { defect } : {}),
      }),
    );
  const voice = (sound: Blob, defect: string) =>
    void act(upload(`/api/jobs/${job}/stems/${stem.id}/voice-notes`, sound, 'voice', { defect })).then(
      (kept) => kept && setSaying(undefined),
    );
  const others = findings.filter(
    (f) => f.stage === 'STEMS' && f.subject === stem.label && !isDefect(f) && f.rule !== 'VERDICT_EXCLUDED',
  );
  return (
    <>
      {at ? (
        <DefectForm
          key={`${at.fromM}${at.faceDeg}`}
          choices={choices}
          from={at}
          topM={stem.height?.value}
          measured={stem.sightings.filter((x) => x.kind === 'DEFECT_HEIGHT' && !x.doesNotCount).map((x) => x.value)}
          leave={() => begin(undefined)}
          record={(d) =>
            void act(
              api.POST('/api/jobs/{job}/stems/{stem}/defects', { params: { path: { job, stem: stem.id } }, body: d }),
            ).then((kept) => kept && begin(undefined))
          }
        />
      ) : (
        <Button type="text" className={css.strong} onClick={() => begin({ fromM: 1, faceDeg: 0 })}>
          {msg('recordAFaultD')}
        </Button>
      )}
      <h2>
        {msg('faultsAndWhatThey')} <span>{stem.defects.length}</span>
      </h2>
      {stem.defects.length === 0 && <p className="empty">{msg('noDefectRecordedThat')}</p>}
      {stem.defects.map((d) => {
        const f = findings.find((x) => x.key === `defect:${stem.label}:${d.id}`);
        const own = photos.filter((p) => p.defectId === d.id);
        return (
          <div key={d.id} className={css.fault} data-severity={f?.severity}>
            {f ? <Mark kind={f.severity} /> : <Mark kind="none" />}
            <div>
              <b>{f ? f.words : `${d.words}${d.setAside ? '' : msg('stemKeptOrFelled')}`}</b>
              <br />
              <small>
                {msg('toFaceDegrees', { fromM: length(d.fromM), toM: length(d.toM), faceDeg: azimuth(d.faceDeg) })}
                {d.widthM !== undefined && msg('acrossWithWidthM', { widthM: length(d.widthM, 2) })}
                {d.depthM !== undefined && msg('deep', { depthM: length(d.depthM, 2) })}
                {d.extent && `, ${d.extent}`}; {d.found}
                {d.tells.length > 0 && `: ${d.tells.join(', ')}`}; {d.who.split(' ')[0]} {clock(d.at).slice(0, 5)}
                {d.byCrew && msg('crew')}
              </small>
              <br />
              {f && (
                <small>
                  {f.why} ({f.source}). {f.cleared ?? msg('clearsIt', { clears: f.clears })}
                </small>
              )}
              {d.setAside && <small>{d.setAside}</small>}
              {own.length > 0 && (
                <div className="photos">
                  {own.map((p) => (
                    <Photo key={p.id} job={job} photo={p} />
                  ))}
                </div>
              )}
              {voices
                .filter((v) => v.defectId === d.id)
                .map((v) => (
                  // eslint-disable-next-line jsx-a11y/media-has-caption -- nobody has written down what was said
                  <audio
                    key={v.id}
                    controls
                    preload="none"
                    className={css.full}
                    src={`/api/jobs/${job}/voice-notes/${v.id}`}
                    aria-label={msg('saidBy', { who: v.who, at: clock(v.at) })}
                  />
                ))}
              {saying === d.id && <VoiceNote said={(sound) => voice(sound, d.id)} />}
              <div className={css.flexed}>
                <Button type="text" onClick={() => setSaying(saying === d.id ? undefined : d.id)}>
                  {msg('sayIt')}
                </Button>
                <FilePick label={msg('photoOf', { words: d.words })} accept="image/*" onFile={(f) => photo(f, d.id)}>
                  <Button type="text">{msg('photo')}</Button>
                </FilePick>
                {leader && !d.setAside && (
                  <Button type="text" onClick={() => setAside(aside === d.id ? undefined : d.id)}>
                    {msg('setAside')}
                  </Button>
                )}
              </div>
              {aside === d.id && (
                <div className="chips">
                  {[msg('lookedCloserNone'), msg('recordedTwice'), msg('wrongStem')].map((r) => (
                    <Button
                      key={r}
                      onClick={() =>
                        void act(
                          api.POST('/api/jobs/{job}/stems/{stem}/defects/{id}/set-aside', {
                            params: { path: { job, stem: stem.id, id: d.id } },
                            body: { reason: r },
                          }),
                        ).then(() => setAside(undefined))
                      }
                    >
                      {r}
                    </Button>
                  ))}
                </div>
              )}
            </div>
          </div>
        );
      })}
      {others.map((f) => (
        <div key={f.key} className={css.marked} data-severity={f.severity}>
          <Mark kind={f.severity} />
          <span>
            <b>{f.words}</b>
            <br />
            <small>
              {f.why} ({f.source}). {f.cleared ?? msg('clearsIt', { clears: f.clears })}
            </small>
          </span>
        </div>
      ))}
      <h2>
        {msg('photos')} <span>{photos.length}</span>
      </h2>
      <div className="photos">
        {photos
          .filter((p) => !p.defectId)
          .map((p) => (
            <Photo key={p.id} job={job} photo={p} />
          ))}
      </div>
      <div className={css.row}>
        <FilePick label={msg('photoTitle')} accept="image/*" onFile={(f) => photo(f)}>
          <Button type="text">{msg('addAPhoto')}</Button>
        </FilePick>
        <Button type="text" aria-pressed={position} onClick={() => setPosition(!position)}>
          {position ? msg('positionIsKept') : msg('positionIsStripped')}
        </Button>
      </div>
    </>
  );
}

function Photo({ job, photo }: { job: string; photo: Schemas['PhotoView'] }) {
  return (
    <a href={`/api/jobs/${job}/photos/${photo.id}`} target="_blank" rel="noreferrer">
      <img
        src={`/api/jobs/${job}/photos/${photo.id}`}
        alt={msg('takenBy', { who: photo.who, at: clock(photo.at) })}
        loading="lazy"
      />
    </a>
  );
}
