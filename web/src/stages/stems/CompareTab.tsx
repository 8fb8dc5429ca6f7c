import css from '../../ui/layout.module.css';
import { Rows } from '../../ui/Rows';
import { Button } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { api, data, type Schemas } from '../../api/client';
import { Mark, type MarkKind } from '../../figures/Mark';
import { msg } from './words';

/** All stems side by side, the most dangerous first. */
export function CompareTab({
  job,
  stems,
  choose,
}: {
  job: string;
  stems: Schemas['StemView'][];
  choose: (id: string) => void;
}) {
  const q = useQuery({
    queryKey: ['job', job, 'danger'],
    queryFn: () => data(api.GET('/api/jobs/{job}/stems/danger', { params: { path: { job } } })),
  });
  return (
    <section aria-label={msg('allStems')}>
      <p className="s">{msg('inOrderOfDanger')}</p>
      <Rows
        label={msg('stemsByDanger')}
        rows={(q.data ?? []).flatMap((d) => {
          const s = stems.find((x) => x.id === d.stemId);
          return s ? [{ d, s }] : [];
        })}
        keyOf={({ d }) => d.stemId}
        choose={({ d }) => choose(d.stemId)}
        under={({ d, s }) => <small>{saidOf(d, s)}</small>}
        columns={[
          { cell: ({ d, s }) => <Mark size={18} kind={markOf(d, s)} /> },
          {
            head: msg('stemInline'),
            cell: ({ d, s }) => (
              <>
                <Button type="text" className={css.link} onClick={() => choose(d.stemId)}>
                  {s.label}
                </Button>{' '}
                {s.commonName.split(',')[0]}
              </>
            ),
          },
          { head: msg('thick'), quantity: true, cell: ({ s }) => s.diameter?.shown ?? '–' },
          { head: msg('high'), quantity: true, cell: ({ s }) => s.height?.shown ?? '–' },
          { head: msg('leanInline'), quantity: true, cell: ({ s }) => s.lean?.said.deg ?? '–' },
          { head: msg('massUp'), quantity: true, cell: ({ s }) => s.mass?.said.massHighKg ?? '–' },
        ]}
      />
    </section>
  );
}

function saidOf(d: Schemas['DangerView'], s: Schemas['StemView']): string {
  if (s.toBeKept) return msg('toBeKept');
  if (s.notKnown.length > 0) return msg('notKnown', { notKnown: s.notKnown.join(', ') });
  return s.chosen?.words ?? d.worst?.replace(`${s.label}: `, '') ?? msg('nothingFound');
}

function markOf(d: Schemas['DangerView'], s: Schemas['StemView']): MarkKind {
  if (d.stops > 0) return 'STOP';
  if (d.secondOpinions > 0) return 'SECOND_OPINION';
  if (d.cautions > 0) return 'CAUTION';
  return s.notKnown.length > 0 ? 'none' : 'ready';
}
