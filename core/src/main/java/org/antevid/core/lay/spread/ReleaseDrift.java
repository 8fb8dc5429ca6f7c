package org.antevid.core.lay.spread;

import java.util.ArrayList;
import java.util.List;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;

/**
 * What a hinge that lets go early does to a stem that leans sideways: rotation about the hinge to the release angle
 * (energy), then a free pendulum on the stump. Degrees right of the lay. The butt is taken to stay on the stump; a butt
 * that jumps is not covered. Source: mechanics.
 *
 * @param hingedDeg where it would come to lie with the hinge holding to the ground
 * @param finalDeg where it comes to lie
 * @param extraTipM distance between the two at the tip
 */
public record ReleaseDrift(
        double hingedDeg, double finalDeg, double extraDeg, double extraTipM, List<Warning> warnings) {
    /** What it warns of beside its numbers. */
    public enum Warning {
        EARLY_RELEASE_LOSES_LAY
    }

    private static final double STEP_S = 0.001;
    private static final double LONGEST_S = 60;
    /** A lay that is lost by more than this at the tip, or by this angle, is worth a warning (judgement). */
    private static final double MATTERS_M = 1;

    private static final double MATTERS_DEG = 5;
    private static final double STEEPEST_SIDE = 0.5;

    /**
     * @param lengthM hinge to tip, 1..120
     * @param k2s2 m g h / I, 0.02..20
     * @param startDeg where it stands when it begins to move, 0.05..60
     * @param releaseDeg tree angle at which the hinge stops guiding, 0.05..120
     * @param tipSideM standing sideways offset of the tip, right positive
     * @throws RefusedInput {@code IMPOSSIBLE_GEOMETRY} when the tip hangs out more than half the length,
     *     {@code NO_FALL} when it does not come down
     */
    public static ReleaseDrift of(double lengthM, double k2s2, double startDeg, double releaseDeg, double tipSideM) {
        Require.within(lengthM, 1, 120, "length_m");
        Require.within(k2s2, 0.02, 20, "k2_s2");
        Require.within(startDeg, 0.05, 60, "start_deg");
        Require.within(releaseDeg, 0.05, 120, "release_deg");
        double side = tipSideM / lengthM;
        if (!(Math.abs(side) <= STEEPEST_SIDE)) {
            throw new RefusedInput(
                    Message.of(Refusal.TIP_TOO_FAR_TO_THE_SIDE).with("length", Arg.of(Dimension.LENGTH, lengthM)),
                    "tip_side_m");
        }
        double hinged = Math.toDegrees(Math.asin(side));
        double end = releaseDeg >= 90
                ? hinged
                : free(k2s2, Math.toRadians(startDeg), Math.toRadians(Math.max(startDeg, releaseDeg)), side);
        double extra = end - hinged;
        double tip = lengthM * 2 * Math.sin(Math.toRadians(Math.min(180, Math.abs(extra))) / 2);
        List<Warning> warnings = new ArrayList<>();
        if (tip > MATTERS_M || Math.abs(extra) > MATTERS_DEG) {
            warnings.add(Warning.EARLY_RELEASE_LOSES_LAY);
        }
        return new ReleaseDrift(hinged, end, extra, tip, List.copyOf(warnings));
    }

    /** Unit vector of the stem as (forward, right, up), Runge-Kutta until it is level. */
    private static double free(double k2, double start, double release, double side) {
        double plane = Math.sqrt(1 - side * side);
        double omega = Math.sqrt(Math.max(0, 2 * k2 * (Math.cos(start) - Math.cos(release)) / plane));
        double[] y = {
            plane * Math.sin(release),
            side,
            plane * Math.cos(release),
            plane * Math.cos(release) * omega,
            0,
            -plane * Math.sin(release) * omega
        };
        double[] before = y;
        for (double t = 0; y[2] > 0 && t < LONGEST_S; t += STEP_S) {
            before = y;
            double[] k1 = slope(k2, y);
            double[] k2v = slope(k2, moved(y, k1, STEP_S / 2));
            double[] k3 = slope(k2, moved(y, k2v, STEP_S / 2));
            double[] k4 = slope(k2, moved(y, k3, STEP_S));
            double[] next = new double[6];
            for (int i = 0; i < 6; i++) {
                next[i] = y[i] + STEP_S / 6 * (k1[i] + 2 * k2v[i] + 2 * k3[i] + k4[i]);
            }
            y = next;
        }
        if (y[2] > 0) {
            throw new RefusedInput(
                    Message.of(Refusal.NO_FALL).with("time", Arg.of(Dimension.TIME, LONGEST_S)), "start_deg");
        }
        double share = before[2] > y[2] ? before[2] / (before[2] - y[2]) : 1;
        return Math.toDegrees(
                Math.atan2(before[1] + share * (y[1] - before[1]), before[0] + share * (y[0] - before[0])));
    }

    private static double[] slope(double k2, double[] y) {
        double speed2 = y[3] * y[3] + y[4] * y[4] + y[5] * y[5];
        double up = y[2];
        return new double[] {
            y[3],
            y[4],
            y[5],
            k2 * up * y[0] - speed2 * y[0],
            k2 * up * y[1] - speed2 * y[1],
            -k2 * (1 - up * up) - speed2 * y[2]
        };
    }

    private static double[] moved(double[] y, double[] k, double by) {
        double[] m = new double[6];
        for (int i = 0; i < 6; i++) {
            m[i] = y[i] + by * k[i];
        }
        return m;
    }
}
