package org.antevid.core.takedown.drop;

import java.util.List;
import java.util.Optional;
import org.antevid.core.stem.StemMass;
import org.antevid.core.takedown.Remark;
import org.antevid.core.takedown.Remarks;

/**
 * Where a free piece can end: push-off, wind, a branch on its way, toppling, bounce and roll. Mechanics with judged
 * restitution and rolling; an envelope, no proof.
 *
 * @param downM down the slope; empty where nothing stops it
 * @param strikesM where it strikes first at the farthest, before it bounces and rolls: as far as a bed has to reach
 * @param driftM by the wind, the largest of the three
 */
public record FreeDrop(
        Optional<Double> downM,
        Optional<Double> acrossM,
        Optional<Double> upM,
        double strikesM,
        double driftM,
        List<Remarks.Told> remarks) {
    private static final double FLAT = 1e-9;

    /** What it comes down on: restitution and rolling resistance (judgement). */
    public enum Surface {
        BRASH_MAT(0.15, 0.40),
        TURF(0.20, 0.15),
        GRAVEL(0.30, 0.12),
        HARD(0.35, 0.05);

        private final double bounces;
        private final double rolls;

        Surface(double bounces, double rolls) {
            this.bounces = bounces;
            this.rolls = rolls;
        }
    }

    /** What falls, with its terminal speed in m/s (judgement). */
    public enum Kind {
        LOG(60),
        BRANCH(20),
        LEAFY(12);

        private final double terminalMs;

        Kind(double terminalMs) {
            this.terminalMs = terminalMs;
        }

        double terminalMs() {
            return terminalMs;
        }
    }

    /** @param heightM of the cut above the ground there */
    public record Piece(double heightM, double lengthM, double pushMs, Kind kind, boolean round) {}

    /**
     * @param obstacleM height of a branch it may strike on its way
     * @param floorM no zone is smaller
     * @param barrierM distance of what surely stops a roll
     */
    public record Ground(
            Surface surface, double slopeDeg, Optional<Double> obstacleM, double floorM, Optional<Double> barrierM) {}

    private record Reach(Optional<Double> m, double strikesM, double driftM) {}

    public static FreeDrop of(Piece p, Ground g, double gustMs, double stopMs) {
        return of(p, g, new Gust(gustMs), stopMs);
    }

    public static FreeDrop of(Piece p, Ground g, Gust gust, double stopMs) {
        double level = gust.carriesM(p.kind, p.heightM);
        Reach down = reach(p, g, gust, 1, level);
        Reach across = reach(p, g, gust, 0, level);
        Reach up = reach(p, g, gust, -1, level);
        double drift = Math.max(down.driftM, Math.max(across.driftM, up.driftM));
        return new FreeDrop(
                down.m,
                across.m,
                up.m,
                Math.max(down.strikesM, Math.max(across.strikesM, up.strikesM)),
                drift,
                new Remarks()
                        .when(gust.gustMs() > stopMs, Remark.WIND_STOP)
                        .when(down.m.isEmpty() || across.m.isEmpty() || up.m.isEmpty(), Remark.UNLIMITED_ROLL)
                        .when(across.m.filter(a -> drift > a / 4).isPresent(), Remark.LEAFY_DRIFT)
                        .told());
    }

    private static double flight(double v, double u, double h) {
        double up = v * u;
        return v * (up + Math.sqrt(up * up + 2 * StemMass.G * h)) / StemMass.G;
    }

    /** @param level drift over the height of the cut: downhill it falls deeper, and drifts farther */
    private static Reach reach(Piece p, Ground g, Gust gust, int side, double level) {
        double slope = Math.toRadians(g.slopeDeg);
        double u = side * Math.tan(slope);
        double x0 = flight(p.pushMs, u, p.heightM);
        double drift = x0 * u > 0 ? gust.carriesM(p.kind, p.heightM + x0 * u) : level;
        double e = g.surface.bounces;
        double x = g.obstacleM
                        .filter(o -> o > 0 && o < p.heightM)
                        .map(o -> Math.max(
                                x0, flight(p.pushMs + 0.3 * Math.sqrt(2 * StemMass.G * (p.heightM - o)), u, o)))
                        .orElse(x0)
                + drift;
        double strikes = x + p.lengthM;
        double end = strikes + 2 * e * e * p.heightM;
        double least = Math.max(g.floorM, 2 * p.lengthM);
        if (!p.round) {
            return new Reach(Optional.of(Math.max(least, end)), strikes, drift);
        }
        double holds = g.surface.rolls * Math.cos(slope) - side * Math.sin(slope);
        if (holds <= FLAT) {
            return new Reach(g.barrierM.map(b -> Math.max(least, Math.max(b, end))), strikes, drift);
        }
        double speed = p.pushMs + e * Math.sqrt(2 * StemMass.G * p.heightM) * Math.cos(Math.PI / 4);
        return new Reach(Optional.of(Math.max(least, end + speed * speed / (2 * StemMass.G * holds))), strikes, drift);
    }
}
