import english from '../../../words/src/main/resources/words/screen-stages_en.properties?raw';
import { wordsOf } from '../words/words';

/** What the stages are called and what keys do in them: known before any of them is opened. */
export const msg = wordsOf('stages', english);
