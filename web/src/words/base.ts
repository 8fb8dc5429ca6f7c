import english from '../../../words/src/main/resources/words/base_en.properties?raw';
import { wordsOf } from './words';

/** What anybody can be told, whatever page they are on: also the crew, so it is in every language of theirs. */
export const msg = wordsOf('base', english);
