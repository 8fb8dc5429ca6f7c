import { expect, it } from 'vitest';
import { useLayDrafts } from './layDraft';

const choice = (layDeg: number) => ({
  layDeg,
  cutHeightM: 0.3,
  school: 'OPEN_FACE' as const,
  barM: 0.45,
  means: 'WEDGES' as const,
});

it('keeps what was chosen while the save was on its way', () => {
  const drafts = useLayDrafts.getState();
  const sent = choice(150);
  drafts.put('a', sent);
  const since = { ...sent, means: 'NOTHING' as const };
  drafts.put('a', since);
  drafts.saved('a', sent);
  expect(useLayDrafts.getState().drafts.a).toBe(since);
  drafts.saved('a', since);
  expect(useLayDrafts.getState().drafts.a).toBeUndefined();
});
