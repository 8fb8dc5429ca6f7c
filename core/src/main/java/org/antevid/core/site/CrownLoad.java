package org.antevid.core.site;

/** What lies on the crowns. Shares of the crown's own mass are judgement values, on the heavy side. */
public enum CrownLoad {
    NONE("nothing", 0),
    SNOW("snow", 0.5),
    ICE("ice", 1.0);
    private final String words;
    private final double shareOfCrown;

    CrownLoad(String words, double shareOfCrown) {
        this.words = words;
        this.shareOfCrown = shareOfCrown;
    }

    public String words() {
        return words;
    }

    /** @return added mass as a share of the crown's mass */
    public double shareOfCrown() {
        return shareOfCrown;
    }
}
