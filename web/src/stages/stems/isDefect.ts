import type { Schemas } from '../../api/client';

/** Whether a finding is about a fault that was recorded. */
export const isDefect = (f: Schemas['FindingView']): boolean => f.rule === 'DEFECT' || f.rule === 'DEFECT_PROBED';
