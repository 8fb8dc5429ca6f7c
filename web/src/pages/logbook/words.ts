import english from '../../../../words/src/main/resources/words/screen-logbook_en.properties?raw';
import { wordsOf } from '../../words/words';

export const msg = wordsOf('logbook', english);
