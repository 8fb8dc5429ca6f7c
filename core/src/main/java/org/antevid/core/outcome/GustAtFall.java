package org.antevid.core.outcome;

import java.util.Optional;
import org.antevid.core.quantity.Require;
import org.antevid.core.stem.WindLoad;

/**
 * The gust as the stem fell.
 *
 * @param ms as the instrument told it, 0..100
 * @param from where it came from; empty where nobody said it
 */
public record GustAtFall(double ms, Optional<WindFrom> from) {
    /** A drag that was taken from books and a gust that was read beside the crown (judgement). */
    private static final double RULE = 0.5;

    public GustAtFall {
        Require.within(ms, 0, 100, "gustMs");
    }

    private double squareDeg(Turns t) {
        return t.gustDeg() * WindLoad.times(ms, t.gustMs());
    }

    /** @return what it turned, right positive; 0 where nobody said where it came from */
    double deg(Turns t) {
        return squareDeg(t) * from.map(WindFrom::toTheRight).orElse(0.0);
    }

    /** @return one sigma of it */
    double sigmaDeg(Turns t) {
        return Math.hypot(
                squareDeg(t) * from.map(WindFrom::sigma).orElse(WindFrom.UNKNOWN_SIGMA), RULE * Math.abs(deg(t)));
    }
}
