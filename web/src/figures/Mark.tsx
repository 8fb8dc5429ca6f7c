import css from '../ui/layout.module.css';
import type { ReactNode } from 'react';
import { useWords } from '../words/words';

export type MarkKind = 'STOP' | 'SECOND_OPINION' | 'CAUTION' | 'NOTE' | 'ready' | 'none' | 'part';

const SHAPES: Record<MarkKind, ReactNode> = {
  STOP: (
    <>
      <path d="M6.5 0h9L22 6.5v9L15.5 22h-9L0 15.5v-9Z" fill="var(--keep)" />
      <path d="M8.2 4h5.6L18 8.2v5.6L13.8 18H8.2L4 13.8V8.2Z" fill="none" stroke="#fff" strokeWidth="2.2" />
    </>
  ),
  SECOND_OPINION: (
    <g fill="none" stroke="var(--second)" strokeWidth="2.6">
      <circle cx="8" cy="11" r="6.4" />
      <circle cx="14" cy="11" r="6.4" />
    </g>
  ),
  CAUTION: (
    <>
      <path d="M11 1.5 21.3 20H.7Z" fill="var(--drop)" />
      <path d="M11 8v6M11 15.6v2.2" stroke="#fff" strokeWidth="2.4" />
    </>
  ),
  NOTE: <circle cx="11" cy="11" r="5.5" fill="var(--slate)" />,
  ready: (
    <>
      <path d="M2 2h18v18H2Z" fill="var(--ok)" />
      <path d="m6 11 4 4 7-8" fill="none" stroke="#fff" strokeWidth="2.8" />
    </>
  ),
  none: <path d="M3 3h16v16H3Z" fill="none" stroke="var(--mute)" strokeWidth="1.6" />,
  part: (
    <>
      <path d="M3 3h16v16H3Z" fill="none" stroke="var(--act)" strokeWidth="2" />
      <path d="M3 11h16v8H3Z" fill="var(--act)" />
    </>
  ),
};

const WORDS: Record<MarkKind, string> = {
  STOP: 'mark.stop',
  SECOND_OPINION: 'mark.second',
  CAUTION: 'mark.caution',
  NOTE: 'mark.note',
  ready: 'mark.ready',
  none: 'mark.empty',
  part: 'mark.begun',
};

export function Mark({ kind, size = 22 }: { kind: MarkKind; size?: number }) {
  const t = useWords();
  return (
    <svg
      width={size}
      height={size}
      viewBox="0 0 22 22"
      role="img"
      aria-label={t(WORDS[kind])}
      className={css.fixedSize}
    >
      {SHAPES[kind]}
    </svg>
  );
}
