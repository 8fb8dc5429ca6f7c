import english from '../../../../words/src/main/resources/words/screen-run_en.properties?raw';
import { wordsOf } from '../../words/words';

export const msg = wordsOf('run', english);
