import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';

const sent: Request[] = [];
/** What comes back to each request in turn: an answer, or nothing because the network changed. */
const answers = (...all: (Response | Error)[]) =>
  vi.stubGlobal('fetch', (request: Request) => {
    sent.push(request);
    const next = all.shift() ?? new Error('asked once too often');
    return next instanceof Error ? Promise.reject(next) : Promise.resolve(next);
  });
const dropped = () => new TypeError('Failed to fetch');
const load = () => import('./client');

beforeEach(() => {
  vi.useFakeTimers();
  vi.stubGlobal('location', { origin: 'http://here' });
  vi.stubGlobal('document', { cookie: 'XSRF-TOKEN=abc' });
  sent.length = 0;
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

describe('what got no answer', () => {
  it('is asked again and comes', async () => {
    answers(dropped(), dropped(), Response.json([{ id: 'p' }]));
    const { api, data } = await load();
    const people = data(api.GET('/api/people', {}));
    await vi.runAllTimersAsync();
    await expect(people).resolves.toEqual([{ id: 'p' }]);
    expect(sent).toHaveLength(3);
  });

  it('is given up after the third time', async () => {
    answers(dropped(), dropped(), dropped());
    const { api, data } = await load();
    const people = data(api.GET('/api/people', {})).catch((e: unknown) => e);
    await vi.runAllTimersAsync();
    expect(await people).toBeInstanceOf(TypeError);
    expect(sent).toHaveLength(3);
  });

  it('is written with the same id, so that it is done once', async () => {
    answers(dropped(), new Response(null, { status: 204 }));
    const { api } = await load();
    const write = api.POST('/api/jobs/{job}/members', { params: { path: { job: 'j' } }, body: { personId: 'p' } });
    await vi.runAllTimersAsync();
    await write;
    const ids = sent.map((r) => r.headers.get('X-Write-Id'));
    expect(ids[0]).toBeTruthy();
    expect(ids[1]).toBe(ids[0]);
    expect(await sent[1]?.text()).toBe('{"personId":"p"}');
  });
});

describe('an answer', () => {
  it('that refuses is not asked for again and keeps its fields', async () => {
    answers(
      Response.json({ errors: [{ field: 'girthM', code: 'OUT_OF_RANGE', message: 'too thick' }] }, { status: 422 }),
    );
    const { api, data, Problem } = await load();
    const refused = await data(api.GET('/api/people', {})).catch((e: unknown) => e);
    expect(refused).toBeInstanceOf(Problem);
    expect(refused).toMatchObject({ status: 422, message: 'too thick', faults: [{ field: 'girthM' }] });
    expect(sent).toHaveLength(1);
  });

  it('that was called off is not asked for again', async () => {
    answers(new DOMException('called off', 'AbortError'));
    const { api, data } = await load();
    await expect(data(api.GET('/api/people', {}))).rejects.toThrow('called off');
    expect(sent).toHaveLength(1);
  });
});
