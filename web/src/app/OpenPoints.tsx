import { useQuery } from '@tanstack/react-query';
import { Select } from 'antd';
import { useState } from 'react';
import { api, data, type Schemas } from '../api/client';
import { useAct } from '../api/job';
import { Mark } from '../figures/Mark';
import { usePlanTools } from '../plan/planTools';
import { usePanelKey } from './keys';
import { type Stage, STAGES } from './stages';

type Finding = Schemas['FindingView'];

/** Every finding, worst first, one tap from where it is cleared. */
export function OpenPoints({ job, findings, leader, go }: { job: string; findings: Finding[]; leader: boolean; go: (s: Stage) => void }) {
  const [up, setUp] = useState(false);
  usePanelKey(['o'], () => setUp((u) => !u));
  const open = findings.filter((f) => f.open);
  const weighty = open.filter((f) => f.severity !== 'NOTE');
  return (
    <footer className="strip" aria-label="Open points">
      {up && (
        <div className="all">
          {findings.map((f) => <Row key={f.key} job={job} f={f} leader={leader} go={(s) => { setUp(false); go(s); }} />)}
          {findings.length === 0 && <p className="empty" style={{ padding: 16 }}>No rule has anything to say about the plan as it stands.</p>}
        </div>
      )}
      <div className="row">
        {weighty.slice(0, 3).map((f) => (
          <button key={f.key} onClick={() => go(STAGES[f.stage - 1])} title={f.words}><Mark kind={f.severity} /><span>{f.words}</span></button>
        ))}
        {weighty.length === 0 && <button onClick={() => setUp(true)}><Mark kind="ready" /><span>nothing stands against the plan; read the notes</span></button>}
        <button className="up" aria-expanded={up} onClick={() => setUp(!up)}>{weighty.length} open, {findings.length} in all {up ? '▾' : '▴'}</button>
      </div>
    </footer>
  );
}

function Row({ job, f, leader, go }: { job: string; f: Finding; leader: boolean; go: (s: Stage) => void }) {
  const { say } = usePlanTools();
  const act = useAct(job, say);
  const [asking, setAsking] = useState(false);
  return (
    <div className="finding" data-severity={f.severity}>
      <Mark kind={f.open ? f.severity : 'ready'} />
      <div>
        <b>{f.words}</b>
        <div className="s">{f.why} ({f.source}). {f.open ? <>Clears it: {f.clears}.</> : <b>{f.cleared}</b>}</div>
        {asking && <AskOpinion job={job} f={f} done={() => setAsking(false)} />}
      </div>
      <div className="act">
        {f.open && leader && f.severity === 'CAUTION' && (
          <button className="plain" onClick={() => void act(api.POST('/api/jobs/{job}/acknowledgements', { params: { path: { job } }, body: { findingKey: f.key } }))}>Acknowledge</button>
        )}
        {f.open && leader && f.severity === 'SECOND_OPINION' && !asking && <button className="plain" onClick={() => setAsking(true)}>Write down a second opinion</button>}
        <button className="plain" style={{ fontWeight: 700 }} onClick={() => go(STAGES[f.stage - 1])}>Go there</button>
      </div>
    </div>
  );
}

function AskOpinion({ job, f, done }: { job: string; f: Finding; done: () => void }) {
  const { say } = usePlanTools();
  const act = useAct(job, say);
  const takers = useQuery({ queryKey: ['takers', job, f.key], queryFn: () => data(api.GET('/api/jobs/{job}/opinion-takers', { params: { path: { job }, query: { findingKey: f.key } } })) });
  const [taker, setTaker] = useState<string>();
  const [phone, setPhone] = useState('');
  const [shown, setShown] = useState('');
  return (
    <form className="form" style={{ maxWidth: 700 }} onSubmit={async (e) => {
      e.preventDefault();
      if (await act(api.POST('/api/jobs/{job}/opinions', { params: { path: { job } }, body: { findingKey: f.key, takerId: taker ?? '', byTelephone: true, phone, shown } }))) done();
    }}>
      <div className="three">
        <label>Who, competent for {takers.data?.competence ?? '…'}<Select aria-label="Who takes it" value={taker} onChange={setTaker} options={takers.data?.people.map((t) => ({ value: t.id, label: t.name }))} /></label>
        <label>By telephone, number<input aria-label="Telephone" value={phone} onChange={(e) => setPhone(e.target.value)} style={{ minHeight: 46, font: 'inherit', padding: '0 10px' }} /></label>
        <label>What was shown<input aria-label="What was shown" value={shown} onChange={(e) => setShown(e.target.value)} style={{ minHeight: 46, font: 'inherit', padding: '0 10px' }} /></label>
      </div>
      <button className="big" style={{ fontSize: 16 }}>Write it down</button>
    </form>
  );
}
