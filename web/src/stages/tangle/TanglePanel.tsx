import css from '../../ui/layout.module.css';
import { Button, Input, Select } from 'antd';
import { Waiting } from '../../ui/Waiting';
import { useState } from 'react';
import { api, type Schemas } from '../../api/client';
import { useAct, useFindings, useJob, useStems, useTangle } from '../../api/job';
import type { PanelProps } from '../stage';
import { Stepper } from '../../app/Stepper';
import { Mark } from '../../figures/Mark';
import { usePlanTools } from '../../plan/planTools';
import { msg } from './words';

/** A code of the order, as it is read. */
const plain = (code: string): string => code.toLowerCase().replaceAll('_', ' ');

const types = (): { value: Schemas['RelationRequest']['type']; label: string }[] => [
  { value: 'RESTS_ON', label: msg('hangsInRestsOn') },
  { value: 'OVERHANGS', label: msg('hangsOverTheWork') },
  { value: 'BOUND', label: msg('isBoundWith') },
  { value: 'HELD_BY_ROPE', label: msg('isHeldByA') },
];

/** Stage 5: what rests on what, what comes loose first, where nobody goes, who guards it. */
export default function TanglePanel({ job, go }: PanelProps) {
  const tools = usePlanTools();
  const act = useAct(job, tools.say);
  const leader = useJob(job).data?.myPart === 'LEADER';
  const stems = useStems(job).data ?? [];
  const t = useTangle(job).data;
  const findings = useFindings(job).data ?? [];
  const [a, setA] = useState<string>();
  const [b, setB] = useState<string>();
  const [type, setType] = useState<Schemas['RelationRequest']['type']>('RESTS_ON');
  const labels = stems
    .filter((s) => s.state !== 'FELLED')
    .map((s) => ({ value: s.label, label: `${s.label} ${s.commonName}` }));
  if (!t) return <Waiting className="body" />;
  return (
    <>
      <div className="body">
        <h1>{msg('hungFallen')}</h1>
        <p className="s">{msg('aDoubtfulRelationIs')}</p>
        <h2>
          {msg('whatBearsOnWhat')} <span>{msg('recorded', { relationsCount: t.relations.length })}</span>
        </h2>
        <ul className="list">
          {t.relations.map((r) => (
            <li key={r.id} className={css.row}>
              <span className={css.grow}>
                <b>{r.a}</b> {types().find((x) => x.value === r.type)?.label} <b>{r.b}</b>
              </span>
              {leader && (
                <Button
                  type="text"
                  onClick={() =>
                    void act(
                      api.DELETE('/api/jobs/{job}/tangle/relations/{id}', { params: { path: { job, id: r.id } } }),
                    )
                  }
                >
                  {msg('takeBack')}
                </Button>
              )}
            </li>
          ))}
        </ul>
        {t.relations.length === 0 && <p className="empty">{msg('nothingRecordedHungUp')}</p>}
        {leader && (
          <div className="form" role="group" aria-label={msg('newRelation')}>
            <div className="three">
              <Select
                aria-label={msg('upperStem')}
                placeholder={msg('stem')}
                value={a}
                onChange={setA}
                options={labels}
              />
              <Select aria-label={msg('relation')} value={type} onChange={setType} options={types()} />
              <Select
                aria-label={msg('lowerStem')}
                placeholder={msg('stem')}
                value={b}
                onChange={setB}
                options={labels}
              />
            </div>
            <Button
              type="text"
              className={css.strong}
              onClick={() =>
                void act(
                  api.POST('/api/jobs/{job}/tangle/relations', {
                    params: { path: { job } },
                    body: { a: a ?? '', type, b: b ?? '' },
                  }),
                )
              }
            >
              {msg('recordIt')}
            </Button>
          </div>
        )}
        {t.notKnown.length > 0 && (
          <p className="refused">{msg('noOrderYetMeasure', { notKnown: t.notKnown.join('; ') })}</p>
        )}
        {t.order.length > 0 && (
          <section aria-label={msg('releaseOrder')}>
            <h2>
              {msg('whatComesLooseFirst')}{' '}
              <span>
                {t.relations.length === 1
                  ? msg('from1Relation')
                  : msg('fromRelations', { relationsCount: t.relations.length })}
              </span>
            </h2>
            {t.order.map((s, i) => (
              <div
                key={s.stems.join()}
                style={{
                  display: 'grid',
                  gridTemplateColumns: '30px 1fr',
                  gap: 8,
                  padding: '6px 0',
                  borderTop: i ? '1px solid var(--hair)' : 0,
                }}
              >
                <b className={`n ${css.bigLabel}`}>{i + 1}</b>
                <div>
                  <b>
                    {s.stems.join(' with ')}
                    {s.kind !== 'single' ? ` (${plain(s.kind)})` : ''}
                  </b>
                  {s.methods.map((m) => (
                    <div key={m.stem}>
                      {m.ladder[0]}
                      {m.ladder.length > 1 && (
                        <small>{msg('else', { ladder: m.ladder.slice(1).join('; else ') })}</small>
                      )}
                      <div className="s">
                        {msg('dragAtMost')} <b className="n">{m.pull}</b>
                        {msg('roundedUpNobodyWithin')} <b className="n">{m.said.keepOutM ?? msg('theWholeSlope')}</b>
                        {m.stripHalfM !== undefined && (
                          <>
                            {msg('noStepWithin')} <b className="n">{m.said.stripHalfM}</b> {msg('ofTheLineUnder')}
                          </>
                        )}
                      </div>
                    </div>
                  ))}
                  {s.before.length > 0 && (
                    <small>
                      {msg('first', { before: s.before.map((x) => plain(x.replace(':', ' '))).join(', ') })}{' '}
                    </small>
                  )}
                  {s.changes.length > 0 && (
                    <small>
                      {msg('then', {
                        changes: s.changes
                          .map((x) =>
                            plain(x.replace(':', ' '))
                              .toUpperCase()
                              .replace(/^([A-Z ]+) (S\d+)$/, (_, w: string, id: string) => `${w.toLowerCase()} ${id}`),
                          )
                          .join(', '),
                      })}
                    </small>
                  )}
                </div>
              </div>
            ))}
          </section>
        )}
        {t.deadlocks.map((d) => (
          <p key={d.join()} className="refused">
            {msg('holdEachOtherOne', { d: d.join(', ') })}
          </p>
        ))}
        {t.hangs.map((h) => (
          <Guard key={h.stemId + h.version} job={job} hang={h} leader={leader} />
        ))}
        {t.forbidden.length > 0 && (
          <>
            <h2>{msg('neverWhileItHangs')}</h2>
            <p className="s" aria-label={msg('neverWhileItHangsTitle')}>
              {t.forbidden.join(' · ')}
            </p>
          </>
        )}
        {findings
          .filter((f) => f.stage === 'TANGLE')
          .map((f) => (
            <p key={f.key} data-severity={f.severity} className={css.openPoint}>
              <Mark kind={f.open ? f.severity : 'ready'} />{' '}
              <span>
                {f.words}
                {f.cleared && (
                  <small>
                    <br />
                    {f.cleared}
                  </small>
                )}
              </span>
            </p>
          ))}
      </div>
      <Button type="primary" className="next" onClick={() => go('crew')}>
        <span>
          {msg('nextWhoDoesWhat')}
          <small>{msg('stepsRolesWherePeople')}</small>
        </span>
        →
      </Button>
    </>
  );
}

