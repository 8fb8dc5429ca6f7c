import { Button } from 'antd';
import type { Schemas } from '../api/client';
import { length } from '../units/length';
import { useUnits } from '../units/useUnits';
import { FAULTS, MEANS, SIDES, WOOD } from './choices';
import type { Draft, Question } from './draft';
import css from './tree.module.css';

const NBSP = '\u00a0';

type Props = {
  draft: Draft;
  /** What it is brought over by, as its lay is planned. */
  planned?: Schemas['TreeView']['means'];
  /** What a photo makes of the height. */
  heightByPhoto?: string;
  stem?: Schemas['StemView'];
  species: (key: NonNullable<Draft['species']>) => string;
  current?: Question;
  open: Question[];
  ask: (q: Question) => void;
};

/** What is known of the tree so far; a touch opens an answer again. */
export function TreeFacts({ draft, planned, heightByPhoto, stem, species, current, open, ask }: Props) {
  const feet = useUnits() === 'feet';
  const wood =
    draft.wood === 'SOUND' ? WOOD[draft.faults?.length === 0 ? 0 : 1] : WOOD.find((w) => w.tap.wood === draft.wood);
  const faults = draft.faults?.map((f) => FAULTS.find((x) => x.value === f)?.words).join(', ');
  const inches = (m: number) => (feet ? `${Math.round(m / 0.0254)} in` : `${Math.round(m * 100)} cm`);
  const lean =
    draft.leanDeg === undefined
      ? stem?.lean && stemLean(stem.lean)
      : draft.leanDeg === 0
        ? 'none seen ±2°'
        : `${draft.leanDeg}° ±2° ${SIDES.find((s) => s.tap.leansToDeg === draft.leansToDeg)?.words ?? 'to …'}`;
  const cells: [Question, string, string | undefined][] = [
    ['WHERE', 'Stands', stem ? 'on the plan' : draft.at && 'on the plan'],
    ['SPECIES', 'Species', draft.species ? species(draft.species) : stem?.commonName],
    [
      'WOOD',
      'It is',
      draft.wood
        ? [wood?.words, faults].filter(Boolean).join(': ')
        : stem && !open.includes('WOOD')
          ? 'written down'
          : undefined,
    ],
    ['DIAMETER', 'Diameter', draft.diameterM ? `${inches(draft.diameterM)} ±10${NBSP}%` : stem?.diameter?.shown],
    [
      'HEIGHT',
      'Height',
      draft.heightPhoto
        ? (heightByPhoto ?? 'by photo')
        : draft.heightM
          ? `${length(draft.heightM)} ±15${NBSP}%`
          : stem?.height?.shown,
    ],
    ['CROWN', 'Crown', draft.crownRadiusM ? `${length(draft.crownRadiusM)} ±20${NBSP}%` : stem?.crownRadius?.shown],
    ['LEAN', 'Lean', lean],
    ['MEANS', 'Over by', MEANS.find((m) => m.tap.means === (draft.means ?? planned))?.words],
  ];
  return (
    <div className={css.facts} role="group" aria-label="The tree">
      {cells.map(([q, label, value]) => (
        <Button
          key={q}
          aria-pressed={isAsked(q, current)}
          className={isAsked(q, current) ? `${css.fact} ${css.current}` : css.fact}
          disabled={q === 'WHERE' && Boolean(stem)}
          onClick={() => ask(q)}
        >
          <small>{label}</small>
          <b className={value ? css.value : css.none}>{value ?? '–'}</b>
        </Button>
      ))}
    </div>
  );
}

/** A lean of nothing leans nowhere. */
const stemLean = ({ deg, said }: Schemas['LeanFigure']): string =>
  deg === 0 ? `none seen ±${said.sigmaDeg}` : `${said.deg} ±${said.sigmaDeg} to ${said.azimuthDeg}`;

/** A cell is lit for each of its questions. */
const isAsked = (cell: Question, current?: Question): boolean =>
  cell === current || (cell === 'LEAN' && current === 'LEANS_TO') || (cell === 'WOOD' && current === 'FAULTS');
