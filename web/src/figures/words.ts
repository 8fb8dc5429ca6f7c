import english from '../../../words/src/main/resources/words/screen-figures_en.properties?raw';
import { wordsOf } from '../words/words';

export const msg = wordsOf('figures', english);
