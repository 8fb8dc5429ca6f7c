import { DialLegend } from '../../figures/DialFigure';
import { usePlanTools } from '../../plan/planTools';
import type { OverlayProps } from '../stage';
import { DirectionCard } from './DirectionCard';

/** What the dial's colours say, and the direction that is pointed at. */
export default function DialOverlay({ focus, pointed, turn, unpoint }: OverlayProps) {
  const { dial } = usePlanTools();
  if (!dial || focus !== 'lay') return null;
  const { deg, tapped } = pointed;
  return (
    <>
      <DialLegend />
      {deg !== undefined && (
        <DirectionCard dial={dial} deg={deg} tapped={Boolean(tapped)} turn={() => turn(deg)} close={unpoint} />
      )}
    </>
  );
}
