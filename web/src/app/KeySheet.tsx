import { Button } from 'antd';
import { Rows } from '../ui/Rows';
import { STAGES } from '../stages/registry';

const SHEET: [string, string][] = [
  ['O', 'open points'],
  ['H', 'HOLD'],
  ['?', 'this sheet'],
];

/** Everything that a key does. */
export default function KeySheet({ close }: { close: () => void }) {
  return (
    <div className="sheet" role="dialog" aria-label="All keys">
      <h1>All keys</h1>
      <Rows
        rows={[
          ...STAGES.map((s, i) => [String(i + 1), s.words] as const),
          ...STAGES.flatMap((s) => s.keys.map(([key, words]) => [key, `${words} (${s.words})`] as const)),
          ...SHEET,
        ]}
        columns={[{ cell: ([k]) => <span className="n">{k}</span> }, { cell: ([, w]) => w }]}
      />
      <Button type="primary" size="large" block onClick={close}>
        Close
      </Button>
    </div>
  );
}
