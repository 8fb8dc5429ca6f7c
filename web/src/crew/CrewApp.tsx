import { lazy, Suspense, useEffect, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { api, type Schemas } from '../api/client';
import { useAct, useCard, useHolds, useJob, useLive, useRun } from '../api/job';
import { newId } from '../app/newId';
import { Mark } from '../figures/Mark';
import { PlanSketch } from '../plan/PlanSketch';
import { azimuth, clock } from '../units/format';
import { useOutbox } from './outbox';

const SeePage = lazy(() => import('./SeePage'));
const CutPage = lazy(() => import('./CutPage'));
import { switchGlare } from '../app/glare';

/** The phone of one crew member: what to do now, the briefing, HOLD under the thumb. */
export default function CrewApp() {
  const { job = '', page = '' } = useParams();
  const navigate = useNavigate();
  const link = useLive(job);
  const info = useJob(job);
  const card = useCard(job).data;
  const run = useRun(job).data;
  const out = useOutbox(job);
  const [refused, setRefused] = useState('');
  const act = useAct(job, setRefused);
  useEffect(() => {
    if (info.error) navigate('/join');
  }, [info.error, navigate]);
  const hold = useHolds(job).data?.find((h) => !h.lifted);
  const holdId = hold?.mine ? undefined : hold?.id;
  useEffect(() => {
    if (holdId) void api.POST('/api/jobs/{job}/run/holds/{hold}/receipts', { params: { path: { job, hold: holdId } }, body: { state: 'SEEN' } }).catch(() => undefined);
  }, [holdId, job]);
  if (!info.data || !run) return <p style={{ padding: 20 }}>Opening…</p>;
  const me = info.data.people.find((p) => p.id === info.data.me);
  const sent = Boolean(hold) || out.unsent.length === 0;
  const needsSign = card && !card.signedAt;
  const at = page || (needsSign ? 'brief' : 'run');

  return (
    <div className="phone">
      <div className="top"><b>{me?.name.split(' ')[0]}</b><span>{info.data.name}{card ? ` · briefing ${card.number}` : ''}</span><button className="plain" onClick={switchGlare}>Glare</button></div>
      <nav className="tabs"><Link className={at === 'brief' ? 'on' : ''} to={`/crew/${job}/brief`}>Briefing{needsSign ? ' •' : ''}</Link><Link className={at === 'run' ? 'on' : ''} to={`/crew/${job}/run`}>Run</Link><Link className={at === 'cut' ? 'on' : ''} to={`/crew/${job}/cut`}>Cut</Link><Link className={at === 'see' ? 'on' : ''} to={`/crew/${job}/see`}>I see</Link></nav>
      {link === 'lost' && <p className="refused" role="alert">No link to the server. What you press is kept and sent once it is back. HOLD by whistle and arm.</p>}
      {(refused || out.refused) && <p className="refused" role="alert">{refused || out.refused}</p>}
      {(hold || out.unsent.some((u) => u.kind === 'hold')) && <Held hold={hold} sent={sent} mayConfirm={run.step?.iMayConfirmStopped ?? false} confirm={() => hold && out.post({ kind: 'stopped', id: newId(), hold: hold.id })} />}
      {at === 'cut' ? <Suspense fallback={<p className="c">Opening…</p>}><CutPage job={job} card={card ?? undefined} say={setRefused} /></Suspense> : at === 'see' ? <Suspense fallback={<p className="c">Opening…</p>}><SeePage job={job} out={out} /></Suspense> : at === 'brief' ? <Brief job={job} card={card ?? undefined} act={act} /> : <Now held={Boolean(hold)} run={run} card={card ?? undefined} info={info.data} ready={(ready) => void act(api.POST('/api/jobs/{job}/run/ready', { params: { path: { job } }, body: { ready } }))} done={(feature, done) => void act(api.POST('/api/jobs/{job}/run/protections/{feature}', { params: { path: { job, feature } }, body: { done } }))} me={me?.name ?? ''} />}
      <button className="thumb" onClick={() => out.post({ kind: 'hold', id: newId(), reason: '' })}><b>HOLD</b><span>anyone, any time: saw off, stand still</span></button>
    </div>
  );
}

function Held({ hold, sent, mayConfirm, confirm }: { hold?: Schemas['HoldView']; sent: boolean; mayConfirm: boolean; confirm: () => void }) {
  const seen = hold?.receipts.filter((r) => r.state === 'SEEN').map((r) => r.who) ?? [];
  const stopped = hold?.receipts.filter((r) => r.state === 'STOPPED').map((r) => r.who) ?? [];
  return (
    <section className="stopnow" role="alert" aria-label="Hold">
      <strong>{!hold || hold.mine ? 'Whistle and arm signal now' : `HOLD: ${hold.who}, ${clock(hold.at)}`}</strong>
      {hold?.mine && <p>HOLD called by you, {clock(hold.at)}. A running saw does not hear a phone.</p>}
      <ul aria-label="Sent, seen, stopped">
        <li><Mark kind={sent && hold ? 'ready' : 'none'} /> sent</li>
        <li><Mark kind={seen.length > 0 ? 'ready' : 'none'} /> seen{seen.length > 0 ? `: ${seen.join(', ')}` : ''}</li>
        <li><Mark kind={stopped.length > 0 ? 'ready' : 'none'} /> stopped{stopped.length > 0 ? `: ${stopped.join(', ')}` : ''}</li>
      </ul>
      {mayConfirm && stopped.length === 0 && <button className="big quiet" onClick={confirm}>Confirm: stopped</button>}
      <p>Only the leader lifts it.</p>
    </section>
  );
}

function Now({ held, run, card, info, ready, done, me }: { held: boolean; run: Schemas['RunView']; card?: Schemas['Card']; info: Schemas['JobView']; ready: (r: boolean) => void; done: (feature: string, d: boolean) => void; me: string }) {
  const step = run.step;
  const post = card?.posts.find((p) => p.turn === step?.turn);
  const word = held ? 'Stop' : run.going ? 'Go' : step ? 'Wait' : 'Done';
  const waiting = step?.people.filter((p) => !p.readyAt).map((p) => p.name.split(' ')[0]) ?? [];
  const gust = info.wind.gustMs;
  const holdAt = run.gustLimitMs ?? info.windLimitMs;
  return (
    <>
      <section className="now"><h3>Now{step ? `, step ${step.turn} of ${run.stepsInAll}: ${step.title}` : ''}</h3><strong>{word}</strong>
        <p>{held ? 'A hold stands.' : run.going ? (post?.task ?? 'You have no part in this step. Stay out of the ring.') : step ? (waiting.length > 0 ? `not ready: ${waiting.join(', ')}` : (run.against.length > 0 ? `stands against a go: ${run.against.length}` : 'all is green; wait for the leader’s GO')) : 'All steps are done.'}</p></section>
      {post && card && (
        <>
          <PlanSketch plan={card.plan} height={230} focus={post.stem} me={post.stand ? { stand: post.stand, ways: post.waysOut.map((w) => ({ ...w, lengthM: Math.min(w.lengthM, 20) })), label: 'me' } : undefined} />
          <div className="c"><h3>Then, on GO: {post.roleWords}</h3><p>{post.task}</p></div>
        </>
      )}
      <div className="c"><h3>Gust {info.wind.simulated && <span className="sim">simulated</span>}</h3><p className="n">{gust.toFixed(1)} ±{info.wind.sigmaMs} m/s, {step ? `step ${step.turn}: ` : ''}hold at {holdAt}</p><div className="bar"><i style={{ width: `${Math.min(100, (gust / holdAt) * 100)}%` }} /></div></div>
      {run.protections.filter((p) => p.by === me).map((p) => (
        <div className="c" key={p.featureId}><h3>{p.name}</h3><p style={{ display: 'flex', alignItems: 'center', gap: 10 }}><Mark kind={p.done ? 'ready' : 'none'} /><span style={{ flex: 1 }}>{p.words}{p.askAgain && <b>, still so?</b>}</span>{p.askAgain && <button className="plain" style={{ border: '2px solid var(--ink)' }} onClick={() => done(p.featureId, true)}>Still so</button>}<button className="plain" style={{ border: '2px solid var(--ink)' }} onClick={() => done(p.featureId, !p.done)}>{p.done ? 'Not done' : 'Done'}</button></p></div>
      ))}
      {step?.iAmPosted && !held && <div className="c">{step.iAmReady ? <><p style={{ display: 'flex', gap: 10, alignItems: 'center' }}><Mark kind="ready" /> I am ready</p><button className="big quiet" onClick={() => ready(false)}>Not ready now</button></> : <button className="big" disabled={!card?.signedAt} onClick={() => ready(true)}>{card?.signedAt ? 'I am ready' : 'Sign the briefing first'}</button>}</div>}
    </>
  );
}

function Brief({ job, card, act }: { job: string; card?: Schemas['Card']; act: (w: Promise<unknown>) => Promise<boolean> }) {
  const [answers, setAnswers] = useState<(number | undefined)[]>([]);
  const [pin, setPin] = useState('');
  useEffect(() => setAnswers([]), [card?.number]);
  if (!card) return <div className="c"><p>No briefing yet.</p><h3>The leader issues it; it appears here by itself.</h3></div>;
  const sign = () => act(api.POST('/api/jobs/{job}/briefings/{number}/signatures', { params: { path: { job, number: card.number } }, body: { answers: card.questions.map((_, i) => answers[i] ?? -1), pin } }));
  return (
    <>
      {card.planChangedSince && <p className="refused">The plan is being changed. Wait for the next briefing.</p>}
      {card.changes.length > 0 && <div className="c" aria-label="What changed"><h3>Changed in briefing {card.number}</h3><ul>{card.changes.map((c) => <li key={c.words}><Mark kind="SECOND_OPINION" size={18} /> <b>{c.words}</b></li>)}</ul></div>}
      {card.posts.length === 0 && <><PlanSketch plan={card.plan} height={230} changes={card.changes} /><div className="c"><p>You have no part in a step.</p><h3>Stay outside every ring; you may call HOLD.</h3></div></>}
      {card.posts.map((p) => (
        <section key={p.turn + p.role} aria-label={`Step ${p.turn}`}>
          <div className="c" style={{ background: 'var(--ink)', color: '#fff' }}><p>Step {p.turn}: {p.title}</p></div>
          <PlanSketch plan={card.plan} height={230} focus={p.stem} changes={card.changes} me={p.stand ? { stand: p.stand, ways: p.waysOut.map((w) => ({ ...w, lengthM: Math.min(w.lengthM, 20) })), label: 'me' } : undefined} />
          <div className="c"><h3>I stand</h3><p>{p.stand ? (p.role === 'CUTTER' ? `at ${p.stem}` : `${p.fromStemM ?? '?'} m from ${p.stem}, as drawn`) : 'not set: ask the leader'}{p.exclusionM !== undefined && p.role !== 'CUTTER' && ` · ring ${p.exclusionM} m`}</p></div>
          <div className="c"><h3>My way out</h3><p style={{ color: 'var(--esc)' }}>{p.waysOut.length > 0 ? p.waysOut.map((w) => `${w.name}: to ${azimuth(w.azimuthDeg)}°, ${Math.ceil(w.lengthM)} m`).join(' · ') : 'none found: ask the leader before you stand there'}</p></div>
          <div className="c"><h3>My task: {p.roleWords}</h3><p>{p.task}</p></div>
        </section>
      ))}
      <div className="c"><h3>Signals</h3><p>{card.signals.join(' · ')}</p></div>
      <div className="c"><h3>I call HOLD when</h3><ul>{card.stopConditions.map((s) => <li key={s}><Mark kind="STOP" size={20} /> {s}</li>)}</ul></div>
      {card.plan.emergency.nearestHelp && <div className="c" aria-label="Emergency"><h3>When somebody lies there</h3><p>{card.plan.emergency.nearestHelp} · say: {card.plan.emergency.gridReference}</p><p className="s">{card.plan.emergency.route} · cover: {card.plan.emergency.phoneCover} · first-aider {card.plan.emergency.firstAider} · kit {card.plan.emergency.kit} · {card.plan.emergency.rescuePlan}{card.plan.emergency.utilityLine && ` · ${card.plan.emergency.utilityLine}`}</p></div>}
      {card.signedAt ? <div className="c"><p style={{ display: 'flex', gap: 10 }}><Mark kind="ready" /> I read back and signed, {clock(card.signedAt)}</p></div> : (
        <section aria-label="Read back">
          {card.questions.map((q, i) => (
            <div className="c" key={q.words} role="group" aria-label={q.words}><h3>Read back {i + 1} of {card.questions.length}</h3><p>{q.words}</p>
              <div className="chips">{q.choices.map((c, k) => <button key={c} aria-pressed={answers[i] === k} onClick={() => setAnswers((a) => Object.assign([...a], { [i]: k }))}>{c}</button>)}</div></div>
          ))}
          <div className="c"><label>PIN<input value={pin} onChange={(e) => setPin(e.target.value)} type="password" inputMode="numeric" aria-label="PIN" /></label></div>
          <div className="c"><button className="big" disabled={card.questions.some((_, i) => answers[i] === undefined) || pin.length < 4} onClick={() => void sign()}>I read it back: sign</button></div>
        </section>
      )}
      <p className="s" style={{ padding: '8px 16px' }}>Local code, the maker’s limits and the qualified person on site outrank this.</p>
    </>
  );
}
