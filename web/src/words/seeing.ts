import english from '../../../words/src/main/resources/words/seeing_en.properties?raw';
import { also } from './words';

/** What is said where somebody joins, measures, photographs or says what they see. */
also(english);
