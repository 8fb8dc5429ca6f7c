import { Button } from 'antd';
import type { ReactNode } from 'react';
import '../words/seeing';
import { useWords } from '../words/words';
import css from './layout.module.css';

/** A field between two big buttons, for gloves. */
export function PlusMinus({ label, by, children }: { label: string; by: (way: 1 | -1) => void; children: ReactNode }) {
  const t = useWords();
  return (
    <span className={css.stepper}>
      <Button aria-label={t('amount.less', { label })} onClick={() => by(-1)}>
        −
      </Button>
      {children}
      <Button aria-label={t('amount.more', { label })} onClick={() => by(1)}>
        +
      </Button>
    </span>
  );
}
