import { useQuery } from '@tanstack/react-query';
import { Button, Descriptions } from 'antd';
import { Link } from 'react-router';
import { api, data, type Schemas } from '../api/client';
import { useAct, useJob, useSurroundings } from '../api/job';
import css from './tree.module.css';
import { msg } from './words';

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
    <section aria-label={msg('theDay')} className={css.day}>
      <h2>
        {msg('theDay')} <span>{msg('onceForAllTrees')}</span>
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
              label: msg('people'),
              children: (
                <span>
                  {crew.map((p) => p.name).join(', ') || msg('nobodyButYou')}{' '}
                  <Link to={`/jobs/${job}/crew`}>{crew.length ? msg('change') : msg('putSomebodyOnThe')}</Link>
                </span>
              ),
            },
            {
              key: 'card',
              label: msg('emergencyCard'),
              children: (
                <span>
                  {place.cardLacks.length === 0
                    ? msg('whole')
                    : msg('lacks', { cardLacks: place.cardLacks.join(', ') })}{' '}
                  <Link to={`/jobs/${job}/place`}>{place.cardLacks.length ? msg('fillItIn') : msg('see')}</Link>
                </span>
              ),
            },
            {
              key: 'permits',
              label: msg('permissions'),
              children: (
                <span>
                  {msg('ofAnswered', { answered, permitsCount: place.permits.length })}{' '}
                  <Link to={`/jobs/${job}/place`}>{msg('see')}</Link>
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
    [msg('people'), people],
    [msg('wind'), msg('holdAt', { windLimit: last.windLimit })],
    [msg('meetingPoint'), last.meetingPoint],
    [msg('nearestHelp'), last.card.nearestHelp],
    [msg('wayForHelp'), last.card.route],
    [msg('gridReference'), last.card.gridReference],
    [msg('phoneCover'), last.card.phoneCover],
    [msg('firstAider'), last.card.firstAider],
    [msg('kit'), last.card.kit],
    [msg('rescuePlan'), last.card.rescuePlan],
    [msg('utilityLine'), last.card.utilityLine],
    [msg('permissions'), last.permits ? msg('answered', { permits: last.permits }) : ''],
    [msg('machines'), last.machines.join(', ')],
    [msg('onThePlan'), last.features ? msg('thingsOfThePlace', { features: last.features }) : ''],
  ];
  return (
    <>
      <p>
        <b>{msg('lastTime', { lastName: last.name, format: DATE.format(new Date(last.visitOn)) })}</b>
        {last.sameAddress ? ` ${msg('atThisAddress')}` : msg('atAnotherAddressPeople')}
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
        {msg('asLastTimeLooked')}
      </Button>
    </>
  );
}
