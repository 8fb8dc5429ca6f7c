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

type Format = 'geojson' | 'gpx' | 'csv/STEMS' | 'csv/SIGHTINGS' | 'csv/DEFECTS';
const FORMATS: [Format, string][] = [
  ['geojson', 'site plan, GeoJSON'],
  ['gpx', 'waypoints, GPX'],
  ['csv/STEMS', 'stems, CSV'],
  ['csv/SIGHTINGS', 'sightings, CSV'],
  ['csv/DEFECTS', 'defects, CSV'],
];

/** Drawing under the plan, the anchor on the globe, and open formats out and in. */
export function FilesTab({ job, leader }: { job: string; leader: boolean }) {
  const s = useSurroundings(job).data;
  if (!s) return <Waiting className="body" />;
  const base = `/api/jobs/${job}/files`;
  return (
    <>
      <h1>Files</h1>
      <h2>
        Write out <span>{s.anchor ? '' : 'WGS 84 and GPX need the anchor'}</span>
      </h2>
      <div className="chips">
        <a className="chip" href={`${base}/geojson`} download>
          plan, local metres
        </a>
        {s.anchor && (
          <>
            <a className="chip" href={`${base}/geojson?wgs84=true`} download>
              plan, WGS 84
            </a>
            <a className="chip" href={`${base}/gpx`} download>
              waypoints
            </a>
          </>
        )}
        <a className="chip" href={`${base}/csv/STEMS`} download>
          stems
        </a>
        <a className="chip" href={`${base}/csv/SIGHTINGS`} download>
          sightings
        </a>
        <a className="chip" href={`${base}/csv/DEFECTS`} download>
          defects
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
      setRefused(e instanceof Problem ? e : new Problem(0, 'The file could not be sent. Nothing was changed.', []));
    }
  };
  const rows = refused?.faults.filter((f) => f.code === 'BAD_ROW') ?? [];
  return (
    <section aria-label="Read in">
      <h2>
        Read in <span>nothing is taken from a file that is not right</span>
      </h2>
      <div className="form">
        <label>
          What it is
          <Select
            aria-label="What it is"
            value={format}
            onChange={setFormat}
            options={FORMATS.map(([value, label]) => ({ value, label }))}
          />
        </label>
        <FilePick
          label="File to read in"
          onFile={(f) => {
            setFile(f);
            void send(f, false);
          }}
        >
          <Button size="large" block>
            Choose the file
          </Button>
        </FilePick>
      </div>
      {report && (
        <p role="status">
          <b>
            {report.rows} read: {report.added} new, {report.changed} changed, {report.unchanged} as before.
          </b>
        </p>
      )}
      {report && report.problems.length > 0 && (
        <Wrong
          rows={report.problems.map((p) => ({
            where: `row ${p.row}${p.column ? `, ${p.column}` : ''}`,
            why: p.reason,
          }))}
        />
      )}
      {refused && (
        <div role="alert">
          <p className="refused">
            {rows.length > 0
              ? `${rows.length} things are wrong in ${file?.name}. Nothing was changed.`
              : `${refused.faults.length > 0 ? refused.faults.map((f) => `${f.field}: ${f.message}`).join('; ') : refused.message}${/Nothing was changed/.test(refused.message) ? '' : '. Nothing was changed.'}`}
          </p>
          {rows.length > 0 && (
            <>
              <Wrong rows={rows.map((f) => ({ where: f.field, why: f.message }))} />
              <Button size="large" block className={css.plainSize} onClick={() => file && void send(file, true)}>
                Take the good rows
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
      label="What is wrong"
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
    <section aria-label="Anchor">
      <h2>
        Anchor on the globe <span>where 0 east, 0 north lies</span>
      </h2>
      <div className="form">
        <Stepper label="Latitude" unit="° north" value={lat} onChange={setLat} step={0.0001} digits={6} />
        <Stepper label="Longitude" unit="° east" value={lon} onChange={setLon} step={0.0001} digits={6} />
        <Stepper label="Plan’s north is true" unit="°" value={north} onChange={setNorth} step={1} digits={1} />
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
            Save the anchor
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
    pick(`Tap the same point (${both.length} of 2) on the plan`, (spot) => {
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
    <section aria-label="Underlay">
      <h2>
        Own photo or drawing under the plan{' '}
        <span>
          {u?.metresPerPixel ? `${(u.metresPerPixel * 100).toFixed(1)} cm a pixel` : u ? 'not laid yet' : 'none'}
        </span>
      </h2>
      {u && (
        <>
          {/* a spot in a picture has no keys: who cannot tap gives the anchor in numbers */}
          {/* eslint-disable-next-line jsx-a11y/click-events-have-key-events, jsx-a11y/no-noninteractive-element-interactions */}
          <img
            src={`/api/jobs/${job}/place/underlay?v=${u.version}`}
            alt={`${u.name}, tap a point known on the plan`}
            className={css.pinned}
            onClick={tapped}
          />
          <p className="s">
            {pixels.length === 2 && spots.length === 2
              ? ''
              : next === 'picture'
                ? `Tap point ${pixels.length + 1} of 2 in the picture, then the same point on the plan.`
                : 'Now tap that point on the plan.'}
          </p>
        </>
      )}
      <div className={css.line}>
        <FilePick
          label="Picture for under the plan"
          accept="image/*"
          onFile={(f) => void act(upload(`/api/jobs/${job}/place/underlay`, f, f.name))}
        >
          <Button type="text">{u ? 'Another picture' : '+ Choose a picture'}</Button>
        </FilePick>
        {u && (
          <Button
            type="text"
            onClick={() => void act(api.DELETE('/api/jobs/{job}/place/underlay', { params: { path: { job } } }))}
          >
            Take it away
          </Button>
        )}
      </div>
    </section>
  );
}
