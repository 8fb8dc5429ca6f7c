package org.antevid.app.stem;

/** Kinds of sighting; measured ones outrank those by eye. */
public enum SightingKind {
    GIRTH("girth at 1.3 m", false), EYE_DIAMETER("diameter by eye", true), HEIGHT_ANGLES("height, two angles", false),
    EYE_HEIGHT("height by eye", true), PLUMB_LEAN("lean, plumbed from two sides", false), EYE_LEAN("lean by eye", true),
    CROWN_RADIUS("crown radius", false), EYE_CROWN("crown radius by eye", true);
    private final String words;
    private final boolean byEye;

    SightingKind(String words, boolean byEye) {
        this.words = words;
        this.byEye = byEye;
    }

    public String words() {
        return words;
    }

    public boolean byEye() {
        return byEye;
    }
}
