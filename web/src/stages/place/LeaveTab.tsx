import css from '../../ui/layout.module.css';
import { Button, Input } from 'antd';
import { Waiting } from '../../ui/Waiting';
import { useState } from 'react';
import { api, type Schemas } from '../../api/client';
import { useAct, useSurroundings } from '../../api/job';
import { Mark } from '../../figures/Mark';
import { usePlanTools } from '../../plan/planTools';

type Answer = Schemas['PermitView']['answer'];
const ANSWERS: [Answer, string][] = [
  ['YES', 'yes'],
  ['NO', 'no'],
  ['NOT_NEEDED', 'not needed'],
  ['NOT_KNOWN', 'not known'],
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
      <h1>Permission and protected features</h1>
      {s.permits.map((p) => (
        <div key={p.key} role="group" aria-label={p.words} className={css.hairAbove}>
          <div className={css.row}>
            <Mark size={18} kind={p.answer === 'NO' ? 'STOP' : p.answer === 'NOT_KNOWN' ? 'CAUTION' : 'ready'} />
            <b>{p.words}</b>
          </div>
          <small>Yes: {p.yes}.</small>
          <div className="chips">
            {ANSWERS.map(([a, w]) => (
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

const LINES: [keyof Schemas['EmergencyCard'], string, string][] = [
  ['nearestHelp', 'Nearest help', 'clinic or ambulance, minutes'],
  ['route', 'Route to it', ''],
  ['gridReference', 'Grid reference or coordinates', 'of the meeting point'],
  ['phoneCover', 'Phone cover', 'where there is some'],
  ['firstAider', 'First-aider', ''],
  ['kit', 'Kit', 'where it is'],
  ['rescuePlan', 'Rescue plan', 'who carries, who meets the ambulance'],
  ['utilityLine', 'Utility emergency line', 'number of the line’s or pipe’s owner'],
];

function Card({ job, s, leader }: { job: string; s: Schemas['PlaceView']; leader: boolean }) {
  const { say } = usePlanTools();
  const act = useAct(job, say);
  const [card, setCard] = useState(s.card);
  const changed = LINES.some(([k]) => card[k] !== s.card[k]);
  return (
    <section aria-label="Emergency card">
      <h2>
        Emergency card <span>{s.cardLacks.length === 0 ? 'complete' : 'no briefing without it'}</span>
      </h2>
      {s.cardLacks.length > 0 && <p className="refused">Lacks: {s.cardLacks.join(', ')}.</p>}
      <div className="form">
        {LINES.map(([k, w, hint]) => (
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
            Save the card
          </Button>
        )}
      </div>
    </section>
  );
}
