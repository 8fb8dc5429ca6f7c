import english from '../../../../words/src/main/resources/words/screen-place_en.properties?raw';
import { wordsOf } from '../../words/words';

export const msg = wordsOf('place', english);
