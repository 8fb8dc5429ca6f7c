import { Button, Input, Popover, Select } from 'antd';
import { useState } from 'react';
import { api, type Schemas } from '../../api/client';
import { useAct, useWatch } from '../../api/job';
import { Stepper } from '../../app/Stepper';
import css from '../../app/watch.module.css';
import WatchList from '../../app/WatchList';
import { usePlanTools } from '../../plan/planTools';
import { term } from '../../words/terms';
import { msg } from './words';

type View = Schemas['WatchView'];
type Act = (write: Promise<unknown>) => Promise<boolean>;
type Props = {
  job: string;
  read: View[];
  people: Schemas['PersonView'][];
  steers: boolean;
  say: (words: string) => void;
};

/** The instruments in use; whoever steers puts one to use or away. */
export function Watch({ job, read, people, steers, say }: Props) {
  const act = useAct(job, say);
  const all = useWatch(job, read.length > 0).data ?? read;
  return (
    <section aria-label={msg('watch')}>
      <h2>
        {msg('watch')} {read.length > 0 && <span>{read.length}</span>}
      </h2>
      {read.length === 0 && <p className="s">{msg('watchNone')}</p>}
      <WatchList
        all={all.filter((w) => read.some((r) => r.id === w.id))}
        more={(w) =>
          steers && (
            <>
              <Away job={job} w={w} act={act} />
              {w.simulated && <MakeUp job={job} w={w} act={act} />}
            </>
          )
        }
      />
      {steers && (
        <Use
          people={people}
          put={(body) => act(api.POST('/api/jobs/{job}/run/instruments', { params: { path: { job } }, body }))}
        />
      )}
    </section>
  );
}

type UseProps = { people: Props['people']; put: (body: Schemas['InstrumentRequest']) => Promise<boolean> };

function Use({ people, put }: UseProps) {
  const [kind, setKind] = useState<View['kind']>('LINE');
  const [number, setNumber] = useState('');
  const [personId, setPerson] = useState<string>();
  const putToUse = async () => {
    if (await put({ kind, number, personId: kind === 'BEACON' ? personId : undefined })) {
      setNumber('');
      setPerson(undefined);
    }
  };
  return (
    <div className={css.use}>
      <Select
        aria-label={msg('instrument')}
        value={kind}
        onChange={setKind}
        options={(['LINE', 'LOAD', 'BEACON'] as const).map((k) => ({ value: k, label: term('WatchKind', k) }))}
      />
      <Input
        aria-label={msg('instrumentNumber')}
        placeholder={msg('instrumentNumber')}
        value={number}
        onChange={(e) => setNumber(e.target.value)}
      />
      {kind === 'BEACON' && (
        <Select
          aria-label={msg('carriedBy')}
          placeholder={msg('carriedBy')}
          value={personId}
          onChange={setPerson}
          options={people.map((p) => ({ value: p.id, label: p.name }))}
        />
      )}
      <Button disabled={!number.trim() || (kind === 'BEACON' && !personId)} onClick={() => void putToUse()}>
        {msg('useOne')}
      </Button>
    </div>
  );
}

type OneProps = { job: string; w: View; act: Act };

function Away({ job, w, act }: OneProps) {
  const [reason, setReason] = useState('');
  const away = () =>
    void act(
      api.POST('/api/jobs/{job}/run/instruments/{id}/away', {
        params: { path: { job, id: w.id } },
        body: { reason },
      }),
    );
  return (
    <Popover
      trigger="click"
      content={
        <div className={css.make}>
          <Input
            aria-label={msg('whyAway')}
            placeholder={msg('whyAway')}
            value={reason}
            onChange={(e) => setReason(e.target.value)}
          />
          <Button disabled={!reason.trim()} onClick={away}>
            {msg('putAway')}
          </Button>
        </div>
      }
    >
      <Button type="text">{msg('putAway')}</Button>
    </Popover>
  );
}

/** A simulated instrument reads what it is told to. */
function MakeUp({ job, w, act }: OneProps) {
  const { pick } = usePlanTools();
  const [pullN, setPull] = useState<number>();
  const [open, setOpen] = useState(false);
  const tell = (body: Schemas['MadeUpRequest']) => {
    setOpen(false);
    void act(api.POST('/api/jobs/{job}/run/instruments/{id}/made-up', { params: { path: { job, id: w.id } }, body }));
  };
  const silent = w.state === 'NOT_KNOWN';
  return (
    <Popover
      trigger="click"
      open={open}
      onOpenChange={setOpen}
      content={
        <div className={css.make}>
          {w.kind === 'BEACON' ? (
            <Button
              onClick={() => {
                setOpen(false);
                pick(msg('tapWhere', { who: w.who ?? '' }), (at) => tell({ at, silent: false }));
              }}
            >
              {msg('walkTo')}
            </Button>
          ) : (
            <>
              <Stepper
                label={msg('pullOrLoad')}
                unit="kN"
                value={pullN === undefined ? null : pullN / 1000}
                onChange={(p) => setPull(p === null ? undefined : p * 1000)}
                min={0}
                step={0.5}
                digits={1}
              />
              <Button disabled={pullN === undefined} onClick={() => tell({ forceN: pullN, silent: false })}>
                {msg('readThis')}
              </Button>
            </>
          )}
          <Button onClick={() => tell({ silent: !silent })}>{msg(silent ? 'heardAgain' : 'fallSilent')}</Button>
        </div>
      }
    >
      <Button type="text">{msg('makeItRead')}</Button>
    </Popover>
  );
}
