package org.antevid.core.stump;

/** Work for specialists. Recorded with who may do it and what warns of it, never as a recipe. */
public enum Technique {
    SWING,
    NOSE_QUARTER,
    VERY_DEEP_FACE,
    FACE_PLUNGE;
}
