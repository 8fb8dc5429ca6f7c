package org.antevid.core.tangle.beam;

import java.util.Optional;
import org.antevid.core.site.Ground;
import org.antevid.core.tangle.beam.LyingStem.Flank;

/** How the ground lies across a stem, seen from butt to tip: the side it rolls to. */
public enum Across {
    LEVEL,
    DOWN_LEFT,
    DOWN_RIGHT,
    /** it slopes, and nobody knows how the stem lies on it */
    NOT_KNOWN;

    /** Ground that slopes less than this across the stem is level, degrees. */
    private static final double LEVEL_DEG = 1;

    /** @param azDeg direction of the stem from butt to tip; empty while nobody measured how it lies */
    public static Across of(Ground ground, Optional<Double> azDeg) {
        if (azDeg.isEmpty()) {
            return ground.slopeDeg() < LEVEL_DEG ? LEVEL : NOT_KNOWN;
        }
        double right = rightDeg(ground, azDeg.get());
        return Math.abs(right) < LEVEL_DEG ? LEVEL : right > 0 ? DOWN_RIGHT : DOWN_LEFT;
    }

    /** @return how far the ground falls to the right of the stem, degrees; negative: it falls to the left */
    public static double rightDeg(Ground ground, double azDeg) {
        return ground.alongDeg(azDeg + 90);
    }

    /** @return the lower side, where it rolls to and nobody stands; empty on level ground and while not known */
    public Optional<Flank> downhill() {
        return switch (this) {
            case DOWN_LEFT -> Optional.of(Flank.LEFT);
            case DOWN_RIGHT -> Optional.of(Flank.RIGHT);
            case LEVEL, NOT_KNOWN -> Optional.empty();
        };
    }
}
