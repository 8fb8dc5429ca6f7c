import { Button, InputNumber, Popconfirm } from 'antd';
import { useState } from 'react';
import type { Schemas } from '../api/client';
import { post as keep, useOutbox } from '../api/outbox';
import { useWords } from '../words/words';
import { AtButton } from './AtButton';
import { useNo } from './noes';

type Props = { job: string; stem: string; part: Schemas['MyPost'] };

/** The climber's No ends this way at once; whoever sees the sign enters it. */
export default function SayNo({ job, stem, part }: Props) {
  const t = useWords();
  const out = useOutbox(job);
  const [atM, setAtM] = useState<number | null>(part.upM ?? null);
  const waits = out.unsent.some((u) => u.key === 'no');
  const mine = part.role === 'CLIMBER';
  const send = () =>
    keep(job, {
      kind: 'no',
      key: 'no',
      words: t('no.words'),
      path: `/api/jobs/${job}/takedown/no`,
      body: { stem, atM },
    });
  if (useNo(job, stem).stands) return null;
  return (
    <div className="c">
      <h2>{t(mine ? 'no.mine' : 'no.sign')}</h2>
      <InputNumber
        size="large"
        className="wide"
        aria-label={t('no.at')}
        placeholder={t('no.at')}
        suffix="m"
        min={0}
        max={120}
        value={atM}
        onChange={setAtM}
      />
      <Popconfirm title={t('no.sure')} okText={t('no.words')} cancelText={t('no.not')} onConfirm={send}>
        <Button danger type="primary" size="large" block disabled={waits || atM === null}>
          {t(waits ? 'sending' : 'no.words')}
        </Button>
      </Popconfirm>
      <AtButton refused={out.refused.no} />
    </div>
  );
}
