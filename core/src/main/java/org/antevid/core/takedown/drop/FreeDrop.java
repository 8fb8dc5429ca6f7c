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
        double level = drift(p.heightM, p.kind.terminalMs, gustMs);
        Reach down = reach(p, g, gustMs, 1, level);
        Reach across = reach(p, g, gustMs, 0, level);
        Reach up = reach(p, g, gustMs, -1, level);
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

    /** @param level drift over the height of the cut: downhill it falls deeper, and drifts farther */
    private static Reach reach(Piece p, Ground g, double gustMs, int side, double level) {
        double slope = Math.toRadians(g.slopeDeg);
        double u = side * Math.tan(slope);
        double x0 = flight(p.pushMs, u, p.heightM);
        double drift = x0 * u > 0 ? drift(p.heightM + x0 * u, p.kind.terminalMs, gustMs) : level;
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
        double k = StemMass.G / (terminalMs * terminalMs);
        double x = 0;
        double fallen = 0;
        double vx = 0;
        double vz = 0;
        double xBefore = 0;
        double fallenBefore = 0;
        double h = STEP_S;
        // figures of one step stay on the stack: hundreds of pieces ask for thousands of steps
        while (fallen < heightM) {
            xBefore = x;
            fallenBefore = fallen;
            double q1 = k * Math.sqrt((windMs - vx) * (windMs - vx) + vz * vz);
            double ax1 = q1 * (windMs - vx);
            double az1 = StemMass.G - q1 * vz;
            double vx2 = vx + ax1 * h / 2;
            double vz2 = vz + az1 * h / 2;
            double q2 = k * Math.sqrt((windMs - vx2) * (windMs - vx2) + vz2 * vz2);
            double ax2 = q2 * (windMs - vx2);
            double az2 = StemMass.G - q2 * vz2;
            double vx3 = vx + ax2 * h / 2;
            double vz3 = vz + az2 * h / 2;
            double q3 = k * Math.sqrt((windMs - vx3) * (windMs - vx3) + vz3 * vz3);
            double ax3 = q3 * (windMs - vx3);
            double az3 = StemMass.G - q3 * vz3;
            double vx4 = vx + ax3 * h;
            double vz4 = vz + az3 * h;
            double q4 = k * Math.sqrt((windMs - vx4) * (windMs - vx4) + vz4 * vz4);
            x += h / 6 * (vx + 2 * vx2 + 2 * vx3 + vx4);
            fallen += h / 6 * (vz + 2 * vz2 + 2 * vz3 + vz4);
            vx += h / 6 * (ax1 + 2 * ax2 + 2 * ax3 + q4 * (windMs - vx4));
            vz += h / 6 * (az1 + 2 * az2 + 2 * az3 + StemMass.G - q4 * vz4);
        }
        double share = (heightM - fallenBefore) / (fallen - fallenBefore);
        return xBefore + share * (x - xBefore);
    }
}
