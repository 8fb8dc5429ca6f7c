import english from '../../../words/src/main/resources/words/terms_en.properties?raw';
import { also, termOf } from './words';

/** The words for values of ours that only the desk says on its own; a phone carries its few along. */
also(english);

/** The word for a value of ours, by its type in the core. Asked while a page is put together. */
export const term = termOf;
