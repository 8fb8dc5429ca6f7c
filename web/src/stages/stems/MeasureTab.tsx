import css from '../../ui/layout.module.css';
import { Button } from 'antd';
import { useState } from 'react';
import { api, data, type Schemas, upload } from '../../api/client';
import { useAct } from '../../api/job';
import { Chips } from '../../app/Stepper';
import { usePlanTools } from '../../plan/planTools';
import { useChoices } from './choices';
import { Figures, type Shown } from './Figures';
import { PhotoTouches } from '../../photo/PhotoTouches';
import { ADVICE, touchesOf } from '../../photo/touches';
import '../../words/seeing';
import { useWords } from '../../words/words';
import { type Given, SightingForm } from './SightingForm';
import { msg } from './words';

type Kind = Schemas['SightingChoice']['key'];
/** What is measured, and by which means; the first is the usual one. */
type What = 'girth' | 'height' | 'lean' | 'crown' | 'wall' | 'roots' | 'fault';
const ways = (): { what: What; shows?: Shown; kinds: [Kind, string][] }[] => [
  {
    what: 'girth',
    shows: 'diameter',
    kinds: [
      ['GIRTH', msg('tape')],
      ['CALLIPER', msg('calliper')],
      ['EYE_DIAMETER', msg('byEye')],
    ],
  },
  {
    what: 'height',
    shows: 'height',
    kinds: [
      ['HEIGHT_ANGLES', msg('twoAngles')],
      ['HEIGHT_PHOTO', msg('photoInline')],
      ['HEIGHT_STICK', msg('stick')],
      ['HEIGHT_SHADOW', msg('shadow')],
      ['EYE_HEIGHT', msg('byEye')],
    ],
  },
  {
    what: 'lean',
    shows: 'lean',
    kinds: [
      ['LEAN_VIEW', msg('oneView')],
      ['LEAN_PHOTO', msg('photoInline')],
      ['PLUMB_LEAN', msg('asAnAngle')],
      ['EYE_LEAN', msg('byEye')],
    ],
  },
  {
    what: 'crown',
    shows: 'crown',
    kinds: [
      ['CROWN_RADIUS', msg('taped')],
      ['EYE_CROWN', msg('byEye')],
    ],
  },
  { what: 'wall', kinds: [['SOUND_WALL', msg('probe')]] },
  { what: 'roots', kinds: [['HEAVE', msg('heave')]] },
  { what: 'fault', kinds: [['DEFECT_HEIGHT', msg('heightByAngles')]] },
];

const measured = (what: What) => ways().find((w) => w.what === what) ?? ways()[0];

/** Measuring like a field book: the kind, the raw numbers, what follows at once. */
export function MeasureTab({ job, stem }: { job: string; stem: Schemas['StemView'] }) {
  const { say, pick } = usePlanTools();
  const act = useAct(job, say);
  const sightings = useChoices(job).sightings;
  const [what, setWhat] = useState<What>('girth');
  const [kind, setKind] = useState<Kind>('GIRTH');
  const [photo, setPhoto] = useState<{ numbers: Record<string, number>; file: File }>();
  const [photos, setPhotos] = useState(0);
  const [filled, setFilled] = useState<{ given: Given; simulated: boolean; n: number }>();
  const { kinds, shows } = measured(what);
  const choice = sightings.find((s) => s.key === kind);
  const choose = (k: Kind) => {
    setKind(k);
    setFilled(undefined);
    setPhoto(undefined);
  };
  const t = useWords();
  const touches = touchesOf(choice);
  const keep = async (g: Given) => {
    const simulated = filled?.simulated ?? false;
    setFilled(undefined);
    const kept = await act(
      api.POST('/api/jobs/{job}/stems/{stem}/sightings', {
        params: { path: { job, stem: stem.id } },
        body: { kind, ...g, instrument: simulated ? 'rangefinder' : (choice?.instrument ?? ''), simulated } as never,
      }),
    );
    if (kept && photo) {
      setPhoto(undefined);
      setPhotos(photos + 1);
      // what was touched can be looked at again
      await act(upload(`/api/jobs/${job}/stems/${stem.id}/photos`, photo.file, photo.file.name));
    }
    return kept;
  };
  const shoot = () =>
    pick(
      msg('tapWhereYouStand'),
      (from) =>
        void (async () => {
          try {
            const s = await data(
              api.POST('/api/jobs/{job}/stems/{stem}/shot', {
                params: { path: { job, stem: stem.id } },
                body: { from },
              }),
            );
            const given =
              kind === 'LEAN_VIEW'
                ? { numbers: s.leanView as Record<string, number>, choices: {} }
                : { numbers: s.height as Record<string, number>, choices: s.heightChoices as Record<string, string> };
            setFilled((f) => ({ given, simulated: s.simulated, n: (f?.n ?? 0) + 1 }));
            say('');
          } catch (e) {
            say((e as Error).message);
          }
        })(),
    );
  return (
    <section aria-label={msg('newSighting')}>
      <Chips
        label={msg('whatIsMeasured')}
        value={what}
        onChange={(w) => {
          setWhat(w);
          choose(measured(w).kinds[0][0]);
        }}
        options={ways().map((w) => ({ value: w.what, words: msg(w.what) }))}
      />
      {shows && <Figures stem={stem} only={shows} />}
      {kinds.length > 1 && (
        <Chips
          label={msg('how')}
          value={kind}
          onChange={choose}
          options={kinds.map(([value, words]) => ({ value, words }))}
        />
      )}
      {(kind === 'HEIGHT_ANGLES' || kind === 'LEAN_VIEW') && (
        <Button type="text" className={css.strong} onClick={shoot}>
          {msg('rangefinder')} <span className="sim">{msg('simulated')}</span>
        </Button>
      )}
      {ADVICE[kind] && <p className="s">{t(ADVICE[kind])}</p>}
      {touches && (
        <PhotoTouches
          key={`touch${kind}${photos}`}
          touches={touches}
          touched={(numbers, file) => setPhoto({ numbers, file })}
        />
      )}
      {choice && (
        <SightingForm
          key={`${kind}${filled?.n ?? 0}`}
          job={job}
          stem={stem.id}
          kind={choice}
          filled={filled?.given}
          touched={photo?.numbers}
          keep={keep}
        />
      )}
      {kind === 'LEAN_VIEW' && <p className="s">{msg('twoViewsMakeA')}</p>}
      {kind === 'SOUND_WALL' && <p className="s">{msg('atLeastThreeDirections')}</p>}
      {(kind === 'EYE_DIAMETER' || kind === 'EYE_HEIGHT' || kind === 'EYE_LEAN' || kind === 'EYE_CROWN') && (
        <p className="s">{msg('byEyeDiameter10')}</p>
      )}
    </section>
  );
}
