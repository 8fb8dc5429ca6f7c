package org.antevid.core.retreat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;
import org.antevid.core.stem.StemMass;

/**
 * Time from the first seen movement to the tree being down. Mechanics: rigid rotation about the hinge, theta'' = k2
 * sin(theta) - M(theta)/I - (drag/I) omega^2, with the hinge moment falling linearly to its end share when the face
 * closes, then nothing. Decide by {@link #fastS}: no hinge, no drag, the shortest time; round it down.
 *
 * @param startUsedDeg where it starts: what is asked for, or where lean and line together carry it at once
 * @param balanceDeg angle at which gravity equals the hinge moment
 * @param totalS nominal, from rest at the start angle
 * @param afterNoticeS nominal, from the noticed movement
 * @param fastS without hinge and drag, from the noticed movement
 * @param closeS nominal time at which the face closes, empty when it is down before
 */
public record FallTime(
        double startUsedDeg,
        boolean stalled,
        Optional<Double> balanceDeg,
        Optional<Double> totalS,
        Optional<Double> afterNoticeS,
        Optional<Double> fastS,
        Optional<Double> closeS,
        Optional<Double> omegaEnd,
        Optional<Double> tipSpeedMs,
        Optional<Double> tipSpeedFastMs,
        List<Warning> warnings) {
    /** What it warns of beside its numbers. */
    public enum Warning {
        HINGE_HOLDS_TREE,
        WILL_NOT_START_ALONE
    }

    private static final double STEP_S = 0.005;
    private static final double LONGEST_S = 300;
    private static final int PARTS = 20;

    private static final double MOST_START_DEG = 60;

    /**
     * The falling stem; angles in degrees, moments in N m, {@code dragNms2} times omega squared is the drag moment.
     *
     * @param forwardNm lean and line when it starts, backward negative; raises the start, so that a pulled stem is down
     *     sooner
     */
    public record Fall(
            double k2s2,
            double inertiaKgm2,
            double startDeg,
            double noticeDeg,
            double slopeAlongDeg,
            double hingeNm,
            double hingeEndShare,
            double closeDeg,
            double dragNms2,
            double lengthM,
            Optional<Double> forwardNm) {
        public Fall {
            Require.within(k2s2, 0.02, 20, "k2_s2");
            Require.within(inertiaKgm2, 1, 1e9, "inertia_kgm2");
            Require.within(startDeg, 0.05, 60, "start_deg");
            Require.within(noticeDeg, 0, 20, "notice_deg");
            Require.within(slopeAlongDeg, -60, 60, "slope_along_deg");
            Require.within(hingeNm, 0, 5e6, "hinge_Nm");
        }

        /** No hinge, no drag: the fastest this stem can be down. */
        public static Fall fastest(
                StemMass mass, double startDeg, double slopeAlongDeg, double lengthM, Optional<Double> forwardNm) {
            return new Fall(
                    mass.k2s2(), mass.inertiaKgm2(), startDeg, 0.6, slopeAlongDeg, 0, 0.3, 45, 0, lengthM, forwardNm);
        }

        /** @return where it starts with the line */
        public double startUsedDeg() {
            return forwardNm
                    .map(nm -> Math.max(
                            startDeg,
                            Math.min(
                                    MOST_START_DEG,
                                    Math.toDegrees(Math.asin(Math.max(-1, Math.min(1, nm / (k2s2 * inertiaKgm2))))))))
                    .orElse(startDeg);
        }
    }

    private record Run(double totalS, double noticeS, Optional<Double> closeS, double omega) {}

    /** @throws RefusedInput {@code START_PAST_GROUND} */
    public static FallTime of(Fall f) {
        double weightMoment = f.k2s2 * f.inertiaKgm2;
        double used = f.startUsedDeg();
        if (used >= 90 + f.slopeAlongDeg) {
            throw new RefusedInput(
                    Message.of(Refusal.START_PAST_GROUND).with("most", Arg.down(Dimension.ANGLE, 90 + f.slopeAlongDeg)),
                    "start_deg");
        }
        List<Warning> warnings = new ArrayList<>();
        if (f.hingeNm >= 0.95 * weightMoment) {
            warnings.add(Warning.HINGE_HOLDS_TREE);
            return new FallTime(
                    used,
                    true,
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    warnings);
        }
        double balance = Math.toDegrees(Math.asin(f.hingeNm / weightMoment));
        double start = used;
        if (weightMoment * Math.sin(Math.toRadians(start)) <= f.hingeNm && f.hingeNm > 0) {
            warnings.add(Warning.WILL_NOT_START_ALONE);
            start = balance + 0.5;
        }
        Run fast = run(f, used, 0, 0);
        boolean free = f.hingeNm == 0 && f.dragNms2 == 0;
        Run nominal = free ? fast : run(f, start, f.hingeNm, f.dragNms2);
        boolean stalled = nominal.totalS >= LONGEST_S;
        Optional<Double> total = stalled ? Optional.empty() : Optional.of(nominal.totalS);
        return new FallTime(
                used,
                stalled,
                Optional.of(balance),
                total,
                total.map(t -> t - nominal.noticeS),
                Optional.of(fast.totalS - fast.noticeS),
                nominal.closeS,
                total.map(t -> nominal.omega),
                total.map(t -> nominal.omega * f.lengthM),
                Optional.of(fast.omega * f.lengthM),
                List.copyOf(warnings));
    }

    /** Not known: what it depends on was not measured. */
    public static final FallTime NOT_KNOWN = new FallTime(
            1,
            true,
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            List.of());

    /**
     * The same fastest time by quadrature of the energy, for callers who ask for hundreds of lays.
     *
     * @param fromRest whether the clock starts when it is let go, as at the release of a strap; else at the noticed
     *     movement
     * @return without hinge and drag, seconds; 0 when it is noticed on the ground only
     */
    public static double fastestS(Fall f, boolean fromRest) {
        double start = Math.toRadians(f.startUsedDeg());
        double end = Math.PI / 2 + Math.toRadians(f.slopeAlongDeg);
        double from = fromRest ? start : start + Math.toRadians(f.noticeDeg);
        if (from >= end) {
            return 0;
        }
        // theta = start cosh(u) takes the standstill out of the integrand and leaves it nearly even
        double a = acosh(from / start);
        double step = (acosh(end / start) - a) / PARTS;
        double w = Math.exp(a);
        double next = Math.exp(step);
        double still = Math.cos(start);
        double sum = 0;
        for (int i = 0; i <= PARTS; i++) {
            double theta = start * (w + 1 / w) / 2;
            double rate = w - 1 < 1e-6
                    ? Math.sqrt(start / (f.k2s2 * Math.sin(start)))
                    : start * (w - 1 / w) / 2 / Math.sqrt(2 * f.k2s2 * (still - Math.cos(theta)));
            sum += rate * (i == 0 || i == PARTS ? 1 : i % 2 == 1 ? 4 : 2);
            w *= next;
        }
        return sum * step / 3;
    }

    private static double acosh(double x) {
        return Math.log(x + Math.sqrt(x * x - 1));
    }

    /**
     * The fall as it can be played: without hinge and drag, from the noticed movement.
     *
     * @param stepS time between two pictures, 0.01..1 s
     * @return rotation from plumb in degrees, one every step, the last one on the ground
     */
    public static List<Double> motion(Fall f, double stepS) {
        Require.within(stepS, 0.01, 1, "stepS");
        double end = Math.PI / 2 + Math.toRadians(f.slopeAlongDeg);
        double theta = Math.toRadians(f.startUsedDeg() + f.noticeDeg);
        double omega = Math.sqrt(2 * f.k2s2 * (Math.cos(Math.toRadians(f.startUsedDeg())) - Math.cos(theta)));
        List<Double> pictures = new ArrayList<>();
        for (double t = 0, next = 0; theta < end && t < LONGEST_S; t += STEP_S / 5) {
            if (t >= next) {
                pictures.add(Math.toDegrees(theta));
                next += stepS;
            }
            omega += f.k2s2 * Math.sin(theta) * STEP_S / 5;
            theta += omega * STEP_S / 5;
        }
        pictures.add(Math.toDegrees(end));
        return pictures;
    }

    private static Run run(Fall f, double startDeg, double hingeNm, double drag) {
        double start = Math.toRadians(startDeg);
        double end = Math.PI / 2 + Math.toRadians(f.slopeAlongDeg);
        double close = start + Math.toRadians(f.closeDeg);
        double notice = start + Math.toRadians(f.noticeDeg);
        double theta = start;
        double omega = 0;
        double t = 0;
        double noticed = -1;
        Optional<Double> closed = Optional.empty();
        while (theta < end && t < LONGEST_S) {
            double before = theta;
            double slower = omega;
            double k1 = acceleration(f, hingeNm, drag, start, close, theta, omega);
            double k2 =
                    acceleration(f, hingeNm, drag, start, close, theta + omega * STEP_S / 2, omega + k1 * STEP_S / 2);
            double o2 = omega + k1 * STEP_S / 2;
            double k3 = acceleration(f, hingeNm, drag, start, close, theta + o2 * STEP_S / 2, omega + k2 * STEP_S / 2);
            double o3 = omega + k2 * STEP_S / 2;
            double k4 = acceleration(f, hingeNm, drag, start, close, theta + o3 * STEP_S, omega + k3 * STEP_S);
            double o4 = omega + k3 * STEP_S;
            theta += STEP_S / 6 * (omega + 2 * o2 + 2 * o3 + o4);
            omega += STEP_S / 6 * (k1 + 2 * k2 + 2 * k3 + k4);
            t += STEP_S;
            if (before < notice && theta >= notice) {
                noticed = t - STEP_S * (theta - notice) / (theta - before);
            }
            if (before < close && theta >= close) {
                closed = Optional.of(t - STEP_S * (theta - close) / (theta - before));
            }
            if (theta >= end) {
                double over = (theta - end) / (theta - before);
                t -= STEP_S * over;
                omega -= over * (omega - slower);
            }
        }
        // a notice after the landing is none
        return new Run(t, noticed < 0 ? t : Math.min(t, noticed), closed, omega);
    }

    private static double acceleration(
            Fall f, double hingeNm, double drag, double start, double close, double theta, double omega) {
        double left = theta >= close
                ? 0
                : hingeNm * (1 - (1 - f.hingeEndShare) * Math.max(0, theta - start) / (close - start));
        return f.k2s2 * Math.sin(theta) - left / f.inertiaKgm2 - drag / f.inertiaKgm2 * omega * omega;
    }
}
