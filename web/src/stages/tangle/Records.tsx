import css from '../../ui/layout.module.css';
import { Button, Segmented, Select } from 'antd';
import { useState } from 'react';
import { api, type Schemas, type Spot } from '../../api/client';
import { useAct } from '../../api/job';
import { Stepper } from '../../app/Stepper';
import { usePlanTools } from '../../plan/planTools';
import { said } from './terms';
import { msg } from './words';

type Stem = Schemas['TangledStem'];
type Other = { value: string; label: string };
type RestRequest = Schemas['RestRequest'];
type RelationRequest = Schemas['RelationRequest'];

const options = <T extends string>(type: string, values: readonly T[]) =>
  values.map((value) => ({ value, label: said(type, value) }));

/** One value of a type of the core, in words. */
function Choice<T extends string>({
  label,
  of,
  values,
  value,
  onChange,
}: {
  label: string;
  of: string;
  values: readonly NonNullable<T>[];
  value: T | undefined;
  onChange: (v: T) => void;
}) {
  return (
    <label>
      {label}
      <Select aria-label={label} value={value} onChange={onChange} options={options<T>(of, values)} />
    </label>
  );
}

/** Where a stem lies: two taps on the plan, and both heights. */
export function PoseForm({ job, stem, done }: { job: string; stem: Stem; done: () => void }) {
  const { pick, say } = usePlanTools();
  const act = useAct(job, say);
  const [butt, setButt] = useState<Spot | undefined>((stem.pose?.butt ?? stem.starts)?.at);
  const [tip, setTip] = useState<Spot | undefined>(stem.pose?.tip.at);
  const [buttH, setButtH] = useState<number | null>((stem.pose?.butt ?? stem.starts)?.heightM ?? null);
  const [tipH, setTipH] = useState<number | null>(stem.pose?.tip.heightM ?? null);
  const [how, setHow] = useState<Schemas['PoseRequest']['how']>('TAPS');
  const [sigma, setSigma] = useState<number | null>(0.3);
  const ready = butt && tip && buttH !== null && tipH !== null && sigma !== null;
  const save = async () => {
    if (!butt || !tip || buttH === null || tipH === null || sigma === null) return;
    const kept = await act(
      api.POST('/api/jobs/{job}/tangle/stems/{stem}/poses', {
        params: { path: { job, stem: stem.stemId } },
        body: {
          butt: { ...butt, heightM: buttH },
          tip: { ...tip, heightM: tipH },
          how,
          sigmaM: sigma,
        },
      }),
    );
    if (kept) done();
  };
  return (
    <div className="form" role="group" aria-label={msg('whereItLies', { stem: stem.label })}>
      <div className="two">
        <Button onClick={() => pick(msg('tapTheButt', { stem: stem.label }), setButt)}>
          {butt ? msg('buttTapped') : msg('tapButt')}
        </Button>
        <Button onClick={() => pick(msg('tapTheTip', { stem: stem.label }), setTip)}>
          {tip ? msg('tipTapped') : msg('tapTip')}
        </Button>
      </div>
      <div className="two">
        <Stepper
          label={msg('buttHeight')}
          unit="m"
          value={buttH}
          onChange={setButtH}
          step={0.1}
          min={0}
          max={60}
          digits={1}
        />
        <Stepper
          label={msg('tipHeight')}
          unit="m"
          value={tipH}
          onChange={setTipH}
          step={0.5}
          min={0}
          max={60}
          digits={1}
        />
      </div>
      <div className="two">
        <Choice
          label={msg('how')}
          of="Pose.TakenHow"
          values={['TAPS', 'TAPE', 'RANGEFINDER', 'EYE']}
          value={how}
          onChange={setHow}
        />
        <Stepper
          label={msg('sigma')}
          unit="m"
          value={sigma}
          onChange={setSigma}
          step={0.1}
          min={0}
          max={10}
          digits={1}
        />
      </div>
      <Button size="large" block disabled={!ready} onClick={() => void save()}>
        {msg('keepPose')}
      </Button>
    </div>
  );
}