function Guard({ job, hang, leader }: { job: string; hang: Schemas['TanglesHang']; leader: boolean }) {
  const { say } = usePlanTools();
  const act = useAct(job, say);
  const [guard, setGuard] = useState(hang.entry.guard);
  const [closure, setClosure] = useState(hang.entry.closure);
  const [winch, setWinch] = useState<number | null>(
    hang.entry.tractorWinchN === undefined ? null : hang.entry.tractorWinchN / 1000,
  );
  return (
    <section className="form" aria-label={msg('guardOf', { stem: hang.stem })}>
      <h2>
        {msg('hangs', { stem: hang.stem })} <span>{msg('neverLeftUnmarked')}</span>
      </h2>
      <div className="two">
        <label>
          {msg('guardedBy')}
          <Input
            aria-label={msg('guardedBy')}
            value={guard}
            onChange={(e) => setGuard(e.target.value)}
            className={css.wideField}
          />
        </label>
        <label>
          {msg('closedOffHow')}
          <Input
            aria-label={msg('closedOffHow')}
            value={closure}
            onChange={(e) => setClosure(e.target.value)}
            className={css.wideField}
          />
        </label>
      </div>
      <Stepper label={msg('tractorWinchAtHand')} unit="kN" value={winch} onChange={setWinch} step={1} digits={1} />
      {leader && (
        <Button
          size="large"
          block
          className={css.plainSize}
          onClick={() =>
            void act(
              api.PUT('/api/jobs/{job}/tangle/hangs/{stem}', {
                params: { path: { job, stem: hang.stemId } },
                body: {
                  tractorWinchN: winch === null ? undefined : winch * 1000,
                  handWinchN: hang.entry.handWinchN,
                  lockedInFork: hang.entry.lockedInFork,
                  guard,
                  closure,
                  version: hang.version,
                },
              }),
            )
          }
        >
          {msg('saveGuardAndClosure')}
        </Button>
      )}
    </section>
  );
}
