package org.antevid.core.stem;

import org.antevid.core.quantity.Refusal;

/** Why a stem is taken apart where it hangs or lies, and not felled from its foot (practice rule). */
public enum NotFelled {
    HANGS(Refusal.HANGS),
    LIES(Refusal.LIES),
    BROKEN_AT_BASE(Refusal.BROKEN_AT_BASE);
    private final Refusal refusal;

    NotFelled(Refusal refusal) {
        this.refusal = refusal;
    }

    /** @return what somebody is told who asks for a lay or a felling card */
    public Refusal refusal() {
        return refusal;
    }
}
