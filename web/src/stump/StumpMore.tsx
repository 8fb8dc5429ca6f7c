import { useMutation } from '@tanstack/react-query';
import { Button, Checkbox, Select } from 'antd';
import { useState } from 'react';
import { api, data, type Schemas } from '../api/client';
import { ShortLength } from '../app/ShortLength';
import { Chips, Stepper } from '../app/Stepper';
import { PhotoTouches } from '../photo/PhotoTouches';
import type { Touch } from '../photo/touches';
import { useWords } from '../words/words';
import { mm, picture, share } from './drawing';
import './words';

type Request = Schemas['OutcomeRequest'];
export type More = Pick<Request, 'looks' | 'picture' | 'landing' | 'peakPullN' | 'windFrom'> & { photo?: File };
type Looks = Schemas['LooksRequest'];
type ShortField =
  'hingeMiddleM' | 'notchDepthM' | 'bypassLeftM' | 'bypassRightM' | 'stepLeftM' | 'stepRightM' | 'dipM' | 'shellM';
type Spot = Schemas['SpotRequest'];
type Numbers = Record<string, number>;

type Props = {
  job: string;
  stump?: Schemas['StumpToRead'];
  choices: Schemas['LooksChoices'];
  more: More;
  change: (more: More) => void;
};

const spot = (n: Numbers, name: string): Spot => ({ x: n[`${name}X`], y: n[`${name}Y`] });
const corners = (n: Numbers) => ({
  leftFront: spot(n, 'leftFront'),
  leftBack: spot(n, 'leftBack'),
  rightFront: spot(n, 'rightFront'),
  rightBack: spot(n, 'rightBack'),
});

/** What a stump shows besides both ends of its hinge: off a photo or the drawn stump, its looks, how the stem came down. */
export default function StumpMore({ job, stump, choices, more, change }: Props) {
  const t = useWords();
  const looks = more.looks ?? {};
  const landing = more.landing ?? {};
  const look = (over: Looks) => change({ ...more, looks: { ...looks, ...over } });
  const short = (field: ShortField, label: string, wrong?: string) => (
    <ShortLength
      label={label}
      value={looks[field]}
      by={0}
      note={t('fall.asFound')}
      undo=""
      blank
      wrong={wrong}
      onChange={(v) => look({ [field]: v })}
    />
  );
  const land = (field: keyof Schemas['LandingRequest'], label: string, step: number) => (
    <Stepper
      label={label}
      unit="m"
      value={landing[field] ?? null}
      onChange={(v) => change({ ...more, landing: { ...landing, [field]: v ?? undefined } })}
      step={step}
      digits={1}
    />
  );
  return (
    <>
      <Picture job={job} stump={stump} more={more} change={change} />
      <div className="two">
        {short('hingeMiddleM', t('stump.hingeMiddleM'))}
        {short('notchDepthM', t('stump.notchDepthM'))}
      </div>
      <Sectors choices={choices} sectors={looks.sectors ?? []} change={(sectors) => look({ sectors })} />
      <Chips
        label={t('stump.strap')}
        options={choices.straps.map((s) => ({ value: s.strap, words: s.words }))}
        value={looks.strap}
        onChange={(strap) => look({ strap })}
      />
      <div className="two">
        {short('bypassLeftM', t('stump.bypassLeftM'))}
        {short('bypassRightM', t('stump.bypassRightM'))}
      </div>
      <div className="two">
        {short('stepLeftM', t('stump.stepLeftM'))}
        {short('stepRightM', t('stump.stepRightM'))}
      </div>
      <Chips
        label={t('stump.dip')}
        options={choices.dips.map((d) => ({ value: d.dip, words: d.words }))}
        value={looks.dip}
        onChange={(dip) => look({ dip })}
      />
      <div className="two">
        {short('dipM', t('stump.dipM'), looks.dipM !== undefined && !looks.dip ? t('stump.whichSide') : undefined)}
        {short('shellM', t('stump.shellM'))}
      </div>
      <div className="two">
        <Stepper
          label={t('stump.faceDeg')}
          unit="°"
          value={looks.faceDeg ?? null}
          onChange={(v) => look({ faceDeg: v ?? undefined })}
          step={5}
          digits={0}
        />
        {land('firstTouchM', t('stump.firstTouchM'), 0.5)}
      </div>
      <div className="two">
        {land('bounceM', t('stump.bounceM'), 0.1)}
        {land('rolledM', t('stump.rolledM'), 0.1)}
      </div>
      <Chips
        label={t('stump.wind')}
        options={choices.winds.map((w) => ({ value: w.from, words: w.words }))}
        value={more.windFrom}
        onChange={(windFrom) => change({ ...more, windFrom })}
      />
      <Stepper
        label={t('stump.peakPull')}
        unit="kN"
        value={more.peakPullN === undefined ? null : more.peakPullN / 1000}
        onChange={(v) => change({ ...more, peakPullN: v === null ? undefined : 1000 * v })}
        step={0.5}
        digits={1}
      />
    </>
  );
}

