import { Button } from 'antd';
import { api, type Schemas } from '../../api/client';
import '../../words/pages';
import { useWords } from '../../words/words';
import css from './run.module.css';

type Props = {
  job: string;
  against: Schemas['AgainstView'];
  leader: boolean;
  act: (w: Promise<unknown>) => Promise<boolean>;
};

/** One thing that stands against a go; a caution is read with one tap. */
export function AgainstGo({ job, against, leader, act }: Props) {
  const t = useWords();
  return (
    <p className={`s ${css.against}`}>
      <span>• {against.words}</span>
      {leader && against.why === 'CAUTION' && (
        <Button
          size="large"
          onClick={() =>
            void act(
              api.POST('/api/jobs/{job}/acknowledgements', {
                params: { path: { job } },
                body: { findingKey: against.subject },
              }),
            )
          }
        >
          {t('go.read')}
        </Button>
      )}
    </p>
  );
}
