import english from '../../../../words/src/main/resources/words/screen-brief_en.properties?raw';
import { wordsOf } from '../../words/words';

export const msg = wordsOf('brief', english);
