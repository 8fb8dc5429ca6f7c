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

const guard: Middleware = {
  async onRequest({ request }) {
    if (request.method === 'GET') return request;
    if (!cookie('XSRF-TOKEN')) await fetch('/api/session');
    request.headers.set('X-XSRF-TOKEN', cookie('XSRF-TOKEN'));
    return request;
  },
  async onResponse({ response }) {
    if (response.ok) return response;
    const text = await response.text();
    let body: { detail?: string; errors?: Fault[] };
    try {
      body = text ? JSON.parse(text) : {};
    } catch {
      body = {};
    }
    const faults = body.errors ?? [];
    const words = faults.length > 0 ? faults.map((f) => f.message).join('; ') : body.detail;
    throw new Problem(response.status, words ?? (response.status === 401 ? 'Please sign in.' : `The server refused (${response.status}).`), faults);
  },
};

export const api = createClient<paths>({ baseUrl: location.origin });
api.use(guard);

/** The answer's data; refusals were thrown before. */
export async function data<T>(call: Promise<{ data?: T }>): Promise<T> {
  return (await call).data as T;
}
