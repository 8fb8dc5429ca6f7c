/** Writes of this page whose answers said what they changed: the stream tells everybody, this page does not ask twice. */
const MOST = 500;
const own = new Set<string>();
const followers = new Map<string, (kinds: string[]) => Promise<unknown>>();
const asked = new Map<string, Promise<unknown>>();

/** The page that follows a job says how it asks anew for what a change makes old. */
export function onChanged(job: string, askAnew: (kinds: string[]) => Promise<unknown>): () => void {
  followers.set(job, askAnew);
  return () => {
    if (followers.get(job) === askAnew) followers.delete(job);
  };
}

/** The answer to a write names what it changed of the job: that, and nothing else, is asked for anew. */
export function answered(address: string, response: Response): void {
  const said = response.ok ? response.headers.get('X-Changed') : null;
  const job = /\/api\/jobs\/([^/?]+)/.exec(address)?.[1];
  const askAnew = job ? followers.get(job) : undefined;
  if (!said || !job || !askAnew) return;
  const [write = '', ...kinds] = said.split(' ');
  if (own.size >= MOST) own.clear();
  own.add(write);
  asked.set(job, Promise.all([asked.get(job), askAnew(kinds)]));
}

/** Waits until what writes of this page changed is here; false when no answer said what that was. */
export async function arrived(job: string): Promise<boolean> {
  const waiting = asked.get(job);
  if (!waiting) return false;
  asked.delete(job);
  await waiting;
  return true;
}

/** What the stream tells, without what this page has asked for already. `KIND:WRITE KIND:WRITE` */
export function news(told: string): string[] {
  return told
    .split(' ')
    .map((word) => word.split(':'))
    .filter(([, write = '']) => !own.has(write))
    .map(([kind = '']) => kind);
}
