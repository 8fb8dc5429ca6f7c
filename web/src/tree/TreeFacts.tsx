import { Button } from 'antd';
import type { Schemas } from '../api/client';
import { useUnits } from '../units/useUnits';
import { length, small } from '../units/length';
import { faultWords, meansWords, SIDES, woodWords } from './choices';
import type { Draft, Question } from './draft';
import css from './tree.module.css';
import { msg } from './words';

type Props = {
  draft: Draft;
  /** What it is brought over by, as its lay is planned. */
  planned?: Schemas['TreeView']['means'];
  /** What was tapped, as the server read it. */
  seen: Schemas['SeenView'][];
  stem?: Schemas['StemView'];
  species: (key: NonNullable<Draft['species']>) => string;
  current?: Question;
  open: Question[];
  ask: (q: Question) => void;
};

/** What is known of the tree so far; a touch opens an answer again. */
export function TreeFacts({ draft, planned, seen, stem, species, current, open, ask }: Props) {
  useUnits();
  const wood =
    draft.wood === 'SOUND'
      ? woodWords()[draft.faults?.length === 0 ? 0 : 1]
      : woodWords().find((w) => w.tap.wood === draft.wood);
  const faults = draft.faults?.map((f) => faultWords().find((x) => x.value === f)?.words).join(', ');
  const figure = (
    quantity: Schemas['SeenView']['quantity'],
    tapped: number | undefined,
    plain: (m: number) => string,
  ) => {
    if (tapped === undefined) return undefined;
    const read = seen.find((x) => x.quantity === quantity && !x.byPhoto && x.value === tapped);
    return read ? `${read.words} ±${read.sigma}` : plain(tapped);
  };
  const photographed = seen.find((x) => x.quantity === 'HEIGHT' && x.byPhoto);
  const leanSigma = seen.find((x) => x.quantity === 'LEAN')?.sigma;
  const lean =
    draft.leanDeg === undefined
      ? stem?.lean && stemLean(stem.lean)
      : draft.leanDeg === 0
        ? leanSigma
          ? msg('noneSeenWithSigmaDeg', { sigmaDeg: leanSigma })
          : msg('noneSeen')
        : `${figure('LEAN', draft.leanDeg, (deg) => `${deg}°`)} ${SIDES.find((s) => s.tap.leansToDeg === draft.leansToDeg)?.words ?? msg('to')}`;
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
    ['DIAMETER', msg('diameter'), figure('DIAMETER', draft.diameterM, small) ?? stem?.diameter?.shown],
    [
      'HEIGHT',
      msg('height'),
      draft.heightPhoto
        ? photographed
          ? `${photographed.words} ±${photographed.sigma}`
          : msg('byPhoto')
        : (figure('HEIGHT', draft.heightM, length) ?? stem?.height?.shown),
    ],
    ['CROWN', msg('crown'), figure('CROWN', draft.crownRadiusM, length) ?? stem?.crownRadius?.shown],
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
