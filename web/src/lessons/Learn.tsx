import { Button } from 'antd';
import { useState } from 'react';
import type { Schemas } from '../api/client';
import '../words/lessons';
import { useWords } from '../words/words';
import { LearnForm } from './LearnForm';

/** Opens the form on demand: most falls teach nothing new. */
export function Learn({ job, from }: { job: string; from?: Schemas['ReviewView']['learnFrom'][number] }) {
  const t = useWords();
  const [open, setOpen] = useState(false);
  if (!from) return null;
  return open ? (
    <LearnForm job={job} from={from} done={() => setOpen(false)} />
  ) : (
    <Button size="large" block onClick={() => setOpen(true)}>
      {t('learn.open')}
    </Button>
  );
}
