package org.antevid.core.outcome;

import java.util.Optional;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.quantity.Require;
import org.antevid.core.stem.WindLoad;

/**
 * The gust as the stem fell.
 *
 * @param ms as the instrument told it, 0..100
 * @param across where it came from; empty where neither a person nor the instrument said it
 */
public record GustAtFall(double ms, Optional<Across> across) {
    /** A drag that was taken from books and a gust that was read beside the crown (judgement). */
    private static final double RULE = 0.5;

    /**
     * The share of a gust that pushes across the lay.
     *
     * @param right of it, -1..1
     * @param sigma one sigma of that share
     */
    public record Across(double right, double sigma) {
        /** A gust turns and eddies about the mean that is read beside the stem (judgement). */
        private static final double EDDIES = 0.35;

        public static Across of(WindFrom said) {
            return new Across(said.toTheRight(), said.sigma());
        }

        /** @param fromDeg azimuth it blew from as the go was given */
        public static Across of(double fromDeg, double layDeg) {
            return new Across(-Math.sin(Math.toRadians(Azimuth.turn(layDeg, fromDeg))), EDDIES);
        }
    }

    public GustAtFall {
        Require.within(ms, 0, 100, "gustMs");
    }

    private double squareDeg(Turns t) {
        return t.gustDeg() * WindLoad.times(ms, t.gustMs());
    }

    /** @return what it turned, right positive; 0 where nobody said where it came from */
    double deg(Turns t) {
        return squareDeg(t) * across.map(Across::right).orElse(0.0);
    }

    /** @return one sigma of it */
    double sigmaDeg(Turns t) {
        return Math.hypot(
                squareDeg(t) * across.map(Across::sigma).orElse(WindFrom.UNKNOWN_SIGMA), RULE * Math.abs(deg(t)));
    }
}
