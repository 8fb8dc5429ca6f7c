package org.antevid.core.stump;

/** Which cut of the notch comes first, and what that makes easier. */
public enum FaceOrder {
    SLOPING_FIRST(
            "sloping cut first",
            "the saw's sighting line lies on the lay while the first cut is made, and the level cut can be "
                    + "watched into its end"),
    LEVEL_FIRST(
            "level cut first",
            "the hinge line is there to be sighted along before any wood is out; the sloping cut is harder to "
                    + "bring down to it on both sides");
    private final String words;
    private final String easier;

    FaceOrder(String words, String easier) {
        this.words = words;
        this.easier = easier;
    }

    public String words() {
        return words;
    }

    /** @return what it makes easier to aim, and what not */
    public String easier() {
        return easier;
    }
}
