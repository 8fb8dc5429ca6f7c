import { Button, Select } from 'antd';
import { lazy, Suspense, useState } from 'react';
import type { Schemas } from '../api/client';
import { later } from '../app/later';
import { Waiting } from '../ui/Waiting';
import { useUnits } from '../units/useUnits';
import { useChoices } from '../stages/stems/choices';
import {
  crowns,
  diameters,
  faultWords,
  heights,
  LEANS,
  meansWords,
  MOST_FAULTS,
  SIDES,
  speciesOptions,
  woodWords,
} from './choices';
import type { Draft, Question } from './draft';
import css from './tree.module.css';
import { useTerms } from '../words/words';
import { msg } from './words';
import '../words/terms';

const HeightByPhoto = lazy(() => later(() => import('./HeightByPhoto').then((m) => ({ default: m.HeightByPhoto }))));

type Props = {
  job: string;
  question: Question;
  draft: Draft;
  stems: Schemas['StemView'][];
  tap: (more: Draft) => void;
  /** Several taps to one answer: it is done when this is pressed. */
  done: () => void;
};

/** The one question that is asked now, each answer one touch. */
export function TreeQuestion({ job, question, draft, stems, tap, done }: Props) {
  const units = useUnits();
  const feet = units === 'feet';
  const choices = useChoices(job);
  const term = useTerms();
  if (question === 'FAULTS') return <Faults draft={draft} tap={tap} done={done} />;
  if (question === 'WHERE') return null;
  const [label, options] = {
    SPECIES: [msg('species'), speciesOptions(stems, (k) => term('Species', k))],
    WOOD: [msg('itIs'), woodWords()],
    DIAMETER: [msg('diameterAtBreastHeight', { feet: feet ? 'yes' : 'no' }), diameters(units)],
    HEIGHT: [msg('heightFtMBy', { feet: feet ? 'yes' : 'no' }), heights(units)],
    CROWN: [msg('crownFromStemTo', { feet: feet ? 'yes' : 'no' }), crowns(units)],
    LEAN: [msg('leanByEye2'), LEANS],
    LEANS_TO: [msg('leansTo'), SIDES],
    MEANS: [msg('whatCanBringIt'), meansWords()],
  }[question] as [string, { words: string; tap: Draft }[]];
  return (
    <div role="group" aria-label={label} className={css.question}>
      <h2 className={css.asked}>{label}</h2>
      <div className={css.answers}>
        {options.map((o) => (
          <Button key={o.words} onClick={() => tap(o.tap)}>
            {o.words}
          </Button>
        ))}
      </div>
      {question === 'HEIGHT' && <ByPhoto job={job} tap={tap} />}
      {question === 'SPECIES' && (
        <Select
          showSearch
          aria-label={msg('anotherSpecies')}
          placeholder={msg('anotherTypeItsName')}
          className={css.another}
          optionFilterProp="label"
          options={choices.species.map((s) => ({ value: s.key, label: `${s.words} (${s.botanical})` }))}
          onChange={(species: Draft['species']) => tap({ species })}
        />
      )}
    </div>
  );
}

/** Behind a touch: most heights are said by eye first. */
function ByPhoto({ job, tap }: Pick<Props, 'job' | 'tap'>) {
  const [open, setOpen] = useState(false);
  return open ? (
    <Suspense fallback={<Waiting />}>
      <HeightByPhoto job={job} tap={tap} />
    </Suspense>
  ) : (
    <Button type="text" className={css.long} onClick={() => setOpen(true)}>
      {msg('byAPhotoWith')}
    </Button>
  );
}

function Faults({ draft, tap, done }: Pick<Props, 'draft' | 'tap' | 'done'>) {
  const seen = draft.faults ?? [];
  return (
    <div role="group" aria-label={msg('faultsSeen')} className={css.question}>
      <h2 className={css.asked}>{msg('faultsSeenUpTo')}</h2>
      <div className={css.answers}>
        <Button
          onClick={() => {
            tap({ faults: [] });
            done();
          }}
        >
          {msg('nothingSeen')}
        </Button>
        {faultWords().map((f) => {
          const on = seen.includes(f.value);
          return (
            <Button
              key={f.value}
              type={on ? 'primary' : 'default'}
              aria-pressed={on}
              disabled={!on && seen.length >= MOST_FAULTS}
              onClick={() => tap({ faults: on ? seen.filter((x) => x !== f.value) : [...seen, f.value] })}
            >
              {f.words}
            </Button>
          );
        })}
      </div>
      {seen.length > 0 && (
        <Button type="primary" block onClick={done}>
          {msg('thatIsAll')}
        </Button>
      )}
    </div>
  );
}
