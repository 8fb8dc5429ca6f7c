package org.antevid.words;

import java.util.Locale;

/** Languages of the catalogue. English is whole; Spanish is whole for all that a crew member can meet. */
public enum Language {
    ENGLISH("en"),
    SPANISH("es"),
    /**
     * English in brackets: whatever stands outside of them on a screen does not come from the catalogue. Never offered.
     */
    PSEUDO("en");

    private final String tag;

    Language(String tag) {
        this.tag = tag;
    }

    /** @return as the web names it */
    public String tag() {
        return tag;
    }

    /** @return the language whose words are said */
    Language read() {
        return this == PSEUDO ? ENGLISH : this;
    }

    Locale locale() {
        return Locale.forLanguageTag(tag);
    }
}
