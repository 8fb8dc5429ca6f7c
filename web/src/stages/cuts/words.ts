import english from '../../../../words/src/main/resources/words/screen-cuts_en.properties?raw';
import { wordsOf } from '../../words/words';

export const msg = wordsOf('cuts', english);
