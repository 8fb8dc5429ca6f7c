package org.antevid.core.assist;

import java.util.Optional;
import org.antevid.core.quantity.Require;

/** Pieces of kit as the house's list knows them. Newtons, metres. */
public final class Kit {
    /** Share of a rope's strength left at a knot (typical). */
    public static final double KNOT = 0.6;
    /** Strength over load for a rope that pulls trees (practice rule). */
    public static final double ROPE_FACTOR = 5;
    /** A rope older than this is asked about (judgement; the maker's limit outranks it). */
    public static final double OLD_YEARS = 10;

    private Kit() {}

    /**
     * @param mbsN breaking strength, 500..2e6
     * @param ageYears empty while nobody knows
     */
    public record Rope(String name, double mbsN, Optional<Double> ageYears) {
        public Rope {
            Require.within(mbsN, 500, 2e6, "mbsN");
            ageYears.ifPresent(a -> Require.within(a, 0, 60, "ageYears"));
        }

        /** @return what it may carry, knot and reserve taken off */
        public double workingN() {
            return mbsN * KNOT / ROPE_FACTOR;
        }
    }

    /**
     * A sling or a shackle.
     *
     * @param wllN working load by its label
     */
    public record Sling(String name, double wllN) {
        public Sling {
            Require.within(wllN, 100, 1e6, "wllN");
        }
    }

    /**
     * A redirect block.
     *
     * @param efficiency pull passed on, 0.3..1
     */
    public record Block(String name, double wllN, double efficiency) {
        public Block {
            Require.within(wllN, 100, 1e6, "wllN");
            Require.within(efficiency, 0.3, 1, "efficiency");
        }
    }
}
