import english from '../../../words/src/main/resources/words/screen-plan_en.properties?raw';
import { wordsOf } from '../words/words';

export const msg = wordsOf('plan', english);
