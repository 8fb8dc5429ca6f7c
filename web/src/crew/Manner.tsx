import { useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { api, data } from '../api/client';
import { useSession } from '../api/job';
import { readIn, useWords } from '../words/words';
import { setUnits, units } from '../units/length';
import { useUnits } from '../units/useUnits';
import { language, type Language } from '../words/words';

/** Language and units of the person who holds the phone: kept with the person, chosen without signing in anew. */
export function Manner() {
  const t = useWords();
  const shown = useUnits();
  const session = useSession();
  const queries = useQueryClient();
  const mine = session.data;
  useEffect(() => {
    if (!mine?.signedIn || !mine.language || !mine.units) return;
    readIn(mine.language);
    setUnits(mine.units === 'FEET' ? 'feet' : 'metric');
  }, [mine]);
  const choose = (lang: Language, feet: boolean) => {
    readIn(lang);
    setUnits(feet ? 'feet' : 'metric');
    if (!mine?.signedIn) return;
    void data(api.PUT('/api/session/manner', { body: { language: lang, units: feet ? 'FEET' : 'METRIC' } })).then(
      () => queries.invalidateQueries(),
      () => session.refetch(),
    );
  };
  return (
    <>
      <button
        className="plain"
        onClick={() => choose(language() === 'ENGLISH' ? 'SPANISH' : 'ENGLISH', units() === 'feet')}
      >
        {t('otherLanguage')}
      </button>
      <button className="plain" onClick={() => choose(language(), units() !== 'feet')}>
        {t('otherUnits', { units: shown })}
      </button>
    </>
  );
}
