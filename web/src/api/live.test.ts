import { QueryClient, QueryObserver } from '@tanstack/react-query';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import type { Schemas } from './client';

const going = { going: true, held: false, word: 'GO', against: [] as unknown[] } as Schemas['RunView'];
const hold = { id: 'h' } as Schemas['HoldView'];

beforeEach(() => vi.stubGlobal('location', { origin: 'http://here' }));
afterEach(() => vi.unstubAllGlobals());

test('a lifted hold leaves no go of before it on the screen, however long the answer after it takes', async () => {
  const { takeHold } = await import('./live');
  const queries = new QueryClient({ defaultOptions: { queries: { retry: false, staleTime: Infinity } } });
  let answer: (run: Schemas['RunView']) => void = () => undefined;
  const asked = vi.fn(() => new Promise<Schemas['RunView']>((done) => (answer = done)));
  const run = new QueryObserver(queries, { queryKey: ['job', 'a', 'run'], queryFn: asked, initialData: going });
  const end = run.subscribe(() => undefined);
  const shown = () => run.getCurrentResult().data;

  takeHold(queries, 'a', hold, false);
  expect(shown()).toMatchObject({ held: true, going: false, word: 'STOP' });
  // an answer asked for before the hold
  queries.setQueryData(['job', 'a', 'run'], going);
  takeHold(queries, 'a', undefined, false);
  expect(shown()).toMatchObject({ held: true, going: false });
  expect(asked).toHaveBeenCalledTimes(1);
  answer({ ...going, going: false, word: 'WAIT' });
  await vi.waitFor(() => expect(shown()).toMatchObject({ held: false, word: 'WAIT' }));
  end();
});
