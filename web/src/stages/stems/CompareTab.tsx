import { useQuery } from '@tanstack/react-query';
import { api, data, type Schemas } from '../../api/client';
import { Mark } from '../../figures/Mark';
import { azimuth, fixed } from '../../units/format';
import { length } from '../../units/length';

/** All stems side by side, the most dangerous first. */
export function CompareTab({ job, stems, choose }: { job: string; stems: Schemas['StemView'][]; choose: (id: string) => void }) {
  const q = useQuery({ queryKey: ['job', job, 'danger'], queryFn: () => data(api.GET('/api/jobs/{job}/stems/danger', { params: { path: { job } } })) });
  return (
    <section aria-label="All stems">
      <p className="s">In order of danger: what is found of the stem itself, worst first, cleared or not.</p>
      <table aria-label="Stems by danger"><thead><tr><th /><th>stem</th><th className="r">diameter</th><th className="r">height</th><th className="r">lean</th><th className="r">t, high</th></tr></thead><tbody>
        {q.data?.map((d) => {
          const s = stems.find((x) => x.id === d.stemId);
          if (!s) return null;
          return (
            <tr key={d.stemId} onClick={() => choose(d.stemId)} style={{ cursor: 'pointer' }}>
              <td><Mark size={18} kind={d.stops > 0 ? 'STOP' : d.secondOpinions > 0 ? 'SECOND_OPINION' : d.cautions > 0 ? 'CAUTION' : s.notKnown.length > 0 ? 'none' : 'ready'} /></td>
              <td><button className="plain" style={{ fontWeight: 700, padding: 0 }} onClick={() => choose(d.stemId)}>{s.label}</button> {s.commonName}<br /><small>{s.toBeKept ? 'to be kept' : s.notKnown.length > 0 ? `not known: ${s.notKnown.join(', ')}` : (s.chosen?.words ?? d.worst.replace(`${s.label}: `, '').slice(0, 60))}</small></td>
              <td className="r n">{s.diameter ? length(s.diameter.value, 2) : '–'}</td><td className="r n">{s.height ? length(s.height.value) : '–'}</td>
              <td className="r n">{s.lean ? `${fixed(s.lean.deg)}° ${azimuth(s.lean.azimuthDeg)}` : '–'}</td><td className="r n">{s.mass ? fixed(Math.ceil(s.mass.massHighKg / 10) / 100, 2) : '–'}</td>
            </tr>
          );
        })}
      </tbody></table>
    </section>
  );
}
