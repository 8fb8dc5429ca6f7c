import { useState } from 'react';
import { Stepper } from '../app/Stepper';
import { PhotoTouches } from '../photo/PhotoTouches';
import { ADVICE, touchesOf } from '../photo/touches';
import { useChoices } from '../stages/stems/choices';
import '../words/seeing';
import { useWords } from '../words/words';
import type { Draft } from './draft';

/** The height touched on a photo of the whole stem; what it makes of it stands among the facts. */
export function HeightByPhoto({ job, tap }: { job: string; tap: (more: Draft) => void }) {
  const t = useWords();
  const kind = useChoices(job).sightings.find((s) => s.key === 'HEIGHT_PHOTO');
  const [typed, setTyped] = useState<Record<string, number | null>>({});
  const [photo, setPhoto] = useState<{ numbers: Record<string, number>; file: File }>();
  const asked = kind?.notes.filter((n) => !n.touched && n.required) ?? [];
  const touches = touchesOf(kind);
  const advice = kind && ADVICE[kind.key];
  const answer = (numbers: typeof typed, of: typeof photo) => {
    setTyped(numbers);
    setPhoto(of);
    const known = Object.entries(numbers).filter((e): e is [string, number] => e[1] !== null);
    if (!of || !asked.every((n) => known.some(([name]) => name === n.name))) return;
    tap({ heightPhoto: { ...Object.fromEntries(known), ...of.numbers }, heightM: undefined, photo: of.file });
  };
  return (
    <>
      {advice && <p className="s">{t(advice)}</p>}
      {asked.map((n) => (
        <Stepper
          key={n.name}
          label={n.words}
          unit={n.unit}
          value={typed[n.name] ?? null}
          step={n.step}
          digits={2}
          onChange={(v) => answer({ ...typed, [n.name]: v }, photo)}
        />
      ))}
      {touches && <PhotoTouches touches={touches} touched={(numbers, file) => answer(typed, { numbers, file })} />}
    </>
  );
}
