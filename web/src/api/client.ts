import createClient, { type Middleware } from 'openapi-fetch';
import { newId } from '../app/newId';
import type { components, paths } from './generated/schema';
import { answered } from './changes';
import { heard } from './heard';
import { msg } from '../words/base';

export type Schemas = components['schemas'];
export type Spot = Schemas['Spot'];

export type Fault = { field: string; code: string; message: string };

/** A refusal as the server words it. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    message: string,
    readonly faults: Fault[],
  ) {
    super(message);
  }
}

function cookie(name: string): string {
  const found = document.cookie.split('; ').find((c) => c.startsWith(`${name}=`));
  return found ? decodeURIComponent(found.slice(name.length + 1)) : '';
}

export function problem(status: number, text: string): Problem {
  let body: { detail?: string; errors?: Fault[] };
  try {
    body = text ? (JSON.parse(text) as typeof body) : {};
  } catch {
    body = {};
  }
  const faults = body.errors ?? [];
  const words = faults.length > 0 ? faults.map((f) => f.message).join('; ') : body.detail;
  return new Problem(status, words ?? (status === 401 ? msg('signIn') : msg('refused', { status })), faults);
}

/** Asked before what weighs much; answers whether the person has proved again who they are. */
let askWhoYouAre: () => Promise<boolean> = () => Promise.resolve(false);
export const onSignAgain = (ask: () => Promise<boolean>) => {
  askWhoYouAre = ask;
};

const wantsSignAgain = async (response: Response): Promise<boolean> => {
  if (response.status !== 403) return false;
  const body = (await response
    .clone()
    .json()
    .catch(() => ({}))) as { errors?: Fault[] };
  return Boolean(body.errors?.some((f) => f.code === 'SIGN_AGAIN'));
};

/** A phone that changes from one mast or network to the next drops what waits; that is no answer of the server's. */
const ASK_AGAIN_MS = [300, 1200];

/** What got no answer is sent again: a read does nothing, and a write is done once, however often it arrives. */
async function sendUntilAnswered(request: Request): Promise<Response> {
  for (const waitMs of ASK_AGAIN_MS) {
    try {
      return await fetch(request.clone());
    } catch (e) {
      if (!(e instanceof TypeError)) throw e;
      await new Promise((later) => setTimeout(later, waitMs));
    }
  }
  return fetch(request);
}

/** One write, however often it has to be sent: asked back once for PIN or passphrase, it goes on where it was. */
async function send(request: Request): Promise<Response> {
  const again = request.clone();
  const response = await sendUntilAnswered(request);
  heard();
  return (await wantsSignAgain(response)) && (await askWhoYouAre()) ? sendUntilAnswered(again) : response;
}

const guard: Middleware = {
  async onRequest({ request }) {
    if (request.method === 'GET') return request;
    request.headers.set('X-XSRF-TOKEN', await token());
    if (!request.headers.has('X-Write-Id')) request.headers.set('X-Write-Id', newId());
    // not behind the reads that wait for a slow link
    return new Request(request, { priority: 'high' });
  },
  async onResponse({ request, response }) {
    if (request.method !== 'GET') answered(request.url, response);
    if (response.ok) return response;
    throw problem(response.status, await response.text());
  },
};

/** The token that writes need; asked for once when the browser has none. */
export async function token(): Promise<string> {
  if (!cookie('XSRF-TOKEN')) await fetch('/api/session');
  return cookie('XSRF-TOKEN');
}

export const api = createClient<paths>({ baseUrl: location.origin, fetch: send });
api.use(guard);

/** Sends a file with fields beside it; refusals are thrown as everywhere. */
export async function upload<T>(
  path: string,
  file: Blob,
  name: string,
  fields: Record<string, string> = {},
): Promise<T> {
  const form = new FormData();
  form.append('file', file, name);
  Object.entries(fields).forEach(([k, v]) => form.append(k, v));
  const response = await fetch(path, { method: 'POST', body: form, headers: { 'X-XSRF-TOKEN': await token() } });
  answered(path, response);
  const text = await response.text();
  if (!response.ok) throw problem(response.status, text);
  return (text ? JSON.parse(text) : undefined) as T;
}

/** The answer's data; refusals were thrown before. */
export async function data<T>(call: Promise<{ data?: T }>): Promise<T> {
  return (await call).data as T;
}
