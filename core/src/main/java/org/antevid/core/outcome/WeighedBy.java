package org.antevid.core.outcome;

import org.antevid.core.message.Code;

/** What a piece was weighed with; one sigma of its reading, of what it reads (typical). */
public enum WeighedBy implements Code {
    LOAD_CELL(0.02),
    LORRY_SCALE(0.03),
    CRANE(0.05);

    private final double sigmaRel;

    WeighedBy(double sigmaRel) {
        this.sigmaRel = sigmaRel;
    }

    /** @return 0..1 */
    public double sigmaRel() {
        return sigmaRel;
    }
}
