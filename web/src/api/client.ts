import createClient, { type Middleware } from 'openapi-fetch';
import type { components, paths } from './generated/schema';

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

function problem(status: number, text: string): Problem {
  let body: { detail?: string; errors?: Fault[] };
  try {
    body = text ? JSON.parse(text) : {};
  } catch {
    body = {};
  }
  const faults = body.errors ?? [];
  const words = faults.length > 0 ? faults.map((f) => f.message).join('; ') : body.detail;
  return new Problem(status, words ?? (status === 401 ? 'Please sign in.' : `The server refused (${status}).`), faults);
}

const guard: Middleware = {
  async onRequest({ request }) {
    if (request.method === 'GET') return request;
    if (!cookie('XSRF-TOKEN')) await fetch('/api/session');
    request.headers.set('X-XSRF-TOKEN', cookie('XSRF-TOKEN'));
    return request;
  },
  async onResponse({ response }) {
    if (response.ok) return response;
    throw problem(response.status, await response.text());
  },
};

export const api = createClient<paths>({ baseUrl: location.origin });
api.use(guard);

/** Sends a file with fields beside it; refusals are thrown as everywhere. */
export async function upload<T>(path: string, file: Blob, name: string, fields: Record<string, string> = {}): Promise<T> {
  if (!cookie('XSRF-TOKEN')) await fetch('/api/session');
  const form = new FormData();
  form.append('file', file, name);
  Object.entries(fields).forEach(([k, v]) => form.append(k, v));
  const response = await fetch(path, { method: 'POST', body: form, headers: { 'X-XSRF-TOKEN': cookie('XSRF-TOKEN') } });
  const text = await response.text();
  if (!response.ok) throw problem(response.status, text);
  return (text ? JSON.parse(text) : undefined) as T;
}

/** The answer's data; refusals were thrown before. */
export async function data<T>(call: Promise<{ data?: T }>): Promise<T> {
  return (await call).data as T;
}
