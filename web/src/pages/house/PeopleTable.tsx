import { useQuery } from '@tanstack/react-query';
import { Button, Input, Popconfirm, Space, Table } from 'antd';
import { useState } from 'react';
import { api, data, type Schemas } from '../../api/client';

type Person = Schemas['PersonEntry'];
type Props = { people: Person[]; owner: boolean; run: (write: Promise<unknown>) => Promise<boolean> };

/** Everybody of the company; for the owner also what each proves themselves with, and where they are signed in. */
export function PeopleTable({ people, owner, run }: Props) {
  const pin = (p: Person) =>
    p.pinSet ? (
      'PIN set'
    ) : p.firstWord ? (
      <>
        word for the first PIN: <b>{p.firstWord}</b>
      </>
    ) : (
      'no PIN'
    );
  return (
    <Table<Person>
      rowKey="id"
      size="small"
      pagination={false}
      scroll={{ x: 760 }}
      dataSource={people}
      columns={[
        { title: 'Name', dataIndex: 'name', render: (n: string) => <b>{n}</b> },
        { title: 'Office', dataIndex: 'office', render: (o: string) => o.toLowerCase() },
        {
          title: 'Competences',
          render: (_, p) => p.competences.map((c) => c.toLowerCase().replace('_', '-')).join(', '),
        },
        { title: 'PIN', hidden: !owner, render: (_, p) => pin(p) },
        { title: 'Signed in', hidden: !owner, render: (_, p) => <Actions p={p} run={run} /> },
      ]}
    />
  );
}

function Actions({ p, run }: { p: Person; run: Props['run'] }) {
  const path = { params: { path: { id: p.id } } };
  const [changing, setChanging] = useState(false);
  const [passphrase, setPassphrase] = useState('');
  const change = async () => {
    if (!(await run(api.PUT('/api/people/{id}/passphrase', { ...path, body: { passphrase } })))) return;
    setChanging(false);
    setPassphrase('');
  };
  return (
    <Space wrap>
      <span>{p.signedInAt === 0 ? 'nowhere' : p.signedInAt === 1 ? 'in 1 place' : `in ${p.signedInAt} places`}</span>
      {p.signedInAt > 0 && (
        <Button onClick={() => void run(api.DELETE('/api/people/{id}/places', path))}>Sign out everywhere</Button>
      )}
      {p.pinSet && (
        <Popconfirm
          title={`Reset the PIN of ${p.name}?`}
          okText="Reset it"
          onConfirm={() => void run(api.POST('/api/people/{id}/pin-reset', path))}
        >
          <Button>Reset the PIN</Button>
        </Popconfirm>
      )}
      {p.office !== 'CREW' && !changing && <Button onClick={() => setChanging(true)}>New passphrase</Button>}
      {changing && (
        <Space.Compact>
          <Input.Password
            aria-label={`New passphrase of ${p.name}`}
            value={passphrase}
            onChange={(e) => setPassphrase(e.target.value)}
            autoComplete="new-password"
          />
          <Button type="primary" disabled={passphrase.length < 12} onClick={() => void change()}>
            Set
          </Button>
        </Space.Compact>
      )}
    </Space>
  );
}

/** One's own: passphrase, PIN, and everywhere one is signed in. */
export function OwnSecrets({ run }: { run: Props['run'] }) {
  const places = useQuery({ queryKey: ['places'], queryFn: () => data(api.GET('/api/session/places', {})) });
  const [old, setOld] = useState('');
  const [passphrase, setPassphrase] = useState('');
  const [pin, setPin] = useState('');
  const clear = async (write: Promise<unknown>) => {
    if (!(await run(write))) return;
    setOld('');
    setPassphrase('');
    setPin('');
  };
  return (
    <section aria-label="My sign-in">
      <h2>
        My sign-in <span>passphrase: 12 characters or more; PIN: 4 to 8 digits, for briefings and GO</span>
      </h2>
      <Space wrap>
        <Input.Password
          aria-label="Passphrase now"
          placeholder="passphrase now"
          value={old}
          onChange={(e) => setOld(e.target.value)}
        />
        <Space.Compact>
          <Input.Password
            aria-label="New PIN"
            placeholder="new PIN"
            inputMode="numeric"
            value={pin}
            onChange={(e) => setPin(e.target.value)}
          />
          <Button
            disabled={!old || pin.length < 4}
            onClick={() => void clear(api.PUT('/api/session/pin', { body: { passphrase: old, pin } }))}
          >
            Set my PIN
          </Button>
        </Space.Compact>
        <Space.Compact>
          <Input.Password
            aria-label="New passphrase"
            placeholder="new passphrase"
            autoComplete="new-password"
            value={passphrase}
            onChange={(e) => setPassphrase(e.target.value)}
          />
          <Button
            disabled={!old || passphrase.length < 12}
            onClick={() => void clear(api.PUT('/api/session/passphrase', { body: { old, passphrase } }))}
          >
            Change it
          </Button>
        </Space.Compact>
      </Space>
      <ul className="list">
        {places.data?.map((p) => (
          <li key={p.id} className="person">
            <span>
              {p.here ? <b>here</b> : 'elsewhere'}, since {new Date(p.madeAt).toLocaleString('en-GB')}, {p.address}
            </span>{' '}
            {!p.here && (
              <Button
                onClick={() => void clear(api.DELETE('/api/session/places/{id}', { params: { path: { id: p.id } } }))}
              >
                Sign out there
              </Button>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
