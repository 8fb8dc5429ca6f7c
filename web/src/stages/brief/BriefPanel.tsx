import css from '../../ui/layout.module.css';
import { Button } from 'antd';
import { Link } from 'react-router';
import { api } from '../../api/client';
import { useAct, useBriefings, useFindings, useJob } from '../../api/job';
import Visitors from '../../app/Visitors';
import type { PanelProps } from '../stage';
import { Told } from '../../lessons/Told';
import { Mark } from '../../figures/Mark';
import { usePlanTools } from '../../plan/planTools';
import { clock } from '../../units/format';
import { msg } from './words';

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
          {latest ? msg('briefing', { number: latest.number }) : msg('noBriefingYet')}{' '}
          <small>{latest && msg('issuedBy', { issuedAt: clock(latest.issuedAt), issuedBy: latest.issuedBy })}</small>
        </h1>
        {latest && (
          <p className="s">
            {msg('frozenCheckSum')} <span className="n">{latest.hash.slice(0, 12)}</span>
          </p>
        )}
        {latest && (
          <p className={css.rowOnBase}>
            <Link className={css.strong} to={`/jobs/${job}/briefings/${latest.number}`}>
              {msg('holdTheBriefing')}
            </Link>
            <a href={`/api/jobs/${job}/briefings/${latest.number}/briefing.pdf`} download>
              {msg('onPaper')}
            </a>
          </p>
        )}
        {changed.length > 0 && (
          <section aria-label={msg('changedSince')}>
            <h2>
              {msg('changedSinceBriefing', { number: latest?.number ?? '' })} <span>{msg('ringedOnThePlan')}</span>
            </h2>
            <ul className="list">
              {changed.map((c) => (
                <li key={c.says.words} className={css.item}>
                  {c.says.words}
                </li>
              ))}
            </ul>
            <p className="s">{msg('theCrewStillHolds')}</p>
          </section>
        )}
        {latest && latest.changes.length > 0 && changed.length === 0 && (
          <section aria-label={msg('whatChanged')}>
            <h2>
              {msg('whatChangedInBriefing', { number: latest.number })}{' '}
              <span>{msg('against', { number: latest.number - 1 })}</span>
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
          <section aria-label={msg('signatures')}>
            <h2>
              {msg('readBackAndSigned')}{' '}
              <span>
                {msg('of', { postedCount: posted.filter((s) => s.signedAt).length, postedCount2: posted.length })}
              </span>
            </h2>
            <ul className="list">
              {latest.signers.map((s) => (
                <li key={s.personId} className={css.person}>
                  <Mark kind={s.signedAt ? 'ready' : s.wrongTries > 1 ? 'CAUTION' : 'none'} />
                  <b className={css.grow}>{s.name}</b>
                  <span className="s">
                    {s.signedAt
                      ? msg('signed', {
                          signedAt: clock(s.signedAt),
                          signedNumber:
                            s.signedNumber === latest.number
                              ? ''
                              : ` ${msg('onBriefingNothingOf', { signedNumber: s.signedNumber ?? '' })}`,
                        })
                      : s.wrongTries > 1
                        ? msg('wrongTries', { wrongTries: s.wrongTries })
                        : s.posted
                          ? msg('notYet')
                          : msg('noPartInA')}
                  </span>
                </li>
              ))}
            </ul>
          </section>
        )}
        {latest && <Visitors job={job} say={say} />}
        {stops.length > 0 && (
          <section aria-label={msg('stops')}>
            <h2>
              {msg('stops')} <span>{msg('noBriefingWhileOne')}</span>
            </h2>
            {stops.map((f) => (
              <p key={f.key} className={css.openPoint}>
                <Mark kind="STOP" /> {f.words}
              </p>
            ))}
          </section>
        )}
        <Told job={job} />
        {info?.joinAddress && (
          <>
            <h2>
              {msg('phones')} <span>{msg('code', { code: info.code })}</span>
            </h2>
            <div className={css.lineWide}>
              <img src={`/api/jobs/${job}/qr`} alt={msg('qrCodeOfThe')} width={120} height={120} />
              <p className="s">{info.joinAddress}</p>
            </div>
          </>
        )}
      </div>
      {needsIssue ? (
        <Button type="primary" className="next" disabled={!leader} onClick={issue}>
          <span>
            {msg('issueBriefing', { number: (latest?.number ?? 0) + 1 })}
            <small>
              {stops.length > 0 ? msg('refusedWhileAStop', { stopsCount: stops.length }) : msg('freezesThePlanFor')}
            </small>
          </span>
          →
        </Button>
      ) : (
        <Button type="primary" className="next" onClick={() => go('run')}>
          <span>
            {msg('nextRun')}
            <small>{allSigned ? msg('allHaveSigned') : msg('signaturesStillMissing')}</small>
          </span>
          →
        </Button>
      )}
    </>
  );
}
