import { Button } from 'antd';
import { useWords } from '../words/words';

/** That it is told, or kept until there is a link. */
export function Sent({ waits, done }: { waits: boolean; done: () => void }) {
  const t = useWords();
  return (
    <div>
      <p role="status">{t(waits ? 'learn.kept' : 'records.told')}</p>
      <Button size="large" onClick={done}>
        {t('records.done')}
      </Button>
    </div>
  );
}
