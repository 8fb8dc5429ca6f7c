package org.antevid.core.run;

/** Whether a phone that shows a hold also sounds: one that nobody has touched since it was opened may not. */
public enum Sounding {
    SOUNDED,
    MUTE
}
