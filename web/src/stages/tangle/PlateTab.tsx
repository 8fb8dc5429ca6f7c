import { useState } from 'react';
import { api, data, type Schemas } from '../../api/client';
import { usePreview } from '../../api/usePreview';
import { Stepper } from '../../app/Stepper';
import { Mark } from '../../figures/Mark';
import { CutMarks } from './CutMarks';
import { PlateBack } from './PlateBack';
import css from './tangle.module.css';
import { msg } from './words';

const MARKS = { STAYS: 'ready', UNCERTAIN: 'CAUTION', MAY_STAND_UP: 'STOP', STANDS_UP: 'STOP' } as const;

/** A raised plate: after which piece it may stand up, and what holds it down. */
export function PlateTab({ job, stem }: { job: string; stem: Schemas['TangledStem'] }) {
  const [cuts, setCuts] = useState<number[]>([]);
  const [hold, setHold] = useState<number | null>(null);
  const able = stem.plate !== undefined;
  const { answer, faults, failed } = usePreview(
    'tangleplate',
    able ? stem.stemId : undefined,
    { cutsM: cuts, holdXM: hold ?? undefined },
    JSON.stringify([stem.plate, stem.pose]),
    (body, signal) =>
      data(
        api.POST('/api/jobs/{job}/tangle/stems/{stem}/plate', {
          params: { path: { job, stem: stem.stemId } },
          body,
          signal,
        }),
      ),
  );
  if (!able) return <p className="empty">{msg('noPlate', { stem: stem.label })}</p>;
  return (
    <section aria-label={msg('plateOf', { stem: stem.label })}>
      <h1>
        {stem.label} <small>{msg('cutUpFromTip')}</small>
      </h1>
      <CutMarks
        cuts={cuts}
        setCuts={setCuts}
        beside={
          <Stepper
            label={msg('holdAt')}
            unit="m"
            value={hold}
            onChange={setHold}
            step={0.5}
            min={0}
            max={60}
            digits={1}
          />
        }
      />
      {[...faults.map((f) => f.message), ...(failed ? [failed.message] : [])].map((m) => (
        <p key={m} className="refused">
          {m}
        </p>
      ))}
      {answer && (
        <>
          <ul className="list">
            {answer.rows.map((r) => (
              <li key={r.removed}>
                <Mark kind={MARKS[r.state]} /> {r.piece ? msg('afterPiece', { piece: r.piece }) : msg('beforeCuts')}{' '}
                <b>{r.words}</b>
                {r.hold !== undefined && r.state !== 'STAYS' && <> · {msg('holdWith', { hold: r.hold })}</>}
              </li>
            ))}
          </ul>
          <p className={css.never}>{msg('plateZones', { behind: answer.said.behindM, front: answer.said.frontM })}</p>
          <p>{msg('leaveStub', { stub: answer.said.minStubM })}</p>
          {answer.fallsForward && <p className="refused">{msg('fallsForward')}</p>}
        </>
      )}
      <PlateBack job={job} stem={stem} />
    </section>
  );
}
