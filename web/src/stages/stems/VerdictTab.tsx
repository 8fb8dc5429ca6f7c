import css from '../../ui/layout.module.css';
import { Button, Input } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, data, type Schemas } from '../../api/client';
import { useAct, useFindings } from '../../api/job';
import { Mark } from '../../figures/Mark';
import { usePlanTools } from '../../plan/planTools';
import { msg } from './words';

/** Every way of dealing with the stem: what it needs, what excludes it here; the leader chooses. */
export function VerdictTab({ job, stem, leader }: { job: string; stem: Schemas['StemView']; leader: boolean }) {
  const { say } = usePlanTools();
  const act = useAct(job, say);
  const [open, setOpen] = useState<string>();
  const q = useQuery({
    queryKey: ['job', job, 'verdicts', stem.id],
    queryFn: () => data(api.GET('/api/jobs/{job}/stems/{stem}/verdicts', { params: { path: { job, stem: stem.id } } })),
  });
  const finding = (useFindings(job).data ?? []).find((f) => f.rule === 'VERDICT_EXCLUDED' && f.subject === stem.label);
  const v = q.data;
  if (!v) return <p className="empty">{msg('weighingEveryWay')}</p>;
  const chosen = stem.chosen?.verdict;
  const choose = (verdict: Schemas['VerdictWay']['verdict']) =>
    void act(
      api.PUT('/api/jobs/{job}/stems/{id}/verdict', {
        params: { path: { job, id: stem.id } },
        body: {
          verdict,
          because: '',
          closedOff: stem.chosen?.closedOff,
          toldWhom: stem.chosen?.toldWhom,
          version: stem.version,
        },
      }),
    );
  const left = chosen === 'WALK_AWAY' || chosen === 'LEAVE_AND_CLOSE';
  return (
    <section aria-label={msg('verdict')}>
      <p>
        <b>
          {chosen
            ? msg('chosen', { chosen: stem.chosen?.words ?? '' })
            : msg('offered', { words: v.ways.find((w) => w.verdict === v.offered)?.words ?? '' })}
        </b>
        {!chosen && <small>{msg('theEasiestWayThat')}</small>}
      </p>
      {finding && (
        <p className={`refused ${css.edgeSecond}`}>
          {finding.words}. {finding.cleared ?? msg('clearsIt', { clears: finding.clears })}
        </p>
      )}
      {v.ways.map((w) => (
        <div key={w.verdict} className={w.excluded ? 'way out' : 'way'} data-verdict={w.verdict}>
          <Mark size={20} kind={chosen === w.verdict ? 'ready' : w.excluded ? 'STOP' : 'none'} />
          <div>
            <Button
              type="text"
              className={css.lineLink}
              aria-expanded={open === w.verdict}
              onClick={() => setOpen(open === w.verdict ? undefined : w.verdict)}
            >
              {w.words}
            </Button>
            {w.excluded && (
              <>
                <br />
                <small>{msg('excludedHere', { against: w.against.join('; ') })}</small>
              </>
            )}
            {!w.excluded && w.first.length > 0 && (
              <>
                <br />
                <small>
                  <b>{msg('first', { first: w.first.join('; ') })}</b>
                </small>
              </>
            )}
            {(open === w.verdict || (!w.excluded && !open)) && (
              <>
                <br />
                <small>
                  {msg('atLeastPersonPeople', { people: w.people })}
                  {w.competences.length > 0 && `: ${w.competences.join(', ')}`}.
                  {w.missing.length > 0 && <b> {msg('nobodyHereFor', { missing: w.missing.join(', ') })}</b>}
                  {w.machines !== 'none' && ` ${msg('machine', { machines: w.machines })}`}{' '}
                  {msg('room', { room: w.room })}
                </small>
              </>
            )}
          </div>
          {leader && chosen !== w.verdict && (
            <Button
              aria-label={`${w.excluded ? msg('stillChoose') : msg('choose')} ${w.words}`}
              onClick={() => choose(w.verdict)}
            >
              {w.excluded ? msg('stillChoose') : msg('choose')}
            </Button>
          )}
        </div>
      ))}
      {left && <HandOver key={stem.version} job={job} stem={stem} leader={leader} />}
      <p className="s">{msg('localCodeTheMakers')}</p>
    </section>
  );
}

function HandOver({ job, stem, leader }: { job: string; stem: Schemas['StemView']; leader: boolean }) {
  const { say } = usePlanTools();
  const act = useAct(job, say);
  const [closed, setClosed] = useState(stem.chosen?.closedOff ?? '');
  const [told, setTold] = useState(stem.chosen?.toldWhom ?? '');
  const changed = closed !== (stem.chosen?.closedOff ?? '') || told !== (stem.chosen?.toldWhom ?? '');
  return (
    <section className="form" aria-label={msg('handOver')}>
      <h2>
        {msg('handOverSheet')} <span>{msg('whatWasSeenClosed')}</span>
      </h2>
      <label>
        {msg('whatWasClosedOff')}
        <Input
          aria-label={msg('whatWasClosedOff')}
          value={closed}
          disabled={!leader}
          maxLength={300}
          onChange={(e) => setClosed(e.target.value)}
        />
      </label>
      <label>
        {msg('whoWasToldAnd')}
        <Input
          aria-label={msg('whoWasTold')}
          value={told}
          disabled={!leader}
          maxLength={300}
          onChange={(e) => setTold(e.target.value)}
        />
      </label>
      {changed && leader && stem.chosen && (
        <Button
          type="primary"
          size="large"
          block
          onClick={() =>
            void act(
              api.PUT('/api/jobs/{job}/stems/{id}/verdict', {
                params: { path: { job, id: stem.id } },
                body: {
                  verdict: stem.chosen!.verdict,
                  because: '',
                  closedOff: closed,
                  toldWhom: told,
                  version: stem.version,
                },
              }),
            )
          }
        >
          {msg('saveTheHandOver')}
        </Button>
      )}
      <Button size="large" block href={`/jobs/${job}/hand-over/${stem.id}`} target="_blank" rel="noreferrer">
        {msg('openTheSheetTo')}
      </Button>
    </section>
  );
}
