import type { ReactNode } from 'react';
import type { Schemas } from '../../api/client';
import css from './sums.module.css';

type Question = Schemas['SumView']['question'];

/** What is asked, drawn: the thing in ink, what is wanted of it in the colour of the lay. */
const DRAWN: Record<Question, ReactNode> = {
  HOW_BIG: (
    <>
      <path d="M8 45h56M30 45l2-39h4l2 39" />
      <path className={css.wanted} d="M14 6v39M10 6h8M10 45h8M27 33q7 4 14 0" />
    </>
  ),
  HOW_IT_LEANS: (
    <>
      <path d="M8 45h56M30 45l16-38h4L38 45" />
      <path className={css.dashed} d="M34 45V6" />
      <path className={css.wanted} d="M34 18q6-1 10 2" />
    </>
  ),
  HOW_SOUND: (
    <>
      <circle cx="36" cy="24" r="19" />
      <path className={css.dashed} d="M36 14q10 1 9 11-2 9-12 8-7-3-5-12 2-6 8-7z" />
      <path className={css.wanted} d="M45 24h10M48 21l-3 3 3 3M52 21l3 3-3 3" />
    </>
  ),
  HOW_HEAVY: (
    <>
      <path d="M8 14h44q8 0 8 7t-8 7H8zM8 14q-4 7 0 14" />
      <circle cx="30" cy="21" r="4" />
      <path className={css.wanted} d="M30 28v15M25 38l5 5 5-5" />
    </>
  ),
  HOW_IT_FALLS: (
    <>
      <path d="M6 45h60M14 45V8h4v37" />
      <path className={css.dashed} d="M16 45L42 19M16 45h38" />
      <path className={css.wanted} d="M22 8q28 2 32 30M49 33l5 6 4-7" />
    </>
  ),
  WHERE_IT_LIES: (
    <>
      <circle cx="14" cy="36" r="4" />
      <path className={css.wanted} d="M14 36L56 8M14 36l50-8M56 8q8 8 8 20" />
      <path d="M40 4h12v10H40z" />
    </>
  ),
  HOW_TO_CUT: (
    <>
      <path d="M20 46V6M52 46V6" />
      <path className={css.wanted} d="M52 18L34 28h18M20 24h10" />
      <path className={css.dashed} d="M30 24v4" />
    </>
  ),
  WHAT_BRINGS_IT_OVER: (
    <>
      <path d="M6 45h60M14 45l2-38h3l2 38" />
      <path className={css.wanted} d="M18 14L58 42M52 34l6 8-10 0" />
      <circle cx="18" cy="14" r="2.5" />
    </>
  ),
  WHAT_IS_SQUEEZED: (
    <>
      <path d="M6 45h60M8 34l52-14 1 7-51 15zM16 45l4-6M54 45l-3-19" />
      <path className={css.wanted} d="M34 12v12M30 19l4 6 4-6M34 44v-9" />
    </>
  ),
  WHAT_THE_PLATE_DOES: (
    <>
      <path d="M4 45h26q4-10 12-8M34 45V12q8-4 10 2l-2 31zM44 30h22v6H43" />
      <path className={css.wanted} d="M38 8q-18 2-22 22M11 25l5 6 5-5" />
    </>
  ),
  WHAT_THE_ROPES_BEAR: (
    <>
      <path d="M30 46V4h6v42M36 14h6" />
      <circle cx="45" cy="16" r="4" />
      <path d="M44 36h12v9H44z" />
      <path className={css.wanted} d="M49 16v20M41 16L22 44M45 27l4 5 4-5" />
    </>
  ),
  WHAT_THE_STEM_BEARS: (
    <>
      <path d="M6 45h60M28 45q2-24 10-38l5 2q-9 15-9 36" />
      <path className={css.dashed} d="M31 26l9 3" />
      <path className={css.wanted} d="M41 9L62 24M54 22l8 2-1-8M18 18q-4 8 0 16M15 29l3 5 5-3" />
    </>
  ),
  WHAT_FALLS_FREE: (
    <>
      <path d="M4 45h64M14 45V6h5v39M19 10h12v6H19" />
      <path className={css.dashed} d="M34 14q14 4 16 26" />
      <path className={css.wanted} d="M46 36l4 6 5-5M36 45h28M36 42v6M64 42v6" />
    </>
  ),
  WHAT_THE_CRANE_LIFTS: (
    <>
      <path d="M4 45h34M8 45v-8h20v8M18 37L56 6" />
      <path className={css.wanted} d="M56 6v18M48 24h16v7H48zM56 36v8M52 40l4 4 4-4" />
    </>
  ),
  WHO_DOES_WHAT_WHEN: (
    <>
      <path d="M6 8v38h60M14 16h20v6H14zM14 38h34v6H14z" />
      <path className={css.wanted} d="M34 27h24v6H34zM58 22v16" />
    </>
  ),
  WHAT_HANGS: (
    <>
      <path d="M6 45h60M52 45V24L44 8M52 24l9-15" />
      <path className={css.wanted} d="M10 45l40-27M13 47l40-26" />
    </>
  ),
};

export function QuestionPicture({ question }: { question: Question }) {
  return (
    <svg className={css.drawn} viewBox="0 0 72 48" aria-hidden>
      {DRAWN[question]}
    </svg>
  );
}
