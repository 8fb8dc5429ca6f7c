import { QueryClient, QueryObserver } from '@tanstack/react-query';
import { expect, test, vi } from 'vitest';
import { askAnew } from './anew';

/** A server that answers when it is told to, with what was so when it was asked. */
function slow() {
  let so = 0;
  const waiting: (() => void)[] = [];
  const asked = vi.fn(() => {
    const then = so;
    return new Promise<number>((done) => waiting.push(() => done(then)));
  });
  return {
    asked,
    changes: () => (so += 1),
    answers: async () => {
      waiting.shift()?.();
      await new Promise((soon) => setTimeout(soon, 0));
    },
  };
}

function watched(key: string, asked: () => Promise<number>) {
  const queries = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  const observer = new QueryObserver(queries, { queryKey: ['job', 'a', key], queryFn: asked });
  const end = observer.subscribe(() => undefined);
  return { queries, shown: () => observer.getCurrentResult().data, end };
}

test('many changes while an answer is under way ask once more, and the last is what is shown', async () => {
  const server = slow();
  const { queries, shown, end } = watched('run', server.asked);
  await server.answers();
  for (let n = 0; n < 10; n++) {
    server.changes();
    void askAnew(queries, ['job', 'a']);
  }
  expect(server.asked).toHaveBeenCalledTimes(2);
  await server.answers();
  expect(server.asked).toHaveBeenCalledTimes(3);
  await server.answers();
  expect(shown()).toBe(10);
  expect(server.asked).toHaveBeenCalledTimes(3);
  end();
});

test('a change that comes while the first answer of all is under way is not missed', async () => {
  const server = slow();
  const { queries, shown, end } = watched('run', server.asked);
  server.changes();
  const here = askAnew(queries, ['job', 'a', 'run']);
  await server.answers();
  expect(shown()).toBe(0);
  await server.answers();
  await here;
  expect(shown()).toBe(1);
  end();
});

test('changes that come faster than answers keep nobody from seeing any', async () => {
  const server = slow();
  const { queries, shown, end } = watched('run', server.asked);
  await server.answers();
  for (let n = 1; n <= 5; n++) {
    server.changes();
    void askAnew(queries, ['job', 'a']);
    await server.answers();
    expect(shown()).toBeGreaterThanOrEqual(n - 1);
  }
  end();
});

test('what is not asked for stays as it is', async () => {
  const server = slow();
  const { queries, end } = watched('run', server.asked);
  await server.answers();
  await askAnew(queries, ['job', 'b']);
  await askAnew(queries, ['job', 'a', 'log']);
  expect(server.asked).toHaveBeenCalledTimes(1);
  end();
});
