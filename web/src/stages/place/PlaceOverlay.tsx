import type { OverlayProps } from '../stage';
import { DrawTools } from './DrawTools';

/** Who leads draws on the plan. */
export default function PlaceOverlay({ job, leader }: OverlayProps) {
  return leader ? <DrawTools job={job} /> : null;
}
