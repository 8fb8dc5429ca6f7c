package org.antevid.core.stump;

/** Which cut of the notch comes first, and what that makes easier. */
public enum FaceOrder {
    SLOPING_FIRST,
    LEVEL_FIRST;
}
