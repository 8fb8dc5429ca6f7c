import english from '../../../../words/src/main/resources/words/screen-lay_en.properties?raw';
import { wordsOf } from '../../words/words';

export const msg = wordsOf('lay', english);
