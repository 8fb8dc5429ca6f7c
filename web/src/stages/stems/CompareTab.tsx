import { Button } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { api, data, type Schemas } from '../../api/client';
import { Mark } from '../../figures/Mark';
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
      <table aria-label="Stems by danger" style={{ fontSize: 14 }}>
        <thead>
          <tr>
            <th />
            <th>stem</th>
            <th className="r">{feet ? 'dia' : 'cm'}</th>
            <th className="r">{feet ? 'height' : 'm high'}</th>
            <th className="r">lean °</th>
            <th className="r">t, high</th>
          </tr>
        </thead>
        {q.data?.map((d) => {
          const s = stems.find((x) => x.id === d.stemId);
          if (!s) return null;
          const said = s.toBeKept
            ? 'to be kept'
            : s.notKnown.length > 0
              ? `not known: ${s.notKnown.join(', ')}`
              : (s.chosen?.words ?? d.worst?.replace(`${s.label}: `, '') ?? 'nothing found');
          return (
            // the button with the stem's label does the same from the keys
            // eslint-disable-next-line jsx-a11y/click-events-have-key-events, jsx-a11y/no-noninteractive-element-interactions
            <tbody key={d.stemId} onClick={() => choose(d.stemId)} style={{ cursor: 'pointer' }}>
              <tr style={{ borderTop: '1px solid var(--hair)' }}>
                <td>
                  <Mark
                    size={18}
                    kind={
                      d.stops > 0
                        ? 'STOP'
                        : d.secondOpinions > 0
                          ? 'SECOND_OPINION'
                          : d.cautions > 0
                            ? 'CAUTION'
                            : s.notKnown.length > 0
                              ? 'none'
                              : 'ready'
                    }
                  />
                </td>
                <td>
                  <Button
                    type="text"
                    style={{ fontWeight: 700, padding: 0, minHeight: 30, textAlign: 'left' }}
                    onClick={() => choose(d.stemId)}
                  >
                    {s.label}
                  </Button>{' '}
                  {s.commonName.split(',')[0]}
                </td>
                <td className="r n">{s.diameter?.shown ?? '–'}</td>
                <td className="r n">{s.height?.shown ?? '–'}</td>
                <td className="r n">{s.lean?.said.deg ?? '–'}</td>
                <td className="r n">{s.mass?.said.massHighKg ?? '–'}</td>
              </tr>
              <tr>
                <td style={{ borderTop: 0 }} />
                <td colSpan={5} style={{ borderTop: 0, paddingTop: 0 }}>
                  <small>{said}</small>
                </td>
              </tr>
            </tbody>
          );
        })}
      </table>
    </section>
  );
}
