import { lazy, Suspense, useEffect, useState } from 'react';
import { onSignAgain } from '../api/client';
import { later } from './later';

const SignAgain = lazy(() => later(() => import('./SignAgain')));
type Waiting = { answer: (proved: boolean) => void };

/** Waits until somebody is asked who they are; only then is the dialog fetched. */
export function AskAgain() {
  const [waiting, setWaiting] = useState<Waiting>();
  useEffect(() => {
    onSignAgain(() => new Promise((answer) => setWaiting({ answer })));
    return () => onSignAgain(() => Promise.resolve(false));
  }, []);
  if (!waiting) return null;
  const answer = (proved: boolean) => {
    waiting.answer(proved);
    setWaiting(undefined);
  };
  return (
    <Suspense fallback={null}>
      <SignAgain answer={answer} />
    </Suspense>
  );
}
