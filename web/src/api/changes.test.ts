import { expect, test, vi } from 'vitest';
import { answered, arrived, news, onChanged } from './changes';

const said = (changed?: string, status = 200) =>
  new Response('', { status, headers: changed ? { 'X-Changed': changed } : {} });

test('what the answer to a write names is asked for once, the stream brings nothing new', async () => {
  const askAnew = vi.fn<(kinds: string[]) => Promise<void>>(() => Promise.resolve());
  const end = onChanged('a', askAnew);
  answered('http://here/api/jobs/a/features', said('17 PLACE CREW'));
  expect(askAnew).toHaveBeenCalledExactlyOnceWith(['PLACE', 'CREW']);
  expect(await arrived('a')).toBe(true);
  expect(news('PLACE:17 CREW:17')).toEqual([]);
  expect(news('PLACE:17 PLACE:18')).toEqual(['PLACE']);
  end();
});

test('an answer that names nothing, a refusal and another job leave it to the page', async () => {
  const askAnew = vi.fn<(kinds: string[]) => Promise<void>>(() => Promise.resolve());
  const end = onChanged('b', askAnew);
  answered('/api/jobs/b/features', said());
  answered('/api/jobs/b/features', said('21 PLACE', 422));
  answered('/api/jobs/c/features', said('22 PLACE'));
  answered('/api/people', said('23 JOB'));
  expect(askAnew).not.toHaveBeenCalled();
  expect(await arrived('b')).toBe(false);
  expect(news('PLACE:21 PLACE:22 JOB:23')).toEqual(['PLACE', 'PLACE', 'JOB']);
  end();
});

test('two writes beside each other wait for both; who has left is not asked', async () => {
  let first: () => void = () => undefined;
  const end = onChanged('d', (kinds) =>
    kinds[0] === 'STEM' ? new Promise((done) => (first = () => done(0))) : Promise.resolve(),
  );
  answered('/api/jobs/d/stems', said('31 STEM'));
  answered('/api/jobs/d/features', said('32 PLACE'));
  let here = false;
  const both = arrived('d').then(() => (here = true));
  await Promise.resolve();
  expect(here).toBe(false);
  first();
  await both;
  end();
  answered('/api/jobs/d/stems', said('33 STEM'));
  expect(await arrived('d')).toBe(false);
});
