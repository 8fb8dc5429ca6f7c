import { Button } from 'antd';
import { Rows } from '../ui/Rows';
import { STAGES } from '../stages/registry';
import { msg } from './words';

const sheet = (): [string, string][] => [
  ['O', msg('openPointsInline')],
  ['H', 'HOLD'],
  ['?', msg('thisSheet')],
];

/** Everything that a key does. */
export default function KeySheet({ close }: { close: () => void }) {
  return (
    <div className="sheet" role="dialog" aria-label={msg('allKeys')}>
      <h1>{msg('allKeys')}</h1>
      <Rows
        rows={[
          ...STAGES.map((s, i) => [String(i + 1), s.words] as const),
          ...STAGES.flatMap((s) => s.keys.map(([key, words]) => [key, `${words} (${s.words})`] as const)),
          ...sheet(),
        ]}
        columns={[{ cell: ([k]) => <span className="n">{k}</span> }, { cell: ([, w]) => w }]}
      />
      <Button type="primary" size="large" block onClick={close}>
        {msg('close')}
      </Button>
    </div>
  );
}
