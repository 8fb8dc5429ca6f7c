package org.antevid.core.judge.crew;

import org.antevid.core.message.Code;

/** How a broken rule of the crew is mended, as somebody on site says it. */
public enum MendWords implements Code {
    /** somebody takes a part, and whoever had it keeps what else they do then */
    GIVE,
    SWAP,
    LATER,
    BRING
}
