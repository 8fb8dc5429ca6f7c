package org.antevid.core.tangle.limb;

import java.util.Optional;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;

/**
 * A limb as it is seen: where it grows, how it is bent, how thick it is at its base.
 *
 * @param thickM at its base, 0.02..1 m
 * @param lengthM 0.3..20 m; empty where nobody measured it
 */
public record SeenLimb(Growing growing, Bent bent, double thickM, Optional<Double> lengthM) {
    private static final double THIN_M = 0.02;
    private static final double THICK_M = 1;
    private static final double SHORT_M = 0.3;
    private static final double LONG_M = 20;

    /** How long a limb of its thickness is, times its thickness (judgement: open-grown and slender ones). */
    private static final double SHORTEST = 20;

    private static final double LONGEST = 50;

    /** Side of the stem it grows on, seen from butt to tip. */
    public enum Growing {
        ABOVE,
        LEFT,
        RIGHT,
        BELOW
    }

    /** How it is bent, whatever did it. */
    public enum Bent {
        /** as it grew: its own weight alone, or nobody sees more */
        NOT,
        DOWN,
        /** its tip is pressed up: it carries */
        UP,
        SIDEWAYS
    }

    /** @throws RefusedInput naming what lies outside its range */
    public SeenLimb {
        Require.within(thickM, THIN_M, THICK_M, "thickM");
        lengthM.ifPresent(l -> Require.within(l, SHORT_M, LONG_M, "lengthM"));
    }

    double shortestM() {
        return lengthM.orElse(Math.max(SHORT_M, SHORTEST * thickM));
    }

    double longestM() {
        return lengthM.orElse(Math.min(LONG_M, LONGEST * thickM));
    }

    /** @return above level, outward, degrees: as limbs grow out of a stem that lies */
    double angleDeg() {
        return switch (growing) {
            case ABOVE -> 60;
            case LEFT, RIGHT -> 0;
            case BELOW -> -70;
        };
    }

    /** @return whether the stem lies on it, or may: what is beneath it, and what is pressed */
    public boolean carries() {
        return growing == Growing.BELOW || bent == Bent.UP || bent == Bent.SIDEWAYS;
    }
}
