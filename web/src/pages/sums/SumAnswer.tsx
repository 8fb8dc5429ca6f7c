import { Alert, Statistic } from 'antd';
import { Rows } from '../../ui/Rows';
import { entries, numbers, said, shown } from './answers';
import type { Figures } from './SumForm';

/** The first number large, everything beneath it, and what is to be warned of. */
export function SumAnswer({ answer }: { answer: Figures }) {
  const first = numbers(answer).at(0);
  const warnings = (answer.warnings ?? []) as string[];
  return (
    <>
      {first && <Statistic title={said(first[0]).words} value={shown(first[1])} suffix={said(first[0]).unit} />}
      {warnings.length > 0 && (
        <Alert type="warning" title={warnings.map((w) => w.replaceAll('_', ' ').toLowerCase()).join('; ')} />
      )}
      <Rows
        rows={entries(answer).filter(([k]) => k !== first?.[0])}
        keyOf={([k]) => k}
        columns={[
          { cell: ([k]) => said(k).words },
          {
            right: true,
            cell: ([k, v]) => (
              <b className="n">
                {shown(v)} {typeof v === 'number' ? said(k).unit : ''}
              </b>
            ),
          },
        ]}
      />
    </>
  );
}
