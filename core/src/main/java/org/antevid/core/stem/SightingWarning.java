package org.antevid.core.stem;

/** What a sighting warns of beside its number. */
public enum SightingWarning {
    /** Seen under more than the angle at which an error of a degree grows fast. */
    STEEP_SIGHT,
    /** Uncertain by more than a twentieth. */
    HIGH_SIGMA,
    SUN_TOO_HIGH,
    SUN_TOO_LOW,
    VIEWS_NOT_SQUARE,
    LEAN_DIRECTION_UNCERTAIN,
    VIEWS_DISAGREE,
    RADII_SPARSE
}
