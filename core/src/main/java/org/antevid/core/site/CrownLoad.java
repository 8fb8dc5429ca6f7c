package org.antevid.core.site;

/** What lies on the crowns. Shares of the crown's own mass are judgement values, on the heavy side. */
public enum CrownLoad {
    NONE(0),
    SNOW(0.5),
    ICE(1.0);
    private final double shareOfCrown;

    CrownLoad(double shareOfCrown) {
        this.shareOfCrown = shareOfCrown;
    }

    /** @return added mass as a share of the crown's mass */
    public double shareOfCrown() {
        return shareOfCrown;
    }
}
