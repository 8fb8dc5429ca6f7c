import { Button } from 'antd';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { api, type Schemas } from '../api/client';
import { useAct, useStems } from '../api/job';
import { newId } from '../app/newId';
import { AgainstGo } from '../stages/run/AgainstGo';
import { StepDone } from '../stages/run/StepDone';
import '../words/pages';
import { useWords } from '../words/words';

type Run = Schemas['RunView'];

/** The leader often holds the saw and this one phone. */
export default function LeadersGo({
  job,
  run,
  lost,
  leader,
  say,
}: {
  job: string;
  run: Run;
  lost: boolean;
  /** The leader himself: a deputy does not read cautions for him. */
  leader: boolean;
  say: (words: string) => void;
}) {
  const t = useWords();
  const act = useAct(job, say);
  const [all, setAll] = useState(false);
  const path = { params: { path: { job } } };
  const navigate = useNavigate();
  const stems = useStems(job).data ?? [];
  if (run.going && run.step) {
    const label = run.step.stem;
    return (
      <StepDone
        job={job}
        step={run.step}
        act={act}
        // no go before its picture is entered anew: that is where he goes next
        onMoved={() =>
          void navigate(`/jobs/${job}/tangle`, { state: { stem: stems.find((s) => s.label === label)?.id } })
        }
      />
    );
  }
  const against = all ? run.against : run.against.slice(0, 3);
  return (
    <div className="c">
      {!run.signalTriedAt && (
        <Button
          size="large"
          block
          onClick={() => void act(api.POST('/api/jobs/{job}/run/signal-tried', { ...path, body: { id: newId() } }))}
        >
          {t('go.signal')}
        </Button>
      )}
      <Button
        type="primary"
        size="large"
        block
        className="go"
        disabled={lost || run.held || run.against.length > 0}
        onClick={() => void act(api.POST('/api/jobs/{job}/run/go', { ...path, body: { id: newId() } }))}
      >
        {lost ? t('go.lost') : run.held ? t('go.held') : 'GO'}
      </Button>
      {!run.held &&
        against.map((a) => <AgainstGo key={a.why + a.subject} job={job} against={a} leader={leader} act={act} />)}
      {run.against.length > 3 && !all && (
        <Button type="text" onClick={() => setAll(true)}>
          {t('go.more', { count: run.against.length - 3 })}
        </Button>
      )}
    </div>
  );
}
