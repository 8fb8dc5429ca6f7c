import { Button, Modal } from 'antd';
import { useState } from 'react';
import { api, type Schemas } from '../../api/client';
import { newId } from '../../app/newId';
import { useWords } from '../../words/words';

type Step = NonNullable<Schemas['RunView']['step']>;
type Props = {
  job: string;
  step: Step;
  act: (w: Promise<unknown>) => Promise<boolean>;
  disabled?: boolean;
};

/** The step is done; cuts and checks nobody ticked off are asked for first. */
export function StepDone({ job, step, act, disabled }: Props) {
  const t = useWords();
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
          {t('done.step', { title: step.title })}
          <small>{t('done.anew')}</small>
        </span>
        →
      </Button>
      <Modal
        open={asking}
        title={t('done.open', { open: step.openTicks, all: step.cuts.length })}
        onCancel={() => setAsking(false)}
        footer={[
          <Button key="back" size="large" onClick={() => setAsking(false)}>
            {t('done.back')}
          </Button>,
          <Button key="done" size="large" type="primary" onClick={() => void done()}>
            {t('done.same')}
          </Button>,
        ]}
      >
        <ul>
          {open.slice(0, 6).map((c) => (
            <li key={c.key}>{c.says.words}</li>
          ))}
        </ul>
        {open.length > 6 && <p>{t('go.more', { count: open.length - 6 })}</p>}
        <p>{t('done.logged')}</p>
      </Modal>
    </>
  );
}
