import css from '../ui/layout.module.css';
import { usePlanTools } from '../plan/planTools';
import { CutFigure } from './CutFigure';

/** The cut card of the stage's stem, drawn. */
export default function StumpFigure() {
  const { cut } = usePlanTools();
  if (!cut) return <p className={`empty ${css.waiting}`}>Choose a lay first; the cut follows from it.</p>;
  return <CutFigure card={cut} />;
}
