import english from '../../../words/src/main/resources/words/drills_en.properties?raw';
import { also } from './words';

/** What is said in practice. */
also(english);
