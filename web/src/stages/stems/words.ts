import english from '../../../../words/src/main/resources/words/screen-stems_en.properties?raw';
import { wordsOf } from '../../words/words';

export const msg = wordsOf('stems', english);
