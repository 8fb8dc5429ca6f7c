import { Button } from 'antd';
import { useState } from 'react';
import { useReview } from '../api/job';
import { FallForm } from '../app/FallForm';
import { Mark } from '../figures/Mark';
import { Learn } from '../lessons/Learn';
import { Records } from '../records/Records';
import '../words/pages';
import { useWords } from '../words/words';

/** The stems this person may tell of: each asked once, what was told beside it. */
export default function Falls({ job }: { job: string }) {
  const t = useWords();
  const review = useReview(job).data;
  const [open, setOpen] = useState('');
  if (!review) return null;
  return (
    <>
      {review.told.map((label) => {
        const told = review.outcomes.find((o) => o.outcome.stem === label)?.outcome;
        const from = review.learnFrom.find((f) => f.stem === label);
        return (
          <div className="c" key={label}>
            {told ? (
              <>
                <p className="line">
                  <Mark kind="ready" />
                  {t('fall.is', {
                    stem: label,
                    miss: told.deviation.said.missDeg,
                    right: told.deviation.missDeg >= 0 ? 'yes' : 'no',
                  })}
                </p>
                {from && <Learn job={job} from={from} />}
              </>
            ) : open === label ? (
              <FallForm job={job} label={label} review={review} />
            ) : (
              <Button size="large" block onClick={() => setOpen(label)}>
                {t('fall.tell', { stem: label })}
              </Button>
            )}
          </div>
        );
      })}
      <div className="c">
        <Records job={job} />
      </div>
    </>
  );
}
