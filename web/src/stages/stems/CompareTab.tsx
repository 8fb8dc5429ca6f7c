import { Noted, Rows } from '../../ui/Rows';
import { Button } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { api, data, type Schemas } from '../../api/client';
import { Mark, type MarkKind } from '../../figures/Mark';
import { useUnits } from '../../units/useUnits';

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
  const feet = useUnits() === 'feet';
  const q = useQuery({
    queryKey: ['job', job, 'danger'],
    queryFn: () => data(api.GET('/api/jobs/{job}/stems/danger', { params: { path: { job } } })),
  });
  return (
    <section aria-label="All stems">
      <p className="s">In order of danger: what is found of the stem itself, worst first, cleared or not.</p>
      <Rows
        label="Stems by danger"
        rows={(q.data ?? []).flatMap((d) => {
          const s = stems.find((x) => x.id === d.stemId);
          return s ? [{ d, s }] : [];
        })}
        keyOf={({ d }) => d.stemId}
        choose={({ d }) => choose(d.stemId)}
        columns={[
          { cell: ({ d, s }) => <Mark size={18} kind={markOf(d, s)} /> },
          {
            head: 'stem',
            cell: ({ d, s }) => (
              <Noted note={saidOf(d, s)}>
                <Button type="text" className="b" onClick={() => choose(d.stemId)}>
                  {s.label}
                </Button>{' '}
                {s.commonName.split(',')[0]}
              </Noted>
            ),
          },
          { head: feet ? 'dia' : 'cm', quantity: true, cell: ({ s }) => s.diameter?.shown ?? '–' },
          { head: feet ? 'height' : 'm high', quantity: true, cell: ({ s }) => s.height?.shown ?? '–' },
          { head: 'lean °', quantity: true, cell: ({ s }) => s.lean?.said.deg ?? '–' },
          { head: 't, high', quantity: true, cell: ({ s }) => s.mass?.said.massHighKg ?? '–' },
        ]}
      />
    </section>
  );
}

function saidOf(d: Schemas['DangerView'], s: Schemas['StemView']): string {
  if (s.toBeKept) return 'to be kept';
  if (s.notKnown.length > 0) return `not known: ${s.notKnown.join(', ')}`;
  return s.chosen?.words ?? d.worst?.replace(`${s.label}: `, '') ?? 'nothing found';
}

function markOf(d: Schemas['DangerView'], s: Schemas['StemView']): MarkKind {
  if (d.stops > 0) return 'STOP';
  if (d.secondOpinions > 0) return 'SECOND_OPINION';
  if (d.cautions > 0) return 'CAUTION';
  return s.notKnown.length > 0 ? 'none' : 'ready';
}
