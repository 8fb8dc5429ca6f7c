import css from '../ui/layout.module.css';
import { usePlanTools } from '../plan/planTools';
import { CutFigure } from './CutFigure';
import { msg } from './words';

/** The cut card of the stage's stem, drawn. */
export default function StumpFigure() {
  const { cut } = usePlanTools();
  if (!cut) return <p className={`empty ${css.waiting}`}>{msg('chooseALayFirst')}</p>;
  return <CutFigure card={cut} />;
}
