import css from '../ui/layout.module.css';
import { Rows } from '../ui/Rows';
import { Button } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useParams } from 'react-router';
import { api, data } from '../api/client';
import { useJob, usePhotos, useStems, useSurroundings } from '../api/job';
import { clock } from '../units/format';
import { length } from '../units/length';
import { msg } from './words';

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
  if (!info || !stem || !verdicts) return <p className={css.waiting}>{msg('openingTheSheet')}</p>;
  const out = verdicts.ways.filter((w) => w.excluded);
  const reach = stem.height?.shownHigh;
  return (
    <main className="sheet-page" aria-label={msg('handOverSheet')}>
      <p className="s">
        {info.name}, {info.place} · {info.visitOn}
      </p>
      <h1 className={css.sheetTitle}>
        {stem.label} {stem.commonName}: {stem.chosen?.words ?? msg('nothingChosen')}
      </h1>
      <p>
        {msg('leftStandingAsIt')}{' '}
        {reach === undefined ? (
          msg('itsHeightIsNot')
        ) : (
          <>
            {msg('nobodyWithin')} <b>{reach}</b> {msg('ofItItsHeight')}
          </>
        )}
      </p>
      <h2>{msg('whatWasSeen')}</h2>
      <Rows
        rows={
          [
            [
              'where',
              msg('eastNorthOnThe', {
                eastM: length(stem.at.eastM),
                northM: length(stem.at.northM),
                gridReference: place?.card.gridReference ? `; ${place.card.gridReference}` : '',
              }),
            ],
            [
              'size',
              msg('line', {
                diameter: stem.diameter
                  ? msg('thick', {
                      diameter: stem.diameter.shown,
                      shownSigma: stem.diameter.shownSigma,
                      how: stem.diameter.how,
                    })
                  : msg('diameterNotKnown'),
                height: stem.height
                  ? msg('high', { height: stem.height.shown, shownSigma: stem.height.shownSigma, how: stem.height.how })
                  : msg('heightNotKnown'),
              }),
            ],
            [
              'lean',
              stem.lean
                ? msg('to', {
                    deg: stem.lean.said.deg,
                    sigmaDeg: stem.lean.said.sigmaDeg,
                    azimuthDeg: stem.lean.said.azimuthDeg,
                    how: stem.lean.how,
                  })
                : msg('notKnown'),
            ],
            ...stem.defects
              .filter((d) => !d.setAside)
              .map((d) => [
                d.words,
                msg('toSideToBy', {
                  fromM: d.said.fromM,
                  toM: d.said.toM,
                  faceDeg: d.said.faceDeg,
                  found: d.found,
                  who: d.who,
                  at: clock(d.at).slice(0, 5),
                }),
              ]),
          ] as [string, string][]
        }
        columns={[{ cell: ([k]) => k, width: '22%' }, { cell: ([, v]) => v }]}
      />
      {stem.defects.length === 0 && <p>{msg('noFaultWasRecorded')}</p>}
      <h2>{msg('whyItWasLeft')}</h2>
      <ul>
        {out.map((w) => (
          <li key={w.verdict}>
            <b>{w.words}</b>: {w.against.join('; ')}
          </li>
        ))}
      </ul>
      <h2>{msg('whatWasClosedOff')}</h2>
      <p>{stem.chosen?.closedOff || <b>{msg('nothingIsWrittenDown')}</b>}</p>
      <h2>{msg('whoWasTold')}</h2>
      <p>{stem.chosen?.toldWhom || <b>{msg('nobodyIsWrittenDown')}</b>}</p>
      {photos.length > 0 && (
        <div className="photos">
          {photos.map((p) => (
            <img key={p.id} src={`/api/jobs/${job}/photos/${p.id}`} alt={msg('takenBy', { who: p.who })} />
          ))}
        </div>
      )}
      <p className={`s ${css.signatureLine}`}>{msg('takenOverByDate')}</p>
      <p className="s">{msg('aTreeThatWas')}</p>
      <Button type="primary" size="large" block className="no-print" onClick={() => window.print()}>
        {msg('print')}
      </Button>
    </main>
  );
}
