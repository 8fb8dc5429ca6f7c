import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useState } from 'react';
import { api, Problem, type Schemas, upload } from '../api/client';

export type Unsent =
  | { kind: 'hold'; id: string; reason: string }
  | { kind: 'stopped'; id: string; hold: string }
  | { kind: 'sighting'; id: string; stem: string; words: string; body: Schemas['SightingRequest'] }
  | { kind: 'defect'; id: string; stem: string; words: string; body: Schemas['DefectRequest'] }
  | { kind: 'photo'; id: string; stem: string; words: string; picture: string };

const key = (job: string) => `antevid.unsent.${job}`;
const read = (job: string): Unsent[] => JSON.parse(localStorage.getItem(key(job)) ?? '[]') as Unsent[];

/** The picture behind a data address; asking for it by fetch is not allowed to a page that may only talk to its own server. */
function pictureOf(address: string): Blob {
  const bytes = atob(address.slice(address.indexOf(',') + 1));
  return new Blob([Uint8Array.from(bytes, (c) => c.charCodeAt(0))], { type: 'image/jpeg' });
}

async function send(job: string, u: Unsent): Promise<void> {
  switch (u.kind) {
    case 'hold':
      await api.POST('/api/jobs/{job}/run/holds', { params: { path: { job } }, body: { id: u.id, reason: u.reason } });
      break;
    case 'stopped':
      await api.POST('/api/jobs/{job}/run/holds/{hold}/receipts', { params: { path: { job, hold: u.hold } }, body: { state: 'STOPPED' } });
      break;
    case 'sighting':
      await api.POST('/api/jobs/{job}/stems/{stem}/sightings', { params: { path: { job, stem: u.stem } }, body: { ...u.body, id: u.id } });
      break;
    case 'defect':
      await api.POST('/api/jobs/{job}/stems/{stem}/defects', { params: { path: { job, stem: u.stem } }, body: { ...u.body, id: u.id } });
      break;
    case 'photo':
      await upload(`/api/jobs/${job}/stems/${u.stem}/photos`, pictureOf(u.picture), 'photo.jpg', { id: u.id });
      break;
  }
}

/** What must not get lost: kept in the phone's own storage until the server has it, sent once by its id. */
export function useOutbox(job: string) {
  const queries = useQueryClient();
  const [unsent, setUnsent] = useState(() => read(job));
  const [refused, setRefused] = useState('');
  const flush = useCallback(async () => {
    for (const u of read(job)) {
      try {
        await send(job, u);
      } catch (e) {
        if (!(e instanceof Problem) || e.status >= 500 || e.status === 401) break;
        setRefused(e.message);
      }
      localStorage.setItem(key(job), JSON.stringify(read(job).filter((x) => x.id !== u.id)));
    }
    setUnsent(read(job));
    await queries.invalidateQueries({ queryKey: ['job', job, 'holds'] });
    await queries.invalidateQueries({ queryKey: ['job', job, 'stems'] });
  }, [job, queries]);
  useEffect(() => {
    const again = setInterval(() => {
      if (read(job).length > 0) void flush();
    }, 2000);
    return () => clearInterval(again);
  }, [flush, job]);
  const post = (u: Unsent) => {
    setRefused('');
    try {
      localStorage.setItem(key(job), JSON.stringify([...read(job), u]));
    } catch {
      setRefused('This phone has no room left to keep it. Wait until what is waiting has been sent.');
      return;
    }
    setUnsent(read(job));
    void flush();
  };
  return { unsent, post, refused };
}
