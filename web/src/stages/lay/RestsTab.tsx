import { useQuery } from '@tanstack/react-query';
import { api, data } from '../../api/client';
import type { Turning } from './useLay';

/** How old a thing is, as people say it. */
function age(iso?: string): string {
  if (!iso) return 'no date';
  const minutes = Math.max(0, Math.round((Date.now() - new Date(iso).getTime()) / 60000));
  return minutes < 1
    ? 'just now'
    : minutes < 90
      ? `${minutes} min ago`
      : minutes < 48 * 60
        ? `${Math.round(minutes / 60)} h ago`
        : `${Math.round(minutes / 1440)} days ago`;
}

/** Everything the lay depends on, with its age. */
export function RestsTab({ job, l }: { job: string; l: Turning }) {
  const rests = useQuery({
    queryKey: ['job', job, 'depends', l.stem?.id, JSON.stringify(l.choice)],
    enabled: Boolean(l.stem && l.lay),
    queryFn: () =>
      data(
        api.POST('/api/jobs/{job}/stems/{stem}/lay/depends', {
          params: { path: { job, stem: l.stem!.id } },
          body: l.choice,
        }),
      ),
  });
  return (
    <>
      <h2 style={{ marginTop: 0, borderTop: 0 }}>
        This lay rests on <span>{l.saved?.fixed && !l.changed ? 'fixed' : 'not fixed'}</span>
      </h2>
      <table aria-label="Rests on">
        <tbody>
          {(rests.data ?? []).map((d, i) => (
            <tr key={d.words + i}>
              <td>{d.words}</td>
              <td>{d.value}</td>
              <td className="r">
                <small>{age(d.at)}</small>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="s">
        Once fixed, a change of any of these marks the lay as out of date and says by how much the answer moves.
      </p>
    </>
  );
}
