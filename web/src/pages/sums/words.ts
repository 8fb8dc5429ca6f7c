import english from '../../../../words/src/main/resources/words/screen-sums_en.properties?raw';
import { wordsOf } from '../../words/words';

export const msg = wordsOf('sums', english);
