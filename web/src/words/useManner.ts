import { useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { api, data } from '../api/client';
import { useSession } from '../api/job';
import { setUnits, units } from '../units/length';
import { language, type Language, readIn, sayRegional } from './words';

/** Chosen before anybody was signed in: it goes to the person who signs in next on this phone. */
const PENDING = 'antevid.manner.pending';

/** The server has it: what speaks by itself has to be asked anew. */
export const MANNER_KEPT = 'antevid-manner';

/** Language and units of the person: kept with them, shown wherever they are signed in, chosen without signing in anew. */
export function useManner(): (lang: Language, feet: boolean) => void {
  const session = useSession();
  const queries = useQueryClient();
  const mine = session.data;
  const keep = (lang: Language, feet: boolean) =>
    data(api.PUT('/api/session/manner', { body: { language: lang, units: feet ? 'FEET' : 'METRIC' } })).then(
      () => {
        sessionStorage.removeItem(PENDING);
        // what was asked in the old manner and has not come yet would be taken for an answer in the new one
        return queries.cancelQueries().then(() => {
          window.dispatchEvent(new Event(MANNER_KEPT));
          return queries.invalidateQueries();
        });
      },
      () => session.refetch(),
    );
  useEffect(() => {
    if (!mine?.signedIn || !mine.language || !mine.units) return;
    if (sessionStorage.getItem(PENDING)) {
      // stays until the server has it: a page that is opened anew in between would go back to the old manner
      void keep(language(), units() === 'feet');
      return;
    }
    readIn(mine.language);
    sayRegional(mine.regional);
    setUnits(mine.units === 'FEET' ? 'feet' : 'metric');
    // eslint-disable-next-line react-hooks/exhaustive-deps -- what the person reads in changes with the sign-in alone
  }, [mine]);
  return (lang, feet) => {
    readIn(lang);
    setUnits(feet ? 'feet' : 'metric');
    if (mine?.signedIn) void keep(lang, feet);
    else sessionStorage.setItem(PENDING, 'yes');
  };
}
