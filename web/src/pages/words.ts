import english from '../../../words/src/main/resources/words/screen-pages_en.properties?raw';
import { wordsOf } from '../words/words';

export const msg = wordsOf('pages', english);
