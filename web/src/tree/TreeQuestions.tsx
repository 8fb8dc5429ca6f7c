import { Button, Select } from 'antd';
import { lazy, Suspense, useState } from 'react';
import type { Schemas } from '../api/client';
import { later } from '../app/later';
import { Waiting } from '../ui/Waiting';
import { useUnits } from '../units/useUnits';
import { useChoices } from '../stages/stems/choices';
import { crowns, diameters, FAULTS, heights, LEANS, MEANS, MOST_FAULTS, SIDES, speciesOptions, WOOD } from './choices';
import type { Draft, Question } from './draft';
import css from './tree.module.css';

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
  if (question === 'FAULTS') return <Faults draft={draft} tap={tap} done={done} />;
  if (question === 'WHERE') return null;
  const [label, options] = {
    SPECIES: ['Species', speciesOptions(stems)],
    WOOD: ['It is', WOOD],
    DIAMETER: [`Diameter at breast height, ${feet ? 'in' : 'cm'}, by eye ±10 %`, diameters(units)],
    HEIGHT: [`Height, ${feet ? 'ft' : 'm'}, by eye ±15 %`, heights(units)],
    CROWN: [`Crown, from stem to tips, ${feet ? 'ft' : 'm'}, by eye ±20 %`, crowns(units)],
    LEAN: ['Lean, by eye ±2°', LEANS],
    LEANS_TO: ['Leans to', SIDES],
    MEANS: ['What can bring it over', MEANS],
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
          aria-label="Another species"
          placeholder="Another: type its name"
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
      By a photo, with something of known length at the foot
    </Button>
  );
}

function Faults({ draft, tap, done }: Pick<Props, 'draft' | 'tap' | 'done'>) {
  const seen = draft.faults ?? [];
  return (
    <div role="group" aria-label="Faults seen" className={css.question}>
      <h2 className={css.asked}>Faults seen, up to three</h2>
      <div className={css.answers}>
        <Button
          onClick={() => {
            tap({ faults: [] });
            done();
          }}
        >
          nothing seen
        </Button>
        {FAULTS.map((f) => {
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
          That is all
        </Button>
      )}
    </div>
  );
}
