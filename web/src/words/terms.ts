import english from '../../../words/src/main/resources/words/terms_en.properties?raw';
import { also } from './words';

/** The words for values of ours that only the desk says on its own; a phone carries its few along. */
also(english);
