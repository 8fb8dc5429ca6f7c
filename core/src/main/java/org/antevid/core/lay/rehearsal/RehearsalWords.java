package org.antevid.core.lay.rehearsal;

import org.antevid.core.message.Code;

/** What is said of falls that were rehearsed. */
public enum RehearsalWords implements Code {
    NONE_OF_THEM
}
