import css from '../../ui/layout.module.css';
import { Rows } from '../../ui/Rows';
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
      <h2 className={css.firstHead}>
        This lay rests on <span>{l.saved?.fixed && !l.changed ? 'fixed' : 'not fixed'}</span>
      </h2>
      <Rows
        label="Rests on"
        rows={rests.data ?? []}
        columns={[
          { cell: (d) => d.words },
          { cell: (d) => d.value },
          { right: true, cell: (d) => <small>{age(d.at)}</small> },
        ]}
      />
      <p className="s">
        Once fixed, a change of any of these marks the lay as out of date and says by how much the answer moves.
      </p>
    </>
  );
}