/** The hinge off a photo with something of known length in it, or off the drawn stump. */
function Picture({ job, stump, more, change }: Omit<Props, 'choices'>) {
  const t = useWords();
  const [known, setKnown] = useState<number>();
  const [second, setSecond] = useState(false);
  const read = useMutation({
    mutationFn: (body: Schemas['PictureRequest']) =>
      data(api.POST('/api/jobs/{job}/review/stump-picture', { params: { path: { job } }, body })),
  });
  const touch = (name: string, words: string): Touch => ({ words, x: `${name}X`, y: `${name}Y` });
  const hinge = [
    touch('leftFront', t('stump.leftFront')),
    touch('leftBack', t('stump.leftBack')),
    touch('rightFront', t('stump.rightFront')),
    touch('rightBack', t('stump.rightBack')),
  ];
  const scales = [
    touch('ruleFrom', t('stump.ruleFrom')),
    touch('ruleTo', t('stump.ruleTo')),
    ...(second ? [touch('secondFrom', t('stump.secondFrom')), touch('secondTo', t('stump.secondTo'))] : []),
    touch('layFrom', t('stump.layFrom')),
    touch('layTo', t('stump.layTo')),
  ];
  const taken = (request: Schemas['PictureRequest'], photo?: File) => {
    change({ ...more, picture: request, photo });
    read.mutate(request);
  };
  const drawn = stump?.drawn;
  const off = (numbers: Numbers, photo?: File) =>
    taken(
      {
        aspect: numbers.aspect,
        known: [
          { from: spot(numbers, 'ruleFrom'), to: spot(numbers, 'ruleTo'), lengthM: known ?? 0 },
          ...(second
            ? [{ from: spot(numbers, 'secondFrom'), to: spot(numbers, 'secondTo'), lengthM: known ?? 0 }]
            : []),
        ],
        layFrom: spot(numbers, 'layFrom'),
        layTo: spot(numbers, 'layTo'),
        ...corners(numbers),
        drawn: false,
      },
      photo,
    );
  const offDrawing = (d: Schemas['StumpDrawn']) => (numbers: Numbers) =>
    taken({
      aspect: numbers.aspect,
      known: [
        {
          from: share(d, -mm(d.dAcrossM) / 2, 0),
          to: share(d, mm(d.dAcrossM) / 2, 0),
          lengthM: d.dAcrossM,
        },
      ],
      layFrom: share(d, 0, -mm(d.dAlongM) / 2),
      layTo: share(d, 0, mm(d.dAlongM) / 2),
      ...corners(numbers),
      drawn: true,
    });
  return (
    <>
      <h2>
        {t('stump.photo')} <span>{t('stump.photoWhy')}</span>
      </h2>
      <ShortLength
        label={t('stump.known')}
        value={known}
        by={0}
        note={t('stump.knownNote')}
        undo=""
        blank
        onChange={setKnown}
      />
      <Checkbox checked={second} onChange={(e) => setSecond(e.target.checked)}>
        {t('stump.second')}
      </Checkbox>
      {known === undefined ? (
        <p className="s">{t('stump.knownFirst')}</p>
      ) : (
        <PhotoTouches key={scales.length} touches={[...scales, ...hinge]} touched={off} />
      )}
      {drawn && (
        <PhotoTouches
          touches={hinge}
          drawing={{ svg: picture(drawn), words: t('stump.drawn'), touched: offDrawing(drawn) }}
        />
      )}
      {more.picture && (
        <p role="status" className="s">
          {read.data ? <Read r={read.data} /> : read.isError ? t('stump.readLater') : t('stump.reading')}{' '}
          <Button
            type="text"
            onClick={() => {
              read.reset();
              change({ ...more, picture: undefined, photo: undefined });
            }}
          >
            {t('stump.notFromIt')}
          </Button>
        </p>
      )}
      {read.error && more.picture && (
        <p className="refused" role="alert">
          {read.error.message}
        </p>
      )}
    </>
  );
}

function Read({ r }: { r: Schemas['PictureReading'] }) {
  const t = useWords();
  const ranges = r.ranges.map((x) => `${x.named.words} ${x.said.lowM} – ${x.said.highM}`).join(', ');
  return (
    <>
      {t('stump.read', {
        left: r.hinge.said.leftM,
        right: r.hinge.said.rightM,
        length: r.hinge.said.lengthM,
        off: r.sigma.said.lengthM,
        line: r.said.lineDeg,
        side: r.lineDeg >= 0 ? 'right' : 'left',
        lineOff: r.sigma.said.lineDeg,
      })}
      {ranges && ` ${t('stump.ranges', { ranges })}`}
    </>
  );
}

/** Tap a part of the stump, say what it looks like. */
function Sectors({
  choices,
  sectors,
  change,
}: {
  choices: Schemas['LooksChoices'];
  sectors: Schemas['SectorFound'][];
  change: (sectors: Schemas['SectorFound'][]) => void;
}) {
  const t = useWords();
  return (
    <>
      <h2>{t('stump.wood')}</h2>
      <div className="two">
        {choices.sectors.map((s) => (
          <label key={s.sector}>
            {s.words}
            <Select
              size="large"
              allowClear
              placeholder={t('stump.notLooked')}
              aria-label={s.words}
              value={sectors.find((x) => x.sector === s.sector)?.fibre}
              options={choices.fibres.map((f) => ({ value: f.fibre, label: f.words }))}
              onChange={(fibre?: Schemas['SectorFound']['fibre']) =>
                change([
                  ...sectors.filter((x) => x.sector !== s.sector),
                  ...(fibre ? [{ sector: s.sector, fibre }] : []),
                ])
              }
            />
          </label>
        ))}
      </div>
    </>
  );
}
