import english from '../../../words/src/main/resources/words/pages_en.properties?raw';
import { also } from './words';

/** What is said on the pages of a phone that are not its first: the briefing, the cut, how it went. */
also(english);
