package org.antevid.core.outcome;

import org.antevid.core.message.Code;

/** What could have been of it, had it gone a little worse; from 1 to 4 (judgement of who saw it). */
public enum Harm implements Code {
    FIRST_AID,
    DAYS_OFF,
    LASTING,
    DEADLY;

    /** @return 1 to 4 */
    public int level() {
        return ordinal() + 1;
    }
}
