import english from '../../../words/src/main/resources/words/screen-app_en.properties?raw';
import { wordsOf } from '../words/words';

export const msg = wordsOf('app', english);
