import css from '../../ui/layout.module.css';
import { Rows } from '../../ui/Rows';
import { FilePick } from '../../ui/FilePick';
import { Button, Select } from 'antd';
import { Waiting } from '../../ui/Waiting';
import { useState } from 'react';
import { api, Problem, type Schemas, type Spot, upload } from '../../api/client';
import { useAct, useSurroundings } from '../../api/job';
import { Stepper } from '../../app/Stepper';
import { usePlanTools } from '../../plan/planTools';
import { msg } from './words';

type Format = 'geojson' | 'gpx' | 'csv/STEMS' | 'csv/SIGHTINGS' | 'csv/DEFECTS';
const formats = (): [Format, string][] => [
  ['geojson', msg('sitePlanGeojson')],
  ['gpx', msg('waypointsGpx')],
  ['csv/STEMS', msg('stemsCsv')],
  ['csv/SIGHTINGS', msg('sightingsCsv')],
  ['csv/DEFECTS', msg('defectsCsv')],
];

/** Drawing under the plan, the anchor on the globe, and open formats out and in. */
export function FilesTab({ job, leader }: { job: string; leader: boolean }) {
  const s = useSurroundings(job).data;
  if (!s) return <Waiting className="body" />;
  const base = `/api/jobs/${job}/files`;
  return (
    <>
      <h1>{msg('files')}</h1>
      <h2>
        {msg('writeOut')} <span>{s.anchor ? '' : msg('wgs84AndGpx')}</span>
      </h2>
      <div className="chips">
        <a className="chip" href={`${base}/geojson`} download>
          {msg('planLocalMetres')}
        </a>
        {s.anchor && (
          <>
            <a className="chip" href={`${base}/geojson?wgs84=true`} download>
              {msg('planWgs84')}
            </a>
            <a className="chip" href={`${base}/gpx`} download>
              {msg('waypoints')}
            </a>
          </>
        )}
        <a className="chip" href={`${base}/csv/STEMS`} download>
          {msg('stems')}
        </a>
        <a className="chip" href={`${base}/csv/SIGHTINGS`} download>
          {msg('sightings')}
        </a>
        <a className="chip" href={`${base}/csv/DEFECTS`} download>
          {msg('defects')}
        </a>
      </div>
      {leader && <Import job={job} />}
      {leader && <Anchor key={`a${s.versions.anchor}`} job={job} s={s} />}
      {leader && <Underlay job={job} s={s} />}
    </>
  );
}

function Import({ job }: { job: string }) {
  const { say } = usePlanTools();
  const act = useAct(job, say);
  const [format, setFormat] = useState<Format>('geojson');
  const [file, setFile] = useState<File>();
  const [report, setReport] = useState<Schemas['ImportReport']>();
  const [refused, setRefused] = useState<Problem>();
  const send = async (f: File, takeGoodRows: boolean) => {
    setReport(undefined);
    setRefused(undefined);
    try {
      const got = await upload<Schemas['ImportReport']>(`/api/jobs/${job}/files/${format}`, f, f.name, {
        takeGoodRows: String(takeGoodRows),
      });
      setReport(got);
      await act(Promise.resolve());
    } catch (e) {
      setRefused(e instanceof Problem ? e : new Problem(0, msg('theFileCouldNot'), []));
    }
  };
  const rows = refused?.faults.filter((f) => f.code === 'BAD_ROW') ?? [];
  return (
    <section aria-label={msg('readIn')}>
      <h2>
        {msg('readIn')} <span>{msg('nothingIsTakenFrom')}</span>
      </h2>
      <div className="form">
        <label>
          {msg('whatItIs')}
          <Select
            aria-label={msg('whatItIs')}
            value={format}
            onChange={setFormat}
            options={formats().map(([value, label]) => ({ value, label }))}
          />
        </label>
        <FilePick
          label={msg('fileToReadIn')}
          onFile={(f) => {
            setFile(f);
            void send(f, false);
          }}
        >
          <Button size="large" block>
            {msg('chooseTheFile')}
          </Button>
        </FilePick>
      </div>
      {report && (
        <p role="status">
          <b>
            {msg('readNewChangedAs', {
              rows: report.rows,
              added: report.added,
              changed: report.changed,
              unchanged: report.unchanged,
            })}
          </b>
        </p>
      )}
      {report && report.problems.length > 0 && (
        <Wrong
          rows={report.problems.map((p) => ({
            where: msg('row', { row: p.row, column: p.column ? `, ${p.column}` : '' }),
            why: p.reason,
          }))}
        />
      )}
      {refused && (
        <div role="alert">
          <p className="refused">
            {rows.length > 0
              ? msg('thingsAreWrongIn', { rowsCount: rows.length, fileName: file?.name ?? '' })
              : msg('nothingWasChanged', {
                  faults:
                    refused.faults.length > 0
                      ? refused.faults.map((f) => `${f.field}: ${f.message}`).join('; ')
                      : refused.message,
                  message: /Nothing was changed/.test(refused.message) ? 'yes' : 'no',
                })}
          </p>
          {rows.length > 0 && (
            <>
              <Wrong rows={rows.map((f) => ({ where: f.field, why: f.message }))} />
              <Button size="large" block className={css.plainSize} onClick={() => file && void send(file, true)}>
                {msg('takeTheGoodRows')}
              </Button>
            </>
          )}
        </div>
      )}
    </section>
  );
}

