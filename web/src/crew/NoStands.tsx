import { Button } from 'antd';
import { useWords } from '../words/words';
import { useNo } from './noes';

/** A No that stands comes before everything else: who said it, what was chosen for it, and only its climber takes it back. */
export default function NoStands({ job, stem }: { job: string; stem: string }) {
  const t = useWords();
  const { stands, takeBack } = useNo(job, stem);
  if (!stands) return null;
  return (
    <div className="c" role="alert">
      <h2>{t('no.stands', { who: stands.words })}</h2>
      <p>
        <b>{t('no.instead', { instead: stands.instead ?? 'none' })}</b>
      </p>
      {stands.mine && (
        <Button size="large" block onClick={() => void takeBack()}>
          {t('no.takeBack')}
        </Button>
      )}
    </div>
  );
}
