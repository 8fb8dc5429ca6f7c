package org.antevid.core.tangle.beam;

import java.util.Locale;

/**
 * What a stem rests on, or what lies on it.
 *
 * @param xM along the stem from the butt
 * @param gapM the support starts this far away; negative: it presses in; of one-way supports only
 * @param stiffnessNm N/m
 * @param mu friction along the axis
 */
public record Support(double xM, Kind kind, Side side, double gapM, double stiffnessNm, double mu, Axial axial) {
    /** What it is, with the usual stiffness and friction (practice values). */
    public enum Kind {
        GROUND(1e6, 0.40),
        STUMP_HINGE(5e6, 0),
        ROOTED(5e6, 0),
        FORK(2e5, 0.30),
        OTHER_STEM(5e5, 0.30),
        ROOF(1e6, 0.30);
        private final double stiffnessNm;
        private final double mu;

        Kind(double stiffnessNm, double mu) {
            this.stiffnessNm = stiffnessNm;
            this.mu = mu;
        }

        public String key() {
            return name().toLowerCase(Locale.ROOT);
        }

        public double stiffnessNm() {
            return stiffnessNm;
        }

        public double mu() {
            return mu;
        }

        /** @return whether it holds up and down */
        public boolean bothWays() {
            return this == STUMP_HINGE || this == ROOTED;
        }

        public Axial axial() {
            return bothWays() ? Axial.FIXED : Axial.FRICTION;
        }

        /** @return whether a growing load on it is a danger of its own */
        boolean mayGive() {
            return this == ROOF || this == FORK || this == STUMP_HINGE;
        }
    }

    /** Below the stem, or a stem lying on it. */
    public enum Side {
        BELOW,
        ABOVE
    }

    /** What it does along the axis. */
    public enum Axial {
        FIXED,
        /** pushes uphill only */
        STOP,
        FRICTION
    }

    boolean below() {
        return kind.bothWays() || side == Side.BELOW;
    }

    boolean groundBelow() {
        return kind == Kind.GROUND && side == Side.BELOW;
    }

    /** @return +1 where it can only push up, -1 where it can only push down */
    double sign() {
        return side == Side.BELOW ? 1 : -1;
    }

    Support withGap(double gap) {
        return new Support(xM, kind, side, gap, stiffnessNm, mu, axial);
    }
}
