package org.antevid.words;

import java.util.Locale;

/** Languages of the catalogue. English is whole; Spanish is whole for all that a crew member can meet. */
public enum Language {
    ENGLISH("en"),
    SPANISH("es");

    private final String tag;

    Language(String tag) {
        this.tag = tag;
    }

    /** @return as the web names it */
    public String tag() {
        return tag;
    }

    Locale locale() {
        return Locale.forLanguageTag(tag);
    }
}
