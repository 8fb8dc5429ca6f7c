import english from '../../../../words/src/main/resources/words/screen-tangle_en.properties?raw';
import { wordsOf } from '../../words/words';

export const msg = wordsOf('tangle', english);
