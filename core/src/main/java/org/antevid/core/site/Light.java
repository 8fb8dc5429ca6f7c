package org.antevid.core.site;

/** What one sees by. */
public enum Light {
    DAY("daylight"),
    DUSK("dusk or fog"),
    DARK("dark");
    private final String words;

    Light(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
