import english from '../../../../words/src/main/resources/words/screen-review_en.properties?raw';
import { wordsOf } from '../../words/words';

export const msg = wordsOf('review', english);
