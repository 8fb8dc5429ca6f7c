import english from '../../../words/src/main/resources/words/screen-tree_en.properties?raw';
import { wordsOf } from '../words/words';

export const msg = wordsOf('tree', english);
