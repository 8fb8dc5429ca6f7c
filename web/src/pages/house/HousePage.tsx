import { useQuery } from '@tanstack/react-query';
import { Tabs } from 'antd';
import { Waiting } from '../../ui/Waiting';
import { useEffect } from 'react';
import { useNavigate } from 'react-router';
import { api, data } from '../../api/client';
import { useSession } from '../../api/job';
import { TopBar } from '../../app/TopBar';
import { useSend } from '../../ui/useSend';
import { AddPerson } from './AddPerson';
import { Kit } from './KitList';
import { OwnSecrets, PeopleTable } from './PeopleTable';
import { RulesForm } from './RulesForm';
import { SpeciesTable } from './SpeciesTable';
import { Templates } from './Templates';
import css from './house.module.css';
import { msg } from './words';

/** What holds for every job of the company: its rules, kit, people and the species table; the owner edits them. */
export default function HousePage() {
  const session = useSession().data;
  const navigate = useNavigate();
  useEffect(() => {
    if (session && !session.signedIn) void navigate('/sign-in');
  }, [session, navigate]);
  const rules = useQuery({ queryKey: ['house'], queryFn: () => data(api.GET('/api/house', {})) });
  const people = useQuery({ queryKey: ['people'], queryFn: () => data(api.GET('/api/people', {})) });
  const { send, refused } = useSend();
  const owner = session?.office === 'OWNER';
  return (
    <>
      <TopBar />
      <main className={css.page}>
        <h1>{msg('house')}</h1>
        {refused}
        <Tabs
          items={[
            {
              key: 'rules',
              label: msg('rules'),
              children: (
                <>
                  <p className="s">
                    {msg('theCompanysOwnLimits')}
                    {!owner && ` ${msg('theOwnerChangesThem')}`}
                  </p>
                  {rules.data ? <RulesForm rules={rules.data} owner={owner} /> : <Waiting />}
                </>
              ),
            },
            { key: 'templates', label: msg('templates'), children: <Templates owner={owner} /> },
            { key: 'kit', label: msg('sawsAndKit'), children: <Kit owner={owner} /> },
            {
              key: 'people',
              label: msg('people'),
              children: (
                <>
                  <PeopleTable people={people.data ?? []} owner={owner} run={send} />
                  {owner && <AddPerson />}
                  {session?.way === 'PASSPHRASE' && <OwnSecrets run={send} />}
                </>
              ),
            },
            {
              key: 'species',
              label: msg('species'),
              children: <SpeciesTable owner={owner} version={rules.data?.version ?? -1} />,
            },
          ]}
        />
      </main>
    </>
  );
}
