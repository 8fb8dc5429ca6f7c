import { Button } from 'antd';
import { useState } from 'react';
import { Stepper } from '../../app/Stepper';
import { msg } from './words';

/** Where a stem is to be cut, from the butt; tried out, kept nowhere. */
export function CutMarks({
  cuts,
  setCuts,
  beside,
}: {
  cuts: number[];
  setCuts: (cuts: number[]) => void;
  beside?: React.ReactNode;
}) {
  const [next, setNext] = useState<number | null>(null);
  return (
    <>
      <div className="two">
        <Stepper label={msg('cutAt')} unit="m" value={next} onChange={setNext} step={0.5} min={0} max={60} digits={1} />
        {beside}
      </div>
      <Button
        block
        disabled={next === null}
        onClick={() => {
          if (next !== null) setCuts([...cuts.filter((c) => c !== next), next]);
          setNext(null);
        }}
      >
        {msg('addCut')}
      </Button>
      <div className="chips">
        {cuts.map((c) => (
          <Button key={c} onClick={() => setCuts(cuts.filter((x) => x !== c))}>
            {msg('takeOutCut', { at: c })}
          </Button>
        ))}
      </div>
    </>
  );
}
