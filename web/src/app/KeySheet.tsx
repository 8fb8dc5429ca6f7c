import { Button } from 'antd';
import { Rows } from '../ui/Rows';
import { STAGE_WORDS, STAGES } from './stages';

const SHEET: [string, string][] = [
  ['[  ]', 'turn the lay 1°, with Shift 10°'],
  ['D', 'new defect (Stems)'],
  ['T', 'new target (Place)'],
  ['Z', 'take the drop zone (Lay)'],
  ['E', 'ways out (Lay)'],
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
        rows={[...STAGES.map((s, i) => [String(i + 1), STAGE_WORDS[s]] as const), ...SHEET]}
        columns={[{ cell: ([k]) => <span className="n">{k}</span> }, { cell: ([, w]) => w }]}
      />
      <Button type="primary" size="large" block onClick={close}>
        Close
      </Button>
    </div>
  );
}
