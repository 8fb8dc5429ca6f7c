import english from '../../../../words/src/main/resources/words/screen-house_en.properties?raw';
import { wordsOf } from '../../words/words';

export const msg = wordsOf('house', english);
