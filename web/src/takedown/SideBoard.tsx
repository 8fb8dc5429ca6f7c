import { LeanCurve } from './LeanCurve';
import { type Cutter, TreeSide } from './TreeSide';
import type { Piece, View } from './useTakedown';
import css from './takedown.module.css';
import { WayMark } from './WayMark';
import { msg } from './words';

type Props = {
  view: View;
  chosen?: Piece;
  choose: (n: number) => void;
  cutter?: Cutter;
};

/** The tree from the side with its pieces, beside it what stands after each and how each comes down. */
export function SideBoard({ view, chosen, choose, cutter }: Props) {
  const figure = view.figure;
  if (!figure) return null;
  return (
    <div className={css.board}>
      <section className={css.tree} aria-label={msg('sideOf', { stem: view.label })}>
        <p className={css.title}>
          <b>{msg('seenFrom', { stem: view.label, from: figure.fromWords })}</b>
          <small>{msg('toScale')}</small>
        </p>
        <TreeSide view={view} chosen={chosen} choose={choose} cutter={cutter} />
      </section>
      <section className={css.beside}>
        <LeanCurve view={view} chosen={chosen?.number} />
        <h2>{msg('waysDown')}</h2>
        <ul className={css.legend}>
          {view.choices.ways.map((w) => (
            <li key={w.value}>
              <WayMark way={w.value} /> {w.words}
            </li>
          ))}
        </ul>
      </section>
    </div>
  );
}
