package org.antevid.core.takedown.pieces;

import org.antevid.core.message.Code;

/** What whoever cuts aloft hangs in; each piece of it is looked over by somebody competent at set times. */
public enum ClimbKit implements Code {
    HARNESS,
    LIFE_LINE,
    LANYARD,
    CUT_PROOF_LANYARD,
    HELMET
}
