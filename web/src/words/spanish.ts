import base from '../../../words/src/main/resources/words/base_es.properties?raw';
import carried from '../../../words/src/main/resources/words/carried_es.properties?raw';
import drills from '../../../words/src/main/resources/words/drills_es.properties?raw';
import lessons from '../../../words/src/main/resources/words/lessons_es.properties?raw';
import pages from '../../../words/src/main/resources/words/pages_es.properties?raw';
import phone from '../../../words/src/main/resources/words/phone_es.properties?raw';
import seeing from '../../../words/src/main/resources/words/seeing_es.properties?raw';
import stump from '../../../words/src/main/resources/words/stump_es.properties?raw';
import terms from '../../../words/src/main/resources/words/terms_es.properties?raw';

/** Had when somebody reads Spanish, and ahead on a phone while there is a link. */
export const SPANISH = `${base}\n${carried}\n${drills}\n${lessons}\n${pages}\n${phone}\n${seeing}\n${stump}\n${terms}`;
