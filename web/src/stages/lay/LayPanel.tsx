import { useEffect } from 'react';
import { api } from '../../api/client';
import { useAct, useJob, useStems } from '../../api/job';
import type { PanelProps } from '../../app/JobScreen';
import { usePanelKey } from '../../app/keys';
import { Chips, Stepper } from '../../app/Stepper';
import { Mark } from '../../figures/Mark';
import { usePlanTools } from '../../plan/planTools';
import { azimuth, fixed } from '../../units/format';
import { type Choice, useLay } from './useLay';

/** Stage 3: where it falls, what it can hit, who must be out, and whether the cutter gets away. */
export default function LayPanel({ job, go }: PanelProps) {
  const tools = usePlanTools();
  const act = useAct(job, tools.say);
  const leader = useJob(job).data?.myPart === 'LEADER';
  const stems = useStems(job).data ?? [];
  const l = useLay(job);
  const { set, turn } = l;
  usePanelKey(['[', ']'], (key, shift) => turn((key === '[' ? -1 : 1) * (shift ? 10 : 1)));
  const { onTurn } = tools;
  useEffect(() => {
    onTurn((deg) => set({ layDeg: Math.round(deg) }));
    return () => onTurn(undefined);
  });
  const zone = async (fixed: boolean) => {
    if (!l.lay || !l.stem) return;
    const done = await act(api.PUT('/api/jobs/{job}/stems/{stem}/lay', { params: { path: { job, stem: l.stem.id } }, body: { choice: l.choice, fixed, dropZone: l.lay.suggestedDropZone, version: l.saved?.version } }));
    if (done) l.settle();
  };
  usePanelKey(['z'], () => void zone(false));
  usePanelKey(['e'], () => document.querySelector("[aria-label='Ways out']")?.scrollIntoView({ block: 'center' }));
  const v = l.lay;
  const touched = v?.targets.filter((t) => t.inFan && !t.isProtected && t.worth > 1) ?? [];
  const isFixed = l.saved?.fixed && !l.changed;

  return (
    <>
      <div className="body">
        <div className="chips" role="group" aria-label="Stems">{stems.filter((s) => !s.toBeKept).map((s) => <button key={s.id} aria-pressed={s.id === tools.stem} onClick={() => tools.selectStem(s.id)}>{s.label}</button>)}</div>
        {l.stem?.toBeKept && <p className="empty">{l.stem.label} is to be kept; it gets no lay.</p>}
        {l.stem && l.stem.notKnown.length > 0 && <p className="refused">{l.stem.label}: {l.stem.notKnown.join(', ')} not known. Measure first; no reach is guessed.</p>}
        {v && l.stem && (
          <>
            <h1>{v.stem} {l.stem.commonName} <small>{fixed(v.massHighKg / 1000, 2)} t, high side</small></h1>
            <div style={{ display: 'flex', gap: 16, alignItems: 'center' }}>
              <span className="hero" style={{ color: 'var(--lay)' }} data-testid="lay">{azimuth(v.layDeg)}°</span>
              <span><b>Lay</b> {v.controlProven ? <span className="s">spread ±{fixed(1.96 * (v.sigmaDeg ?? 0))}° (95 %), drifts {fixed(Math.abs(v.biasDeg ?? 0))}° {(v.biasDeg ?? 0) >= 0 ? 'right' : 'left'}</span> : <b style={{ color: 'var(--keep)' }}>not proven: whole circle</b>}</span>
            </div>
            <div className="step4">{[-10, -1, 1, 10].map((d) => <button key={d} onClick={() => turn(d)} aria-label={`turn ${d} degrees`}>{d > 0 ? '+' : '−'}{Math.abs(d)}°</button>)}</div>
            <div className="figs">
              <div><span className="fig">{fixed(v.reachM)}<i>m</i></span><small>reach, rounded up</small></div>
              <div><span className="fig">{v.exclusionM}<i>m</i></span><small>keep-out ring, up</small></div>
              <div><span className="fig">{fixed(v.throwM)}<i>m</i></span><small>thrown beyond tip</small></div>
            </div>
            {v.standsGustMs !== undefined && <p className="s">Hinge and means stand gusts of <b className="n">{fixed(v.standsGustMs)} m/s</b> from the worst side, rounded down; the wind is not in the other numbers.</p>}
            {!v.controlProven && <p className="refused">{v.controlReasons.join('; ')}.</p>}
            <h2>What brings it over <span>{v.neededN !== undefined ? `needs ${fixed(v.neededN / 1000)} kN in the line, reserve in` : ''}</span></h2>
            <Chips label="" value={l.choice.means} onChange={(means) => set({ means })} options={[{ value: 'NOTHING', words: 'own lean' }, { value: 'WEDGES', words: 'wedges' }, { value: 'HAND_LINE', words: 'hand line' }, { value: 'MACHINE_LINE', words: 'machine' }]} />
            {(l.choice.means === 'HAND_LINE' || l.choice.means === 'MACHINE_LINE') && <Line choice={l.choice} set={set} />}
            <h2>What it can hit <span>{v.targets.length} targets</span></h2>
            <table aria-label="Targets"><thead><tr><th>target, worth</th><th className="r">from stump</th><th className="r">clear of fan</th><th /></tr></thead><tbody>
              {[...v.targets].sort((a, b) => Number(b.inFan) - Number(a.inFan) || a.clearanceM - b.clearanceM).map((t) => (
                <tr key={t.id}><td>{t.name} <small>{t.worth}</small></td><td className="r n">{fixed(t.fromStumpM)} m</td><td className="r n">{t.inFan ? <b>in fan</b> : `${fixed(t.clearanceM)} m`}</td>
                  <td><Mark size={18} kind={t.inFan && !t.isProtected ? (t.worth > 1 ? 'STOP' : 'CAUTION') : t.inReach ? 'NOTE' : 'ready'} /></td></tr>
              ))}
            </tbody></table>
            <h2>Time to get out <span>down in {v.fallFastS === undefined ? 'not known' : `${fixed(v.fallFastS)} s, rounded down`}</span></h2>
            <table aria-label="Ways out"><tbody>
              {v.ways.map((w) => <tr key={w.name}><td><b style={{ color: 'var(--esc)' }}>{w.name}</b> {w.side}</td><td className="n">{w.open ? `${azimuth(w.azimuthDeg ?? 0)}°, ${fixed(v.escapeM)} m` : <b>blocked: {w.blockedBy.join(', ')}</b>}</td><td className="r n">{w.open && (w.marginS === undefined ? 'not known' : w.marginS >= 0 ? `${fixed(w.marginS)} s spare` : `${fixed(-w.marginS)} s late`)}</td></tr>)}
            </tbody></table>
            {v.reachedM !== undefined && <p className="s">When it lands the cutter has walked {fixed(v.reachedM)} m on the better way.</p>}
          </>
        )}
      </div>
      {isFixed
        ? <button className="next" onClick={() => go('cuts')}><span>Next: the cuts<small>lay {azimuth(l.saved?.layDeg ?? 0)}° and drop zone are fixed</small></span>→</button>
        : <button className="next" disabled={!v || !leader} onClick={() => void zone(true)}><span>Fix lay {v ? azimuth(v.layDeg) : ''}° and its drop zone<small>{touched.length > 0 ? `a stop will stand: ${touched.map((t) => t.name).join(', ')}` : 'the crew is briefed on it'}</small></span>→</button>}
    </>
  );
}

function Line({ choice, set }: { choice: Choice; set: (c: Partial<Choice>) => void }) {
  return (
     <div className="form"><div className="two">
      <Stepper label="Rope" unit="m up" value={choice.ropeHeightM ?? null} onChange={(v) => set({ ropeHeightM: v ?? undefined })} step={1} digits={1} />
      <Stepper label="Anchor" unit="m out" value={choice.anchorDistM ?? null} onChange={(v) => set({ anchorDistM: v ?? undefined })} step={5} digits={0} />
      </div><div className="two">
      <Stepper label="Pull" unit="kN" value={choice.pullN === undefined ? null : choice.pullN / 1000} onChange={(v) => set({ pullN: v === null ? undefined : v * 1000 })} step={1} digits={1} />
    </div></div>
  );
}
