package org.antevid.core.site;

/** What an overhead line carries. A line nobody has asked about counts as the worst. */
public enum VoltageClass {
    NOT_KNOWN(true),
    TELEPHONE(false),
    LOW(true),
    HIGH(true),
    TRACTION(true);
    private final boolean energised;

    VoltageClass(boolean energised) {
        this.energised = energised;
    }

    /** @return whether it kills by touch or by coming near */
    public boolean energised() {
        return energised;
    }
}
