import { Alert, Statistic } from 'antd';
import type { Schemas } from '../../api/client';
import { Rows } from '../../ui/Rows';
import css from './sums.module.css';

type Row = Schemas['AnswerTable']['rows'][number];
const said = (r: Row | undefined): string => [r?.shown, r?.unit].filter(Boolean).join(' ');

/** The number the sum is about, large with its uncertainty, everything else beneath it, and what is to be warned of. */
export function SumAnswer({ answer }: { answer: Schemas['AnswerTable'] }) {
  const main = answer.rows.find((r) => r.depth === 0 && r.name === answer.main);
  return (
    <>
      {main && (
        <Statistic
          title={main.words}
          value={main.shown}
          suffix={
            <>
              {main.unit} {answer.plusMinus && <small>±{answer.plusMinus}</small>}
            </>
          }
        />
      )}
      {answer.warnings.length > 0 && <Alert type="warning" title={answer.warnings.join('; ')} />}
      <Rows
        rows={answer.rows.map((row, at) => ({ row, at })).filter(({ row }) => row !== main)}
        keyOf={({ at }) => String(at)}
        columns={[
          { cell: ({ row }) => <span className={css[`depth${Math.min(row.depth, 2)}`]}>{row.words}</span> },
          { right: true, cell: ({ row }) => <b className="n">{said(row)}</b> },
        ]}
      />
    </>
  );
}
