import english from '../../../words/src/main/resources/words/screen-takedown_en.properties?raw';
import { wordsOf } from '../words/words';

export const msg = wordsOf('takedown', english);
