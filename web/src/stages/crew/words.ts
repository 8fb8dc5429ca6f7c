import english from '../../../../words/src/main/resources/words/screen-crew_en.properties?raw';
import { wordsOf } from '../../words/words';

export const msg = wordsOf('crew', english);
