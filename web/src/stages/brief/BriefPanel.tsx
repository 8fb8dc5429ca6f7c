import css from '../../ui/layout.module.css';
import { Button } from 'antd';
import { api } from '../../api/client';
import { useAct, useBriefings, useFindings, useJob } from '../../api/job';
import type { PanelProps } from '../stage';
import { Mark } from '../../figures/Mark';
import { usePlanTools } from '../../plan/planTools';
import { clock } from '../../units/format';

/** Stage 7: freeze the plan, see who has read it back and signed, and what changed since. */
export default function BriefPanel({ job, go }: PanelProps) {
  const { say } = usePlanTools();
  const act = useAct(job, say);
  const info = useJob(job).data;
  const leader = info?.myPart === 'LEADER';
  const b = useBriefings(job).data;
  const findings = useFindings(job).data ?? [];
  const stops = findings.filter((f) => f.severity === 'STOP');
  const latest = b?.issues.at(-1);
  const changed = b?.sinceLatest ?? [];
  const posted = latest?.signers.filter((s) => s.posted) ?? [];
  const allSigned = posted.length > 0 && posted.every((s) => s.signedAt);
  const issue = () => void act(api.POST('/api/jobs/{job}/briefings', { params: { path: { job } } }));
  const needsIssue = !latest || changed.length > 0;
  return (
    <>
      <div className="body">
        <h1>
          {latest ? `Briefing ${latest.number}` : 'No briefing yet'}{' '}
          <small>{latest && `issued ${clock(latest.issuedAt)} by ${latest.issuedBy}`}</small>
        </h1>
        {latest && (
          <p className="s">
            Frozen; check sum <span className="n">{latest.hash.slice(0, 12)}</span>
          </p>
        )}
        {changed.length > 0 && (
          <section aria-label="Changed since">
            <h2>
              Changed since briefing {latest?.number} <span>ringed on the plan</span>
            </h2>
            <ul className="list">
              {changed.map((c) => (
                <li key={c.says.words} className={css.item}>
                  {c.says.words}
                </li>
              ))}
            </ul>
            <p className="s">
              The crew still holds the old plan. Issue it again: who has something new to read signs again.
            </p>
          </section>
        )}
        {latest && latest.changes.length > 0 && changed.length === 0 && (
          <section aria-label="What changed">
            <h2>
              What changed in briefing {latest.number} <span>against {latest.number - 1}</span>
            </h2>
            <ul className="list">
              {latest.changes.map((c) => (
                <li key={c.says.words} className={css.item}>
                  {c.says.words}
                </li>
              ))}
            </ul>
          </section>
        )}
        {latest && (
          <section aria-label="Signatures">
            <h2>
              Read back and signed{' '}
              <span>
                {posted.filter((s) => s.signedAt).length} of {posted.length}
              </span>
            </h2>
            <ul className="list">
              {latest.signers.map((s) => (
                <li key={s.personId} className={css.person}>
                  <Mark kind={s.signedAt ? 'ready' : 'none'} />
                  <b className={css.grow}>{s.name}</b>
                  <span className="s">
                    {s.signedAt
                      ? `signed ${clock(s.signedAt)}${s.signedNumber === latest.number ? '' : ` on briefing ${s.signedNumber}: nothing of theirs has changed`}`
                      : s.posted
                        ? 'not yet'
                        : 'no part in a step'}
                  </span>
                </li>
              ))}
            </ul>
          </section>
        )}
        {stops.length > 0 && (
          <section aria-label="Stops">
            <h2>
              Stops <span>no briefing while one stands</span>
            </h2>
            {stops.map((f) => (
              <p key={f.key} className={css.openPoint}>
                <Mark kind="STOP" /> {f.words}
              </p>
            ))}
          </section>
        )}
        {info?.joinAddress && (
          <>
            <h2>
              Phones <span>code {info.code}</span>
            </h2>
            <div className={css.lineWide}>
              <img src={`/api/jobs/${job}/qr`} alt="QR code of the address for phones" width={120} height={120} />
              <p className="s">{info.joinAddress}</p>
            </div>
          </>
        )}
      </div>
      {needsIssue ? (
        <Button type="primary" className="next" disabled={!leader} onClick={issue}>
          <span>
            Issue briefing {(latest?.number ?? 0) + 1}
            <small>
              {stops.length > 0 ? `refused while a stop stands: ${stops.length}` : 'freezes the plan for everybody'}
            </small>
          </span>
          →
        </Button>
      ) : (
        <Button type="primary" className="next" onClick={() => go('run')}>
          <span>
            Next: run<small>{allSigned ? 'all have signed' : 'signatures still missing'}</small>
          </span>
          →
        </Button>
      )}
    </>
  );
}
