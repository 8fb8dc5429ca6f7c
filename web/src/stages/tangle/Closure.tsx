import css from '../../ui/layout.module.css';
import { Button, Checkbox, DatePicker, Select } from 'antd';
import dayjs, { type Dayjs } from 'dayjs';
import { useState } from 'react';
import { api, type Schemas, type Spot } from '../../api/client';
import { useAct, useJob } from '../../api/job';
import { Stepper } from '../../app/Stepper';
import { usePlanTools } from '../../plan/planTools';
import { clock } from '../../units/format';
import tangle from './tangle.module.css';
import { msg } from './words';

type Hang = Schemas['HangView'];

/** What is closed around a stem that is left: how far the tape is, or drawn; measured against its ring. */
export function Closure({ job, hang, leader }: { job: string; hang: Hang; leader: boolean }) {
  const tools = usePlanTools();
  const act = useAct(job, tools.say);
  const people = useJob(job).data?.people ?? [];
  const was = hang.closed;
  const [around, setAround] = useState<number | null>(was?.aroundM ?? null);
  const [down, setDown] = useState<number | null>(was?.downhillM ?? null);
  const [foot, setFoot] = useState(was?.toSlopeFoot ?? false);
  const [outline, setOutline] = useState<Spot[]>(was?.outline ?? []);
  const [until, setUntil] = useState<Dayjs | null>(was?.until ? dayjs(was.until) : null);
  const [handed, setHanded] = useState<string | undefined>(was?.handedTo === '' ? undefined : was?.handedTo);
  const draw = () =>
    tools.setSketch({
      what: 'draw',
      form: 'POLYGON',
      hint: msg('drawClosure', { stem: hang.stem }),
      done: (drawn) => {
        tools.setSketch(undefined);
        setOutline(drawn);
      },
    });
  const save = () =>
    void act(
      api.POST('/api/jobs/{job}/tangle/stems/{stem}/closures', {
        params: { path: { job, stem: hang.stemId } },
        body: {
          aroundM: around ?? undefined,
          downhillM: down ?? undefined,
          toSlopeFoot: foot,
          outline,
          until: until?.toISOString(),
          handedTo: handed ?? '',
        },
      }),
    );
  return (
    <div role="group" aria-label={msg('closureOf', { stem: hang.stem })}>
      <h2>{msg('whatIsClosed')}</h2>
      {was ? (
        <p className={was.ok ? undefined : 'refused'}>
          <b>
            {was.ok
              ? msg('closureHolds')
              : was.said.shortM === undefined
                ? msg('closureNotMeasured')
                : msg('closureShort', { short: was.said.shortM })}
          </b>{' '}
          {was.until && msg('closedUntil', { until: dayjs(was.until).format('ddd D MMM HH:mm') })}{' '}
          {was.handedTo && msg('handedTo', { who: was.handedTo })}{' '}
          <small>{msg('enteredBy', { who: was.who, at: clock(was.at) })}</small>
        </p>
      ) : (
        <p className="refused">{msg('nothingClosed')}</p>
      )}
      {leader && (
        <>
          <div className="two">
            <Stepper
              label={msg('tapeAround')}
              unit="m"
              value={around}
              onChange={setAround}
              step={1}
              min={0}
              max={500}
              digits={0}
            />
            <Stepper
              label={msg('tapeDownhill')}
              unit="m"
              value={down}
              onChange={setDown}
              step={1}
              min={0}
              max={500}
              digits={0}
            />
          </div>
          <Checkbox className={tangle.check} checked={foot} onChange={(e) => setFoot(e.target.checked)}>
            {msg('toSlopeFoot')}
          </Checkbox>
          <Button block onClick={draw}>
            {outline.length > 0 ? msg('drawnAgain') : msg('drawItOnPlan')}
          </Button>
          <div className="two">
            <label>
              {msg('until')}
              <DatePicker
                aria-label={msg('until')}
                showTime={{ format: 'HH:mm' }}
                format="ddd D MMM HH:mm"
                value={until}
                onChange={setUntil}
                needConfirm={false}
                className={css.full}
              />
            </label>
            <label>
              {msg('handOver')}
              <Select
                aria-label={msg('handOver')}
                value={handed}
                onChange={setHanded}
                allowClear
                options={people.map((m) => ({ value: m.name, label: m.name }))}
              />
            </label>
          </div>
          <Button size="large" block disabled={around === null && outline.length === 0} onClick={save}>
            {msg('keepClosure')}
          </Button>
        </>
      )}
    </div>
  );
}
