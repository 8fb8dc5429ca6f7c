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
    private static final double STEP_S = 0.002;
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
        Reach down = reach(p, g, gustMs, 1);
        Reach across = reach(p, g, gustMs, 0);
        Reach up = reach(p, g, gustMs, -1);
        double drift = Math.max(down.driftM, Math.max(across.driftM, up.driftM));
        return new FreeDrop(
                down.m,
                across.m,
                up.m,
                Math.max(down.strikesM, Math.max(across.strikesM, up.strikesM)),
                drift,
                new Remarks()
                        .when(gustMs > stopMs, Remark.WIND_STOP)
                        .when(down.m.isEmpty() || across.m.isEmpty() || up.m.isEmpty(), Remark.UNLIMITED_ROLL)
                        .when(across.m.filter(a -> drift > a / 4).isPresent(), Remark.LEAFY_DRIFT)
                        .told());
    }

    private static double flight(double v, double u, double h) {
        double up = v * u;
        return v * (up + Math.sqrt(up * up + 2 * StemMass.G * h)) / StemMass.G;
    }

    private static Reach reach(Piece p, Ground g, double gustMs, int side) {
        double slope = Math.toRadians(g.slopeDeg);
        double u = side * Math.tan(slope);
        double x0 = flight(p.pushMs, u, p.heightM);
        double drift = drift(p.heightM + Math.max(0, x0 * u), p.kind.terminalMs, gustMs);
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

    /** A piece let go at rest, its drag with the square of its speed through the air; Runge-Kutta, last step linear. */
    private static double drift(double heightM, double terminalMs, double windMs) {
        if (heightM <= 0 || windMs <= 0) {
            return 0;
        }
        double[] y = {0, 0, 0, 0};
        double[] before = y;
        while (y[1] < heightM) {
            before = y;
            double[] k1 = slope(y, terminalMs, windMs);
            double[] k2 = slope(moved(y, k1, STEP_S / 2), terminalMs, windMs);
            double[] k3 = slope(moved(y, k2, STEP_S / 2), terminalMs, windMs);
            double[] k4 = slope(moved(y, k3, STEP_S), terminalMs, windMs);
            double[] next = new double[4];
            for (int i = 0; i < 4; i++) {
                next[i] = y[i] + STEP_S / 6 * (k1[i] + 2 * k2[i] + 2 * k3[i] + k4[i]);
            }
            y = next;
        }
        double share = (heightM - before[1]) / (y[1] - before[1]);
        return before[0] + share * (y[0] - before[0]);
    }

    private static double[] slope(double[] y, double terminalMs, double windMs) {
        double q = StemMass.G * Math.hypot(windMs - y[2], y[3]) / (terminalMs * terminalMs);
        return new double[] {y[2], y[3], q * (windMs - y[2]), StemMass.G - q * y[3]};
    }

    private static double[] moved(double[] y, double[] k, double by) {
        return new double[] {y[0] + by * k[0], y[1] + by * k[1], y[2] + by * k[2], y[3] + by * k[3]};
    }
}
