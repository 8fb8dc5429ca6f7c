package org.antevid.core.site;

/** What a stem lands on. */
public enum Bed {
    LOG("log"),
    HUMP("hump"),
    DITCH("ditch"),
    HARD("hard surface"),
    SOFT("soft turf");
    private final String words;

    Bed(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
