import { useQuery } from '@tanstack/react-query';
import { Button, Input, Popconfirm, Space, Table } from 'antd';
import { useState } from 'react';
import { api, data, type Schemas } from '../../api/client';
import { EditCompetences, Proofs } from './Competences';
import { msg } from './words';
import { type Office, officeWords } from './offices';

type Person = Schemas['PersonEntry'];
type Props = { people: Person[]; owner: boolean; run: (write: Promise<unknown>) => Promise<boolean> };

/** Everybody of the company; for the owner also what each proves themselves with, and where they are signed in. */
export function PeopleTable({ people, owner, run }: Props) {
  const pin = (p: Person) =>
    p.pinSet ? (
      msg('pinSet')
    ) : p.firstWord ? (
      <>
        {msg('wordForTheFirst')} <b>{p.firstWord}</b>
      </>
    ) : (
      msg('noPin')
    );
  return (
    <Table<Person>
      rowKey="id"
      size="small"
      pagination={false}
      scroll={{ x: 760 }}
      dataSource={people}
      columns={[
        { title: msg('name'), dataIndex: 'name', width: 104, render: (n: string) => <b>{n}</b> },
        { title: msg('office'), dataIndex: 'office', render: (o: Office) => officeWords()[o] },
        {
          title: msg('competences'),
          render: (_, p) => (
            <>
              <Proofs p={p} />
              {owner && <EditCompetences p={p} run={run} />}
            </>
          ),
        },
        { title: 'PIN', hidden: !owner, render: (_, p) => pin(p) },
        { title: msg('signedIn'), hidden: !owner, render: (_, p) => <Actions p={p} run={run} /> },
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
      <span>
        {p.signedInAt === 0
          ? msg('nowhere')
          : p.signedInAt === 1
            ? msg('in1Place')
            : msg('inPlaces', { signedInAt: p.signedInAt })}
      </span>
      {p.signedInAt > 0 && (
        <Button onClick={() => void run(api.DELETE('/api/people/{id}/places', path))}>
          {msg('signOutEverywhere')}
        </Button>
      )}
      {p.pinSet && (
        <Popconfirm
          title={msg('resetThePinOf', { name: p.name })}
          okText={msg('resetIt')}
          onConfirm={() => void run(api.POST('/api/people/{id}/pin-reset', path))}
        >
          <Button>{msg('resetThePin')}</Button>
        </Popconfirm>
      )}
      {p.office !== 'CREW' && !changing && <Button onClick={() => setChanging(true)}>{msg('newPassphrase')}</Button>}
      {changing && (
        <Space.Compact>
          <Input.Password
            aria-label={msg('newPassphraseOf', { name: p.name })}
            value={passphrase}
            onChange={(e) => setPassphrase(e.target.value)}
            autoComplete="new-password"
          />
          <Button type="primary" disabled={passphrase.length < 12} onClick={() => void change()}>
            {msg('set')}
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
    <section aria-label={msg('mySignIn')}>
      <h2>
        {msg('mySignIn')} <span>{msg('passphrase12CharactersOrMore')}</span>
      </h2>
      <Space wrap>
        <Input.Password
          aria-label={msg('passphraseNow')}
          placeholder={msg('passphraseNowInline')}
          value={old}
          onChange={(e) => setOld(e.target.value)}
        />
        <Space.Compact>
          <Input.Password
            aria-label={msg('newPin')}
            placeholder={msg('newPinInline')}
            inputMode="numeric"
            value={pin}
            onChange={(e) => setPin(e.target.value)}
          />
          <Button
            disabled={!old || pin.length < 4}
            onClick={() => void clear(api.PUT('/api/session/pin', { body: { passphrase: old, pin } }))}
          >
            {msg('setMyPin')}
          </Button>
        </Space.Compact>
        <Space.Compact>
          <Input.Password
            aria-label={msg('newPassphrase')}
            placeholder={msg('newPassphraseInline')}
            autoComplete="new-password"
            value={passphrase}
            onChange={(e) => setPassphrase(e.target.value)}
          />
          <Button
            disabled={!old || passphrase.length < 12}
            onClick={() => void clear(api.PUT('/api/session/passphrase', { body: { old, passphrase } }))}
          >
            {msg('changeIt')}
          </Button>
        </Space.Compact>
      </Space>
      <ul className="list">
        {places.data?.map((p) => (
          <li key={p.id} className="person">
            <span>
              {p.here ? <b>{msg('here')}</b> : msg('elsewhere')}
              {msg('since', { it: new Date(p.madeAt).toLocaleString('en-GB'), address: p.address })}
            </span>{' '}
            {!p.here && (
              <Button
                onClick={() => void clear(api.DELETE('/api/session/places/{id}', { params: { path: { id: p.id } } }))}
              >
                {msg('signOutThere')}
              </Button>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
