package org.antevid.core.lay.sweep;

/** Why a lay cannot be. */
public sealed interface Block {
    /** A target is likelier hit than its worth allows. */
    record TargetStruck(String target, double chance, double limit) implements Block {}

    /** Hinge and guy do not hold the side moment, or no hinge of this wood steers. */
    record NoSideControl() implements Block {}

    record HangsUp(double chance, double limit) implements Block {}

    /** The means do not even beat what is expected. */
    record SitsBack() implements Block {}

    record NoWayOut() implements Block {}

    record BarTooShort() implements Block {}

    /** Cut like this it splits up the stem. */
    record SplitsUp() implements Block {}
}
