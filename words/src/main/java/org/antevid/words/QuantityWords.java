package org.antevid.words;

import org.antevid.core.message.Code;

/** What is said between and behind the digits of a quantity. */
public enum QuantityWords implements Code {
    /** Behind a pull: what hangs on the rope, as a weight somebody can picture. */
    ON_THE_ROPE,
    /** Between a need and what there is for it. */
    OF
}
