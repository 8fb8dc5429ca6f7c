import css from '../../ui/layout.module.css';
import { Rows } from '../../ui/Rows';
import { useQuery } from '@tanstack/react-query';
import { api, data } from '../../api/client';
import type { Turning } from './useLay';
import { msg } from './words';

/** How old a thing is, as people say it. */
function age(iso?: string): string {
  if (!iso) return msg('noDate');
  const minutes = Math.max(0, Math.round((Date.now() - new Date(iso).getTime()) / 60000));
  return minutes < 1
    ? msg('justNow')
    : minutes < 90
      ? msg('minAgo', { minutes })
      : minutes < 48 * 60
        ? msg('hAgo', { minutes: Math.round(minutes / 60) })
        : msg('daysAgo', { minutes: Math.round(minutes / 1440) });
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
        {msg('thisLayRestsOn')} <span>{l.saved?.fixed && !l.changed ? msg('fixed') : msg('notFixed')}</span>
      </h2>
      <Rows
        label={msg('restsOn')}
        rows={rests.data ?? []}
        columns={[
          { cell: (d) => d.words },
          { cell: (d) => d.value },
          { right: true, cell: (d) => <small>{age(d.at)}</small> },
        ]}
      />
      <p className="s">{msg('onceFixedAChange')}</p>
    </>
  );
}
