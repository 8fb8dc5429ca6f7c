import { Button, Checkbox, Slider } from 'antd';
import { useState } from 'react';
import { createPortal } from 'react-dom';
import { useQuery } from '@tanstack/react-query';
import { api, data, type Schemas } from '../../api/client';
import { useAct } from '../../api/job';
import { usePreview } from '../../api/usePreview';
import { useBoard, usePlanTools } from '../../plan/planTools';
import { BeamBoard } from '../../figures/BeamBoard';
import { TangleEnd } from '../../figures/TangleEnd';
import { TangleSide } from '../../figures/TangleSide';
import { Mark } from '../../figures/Mark';
import { Sectioned } from './Sectioned';
import css from './tangle.module.css';
import { said } from './terms';
import { msg } from './words';

const END_M = 0.2;
const STEP_M = 0.05;
const DID = ['CLOSES', 'OPENS', 'STAYS'] as const;
type NotFromBelow = NonNullable<NonNullable<Schemas['CutRequest']['notFromBelow']>[number]>;
const WHY_NOT: NotFromBelow[] = ['ROOM', 'BRANCHES', 'FOOTING', 'EFFORT'];
const MARKS = { NEUTRAL: 'ready', LOW: 'ready', MODERATE: 'CAUTION', HIGH: 'SECOND_OPINION', EXTREME: 'STOP' } as const;

