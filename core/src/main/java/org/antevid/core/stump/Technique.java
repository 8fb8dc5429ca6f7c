package org.antevid.core.stump;

/** Work for specialists. Recorded with who may do it and what warns of it, never as a recipe. */
public enum Technique {
    SWING(
            "turning the stem around its hinge",
            "the direction rests on wood that is being twisted; when a corner tears, every direction counts"),
    NOSE_QUARTER(
            "cutting with the upper quarter of the bar's nose",
            "the bar is thrown back at the face; no chain brake is sure to stop it in time"),
    VERY_DEEP_FACE(
            "a face deeper than half the stem",
            "the stem can sit back or go over the notch before there is a hinge behind it"),
    FACE_PLUNGE(
            "boring through the face",
            "the bar works blind in the middle of the stem, and the hinge is left in two parts");
    private final String words;
    private final String warns;

    Technique(String words, String warns) {
        this.words = words;
        this.warns = warns;
    }

    public String words() {
        return words;
    }

    public String warns() {
        return warns;
    }
}
