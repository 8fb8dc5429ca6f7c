import { useQuery } from '@tanstack/react-query';
import { Button, Descriptions } from 'antd';
import { Link } from 'react-router';
import { api, data, type Schemas } from '../api/client';
import { useAct, useJob, useSurroundings } from '../api/job';
import css from './tree.module.css';

const DATE = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric' });

/** The day, once for all trees: as last time, or what of it is still to be said. */
export function DayCard({ job, say }: { job: string; say: (words: string) => void }) {
  const info = useJob(job).data;
  const place = useSurroundings(job).data;
  const last = useQuery({
    queryKey: ['job', job, 'last-time'],
    queryFn: () => data(api.GET('/api/jobs/{job}/last-time', { params: { path: { job } } })),
  }).data?.before;
  if (!info || !place) return null;
  const crew = info.people.filter((p) => p.part === 'CREW');
  const answered = place.permits.filter((p) => p.answer !== 'NOT_KNOWN').length;
  const bare = crew.length === 0 && place.cardLacks.length > 0;
  return (
    <section aria-label="The day" className={css.day}>
      <h2>
        The day <span>once for all trees</span>
      </h2>
      {bare && last ? (
        <LastTime job={job} last={last} say={say} />
      ) : (
        <Descriptions
          size="small"
          column={1}
          colon={false}
          items={[
            {
              key: 'people',
              label: 'People',
              children: (
                <span>
                  {crew.map((p) => p.name).join(', ') || 'nobody but you'}{' '}
                  <Link to={`/jobs/${job}/crew`}>{crew.length ? 'Change' : 'Put somebody on the job'}</Link>
                </span>
              ),
            },
            {
              key: 'card',
              label: 'Emergency card',
              children: (
                <span>
                  {place.cardLacks.length === 0 ? 'whole' : `lacks ${place.cardLacks.join(', ')}`}{' '}
                  <Link to={`/jobs/${job}/place`}>{place.cardLacks.length ? 'Fill it in' : 'See'}</Link>
                </span>
              ),
            },
            {
              key: 'permits',
              label: 'Permissions',
              children: (
                <span>
                  {answered} of {place.permits.length} answered <Link to={`/jobs/${job}/place`}>See</Link>
                </span>
              ),
            },
          ]}
        />
      )}
    </section>
  );
}

/** All of it on one screen, so that it can be looked over before it is taken. */
function LastTime({ job, last, say }: { job: string; last: Schemas['LastTimeView']; say: (words: string) => void }) {
  const act = useAct(job, say);
  const people = last.people.map((p) => (p.role ? `${p.name}, ${p.role}` : p.name)).join('; ');
  const lines: [string, string][] = [
    ['People', people],
    ['Wind', `hold at ${last.windLimit}`],
    ['Meeting point', last.meetingPoint],
    ['Nearest help', last.card.nearestHelp],
    ['Way for help', last.card.route],
    ['Grid reference', last.card.gridReference],
    ['Phone cover', last.card.phoneCover],
    ['First-aider', last.card.firstAider],
    ['Kit', last.card.kit],
    ['Rescue plan', last.card.rescuePlan],
    ['Utility line', last.card.utilityLine],
    ['Permissions', last.permits ? `${last.permits} answered` : ''],
    ['Machines', last.machines.join(', ')],
    ['On the plan', last.features ? `${last.features} things of the place` : ''],
  ];
  return (
    <>
      <p>
        <b>
          Last time: {last.name}, {DATE.format(new Date(last.visitOn))}
        </b>
        {last.sameAddress ? ' at this address.' : ', at another address: people, wind limit and machines only.'}
      </p>
      <Descriptions
        size="small"
        column={{ xs: 1, md: 2 }}
        colon={false}
        items={lines.filter(([, v]) => v).map(([label, children]) => ({ key: label, label, children }))}
      />
      <Button
        type="primary"
        block
        size="large"
        onClick={() => void act(api.POST('/api/jobs/{job}/last-time', { params: { path: { job } } }))}
      >
        As last time, looked over
      </Button>
    </>
  );
}
