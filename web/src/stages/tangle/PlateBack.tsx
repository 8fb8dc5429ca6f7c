import { useState } from 'react';
import { api, data, type Schemas } from '../../api/client';
import { usePreview } from '../../api/usePreview';
import { Stepper } from '../../app/Stepper';
import css from './tangle.module.css';
import { msg } from './words';

const KN = 1000;

/** Setting a thrown stump back into its crater: the pull, where to stop, what it leans then. */
export function PlateBack({ job, stem }: { job: string; stem: Schemas['TangledStem'] }) {
  const [stub, setStub] = useState<number | null>(null);
  const [line, setLine] = useState<number | null>(null);
  const [back, setBack] = useState<number | null>(null);
  const [lift, setLift] = useState<number | null>(null);
  const [limit, setLimit] = useState<number | null>(null);
  const [crater, setCrater] = useState<number | null>(null);
  const [fill, setFill] = useState<number | null>(null);
  const { answer, faults, failed } = usePreview(
    'plateback',
    line === null ? undefined : stem.stemId,
    {
      stubM: stub ?? undefined,
      lineXM: line ?? 0,
      anchorBackM: back ?? undefined,
      liftDeg: back === null ? (lift ?? undefined) : undefined,
      limitN: limit === null ? undefined : limit * KN,
      craterM: crater ?? undefined,
      fillM: fill ?? undefined,
    },
    JSON.stringify([stem.plate, stem.pose]),
    (body, signal) =>
      data(
        api.POST('/api/jobs/{job}/tangle/stems/{stem}/plate-back', {
          params: { path: { job, stem: stem.stemId } },
          body,
          signal,
        }),
      ),
  );
  return (
    <section aria-label={msg('setBackOf', { stem: stem.label })}>
      <h2>
        {msg('setBackOf', { stem: stem.label })} <span>{msg('aChoice')}</span>
      </h2>
      <div className="two">
        <Stepper
          label={msg('lineAt')}
          unit="m"
          value={line}
          onChange={setLine}
          step={0.5}
          min={0.2}
          max={60}
          digits={1}
        />
        <Stepper
          label={msg('stubLeft')}
          unit="m"
          value={stub}
          onChange={setStub}
          step={0.5}
          min={0.1}
          max={60}
          digits={1}
        />
      </div>
      <div className="two">
        <Stepper
          label={msg('anchorBack')}
          unit="m"
          value={back}
          onChange={setBack}
          step={1}
          min={1}
          max={200}
          digits={0}
        />
        <Stepper
          label={msg('limitOfLine')}
          unit="kN"
          value={limit}
          onChange={setLimit}
          step={5}
          min={0.1}
          max={10000}
          digits={1}
        />
      </div>
      <div className="two">
        <Stepper
          label={msg('craterWide')}
          unit="m"
          value={crater}
          onChange={setCrater}
          step={0.1}
          min={0.1}
          max={15}
          digits={1}
        />
        <Stepper
          label={msg('looseSoil')}
          unit="m"
          value={fill}
          onChange={setFill}
          step={0.1}
          min={0}
          max={2}
          digits={1}
        />
      </div>
      {back === null && (
        <Stepper
          label={msg('craneLiftsAt')}
          unit="°"
          value={lift}
          onChange={setLift}
          step={5}
          min={20}
          max={160}
          digits={0}
        />
      )}
      {[...faults.map((f) => f.message), ...(failed ? [failed.message] : [])].map((m) => (
        <p key={m} className="refused">
          {m}
        </p>
      ))}
      {line === null && <p className="s">{msg('lineFirst')}</p>}
      {answer && (
        <>
          {answer.greatest !== undefined && (
            <p>
              <b>{msg('setBackPull', { greatest: answer.greatest, rated: answer.rated ?? '' })}</b>{' '}
              {msg('setBackAt', { at: answer.said.atDeg ?? '' })}
            </p>
          )}
          {answer.stop !== undefined && <p className={css.never}>{msg('stopAbove', { stop: answer.stop })}</p>}
          {answer.trimM > 0 && <p>{msg('trimFirst', { trim: answer.said.trimM })}</p>}
          {answer.warnings.map((w) => (
            <p key={w} className="refused">
              {w}
            </p>
          ))}
          <p>
            {msg('leansAfter', { lean: answer.said.leanAfterDeg })} {answer.after.join('; ')}.
          </p>
          <p className={css.never}>{msg('backZones', { behind: answer.said.behindM, stem: answer.said.stemM })}</p>
        </>
      )}
    </section>
  );
}

/** A tree that stands on a lifted plate: how far its anchorage is gone, and what a guy can do. */
export function Tilted({ job, stem }: { job: string; stem: { id: string; label: string } }) {
  const [width, setWidth] = useState<number | null>(null);
  const [guy, setGuy] = useState<number | null>(null);
  const [angle, setAngle] = useState<number | null>(null);
  const { answer, faults, failed } = usePreview(
    'tilt',
    width === null ? undefined : stem.id,
    { plateWidthM: width ?? 1, guyHeightM: guy ?? undefined, guyAngleDeg: angle ?? undefined },
    stem.id,
    (body, signal) =>
      data(
        api.POST('/api/jobs/{job}/tangle/stems/{stem}/tilt', {
          params: { path: { job, stem: stem.id } },
          body,
          signal,
        }),
      ),
  );
  return (
    <section aria-label={msg('tiltOf', { stem: stem.label })}>
      <h2>{msg('tiltOf', { stem: stem.label })}</h2>
      <div className="three">
        <Stepper
          label={msg('plateAlong')}
          unit="m"
          value={width}
          onChange={setWidth}
          step={0.1}
          min={0.3}
          max={12}
          digits={1}
        />
        <Stepper label={msg('guyAt')} unit="m" value={guy} onChange={setGuy} step={0.5} min={0.5} max={60} digits={1} />
        <Stepper
          label={msg('guyBelow')}
          unit="°"
          value={angle}
          onChange={setAngle}
          step={5}
          min={0}
          max={75}
          digits={0}
        />
      </div>
      {width === null && <p className="s">{msg('plateAlongFirst')}</p>}
      {[...faults.map((f) => f.message), ...(failed ? [failed.message] : [])].map((m) => (
        <p key={m} className="refused">
          {m}
        </p>
      ))}
      {answer && (
        <>
          <p className={answer.grade === 'FAILING' || answer.grade === 'SEVERE' ? 'refused' : undefined}>
            <b>{answer.gradeWords}</b>{' '}
            {msg('tiltedBy', { tilt: answer.said.tiltDeg, high: answer.said.tiltHighDeg, tip: answer.said.tipShiftM })}
          </p>
          {answer.guy !== undefined && <p>{msg('guyOf', { guy: answer.guy, down: answer.guyDown ?? '' })}</p>}
          {answer.warnings.map((w) => (
            <p key={w} className="refused">
              {w}
            </p>
          ))}
          <p className={css.never}>{msg('tiltZone', { zone: answer.said.zoneM })}</p>
        </>
      )}
    </section>
  );
}
