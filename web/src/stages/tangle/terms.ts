import terms from '../../../../words/src/main/resources/words/tangle_en.properties?raw';
import { also, termOf } from '../../words/words';

also(terms);

/** The word for a value of the tangle, by its type in the core. */
export const said = termOf;
