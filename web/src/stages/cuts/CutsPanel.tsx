import { useQuery } from '@tanstack/react-query';
import { api, data } from '../../api/client';
import { useAct, useFindings, useJob, useStems } from '../../api/job';
import type { PanelProps } from '../../app/JobScreen';
import { Stepper } from '../../app/Stepper';
import { Mark } from '../../figures/Mark';
import { usePlanTools } from '../../plan/planTools';
import { fixed, mm, words } from '../../units/format';
import { useLay } from '../lay/useLay';

/** Stage 4: the cut card, to the millimetre, by type of cut. */
export default function CutsPanel({ job, go }: PanelProps) {
  const tools = usePlanTools();
  const act = useAct(job, tools.say);
  const leader = useJob(job).data?.myPart === 'LEADER';
  const stems = useStems(job).data ?? [];
  const findings = useFindings(job).data ?? [];
  const l = useLay(job);
  const key = JSON.stringify(l.choice);
  const schools = useQuery({
    queryKey: ['schools', job, l.stem?.id, key], enabled: Boolean(l.lay && l.stem),
    queryFn: () => data(api.POST('/api/jobs/{job}/stems/{stem}/lay/schools', { params: { path: { job, stem: l.stem!.id } }, body: l.choice })),
  });
  const c = l.lay?.cuts;
  const save = async () => {
    if (!l.stem || !l.lay) return;
    if (await act(api.PUT('/api/jobs/{job}/stems/{stem}/lay', { params: { path: { job, stem: l.stem.id } }, body: { choice: l.choice, fixed: l.saved?.fixed ?? false, dropZone: l.saved?.dropZone ?? [], version: l.saved?.version } }))) l.settle();
  };
  return (
    <>
      <div className="body">
        <div className="chips" role="group" aria-label="Stems">{stems.filter((s) => !s.toBeKept).map((s) => <button key={s.id} aria-pressed={s.id === tools.stem} onClick={() => tools.selectStem(s.id)}>{s.label}</button>)}</div>
        {!c && <p className="empty">{l.stem?.notKnown.length ? `${l.stem.label}: ${l.stem.notKnown.join(', ')} not known. The cut card follows from measures only.` : 'Choose a stem that is to be cut.'}</p>}
        {c && l.lay && (
          <>
            <h1>Cut card {l.lay.stem} <small>{c.school}, {fixed(c.barM * 100, 0)} cm bar</small></h1>
            {l.lay.zones.some((z) => z.kind === 'PLATE') && <p className="refused">Root plate not covered: it has moved, and this card does not answer for it. Second opinion.</p>}
            <div className="figs" aria-label="Hinge">
              <div><span className="fig">{mm(c.hingeThickM)}<i>mm ±{mm(c.sigmaM)}</i></span><small>hinge thickness{c.hingeThickM !== c.ruleHingeM ? `, rule ${mm(c.ruleHingeM)}` : ', by practice'}</small></div>
              <div><span className="fig">{mm(c.hingeLengthM)}<i>mm</i></span><small>hinge length</small></div>
              <div><span className="fig">{l.lay.sideUse === undefined ? '–' : Math.ceil(l.lay.sideUse * 100)}<i>%</i></span><small>{l.lay.sideUse === undefined ? 'side use not known' : 'side use, 95 %, up'}</small></div>
            </div>
            <h2>In this order <span>each ±{mm(c.sigmaM)} mm</span></h2>
            <table aria-label="Cut card"><tbody>
              <tr><td className="n">1</td><td>Notch, sloping cut{c.school === 'face cut from below' ? ' from below' : ''}</td><td className="r n"><b>{c.faceDeg}°</b></td></tr>
              <tr><td className="n">2</td><td>Notch depth, level cut</td><td className="r n"><b>{mm(c.depthM)} mm</b></td></tr>
              {c.boreLengthM !== undefined ? (
                <>
                  <tr><td className="n">3</td><td>Bore in, leave the hinge</td><td className="r n"><b>leave {mm(c.hingeThickM)} mm</b></td></tr>
                  <tr><td className="n">4</td><td>Saw back to the strap, {mm(c.backCutStepM)} mm above the notch floor</td><td className="r n"><b>{mm(c.boreLengthM)} mm</b></td></tr>
                  <tr><td className="n">5</td><td>Strap left at the back</td><td className="r n"><b>{mm(c.strapM)} mm</b></td></tr>
                  <tr><td className="n">6</td><td>Look, call, part the strap, go</td><td /></tr>
                </>
              ) : (
                <tr><td className="n">3</td><td>Back cut, {mm(c.backCutStepM)} mm above the notch floor; too small to bore</td><td className="r n"><b>leave {mm(c.hingeThickM)} mm</b></td></tr>
              )}
            </tbody></table>
            <p className="s">Bar through the stem: {words(c.barReach)}. Face closes after {fixed(c.closesAfterDeg, 0)}°, on the ground after {fixed(c.groundAfterDeg, 0)}°. {fixed(Math.ceil(c.mmFor1mMiss), 0)} mm askew at the hinge is 1 m at the tip.</p>
            <div className="form"><div className="two">
              <Stepper label="Cut height" unit="m" value={l.choice.cutHeightM} onChange={(v) => l.set({ cutHeightM: v ?? 0.3 })} step={0.05} />
              <Stepper label="Bar" unit="m" value={l.choice.barM} onChange={(v) => l.set({ barM: v ?? 0.45 })} step={0.05} />
            </div></div>
            <h2>Types of cut, this stem <span>hinge, notch</span></h2>
            <ul className="list" aria-label="Types of cut">
              {schools.data?.map((s) => (
                <li key={s.school}><button className="row" aria-current={s.school === l.choice.school} onClick={() => l.set({ school: s.school })}>
                  <span style={{ flex: 1 }}>{s.words}<br /><small>face {s.faceDeg}°, closes after {fixed(s.cuts?.closesAfterDeg ?? 0, 0)}°{s.cuts?.boreLengthM !== undefined ? ', can be bored' : ', too small to bore'}</small></span>
                  <span className="n">{mm(s.cuts?.hingeThickM ?? 0)} × {mm(s.cuts?.hingeLengthM ?? 0)}, {mm(s.cuts?.depthM ?? 0)} deep</span>
                </button></li>
              ))}
            </ul>
            {findings.filter((f) => f.stage === 4 && f.subject === l.lay?.stem).map((f) => <p key={f.key} style={{ display: 'flex', gap: 8, padding: '4px 0' }}><Mark kind={f.severity} /> {f.words}</p>)}
          </>
        )}
      </div>
      {l.changed && leader
        ? <button className="next" onClick={() => void save()}><span>Save this cut card<small>{c?.school}</small></span>→</button>
        : <button className="next" onClick={() => go('tangle')}><span>Next: what hangs and lies<small>before anyone goes near</small></span>→</button>}
    </>
  );
}
