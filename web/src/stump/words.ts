import english from '../../../words/src/main/resources/words/stump_en.properties?raw';
import { also } from '../words/words';

/** What is said where a stump is read. */
also(english);