/** Where it touches something. */
export function RestForm({ job, stem, others, done }: { job: string; stem: Stem; others: Other[]; done: () => void }) {
  const { say } = usePlanTools();
  const act = useAct(job, say);
  const [x, setX] = useState<number | null>(null);
  const [on, setOn] = useState<RestRequest['on']>('GROUND');
  const [other, setOther] = useState<string>();
  const [side, setSide] = useState<RestRequest['side']>('BELOW');
  const [fibres, setFibres] = useState<RestRequest['fibres']>('PARTLY');
  const [certainty, setCertainty] = useState<RestRequest['certainty']>('SEEN');
  const named = on === 'FORK' || on === 'STEM' || on === 'FEATURE';
  const save = async () => {
    if (x === null) return;
    const kept = await act(
      api.POST('/api/jobs/{job}/tangle/stems/{stem}/rests', {
        params: { path: { job, stem: stem.stemId } },
        body: {
          xM: x,
          on,
          other: named ? other : undefined,
          side,
          fibres: on === 'OWN_STUMP' ? fibres : undefined,
          certainty,
        },
      }),
    );
    if (kept) done();
  };
  return (
    <div className="form" role="group" aria-label={msg('newRest', { stem: stem.label })}>
      <Stepper label={msg('fromTheButt')} unit="m" value={x} onChange={setX} step={0.1} min={0} max={60} digits={1} />
      <div className="two">
        <Choice
          label={msg('touches')}
          of="Rest.On"
          values={['GROUND', 'OWN_STUMP', 'FORK', 'STEM', 'FEATURE']}
          value={on}
          onChange={setOn}
        />
        {named && (
          <label>
            {msg('which')}
            <Select
              aria-label={msg('which')}
              value={other}
              onChange={setOther}
              options={others}
              showSearch
              optionFilterProp="label"
            />
          </label>
        )}
        {on === 'OWN_STUMP' && (
          <Choice
            label={msg('fibres')}
            of="Rest.Fibres"
            values={['HOLD', 'PARTLY', 'TORN']}
            value={fibres}
            onChange={setFibres}
          />
        )}
      </div>
      <Segmented
        block
        aria-label={msg('side')}
        value={side}
        onChange={setSide}
        options={options('Support.Side', ['BELOW', 'ABOVE'] as const)}
      />
      <Segmented
        block
        aria-label={msg('certainty')}
        value={certainty}
        onChange={setCertainty}
        options={options('Rest.Certainty', ['SEEN', 'FELT', 'SUPPOSED'] as const)}
      />
      <Button size="large" block disabled={x === null || (named && !other)} onClick={() => void save()}>
        {msg('keepRest')}
      </Button>
    </div>
  );
}

/** That one bears on, hangs over, is tied to or held by another. */
export function RelationForm({
  job,
  stems,
  others,
  done,
}: {
  job: string;
  stems: Other[];
  others: Other[];
  done: () => void;
}) {
  const { pick, say } = usePlanTools();
  const act = useAct(job, say);
  const [a, setA] = useState<string>();
  const [b, setB] = useState<string>();
  const [type, setType] = useState<RelationRequest['type']>('RESTS_ON');
  const [carries, setCarries] = useState<NonNullable<RelationRequest['carries']>>('NOT_KNOWN');
  const [severFrom, setSeverFrom] = useState<NonNullable<RelationRequest['severFrom']>>('NOT_KNOWN');
  const over = async (at: Spot) => {
    const kept = await act(
      api.POST('/api/jobs/{job}/tangle/overhangs', { params: { path: { job } }, body: { stem: a ?? '', at } }),
    );
    if (kept) done();
  };
  const save = async () => {
    const kept = await act(
      api.POST('/api/jobs/{job}/tangle/relations', {
        params: { path: { job } },
        body: { a: a ?? '', type, b: b ?? '', carries, severFrom },
      }),
    );
    if (kept) done();
  };
  return (
    <div className="form" role="group" aria-label={msg('newRelation')}>
      <div className="three">
        <Select
          aria-label={msg('upperStem')}
          placeholder={msg('stem')}
          value={a}
          onChange={setA}
          options={stems}
          showSearch
          optionFilterProp="label"
        />
        <Select
          aria-label={msg('relation')}
          value={type}
          onChange={setType}
          options={options('Pile.Type', ['RESTS_ON', 'OVERHANGS', 'BOUND', 'HELD_BY_ROPE'] as const)}
        />
        <Select
          aria-label={msg('lowerStem')}
          placeholder={msg('stem')}
          value={b}
          onChange={setB}
          options={others}
          showSearch
          optionFilterProp="label"
        />
      </div>
      {type === 'BOUND' && (
        <div className="two">
          <Choice
            label={msg('whatItDoes')}
            of="Pile.Carries"
            values={['HOLDS_BACK', 'CRADLES', 'NOTHING', 'NOT_KNOWN']}
            value={carries}
            onChange={setCarries}
          />
          <Choice
            label={msg('severedFrom')}
            of="Pile.SeverFrom"
            values={['OUTSIDE', 'INSIDE', 'NOT_KNOWN']}
            value={severFrom}
            onChange={setSeverFrom}
          />
        </div>
      )}
      {type === 'OVERHANGS' && (
        <Button disabled={!a} onClick={() => pick(msg('tapBeneath', { stem: a ?? '' }), (at) => void over(at))}>
          {msg('tapWhatIsBeneath')}
        </Button>
      )}
      <Button type="text" className={css.strong} disabled={!a || !b} onClick={() => void save()}>
        {msg('recordIt')}
      </Button>
    </div>
  );
}