function Wrong({ rows }: { rows: { where: string; why: string }[] }) {
  return (
    <Rows
      label={msg('whatIsWrong')}
      rows={rows.slice(0, 50)}
      columns={[{ cell: (r) => <span className="n">{r.where}</span> }, { cell: (r) => r.why }]}
    />
  );
}

function Anchor({ job, s }: { job: string; s: Schemas['PlaceView'] }) {
  const { say } = usePlanTools();
  const act = useAct(job, say);
  const [lat, setLat] = useState<number | null>(s.anchor?.latitudeDeg ?? null);
  const [lon, setLon] = useState<number | null>(s.anchor?.longitudeDeg ?? null);
  const [north, setNorth] = useState<number | null>(s.anchor?.gridNorthDeg ?? 0);
  const changed =
    lat !== (s.anchor?.latitudeDeg ?? null) ||
    lon !== (s.anchor?.longitudeDeg ?? null) ||
    north !== (s.anchor?.gridNorthDeg ?? 0);
  return (
    <section aria-label={msg('anchor')}>
      <h2>
        {msg('anchorOnTheGlobe')} <span>{msg('where0East0')}</span>
      </h2>
      <div className="form">
        <Stepper
          label={msg('latitude')}
          unit="°"
          way={msg('north')}
          value={lat}
          onChange={setLat}
          step={0.0001}
          digits={6}
        />
        <Stepper
          label={msg('longitude')}
          unit="°"
          way={msg('east')}
          value={lon}
          onChange={setLon}
          step={0.0001}
          digits={6}
        />
        <Stepper label={msg('plansNorthIsTrue')} unit="°" value={north} onChange={setNorth} step={1} digits={1} />
        {changed && (
          <Button
            type="primary"
            size="large"
            block
            disabled={lat === null || lon === null || north === null}
            onClick={() =>
              void act(
                api.PUT('/api/jobs/{job}/place/anchor', {
                  params: { path: { job } },
                  body: {
                    latitudeDeg: lat ?? 0,
                    longitudeDeg: lon ?? 0,
                    gridNorthDeg: north ?? 0,
                    version: s.versions.anchor,
                  },
                }),
              )
            }
          >
            {msg('saveTheAnchor')}
          </Button>
        )}
      </div>
    </section>
  );
}

function Underlay({ job, s }: { job: string; s: Schemas['PlaceView'] }) {
  const { say, pick } = usePlanTools();
  const act = useAct(job, say);
  const [pixels, setPixels] = useState<{ x: number; y: number }[]>([]);
  const [spots, setSpots] = useState<Spot[]>([]);
  const u = s.underlay;
  const next = pixels.length === spots.length ? 'picture' : 'plan';
  const tapped = (e: React.MouseEvent<HTMLImageElement>) => {
    if (!u || next !== 'picture' || pixels.length === 2) return;
    const box = e.currentTarget.getBoundingClientRect();
    const at = {
      x: ((e.clientX - box.left) / box.width) * u.widthPx,
      y: ((e.clientY - box.top) / box.height) * u.heightPx,
    };
    const both = [...pixels, at];
    setPixels(both);
    pick(msg('tapTheSamePoint', { bothCount: both.length }), (spot) => {
      const known = [...spots, spot];
      setSpots(known);
      if (known.length === 2) {
        void act(
          api.PUT('/api/jobs/{job}/place/underlay/points', {
            params: { path: { job } },
            body: { firstPixel: both[0], firstSpot: known[0], secondPixel: both[1], secondSpot: known[1] },
          }),
        );
        setPixels([]);
        setSpots([]);
      }
    });
  };
  return (
    <section aria-label={msg('underlay')}>
      <h2>
        {msg('ownPhotoOrDrawing')}{' '}
        <span>
          {u?.metresPerPixel
            ? msg('cmAPixel', { metresPerPixel: (u.metresPerPixel * 100).toFixed(1) })
            : u
              ? msg('notLaidYet')
              : msg('none')}
        </span>
      </h2>
      {u && (
        <>
          {/* a spot in a picture has no keys: who cannot tap gives the anchor in numbers */}
          {/* eslint-disable-next-line jsx-a11y/click-events-have-key-events, jsx-a11y/no-noninteractive-element-interactions */}
          <img
            src={`/api/jobs/${job}/place/underlay?v=${u.version}`}
            alt={msg('tapAPointKnown', { name: u.name })}
            className={css.pinned}
            onClick={tapped}
          />
          <p className="s">
            {pixels.length === 2 && spots.length === 2
              ? ''
              : next === 'picture'
                ? msg('tapPointOf2', { pixelsCount: pixels.length + 1 })
                : msg('nowTapThatPoint')}
          </p>
        </>
      )}
      <div className={css.line}>
        <FilePick
          label={msg('pictureForUnderThe')}
          accept="image/*"
          onFile={(f) => void act(upload(`/api/jobs/${job}/place/underlay`, f, f.name))}
        >
          <Button type="text">{u ? msg('anotherPicture') : msg('chooseAPicture')}</Button>
        </FilePick>
        {u && (
          <Button
            type="text"
            onClick={() => void act(api.DELETE('/api/jobs/{job}/place/underlay', { params: { path: { job } } }))}
          >
            {msg('takeItAway')}
          </Button>
        )}
      </div>
    </section>
  );
}
