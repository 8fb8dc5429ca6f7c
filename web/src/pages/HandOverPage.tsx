import css from '../ui/layout.module.css';
import { Rows } from '../ui/Rows';
import { Button } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useParams } from 'react-router';
import { api, data } from '../api/client';
import { useJob, usePhotos, useStems, useSurroundings } from '../api/job';
import { clock } from '../units/format';
import { length } from '../units/length';

/** The sheet that stays with whoever owns the tree when a crew walks away: what was seen, closed off, who was told. */
export default function HandOverPage() {
  const { job = '', stem: id = '' } = useParams();
  const info = useJob(job).data;
  const place = useSurroundings(job).data;
  const stem = useStems(job).data?.find((s) => s.id === id);
  const photos = (usePhotos(job).data ?? []).filter((p) => p.stemId === id);
  const verdicts = useQuery({
    queryKey: ['job', job, 'verdicts', id],
    queryFn: () => data(api.GET('/api/jobs/{job}/stems/{stem}/verdicts', { params: { path: { job, stem: id } } })),
  }).data;
  if (!info || !stem || !verdicts) return <p className={css.waiting}>Opening the sheet…</p>;
  const out = verdicts.ways.filter((w) => w.excluded);
  const reach = stem.height?.shownHigh;
  return (
    <main className="sheet-page" aria-label="Hand-over sheet">
      <p className="s">
        {info.name}, {info.place} · {info.visitOn}
      </p>
      <h1 className={css.sheetTitle}>
        {stem.label} {stem.commonName}: {stem.chosen?.words ?? 'nothing chosen'}
      </h1>
      <p>
        Left standing as it is.{' '}
        {reach === undefined ? (
          'Its height is not known; stay away twice the tallest guess.'
        ) : (
          <>
            Nobody within <b>{reach}</b> of it (its height, upper side, rounded up), least of all in wind.
          </>
        )}
      </p>
      <h2>What was seen</h2>
      <Rows
        rows={
          [
            [
              'where',
              `${length(stem.at.eastM)} east, ${length(stem.at.northM)} north on the site plan${
                place?.card.gridReference ? `; ${place.card.gridReference}` : ''
              }`,
            ],
            [
              'size',
              `${
                stem.diameter
                  ? `${stem.diameter.shown} ±${stem.diameter.shownSigma} thick (${stem.diameter.how})`
                  : 'diameter not known'
              }; ${
                stem.height
                  ? `${stem.height.shown} ±${stem.height.shownSigma} high (${stem.height.how})`
                  : 'height not known'
              }`,
            ],
            [
              'lean',
              stem.lean
                ? `${stem.lean.said.deg} ±${stem.lean.said.sigmaDeg} to ${stem.lean.said.azimuthDeg} (${stem.lean.how})`
                : 'not known',
            ],
            ...stem.defects
              .filter((d) => !d.setAside)
              .map((d) => [
                d.words,
                `${d.said.fromM} to ${d.said.toM}, side to ${d.said.faceDeg}; ${d.found} by ${d.who}, ${clock(d.at).slice(0, 5)}`,
              ]),
          ] as [string, string][]
        }
        columns={[{ cell: ([k]) => k, width: '22%' }, { cell: ([, v]) => v }]}
      />
      {stem.defects.length === 0 && <p>No fault was recorded. That is not the same as none.</p>}
      <h2>Why it was left</h2>
      <ul>
        {out.map((w) => (
          <li key={w.verdict}>
            <b>{w.words}</b>: {w.against.join('; ')}
          </li>
        ))}
      </ul>
      <h2>What was closed off</h2>
      <p>{stem.chosen?.closedOff || <b>Nothing is written down here yet.</b>}</p>
      <h2>Who was told</h2>
      <p>{stem.chosen?.toldWhom || <b>Nobody is written down here yet.</b>}</p>
      {photos.length > 0 && (
        <div className="photos">
          {photos.map((p) => (
            <img key={p.id} src={`/api/jobs/${job}/photos/${p.id}`} alt={`taken by ${p.who}`} />
          ))}
        </div>
      )}
      <p className={`s ${css.signatureLine}`}>taken over by, date, signature</p>
      <p className="s">
        A tree that was left is not a safe tree. Local code and the qualified person outrank this sheet.
      </p>
      <Button type="primary" size="large" block className="no-print" onClick={() => window.print()}>
        Print
      </Button>
    </main>
  );
}
