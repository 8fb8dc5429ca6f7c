import css from '../../ui/layout.module.css';
import { Button } from 'antd';
import { useState } from 'react';
import { api, type Schemas } from '../../api/client';
import { useAct } from '../../api/job';
import { usePlanTools } from '../../plan/planTools';
import { TangleSide } from '../../figures/TangleSide';
import { Files } from './Files';
import { Ladder } from './Ladder';
import { LookAgain } from './LookAgain';
import { Struck } from './Struck';
import { MoreForm, PoseForm, RelationForm, RestForm } from './Records';
import tangle from './tangle.module.css';
import { TornForm } from './Torn';
import { touched } from './touched';
import { said } from './terms';
import { msg } from './words';

type Props = {
  job: string;
  t: Schemas['TangleView'];
  stem?: Schemas['TangledStem'];
  leader: boolean;
  stems: { value: string; label: string }[];
  others: { value: string; label: string }[];
  /** stems by id that a torn part can be of */
  tornFrom: { value: string; label: string }[];
};
type Open = 'pose' | 'rest' | 'torn' | 'more';

/** What rests on what, what was seen of the chosen stem, and what is still missing. */
export function PictureTab({ job, t, stem, leader, stems, others, tornFrom }: Props) {
  const tools = usePlanTools();
  const act = useAct(job, tools.say);
  const [open, setOpen] = useState<Open | undefined>(leader && stem?.lookAgain === 'STEP_DONE' ? 'pose' : undefined);
  const close = () => setOpen(undefined);
  const toggle = (o: Open) => setOpen(open === o ? undefined : o);
  return (
    <div className={tangle.picture}>
      <Ladder t={t} chosen={stem?.stemId} choose={tools.selectStem} />
      {stem && (
        <section className={tangle.seen} aria-label={msg('seenOf', { stem: stem.label })}>
          <h1>
            {stem.label}{' '}
            <small>
              {stem.partOf &&
                `${msg('partSaid', {
                  what: said('PartOf.Kind', stem.partOf.kind),
                  stem: stem.partOf.stem,
                  at: stem.partOf.said.atM,
                })}, `}
              {stem.pose
                ? msg('poseSaid', {
                    length: stem.pose.said.lengthM,
                    angle: stem.pose.said.angleDeg,
                    sigma: stem.pose.said.sigmaM,
                    how: said('Pose.TakenHow', stem.pose.how),
                    who: stem.pose.who,
                  })
                : msg('noPose')}
            </small>
          </h1>
          <LookAgain
            job={job}
            stem={stem}
            ties={t.relations.filter((r) => r.type === 'BOUND' && (r.a === stem.label || r.b === stem.label))}
            leader={leader}
          />
          {stem.unstable && <p className="refused">{msg('unstable', { stem: stem.label })}</p>}
          <TangleSide stem={stem} />
          {stem.unknown.length > 0 && (
            <p className="refused">
              {msg('forcesNeed', { missing: stem.unknown.map((u) => said('Picture.Unknown', u)).join(', ') })}
            </p>
          )}
          <ul className="list">
            {stem.rests.map((r) => (
              <li key={r.id} className={css.row}>
                <span className={css.grow}>
                  <b className="n">{r.said.xM}</b> {said('Support.Side', r.side)}: {touched(r)}
                  {r.fibres && `, ${said('Rest.Fibres', r.fibres)}`}, {said('Rest.Certainty', r.certainty)}
                  {r.said.loadKg !== undefined && (
                    <>
                      {' '}
                      · <b className="n">{r.said.loadKg}</b>
                      {r.touches === false && ` ${msg('notTouching')}`}
                    </>
                  )}
                </span>
                {leader && (
                  <Button
                    type="text"
                    onClick={() =>
                      void act(api.DELETE('/api/jobs/{job}/tangle/rests/{id}', { params: { path: { job, id: r.id } } }))
                    }
                  >
                    {msg('noLonger')}
                  </Button>
                )}
              </li>
            ))}
            {stem.plate && (
              <li>
                {msg('plateSaid', {
                  w: stem.plate.said.widthM,
                  h: stem.plate.said.heightM,
                  t: stem.plate.said.thickM,
                  psi: stem.plate.said.psiDeg,
                })}
              </li>
            )}
            {stem.bow && <li>{msg('bowSaid', { chord: stem.bow.said.chordM, rise: stem.bow.said.riseM })}</li>}
            {stem.hidden.map((h) => (
              <li key={h.id} className={css.row}>
                <span className={css.grow}>{msg('hiddenSaid', { from: h.said.fromM, to: h.said.toM })}</span>
                {leader && (
                  <Button
                    type="text"
                    onClick={() =>
                      void act(
                        api.DELETE('/api/jobs/{job}/tangle/hidden/{id}', { params: { path: { job, id: h.id } } }),
                      )
                    }
                  >
                    {msg('lookedAt')}
                  </Button>
                )}
              </li>
            ))}
          </ul>
          {leader && (
            <div className="chips">
              <Button aria-expanded={open === 'pose'} onClick={() => toggle('pose')}>
                {msg('enterPose')}
              </Button>
              <Button aria-expanded={open === 'rest'} onClick={() => toggle('rest')}>
                {msg('enterRest')}
              </Button>
              <Button aria-expanded={open === 'more'} onClick={() => toggle('more')}>
                {msg('enterMore')}
              </Button>
            </div>
          )}
          {open === 'pose' && <PoseForm key={stem.stemId} job={job} stem={stem} done={close} />}
          {open === 'rest' && <RestForm key={stem.stemId} job={job} stem={stem} others={others} done={close} />}
          {open === 'more' && <MoreForm key={stem.stemId} job={job} stem={stem} done={close} />}
        </section>
      )}
      <Struck job={job} t={t} stem={stem} leader={leader} />
      <h2>
        {msg('whatBearsOnWhat')} <span>{msg('recorded', { relationsCount: t.relations.length })}</span>
      </h2>
      <ul className="list">
        {t.relations.map((r) => (
          <li key={r.id} className={css.row}>
            <span className={css.grow}>
              <b>{r.aName}</b> {said('Pile.Type', r.type)} <b>{r.bName}</b>
              {r.type === 'BOUND' && (
                <small>
                  {' '}
                  {said('Pile.Carries', r.carries)}, {said('Pile.SeverFrom', r.severFrom)}
                </small>
              )}
            </span>
            {leader && (
              <Button
                type="text"
                onClick={() =>
                  void act(api.DELETE('/api/jobs/{job}/tangle/relations/{id}', { params: { path: { job, id: r.id } } }))
                }
              >
                {msg('takeBack')}
              </Button>
            )}
          </li>
        ))}
      </ul>
      {t.stems.length === 0 && <p className="empty">{msg('nothingRecordedHungUp')}</p>}
      {leader && <RelationForm job={job} stems={stems} others={others} done={() => undefined} />}
      {leader && (
        <div className="chips">
          <Button aria-expanded={open === 'torn'} onClick={() => toggle('torn')}>
            {msg('enterTorn')}
          </Button>
        </div>
      )}
      {open === 'torn' && <TornForm job={job} stems={tornFrom} first={stem?.stemId} done={close} />}
      <p className="s">{msg('aDoubtfulRelationIs')}</p>
      <Files job={job} leader={leader} />
    </div>
  );
}
