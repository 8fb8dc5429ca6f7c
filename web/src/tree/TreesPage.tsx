import { Alert, Button, Empty } from 'antd';
import { gone } from '../app/gone';
import { Waiting } from '../ui/Waiting';
import { Link, useNavigate, useParams } from 'react-router';
import { api, type Schemas } from '../api/client';
import { useAct, useBriefings, useFindings, useJob, useLays, useStems, useSteps } from '../api/job';
import { stageOf } from '../stages/stage';
import { Mark, type MarkKind } from '../figures/Mark';
import { azimuth, clock } from '../units/format';
import { meansWords } from './choices';
import { DayCard } from './DayCard';
import { TreeFrame } from './TreeFrame';
import css from './tree.module.css';
import { msg } from './words';
import { term } from '../words/terms';

const MOST_STOPS = 4;

/** All trees of the job in their order, each with its headline and mark, the day, and one briefing for all. */
export default function TreesPage() {
  const { job = '' } = useParams();
  const info = useJob(job).data;
  return (
    <TreeFrame job={job} back={{ to: '/', words: msg('jobs') }} title={info?.name ?? ''}>
      {(say) => <Trees job={job} say={say} />}
    </TreeFrame>
  );
}

function Trees({ job, say }: { job: string; say: (words: string) => void }) {
  const navigate = useNavigate();
  const stems = useStems(job).data;
  const lays = useLays(job).data ?? [];
  const steps = useSteps(job).data ?? [];
  const asked = useFindings(job);
  const findings = asked.data ?? [];
  // until the answer is there nothing is good: what was found before may not know the newest tree
  const known = asked.data !== undefined && !asked.isFetching;
  const leader = useJob(job).data?.myPart === 'LEADER';
  if (!stems) return <Waiting />;
  const turn = (s: Schemas['StemView']) => steps.find((x) => x.stem === s.label)?.turn ?? Infinity;
  const ordered = [...stems].sort((a, b) => turn(a) - turn(b));
  return (
    <div className={css.list}>
      {leader && <DayCard job={job} say={say} />}
      <section aria-label={msg('trees')}>
        <h2>
          {msg('trees')} <span>{stems.length ? msg('inTheirOrder', { stemsCount: stems.length }) : ''}</span>
        </h2>
        {stems.length === 0 && <Empty image={Empty.PRESENTED_IMAGE_SIMPLE} description={msg('noTreeYetTap')} />}
        {ordered.map((s) => (
          <Link key={s.id} to={`/jobs/${job}/trees/${s.id}`} className={css.row}>
            <Mark kind={known ? markOf(s, findings, lays) : 'none'} size={24} />
            <b className={css.label}>{s.label}</b>
            <span className={css.says}>
              <b>{headline(s, lays)}</b>
              <small>
                {s.commonName}
                {steps
                  .filter((x) => x.stem === s.label)
                  .slice(0, 1)
                  .map((x) => msg('stepDone', { turn: x.turn, done: x.done ? 'yes' : 'no' }))}
              </small>
            </span>
            <span aria-hidden="true">→</span>
          </Link>
        ))}
        {leader && (
          <Button
            type={stems.length ? 'default' : 'primary'}
            size="large"
            block
            onClick={() => void navigate(`/jobs/${job}/trees/new`)}
          >
            {msg('newTree')}
          </Button>
        )}
      </section>
      {leader && stems.length > 0 && <OneBriefing job={job} say={say} findings={findings} known={known} />}
    </div>
  );
}

function headline(s: Schemas['StemView'], lays: Schemas['StemLay'][]): string {
  const lay = lays.find((l) => l.stemId === s.id);
  if (gone(s)) return term('StemState', s.state);
  if (s.toBeKept) return msg('stays');
  if (!lay) return s.state === 'STANDING' ? msg('noLayYet') : term('StemState', s.state);
  const means = meansWords().find((m) => m.tap.means === lay.choice.means)?.words ?? '';
  return msg('fellToDegrees', {
    layDeg: azimuth(lay.choice.layDeg),
    means: lay.choice.means === 'NOTHING' ? '' : `, ${means}`,
  });
}

function markOf(s: Schemas['StemView'], findings: Schemas['FindingView'][], lays: Schemas['StemLay'][]): MarkKind {
  const own = findings.filter((f) => f.about === 'STEM' && f.subject === s.label && f.open && f.severity !== 'NOTE');
  const worst = (['STOP', 'SECOND_OPINION', 'CAUTION'] as const).find((k) => own.some((f) => f.severity === k));
  return worst ?? (lays.some((l) => l.stemId === s.id && l.fixed) ? 'ready' : 'none');
}

/** One briefing holds every tree; what stands against it is said here, with the way to it. */
function OneBriefing({
  job,
  say,
  findings,
  known,
}: {
  job: string;
  say: (words: string) => void;
  findings: Schemas['FindingView'][];
  known: boolean;
}) {
  const act = useAct(job, say);
  const b = useBriefings(job).data;
  const latest = b?.issues.at(-1);
  const stops = findings.filter((f) => f.severity === 'STOP');
  const posted = latest?.signers.filter((s) => s.posted) ?? [];
  const fresh = latest && b?.sinceLatest.length === 0;
  return (
    <section aria-label={msg('briefing')}>
      <h2>
        {msg('oneBriefingForAll')}{' '}
        <span>
          {latest ? msg('issued', { number: latest.number, issuedAt: clock(latest.issuedAt) }) : msg('noneIssuedYet')}
        </span>
      </h2>
      {stops.slice(0, MOST_STOPS).map((f) => (
        <Alert
          key={f.key}
          type="error"
          showIcon
          icon={<Mark kind="STOP" size={20} />}
          title={f.words}
          description={msg('toClearIt', { clears: f.clears })}
          action={<Link to={`/jobs/${job}/${stageOf(f)}`}>{msg('see')}</Link>}
        />
      ))}
      {stops.length > MOST_STOPS && <p>{msg('andMoreStops', { stopsCount: stops.length - MOST_STOPS })}</p>}
      {fresh && (
        <p>
          {msg('signedOf', { postedCount: posted.filter((s) => s.signedAt).length, postedCount2: posted.length })}{' '}
          <Link to={`/jobs/${job}/brief`}>{msg('seeTheBriefing')}</Link>
        </p>
      )}
      {latest && !fresh && (
        <p>{msg('theCrewStillHolds', { number: latest.number, sinceLatestCount: b?.sinceLatest.length ?? '' })}</p>
      )}
      {!fresh && (
        <Button
          type="primary"
          size="large"
          block
          disabled={!known || stops.length > 0}
          onClick={() => void act(api.POST('/api/jobs/{job}/briefings', { params: { path: { job } } }))}
        >
          {msg('issueBriefing', { number: (latest?.number ?? 0) + 1 })}
        </Button>
      )}
    </section>
  );
}
