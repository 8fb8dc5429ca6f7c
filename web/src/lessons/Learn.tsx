import { Button } from 'antd';
import { useState } from 'react';
import type { Schemas } from '../api/client';
import '../words/lessons';
import { useWords } from '../words/words';
import { LearnForm } from './LearnForm';

type From = Schemas['ReviewView']['learnFrom'][number];

/** Opens the form on demand: most falls teach nothing new. Without a stem it is about the whole job. */
export function Learn({ job, from }: { job: string; from?: From }) {
  const t = useWords();
  const [open, setOpen] = useState(false);
  return open ? (
    <LearnForm job={job} from={from} done={() => setOpen(false)} />
  ) : (
    <Button size="large" block onClick={() => setOpen(true)}>
      {t(from ? 'learn.open' : 'learn.openJob')}
    </Button>
  );
}
