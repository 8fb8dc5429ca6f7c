import css from '../../ui/layout.module.css';
import { Button, Input } from 'antd';
import { Waiting } from '../../ui/Waiting';
import { useState } from 'react';
import { api, type Schemas } from '../../api/client';
import { useAct, useSurroundings } from '../../api/job';
import { Mark } from '../../figures/Mark';
import { usePlanTools } from '../../plan/planTools';
import { msg } from './words';

type Answer = Schemas['PermitView']['answer'];
const answerWords = (): [Answer, string][] => [
  ['YES', msg('yes')],
  ['NO', msg('no')],
  ['NOT_NEEDED', msg('notNeeded')],
  ['NOT_KNOWN', msg('notKnown')],
];

/** Leave and protected things; the emergency card without which nobody is briefed. */
export function LeaveTab({ job, leader }: { job: string; leader: boolean }) {
  const { say } = usePlanTools();
  const act = useAct(job, say);
  const s = useSurroundings(job).data;
  if (!s) return <Waiting className="body" />;
  const answer = (key: Schemas['PermitView']['key'], a: Answer) =>
    void act(
      api.PUT('/api/jobs/{job}/place/permits', {
        params: { path: { job } },
        body: { answers: { [key]: a } },
      }),
    );
  return (
    <>
      <h1>{msg('permissionAndProtectedFeatures')}</h1>
      {s.permits.map((p) => (
        <div key={p.key} role="group" aria-label={p.words} className={css.hairAbove}>
          <div className={css.row}>
            <Mark size={18} kind={p.answer === 'NO' ? 'STOP' : p.answer === 'NOT_KNOWN' ? 'CAUTION' : 'ready'} />
            <b>{p.words}</b>
          </div>
          <small>{msg('yesWithYes', { yes: p.yes })}</small>
          <div className="chips">
            {answerWords().map(([a, w]) => (
              <Button
                type={p.answer === a ? 'primary' : 'default'}
                key={a}
                disabled={!leader}
                aria-pressed={p.answer === a}
                onClick={() => answer(p.key, a)}
              >
                {w}
              </Button>
            ))}
          </div>
        </div>
      ))}
      <Card key={s.versions.card} job={job} s={s} leader={leader} />
    </>
  );
}

const lines = (): [keyof Schemas['EmergencyCard'], string, string][] => [
  ['nearestHelp', msg('nearestHelp'), msg('clinicOrAmbulanceMinutes')],
  ['route', msg('routeToIt'), ''],
  ['gridReference', msg('gridReferenceOrCoordinates'), msg('ofTheMeetingPoint')],
  ['phoneCover', msg('phoneCover'), msg('whereThereIsSome')],
  ['firstAider', msg('firstAider'), ''],
  ['kit', msg('kit'), msg('whereItIsInline')],
  ['rescuePlan', msg('rescuePlan'), msg('whoCarriesWhoMeets')],
  ['utilityLine', msg('utilityEmergencyLine'), msg('numberOfTheLines')],
];

function Card({ job, s, leader }: { job: string; s: Schemas['PlaceView']; leader: boolean }) {
  const { say } = usePlanTools();
  const act = useAct(job, say);
  const [card, setCard] = useState(s.card);
  const changed = lines().some(([k]) => card[k] !== s.card[k]);
  return (
    <section aria-label={msg('emergencyCard')}>
      <h2>
        {msg('emergencyCard')} <span>{s.cardLacks.length === 0 ? msg('complete') : msg('noBriefingWithoutIt')}</span>
      </h2>
      {s.cardLacks.length > 0 && <p className="refused">{msg('lacks', { cardLacks: s.cardLacks.join(', ') })}</p>}
      <div className="form">
        {lines().map(([k, w, hint]) => (
          <label key={k}>
            {w}
            <Input
              aria-label={w}
              placeholder={hint}
              value={card[k]}
              disabled={!leader}
              maxLength={200}
              onChange={(e) => setCard({ ...card, [k]: e.target.value })}
            />
          </label>
        ))}
        {changed && leader && (
          <Button
            type="primary"
            size="large"
            block
            onClick={() =>
              void act(
                api.PUT('/api/jobs/{job}/place/emergency', {
                  params: { path: { job } },
                  body: { ...card, version: s.versions.card },
                }),
              )
            }
          >
            {msg('saveTheCard')}
          </Button>
        )}
      </div>
    </section>
  );
}
