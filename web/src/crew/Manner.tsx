import { Button } from 'antd';
import { units } from '../units/length';
import { useUnits } from '../units/useUnits';
import { useManner } from '../words/useManner';
import { language, useWords } from '../words/words';

/** The two switches of whoever holds the phone. */
export function Manner() {
  const t = useWords();
  const shown = useUnits();
  const choose = useManner();
  return (
    <>
      <Button type="text" onClick={() => choose(language() === 'ENGLISH' ? 'SPANISH' : 'ENGLISH', units() === 'feet')}>
        {t('otherLanguage')}
      </Button>
      <Button type="text" onClick={() => choose(language(), units() !== 'feet')}>
        {t('otherUnits', { units: shown })}
      </Button>
    </>
  );
}
