package org.antevid.core.run;

/** Why a step is ended while cuts or checks of it are not ticked off; chosen with one tap. */
public enum Unticked {
    /** Done as briefed, with no hand free for the phone. */
    DONE,
    NOT_NEEDED,
    OTHERWISE,
    NOT_POSSIBLE
}
