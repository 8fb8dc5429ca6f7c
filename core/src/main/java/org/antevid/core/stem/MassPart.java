package org.antevid.core.stem;

import org.antevid.core.message.Code;

/** What of a stem was weighed. */
public enum MassPart implements Code {
    /** A log, from here to there along the stem, its branches off. */
    STEM,
    /** All branches and nothing of the stem. */
    CROWN,
    /** Everything above the cut: it speaks for both. */
    WHOLE;

    /** @return whether a weight of this says something of that part */
    public boolean tellsOf(MassPart part) {
        return this == part || this == WHOLE;
    }
}
