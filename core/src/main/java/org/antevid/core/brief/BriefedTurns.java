package org.antevid.core.brief;

import java.util.Optional;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.spread.ReleaseDrift;
import org.antevid.core.lay.sweep.JudgedLay;
import org.antevid.core.outcome.Turns;
import org.antevid.core.stem.Lean;
import org.antevid.core.stem.Tipping;

/**
 * What a gust and a hinge lost early would turn a stem on the lay that is briefed. Source: mechanics (hinge yield u t /
 * L for the side moment of the wind; a free pendulum from the angle of release).
 */
public final class BriefedTurns {
    /** The gust it is reckoned for, m/s; the review scales it to the one that blew. */
    private static final double GUST_MS = 10;

    private static final double LEAST_START_DEG = 0.5;
    private static final double STEEPEST_TIP = 0.49;

    private BriefedTurns() {}

    /** @return empty where control of the lay is not proven */
    public static Optional<Turns> of(LayPlan p) {
        return p.judged().filter(j -> p.control().proven()).map(j -> new Turns(GUST_MS, gustDeg(p, j), earlyDeg(p)));
    }

    /** A hinge can turn it no farther than one that is used up. */
    private static double gustDeg(LayPlan p, JudgedLay j) {
        double use = Tipping.windNm(p.stem(), p.choice().cutHeightM(), GUST_MS)
                / j.control().hold().capacityNm();
        return Math.min(1, use)
                * Math.toDegrees(p.card().hingeThickM() / p.card().hingeLengthM());
    }

    private static double earlyDeg(LayPlan p) {
        Lean lean = p.stem().lean().orElseThrow();
        double lengthM =
                Math.max(1, p.stem().height().orElseThrow().value() - p.choice().cutHeightM());
        double most = STEEPEST_TIP * lengthM;
        double tipM =
                Math.max(-most, Math.min(most, lean.offsetM(lengthM, p.choice().layDeg() + 90)));
        double start = Math.max(LEAST_START_DEG, Math.min(Turns.EARLY_DEG, lean.deg()));
        return ReleaseDrift.of(lengthM, p.mass().k2s2(), start, Turns.EARLY_DEG, tipM)
                .extraDeg();
    }
}
