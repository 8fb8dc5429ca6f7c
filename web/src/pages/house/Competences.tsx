import { Button, Checkbox, DatePicker, Input, Modal } from 'antd';
import dayjs from 'dayjs';
import { useState } from 'react';
import { api, type Schemas } from '../../api/client';
import { Stepper } from '../../app/Stepper';
import { term } from '../../words/terms';
import css from './house.module.css';
import { msg } from './words';

type Person = Schemas['PersonEntry'];
type Held = Schemas['HeldRequest'];
type Kind = Held['competence'];
const CM = 100;
const KINDS: Kind[] = [
  'SAW',
  'SPECIAL_CUTS',
  'HUNG_UP',
  'WINCH',
  'LOOKOUT',
  'GROUND',
  'FIRST_AID',
  'SUPERVISE',
  'NEAR_LINES',
  'CLIMB',
  'RESCUE',
  'CRANE',
  'MACHINE',
];
/** Only who holds a running saw has a limit of thickness. */
const CUTS: Kind[] = ['SAW', 'CLIMB'];

/** What a person is competent for and until when, in one line each. */
export function Proofs({ p }: { p: Person }) {
  return (
    <ul className={css.proofs}>
      {p.proofs.map((held) => (
        <li key={held.competence}>
          {term('Competence', held.competence)}
          <small>
            {' '}
            {[
              held.validTo ? msg('goodTo', { date: dayjs(held.validTo).format('D MMM YYYY') }) : msg('noProofKnown'),
              held.said.maxDiameterM !== undefined && msg('upTo', { thick: held.said.maxDiameterM }),
              held.trainee && msg('stillLearns'),
            ]
              .filter(Boolean)
              .join(', ')}
          </small>
        </li>
      ))}
    </ul>
  );
}

/** All that somebody is competent for, with the proofs as they were seen. */
export function EditCompetences({ p, run }: { p: Person; run: (write: Promise<unknown>) => Promise<boolean> }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button onClick={() => setOpen(true)}>{msg('competencesOf')}</Button>
      {open && <Editor p={p} run={run} close={() => setOpen(false)} />}
    </>
  );
}

function Editor({
  p,
  run,
  close,
}: {
  p: Person;
  run: (write: Promise<unknown>) => Promise<boolean>;
  close: () => void;
}) {
  const [held, setHeld] = useState<Held[]>(
    p.proofs.map(({ competence, validTo, maxDiameterM, trainee, proof }) => ({
      competence,
      validTo,
      maxDiameterM,
      trainee,
      proof,
    })),
  );
  const change = (kind: Kind, with_: Partial<Held>) =>
    setHeld((all) => all.map((h) => (h.competence === kind ? { ...h, ...with_ } : h)));
  const save = async () => {
    const body = { held, version: p.version };
    if (await run(api.PUT('/api/people/{id}/competences', { params: { path: { id: p.id } }, body }))) close();
  };
  return (
    <Modal
      open
      width={860}
      title={msg('competencesAndProofs', { name: p.name })}
      okText={msg('saveProofs')}
      onOk={() => void save()}
      onCancel={close}
    >
      <p className="s">{msg('whoWritesConfirms')}</p>
      {KINDS.map((kind) => {
        const words = term('Competence', kind);
        const h = held.find((x) => x.competence === kind);
        return (
          <div key={kind} className={css.proof}>
            <Checkbox
              checked={h !== undefined}
              onChange={(e) =>
                setHeld((all) =>
                  e.target.checked
                    ? [...all, { competence: kind, trainee: false, proof: '' }]
                    : all.filter((x) => x.competence !== kind),
                )
              }
            >
              {words}
            </Checkbox>
            {h && (
              <>
                <DatePicker
                  aria-label={msg('validTo', { words })}
                  placeholder={msg('goodUntil')}
                  format="D MMM YYYY"
                  value={h.validTo ? dayjs(h.validTo) : null}
                  onChange={(d) => change(kind, { validTo: d ? d.format('YYYY-MM-DD') : undefined })}
                />
                {CUTS.includes(kind) ? (
                  <Stepper
                    label={msg('thickestCut')}
                    unit="cm"
                    value={h.maxDiameterM === undefined ? null : h.maxDiameterM * CM}
                    onChange={(v) => change(kind, { maxDiameterM: v === null ? undefined : v / CM })}
                    step={5}
                    digits={0}
                  />
                ) : (
                  <span />
                )}
                <Checkbox checked={h.trainee} onChange={(e) => change(kind, { trainee: e.target.checked })}>
                  {msg('stillLearns')}
                </Checkbox>
                <Input
                  aria-label={msg('proofOf', { words })}
                  placeholder={msg('proofSeen')}
                  maxLength={200}
                  value={h.proof}
                  onChange={(e) => change(kind, { proof: e.target.value })}
                />
              </>
            )}
          </div>
        );
      })}
    </Modal>
  );
}
