package org.antevid.core.site;

/** What one sees by. */
public enum Light {
    DAY,
    DUSK,
    DARK;
}
