package org.antevid.core.takedown.drop;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.Map;
import org.antevid.core.stem.StemMass;

/**
 * How far a gust carries what falls. Each step of a fall is reckoned once, however many pieces fall in it: not for
 * several threads at once.
 */
public final class Gust {
    private static final double STEP_S = 0.002;

    private final double gustMs;
    private final Map<FreeDrop.Kind, Fall> falls = new EnumMap<>(FreeDrop.Kind.class);

    /** @param gustMs speed of the wind, m/s */
    public Gust(double gustMs) {
        this.gustMs = gustMs;
    }

    double gustMs() {
        return gustMs;
    }

    /** @return metres along the wind at the end of a fall from this height, nought without a wind or a fall */
    double carriesM(FreeDrop.Kind kind, double heightM) {
        return heightM <= 0 || gustMs <= 0
                ? 0
                : falls.computeIfAbsent(kind, k -> new Fall(k.terminalMs(), gustMs))
                        .carriedM(heightM);
    }

    /** A piece let go at rest, its drag with the square of its speed through the air; Runge-Kutta, last step linear. */
    private static final class Fall {
        private final double k;
        private final double windMs;
        private double[] xM = new double[512];
        private double[] fallenM = new double[512];
        private int last;
        private double vx;
        private double vz;

        private Fall(double terminalMs, double windMs) {
            this.k = StemMass.G / (terminalMs * terminalMs);
            this.windMs = windMs;
        }

        private double carriedM(double heightM) {
            while (fallenM[last] < heightM) {
                step();
            }
            int found = Arrays.binarySearch(fallenM, 0, last + 1, heightM);
            int at = found >= 0 ? found : -found - 1;
            double share = (heightM - fallenM[at - 1]) / (fallenM[at] - fallenM[at - 1]);
            return xM[at - 1] + share * (xM[at] - xM[at - 1]);
        }

        private void step() {
            if (last + 1 == xM.length) {
                xM = Arrays.copyOf(xM, 2 * xM.length);
                fallenM = Arrays.copyOf(fallenM, 2 * fallenM.length);
            }
            double h = STEP_S;
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
            xM[last + 1] = xM[last] + h / 6 * (vx + 2 * vx2 + 2 * vx3 + vx4);
            fallenM[last + 1] = fallenM[last] + h / 6 * (vz + 2 * vz2 + 2 * vz3 + vz4);
            vx += h / 6 * (ax1 + 2 * ax2 + 2 * ax3 + q4 * (windMs - vx4));
            vz += h / 6 * (az1 + 2 * az2 + 2 * az3 + StemMass.G - q4 * vz4);
            last++;
        }
    }
}
