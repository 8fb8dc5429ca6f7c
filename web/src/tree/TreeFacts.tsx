import { Button } from 'antd';
import type { Schemas } from '../api/client';
import { length } from '../units/length';
import { useUnits } from '../units/useUnits';
import { faultWords, meansWords, SIDES, woodWords } from './choices';
import type { Draft, Question } from './draft';
import css from './tree.module.css';
import { msg } from './words';

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
    draft.wood === 'SOUND'
      ? woodWords()[draft.faults?.length === 0 ? 0 : 1]
      : woodWords().find((w) => w.tap.wood === draft.wood);
  const faults = draft.faults?.map((f) => faultWords().find((x) => x.value === f)?.words).join(', ');
  const inches = (m: number) =>
    feet ? msg('in', { m: Math.round(m / 0.0254) }) : msg('cm', { m: Math.round(m * 100) });
  const lean =
    draft.leanDeg === undefined
      ? stem?.lean && stemLean(stem.lean)
      : draft.leanDeg === 0
        ? msg('noneSeen2Degrees')
        : `${draft.leanDeg}° ±2° ${SIDES.find((s) => s.tap.leansToDeg === draft.leansToDeg)?.words ?? msg('to')}`;
  const cells: [Question, string, string | undefined][] = [
    ['WHERE', msg('stands'), stem ? msg('onThePlanInline') : draft.at && msg('onThePlanInline')],
    ['SPECIES', msg('species'), draft.species ? species(draft.species) : stem?.commonName],
    [
      'WOOD',
      msg('itIs'),
      draft.wood
        ? [wood?.words, faults].filter(Boolean).join(': ')
        : stem && !open.includes('WOOD')
          ? msg('writtenDown')
          : undefined,
    ],
    ['DIAMETER', msg('diameter'), draft.diameterM ? `${inches(draft.diameterM)} ±10${NBSP}%` : stem?.diameter?.shown],
    [
      'HEIGHT',
      msg('height'),
      draft.heightPhoto
        ? (heightByPhoto ?? msg('byPhoto'))
        : draft.heightM
          ? `${length(draft.heightM)} ±15${NBSP}%`
          : stem?.height?.shown,
    ],
    [
      'CROWN',
      msg('crown'),
      draft.crownRadiusM ? `${length(draft.crownRadiusM)} ±20${NBSP}%` : stem?.crownRadius?.shown,
    ],
    ['LEAN', msg('lean'), lean],
    ['MEANS', msg('overBy'), meansWords().find((m) => m.tap.means === (draft.means ?? planned))?.words],
  ];
  return (
    <div className={css.facts} role="group" aria-label={msg('theTree')}>
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
  deg === 0
    ? msg('noneSeenWithSigmaDeg', { sigmaDeg: said.sigmaDeg })
    : msg('toWithDeg', { deg: said.deg, sigmaDeg: said.sigmaDeg, azimuthDeg: said.azimuthDeg });

/** A cell is lit for each of its questions. */
const isAsked = (cell: Question, current?: Question): boolean =>
  cell === current || (cell === 'LEAN' && current === 'LEANS_TO') || (cell === 'WOOD' && current === 'FAULTS');
