package org.antevid.core.outcome;

import org.antevid.core.message.Code;

/** What became of the fall. Only one that was kept says how well somebody aims. */
public enum Control implements Code {
    KEPT,
    /** The hinge was gone before it had guided: it fell where it liked. */
    LOST,
    /** It leaned into another one and stayed. */
    HUNG,
    /** It stood and had to be brought over by other means. */
    STALLED,
    SAT_BACK,
    /** A machine pushed it over: it went where the machine sent it. */
    PUSHED;

    /** @return whether control was lost altogether; a stem that hung or was pushed went where it was sent */
    public boolean lost() {
        return this == LOST;
    }

    /** @return whether where it lies says how well it was aimed */
    public boolean aimed() {
        return this == KEPT;
    }
}
