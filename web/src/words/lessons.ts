import english from '../../../words/src/main/resources/words/lessons_en.properties?raw';
import { also } from './words';

/** What is said of lessons: why a stem fell so, what is learned, where it is told. */
also(english);
