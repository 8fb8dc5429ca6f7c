import { useQuery } from '@tanstack/react-query';
import { api, data, type Schemas } from '../api/client';

/** What can be done next after what a hold was called for: offered from the plan, decided by whoever leads. */
export default function WhatNext({ job, hold }: { job: string; hold: Schemas['HoldView'] }) {
  const all =
    useQuery({
      queryKey: ['job', job, 'next', hold.id, hold.what?.code],
      staleTime: Infinity,
      queryFn: () =>
        data(api.GET('/api/jobs/{job}/run/holds/{hold}/next', { params: { path: { job, hold: hold.id } } })),
    }).data ?? [];
  return all.map((n) => (
    <p key={n.says.code} className="first">
      → {n.says.words}
    </p>
  ));
}
