package org.antevid.core.run;

/** Why a hold is lifted; chosen with one tap. */
public enum LiftReason {
    CLEARED,
    LOOKED,
    MISTAKE,
    CHANGED,
    OTHER
}
