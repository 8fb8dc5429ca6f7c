import { Button, Modal } from 'antd';
import { useState } from 'react';
import { api, type Schemas } from '../../api/client';
import { newId } from '../../app/newId';

type Step = NonNullable<Schemas['RunView']['step']>;
type Props = {
  job: string;
  step: Step;
  act: (w: Promise<unknown>) => Promise<boolean>;
  disabled?: boolean;
};

/** The step is done; cuts and checks nobody ticked off are asked for first. */
export function StepDone({ job, step, act, disabled }: Props) {
  const [asking, setAsking] = useState(false);
  const done = async () => {
    setAsking(false);
    const body = { openTicks: step.openTicks, id: newId() };
    await act(api.POST('/api/jobs/{job}/run/done', { params: { path: { job } }, body }));
  };
  const open = step.cuts.filter((c) => !c.at);
  return (
    <>
      <Button
        type="primary"
        className="next"
        disabled={disabled}
        onClick={() => (step.openTicks > 0 ? setAsking(true) : void done())}
      >
        <span>
          Step done: {step.title}
          <small>everybody gets ready anew</small>
        </span>
        →
      </Button>
      <Modal
        open={asking}
        title={`${step.openTicks} of ${step.cuts.length} cuts and checks are not ticked off`}
        onCancel={() => setAsking(false)}
        footer={[
          <Button key="back" size="large" onClick={() => setAsking(false)}>
            Back to them
          </Button>,
          <Button key="done" size="large" type="primary" onClick={() => void done()}>
            Done all the same
          </Button>,
        ]}
      >
        <ul>
          {open.slice(0, 6).map((c) => (
            <li key={c.key}>{c.says.words}</li>
          ))}
        </ul>
        {open.length > 6 && <p>and {open.length - 6} more</p>}
        <p>The log will say how many were left open.</p>
      </Modal>
    </>
  );
}
