import css from '../ui/layout.module.css';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { api, data, Problem, type Schemas } from '../api/client';
import { NO_ANSWER, useSession } from '../api/job';
import { TopBar } from '../app/TopBar';
import { Button, Checkbox, Input, InputNumber, Select } from 'antd';
import { Kit } from './KitList';
import { OwnSecrets, PeopleTable } from './PeopleTable';
import { field } from '../app/field';
import { Stepper } from '../app/Stepper';
import { useTerms } from '../words/words';

const COMPETENCES: Schemas['NewPersonRequest']['competences'] = [
  'SAW',
  'WINCH',
  'LOOKOUT',
  'GROUND',
  'HUNG_UP',
  'FIRST_AID',
  'CLIMB',
  'RESCUE',
  'CRANE',
  'MACHINE',
  'NEAR_LINES',
  'SPECIAL_CUTS',
];
type School = Schemas['Thresholds']['usualSchool'];
const SCHOOLS: { value: School; label: string }[] = [
  { value: 'CONVENTIONAL', label: 'conventional' },
  { value: 'OPEN_FACE', label: 'open face' },
  { value: 'HUMBOLDT', label: 'face cut from below' },
  { value: 'DEEP_FACE', label: 'deep face' },
  { value: 'THIN_HINGE', label: 'thin hinge' },
];
const OFFICES = (['CREW', 'LEADER', 'REVIEWER', 'OWNER'] as const).map((o) => ({ value: o, label: o.toLowerCase() }));

const REGIONAL = ['FACE', 'TRIGGER', 'HOLDING_WOOD'] as const;

/** House rules, saws and kit, people; the owner edits them. The species table will follow here. */
export default function HousePage() {
  const session = useSession().data;
  const queries = useQueryClient();
  const rules = useQuery({ queryKey: ['house'], queryFn: () => data(api.GET('/api/house', {})) });
  const people = useQuery({ queryKey: ['people'], queryFn: () => data(api.GET('/api/people', {})) });
  const [refused, setRefused] = useState('');
  const owner = session?.office === 'OWNER';
  async function run(write: Promise<unknown>) {
    try {
      await write;
      setRefused('');
      await queries.invalidateQueries();
    } catch (e) {
      setRefused(e instanceof Problem ? e.message : NO_ANSWER);
    }
  }
  const term = useTerms();
  const [school, setSchool] = useState<School>();
  const [office, setOffice] = useState<(typeof OFFICES)[number]['value']>('CREW');
  const [wind, setWind] = useState<number>();
  const [away, setAway] = useState<number>();
  function change(e: FormEvent<HTMLFormElement>) {
    e.preventDefault();
    const f = new FormData(e.currentTarget);
    const now = rules.data;
    if (!now) return;
    void run(
      api.PUT('/api/house', {
        body: {
          exclusionLengths: Number(f.get('x')),
          leastAwayM: away ?? now.leastAwayM,
          soundSigmaDeg: Number(f.get('s')),
          windLimitMs: wind ?? now.windLimitMs,
          regional: REGIONAL.filter((r) => f.get(`word ${r}`)),
          usualSchool: school ?? now.usualSchool,
          version: now.version,
        },
      }),
    );
  }
  function add(e: FormEvent<HTMLFormElement>) {
    e.preventDefault();
    const f = new FormData(e.currentTarget);
    void run(
      api.POST('/api/people', {
        body: {
          name: field(f, 'name'),
          office: office,
          passphrase: field(f, 'passphrase') || undefined,
          competences: COMPETENCES.filter((c) => f.get(c)),
        },
      }),
    );
  }
  return (
    <>
      <TopBar />
      <main className="sums">
        <h1>House</h1>
        <p className="s">The company’s thresholds. Local code and the qualified person outrank them.</p>
        {refused && (
          <p className="refused" role="alert">
            {refused}
          </p>
        )}
        {rules.data && (
          <form className={`form ${css.thirds}`} key={rules.data.version} onSubmit={change}>
            <label>
              Tree lengths kept clear (practice: 2)
              <InputNumber
                name="x"
                step={0.5}
                defaultValue={rules.data.exclusionLengths}
                disabled={!owner}
                className={css.tallField}
              />
            </label>
            <label>
              Spread of the lay in sound wood (°, 1 sigma)
              <InputNumber
                name="s"
                step={0.5}
                defaultValue={rules.data.soundSigmaDeg}
                disabled={!owner}
                className={css.tallField}
              />
            </label>
            <Stepper
              label="Gust at which work stops"
              unit="m/s"
              value={wind ?? rules.data.windLimitMs}
              onChange={(v) => setWind(v ?? undefined)}
              step={0.5}
              min={2}
              max={20}
            />
            <Stepper
              label="A cutter who gets less far than this from the falling stem stops the lay"
              unit="m"
              value={away ?? rules.data.leastAwayM}
              onChange={(v) => setAway(v ?? undefined)}
              step={0.1}
              min={0.5}
              max={5}
            />
            <label>
              Type of cut that needs no reason
              <Select
                aria-label="Type of cut that needs no reason"
                value={school ?? rules.data.usualSchool}
                onChange={setSchool}
                disabled={!owner}
                options={SCHOOLS}
              />
            </label>
            <fieldset className={css.wholeRow}>
              <legend>Words of our region, said to everybody</legend>
              {REGIONAL.map((r) => (
                <Checkbox
                  key={r}
                  name={`word ${r}`}
                  defaultChecked={rules.data.regional?.includes(r)}
                  disabled={!owner}
                  className="tickbox"
                >
                  {term('Regional', r)}
                </Checkbox>
              ))}
            </fieldset>
            {owner && (
              <Button type="primary" size="large" block htmlType="submit">
                Save the house rules
              </Button>
            )}
          </form>
        )}
        <Kit owner={owner} />
        <h2>
          People <span>{people.data?.length}</span>
        </h2>
        <PeopleTable people={people.data ?? []} owner={owner} run={run} />
        {owner && (
          <form className={`door ${css.apart}`} onSubmit={add}>
            <b>Add a person</b>
            <label>
              Name
              <Input name="name" required />
            </label>
            <label>
              Office
              <Select aria-label="Office" value={office} onChange={setOffice} options={OFFICES} />
            </label>
            <label>
              Passphrase (12 characters or more; crew need none)
              <Input name="passphrase" type="password" />
            </label>
            <div>
              {COMPETENCES.map((c) => (
                <Checkbox key={c} name={c} className="tickbox">
                  {c.toLowerCase().replace('_', '-')}
                </Checkbox>
              ))}
            </div>
            <Button type="primary" size="large" block htmlType="submit">
              Add
            </Button>
          </form>
        )}
        {session?.way === 'PASSPHRASE' && <OwnSecrets run={run} />}
        <p className="empty">The editable species table will stand here.</p>
      </main>
    </>
  );
}
