package org.antevid.words;

/** How somebody reads: chosen by each person, kept with the person. */
public record Manner(Language language, Units units) {
    public static final Manner USUAL = new Manner(Language.ENGLISH, Units.METRIC);
}