/** A cut, dragged along the stem: which side is squeezed, what both parts do, in what order it is cut. */
export function CutTab({ job, stem, leader }: { job: string; stem: Schemas['TangledStem']; leader: boolean }) {
  const { say } = usePlanTools();
  const act = useAct(job, say);
  const able = stem.unknown.length === 0 && stem.pose !== undefined;
  const length = stem.pose?.lengthM ?? 1;
  const to = Math.floor((length - END_M) * 20) / 20;
  const [chosen, setChosen] = useState<number>();
  const x = Math.min(length - END_M, chosen ?? Math.round((length / 3) * 20) / 20);
  const { wide, board } = useBoard(able);
  const stamp = JSON.stringify([stem.pose, stem.rests, stem.kerf]);
  const [notFromBelow, setNotFromBelow] = useState<NotFromBelow[]>([]);
  const asked = able ? stem.stemId : undefined;
  const { answer, faults } = usePreview('tanglecut', asked, { xM: x, notFromBelow }, stamp, (body, signal) =>
    data(
      api.POST('/api/jobs/{job}/tangle/stems/{stem}/cut', {
        params: { path: { job, stem: stem.stemId } },
        body,
        signal,
      }),
    ),
  );
  const best = useQuery({
    queryKey: ['job', job, 'tangle', 'best', stem.stemId, stamp],
    queryFn: () =>
      data(api.GET('/api/jobs/{job}/tangle/stems/{stem}/best', { params: { path: { job, stem: stem.stemId } } })),
    enabled: able,
  });
  if (!able)
    return (
      <p className="empty">
        {msg('noForcesYet', {
          stem: stem.label,
          missing: stem.unknown.map((u) => said('Picture.Unknown', u)).join(', '),
        })}
      </p>
    );
  return (
    <section aria-label={msg('cutOf', { stem: stem.label })}>
      {wide ? (
        board &&
        createPortal(
          <BeamBoard
            stem={stem}
            cut={answer}
            better={best.data ?? []}
            from={END_M}
            to={to}
            step={STEP_M}
            x={x}
            setX={setChosen}
          />,
          board,
        )
      ) : (
        <>
          <TangleSide stem={stem} cut={answer} />
          <Slider
            className={css.marker}
            ariaLabelForHandle={msg('whereToCut')}
            min={END_M}
            max={to}
            step={STEP_M}
            value={x}
            onChange={setChosen}
            tooltip={{ open: false }}
          />
        </>
      )}
      {faults.map((f) => (
        <p key={f.field + f.code} className="refused">
          {f.message}
        </p>
      ))}
      {answer?.voided && <p className="refused">{msg('kerfContradicts')}</p>}
      {answer && <Answered cut={answer} titled={!wide} />}
      {answer?.asksFromBelow && !answer.noHandCut && !answer.voided && (
        <>
          <h2>{msg('cannotFromBelow')}</h2>
          <Checkbox.Group
            aria-label={msg('cannotFromBelow')}
            value={notFromBelow}
            onChange={setNotFromBelow}
            options={WHY_NOT.map((value) => ({ value, label: said('BindCut.NotFromBelow', value) }))}
          />
        </>
      )}
      {answer?.curvedPlunge && !answer.voided && (
        <p>
          <Mark kind="SECOND_OPINION" /> <b>{msg('curvedPlunge')}</b>
        </p>
      )}
      {answer && !wide && <TangleEnd cut={answer} />}
      {answer && leader && !answer.noHandCut && !answer.voided && (
        <>
          <h2>{msg('whatDoesTheKerf')}</h2>
          <div className="chips">
            {DID.map((did) => (
              <Button
                key={did}
                type={answer.kerf === did ? 'primary' : 'default'}
                onClick={() =>
                  void act(
                    api.POST('/api/jobs/{job}/tangle/stems/{stem}/kerfs', {
                      params: { path: { job, stem: stem.stemId } },
                      body: { xM: x, did },
                    }),
                  )
                }
              >
                {said('KerfReading.Did', did)}
              </Button>
            ))}
          </div>
        </>
      )}
      {leader && stem.state === 'HUNG' && <Sectioned job={job} stem={stem} />}
      <h2>{msg('betterPlaces')}</h2>
      {best.data?.length === 0 && <p className="refused">{msg('noSafeHandCut')}</p>}
      <ul className="list">
        {(best.data ?? []).map((p) => (
          <li key={p.xM}>
            <Button type="text" onClick={() => setChosen(p.xM)}>
              <Mark kind={MARKS[p.severity]} /> <b>{p.said.xM}</b> {p.squeezeWords}, {p.severityWords} ·{' '}
              {p.said.pieceKg}
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** @param titled whether the whole width has not said it already */
function Answered({ cut, titled }: { cut: Schemas['TangleCut']; titled: boolean }) {
  return (
    <>
      {titled && (
        <h1>
          {cut.noHandCut ? (
            <span className={css.never}>{msg('noHandCutHere')}</span>
          ) : (
            msg('barPinches', { pinch: cut.pinch })
          )}
        </h1>
      )}
      {!titled && <h1>{msg('cutAtTitle', { at: cut.said.xM })}</h1>}
      <div className={css.figures}>
        <span>
          <b>{cut.severityWords}</b>
          <small>{cut.squeezeWords}</small>
        </span>
        <span>
          <b className="n">{cut.said.dM}</b>
          <small>{msg('thickThere')}</small>
        </span>
        <span>
          <b className="n">{cut.said.stoneM ?? msg('notKnown')}</b>
          <small>{msg('asAStone')}</small>
        </span>
      </div>
      <h2>{msg('bothPartsAfter')}</h2>
      <ul className="list">
        <Part name={msg('buttPart')} p={cut.butt} />
        <Part name={msg('tipPart')} p={cut.tip} />
      </ul>
      {cut.flags.map((f) => (
        <p key={f} className="refused">
          {f}
        </p>
      ))}
      {cut.overloaded.length > 0 && <p className="refused">{msg('takesMore', { rests: cut.overloaded.join(', ') })}</p>}
      {cut.unloads.length > 0 && <p>{msg('losesItsLoad', { rests: cut.unloads.join(', ') })}</p>}
      <p>
        <b>{msg('standAt', { places: cut.stand.join(', ') })}</b> {msg('neverInLine')}
      </p>
      {!cut.noHandCut && !cut.voided && (
        <>
          <h2>{msg('inThisOrder')}</h2>
          <ol className="list">
            {cut.sequence.map((s, i) => (
              // two probe cuts differ by their side alone
              <li key={s.action + (s.side ?? '') + String(i)}>
                <b>{i + 1}</b> {s.words}
                {s.side && `, ${msg('fromSide', { side: s.side })}`} <b className="n">{s.said.depthM}</b>
              </li>
            ))}
          </ol>
        </>
      )}
    </>
  );
}

function Part({ name, p }: { name: string; p: Schemas['SeveredPart'] }) {
  return (
    <li>
      {name}, <b className="n">{p.said.massKg}</b>: {p.words} <b className="n">{p.move ?? msg('notKnownHowFar')}</b>
    </li>
  );
}
