package org.antevid.core.site;

/** What an overhead line carries. A line nobody has asked about counts as the worst. */
public enum VoltageClass {
    NOT_KNOWN("not known, counts as high voltage", true),
    TELEPHONE("telephone or data", false),
    LOW("low voltage", true),
    HIGH("high voltage", true),
    TRACTION("railway or tram", true);
    private final String words;
    private final boolean energised;

    VoltageClass(String words, boolean energised) {
        this.words = words;
        this.energised = energised;
    }

    public String words() {
        return words;
    }

    /** @return whether it kills by touch or by coming near */
    public boolean energised() {
        return energised;
    }
}