/** A raised plate, a bow, or a part nobody can see. */
export function MoreForm({ job, stem, done }: { job: string; stem: Stem; done: () => void }) {
  const { say } = usePlanTools();
  const act = useAct(job, say);
  const [what, setWhat] = useState<'plate' | 'bow' | 'hidden'>('plate');
  const [one, setOne] = useState<number | null>(null);
  const [two, setTwo] = useState<number | null>(null);
  const [three, setThree] = useState<number | null>(null);
  const [psi, setPsi] = useState<number | null>(90);
  const path = { job, stem: stem.stemId };
  const ready = one !== null && two !== null && (what !== 'plate' || (three !== null && psi !== null));
  const save = async () => {
    if (one === null || two === null) return;
    const kept = await act(
      what === 'plate'
        ? api.POST('/api/jobs/{job}/tangle/stems/{stem}/plates', {
            params: { path },
            body: { widthM: one, heightM: two, thickM: three ?? 0, psiDeg: psi ?? 90 },
          })
        : what === 'bow'
          ? api.POST('/api/jobs/{job}/tangle/stems/{stem}/bows', {
              params: { path },
              body: { chordM: one, riseM: two },
            })
          : api.POST('/api/jobs/{job}/tangle/stems/{stem}/hidden', {
              params: { path },
              body: { fromM: one, toM: two },
            }),
    );
    if (kept) done();
  };
  const words = {
    plate: [msg('plateWide'), msg('plateHigh')],
    bow: [msg('chord'), msg('rise')],
    hidden: [msg('hiddenFrom'), msg('hiddenTo')],
  }[what];
  return (
    <div className="form" role="group" aria-label={msg('moreOf', { stem: stem.label })}>
      <Segmented
        block
        aria-label={msg('whatElse')}
        value={what}
        onChange={setWhat}
        options={[
          { value: 'plate', label: msg('plate') },
          { value: 'bow', label: msg('bow') },
          { value: 'hidden', label: msg('hidden') },
        ]}
      />
      <div className="two">
        <Stepper label={words[0] ?? ''} unit="m" value={one} onChange={setOne} step={0.1} min={0} max={60} digits={1} />
        <Stepper label={words[1] ?? ''} unit="m" value={two} onChange={setTwo} step={0.1} min={0} max={60} digits={1} />
      </div>
      {what === 'plate' && (
        <div className="two">
          <Stepper
            label={msg('plateThick')}
            unit="m"
            value={three}
            onChange={setThree}
            step={0.1}
            min={0}
            max={3}
            digits={1}
          />
          <Stepper
            label={msg('plateTurned')}
            unit="°"
            value={psi}
            onChange={setPsi}
            step={5}
            min={20}
            max={130}
            digits={0}
          />
        </div>
      )}
      <Button size="large" block disabled={!ready} onClick={() => void save()}>
        {msg('keepIt')}
      </Button>
    </div>
  );
}
