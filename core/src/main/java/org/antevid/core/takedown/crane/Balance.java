package org.antevid.core.takedown.crane;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.stem.StemMass;
import org.antevid.core.takedown.Remark;
import org.antevid.core.takedown.Remarks;

/**
 * Which end of a slung piece goes down, and what pulls aside at the boom. Statics: the centre of mass hangs under the
 * hook.
 *
 * @param tiltDeg tip down positive
 * @param leg1Deg from the vertical, as a size; empty for one sling, as all of the second
 * @param sideDeg of the hook rope before the cut; empty while its length is not known
 * @param swingM both ways as it comes free
 */
public record Balance(
        double tiltDeg,
        LowEnd lowEnd,
        double leg1N,
        Optional<Double> leg2N,
        Optional<Double> leg1Deg,
        Optional<Double> leg2Deg,
        Optional<Double> sideDeg,
        Optional<Double> sidePullN,
        double swingM,
        List<Remarks.Told> remarks) {
    private static final double LEVEL_DEG = 0.5;
    private static final double APART_M = 0.05;
    private static final double MEET = 1.0001;

    /** The end that hangs lower. */
    public enum LowEnd {
        LEVEL,
        TIP,
        BUTT;

        private static LowEnd of(double tiltDeg) {
            return Math.abs(tiltDeg) < LEVEL_DEG ? LEVEL : tiltDeg > 0 ? TIP : BUTT;
        }

        public String key() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** @param comBelowM centre of mass below the sling points */
    public record Piece(double massKg, double lengthM, double comFromButtM, double comBelowM) {
        private double weightN() {
            return massKg * StemMass.G;
        }
    }

    /** Places from the butt and lengths of the legs; the second empty for one sling. */
    public record Slings(
            double firstFromButtM, Optional<Double> secondFromButtM, Optional<Double> leg1M, Optional<Double> leg2M) {}

    /** @param offsetM level distance from the centre of mass before the cut */
    public record Hook(double offsetM, Optional<Double> lineM) {}

    /** @throws RefusedInput {@code OUTSIDE_PIECE}, {@code SLINGS_ORDER}, {@code MISSING}, {@code LEGS_DO_NOT_MEET} */
    public static Balance of(Piece p, Slings s, Hook hook) {
        check(p, s);
        Remarks remarks = new Remarks();
        Optional<Double> side = hook.lineM.map(l -> Math.toDegrees(Math.atan2(hook.offsetM, l)));
        side.ifPresent(deg -> {
            if (deg > 3) {
                remarks.say(Remark.SIDE_PULL);
            } else {
                remarks.when(deg > 1, Remark.HOOK_OFF_CENTRE);
            }
        });
        remarks.when(side.isEmpty() && hook.offsetM > 0, Remark.NOT_CHECKED, "hook_line_m");
        Optional<Double> pull = side.map(deg -> p.weightN() * Math.tan(Math.toRadians(deg)));
        double behind = p.comFromButtM - s.firstFromButtM;
        if (s.secondFromButtM.isEmpty()) {
            double tilt = behind == 0 ? 0 : Math.toDegrees(Math.atan2(behind, p.comBelowM));
            remarks.when(Math.abs(tilt) > 30, Remark.HANGS_STEEP);
            Optional<Double> none = Optional.empty();
            return new Balance(
                    tilt, LowEnd.of(tilt), p.weightN(), none, none, none, side, pull, hook.offsetM, remarks.told());
        }
        return two(p, s, hook, side, pull, remarks);
    }

    private static Balance two(
            Piece p, Slings s, Hook hook, Optional<Double> side, Optional<Double> pull, Remarks remarks) {
        double a = s.firstFromButtM;
        double b = s.secondFromButtM.orElseThrow();
        double l1 = s.leg1M.orElseThrow();
        double l2 = s.leg2M.orElseThrow();
        double apart = b - a;
        double xh = a + (l1 * l1 - l2 * l2 + apart * apart) / (2 * apart);
        double yh = Math.sqrt(l1 * l1 - (xh - a) * (xh - a));
        double tilt = Math.atan((p.comFromButtM - xh) / (yh + p.comBelowM));
        double p1 = Math.atan2(xh - a, yh) + tilt;
        double p2 = Math.atan2(xh - b, yh) + tilt;
        double across = Math.sin(p1) * Math.cos(p2) - Math.cos(p1) * Math.sin(p2);
        double t1 = -p.weightN() * Math.sin(p2) / across;
        double t2 = p.weightN() * Math.sin(p1) / across;
        double tiltDeg = Math.toDegrees(tilt);
        double steepest = Math.toDegrees(Math.max(Math.abs(p1), Math.abs(p2)));
        remarks.when(Math.min(t1, t2) < 0, Remark.LEG_SLACK)
                .when(Math.abs(tiltDeg) > 30, Remark.PIECE_TIPS_OVER)
                .when(Math.abs(tiltDeg) > 15 && Math.abs(tiltDeg) <= 30, Remark.PIECE_TILTS)
                .when(steepest > 60, Remark.LEG_OVER_60)
                .when(steepest > 45 && steepest <= 60, Remark.WIDE_SLING_ANGLE);
        return new Balance(
                tiltDeg,
                LowEnd.of(tiltDeg),
                t1,
                Optional.of(t2),
                Optional.of(Math.toDegrees(Math.abs(p1))),
                Optional.of(Math.toDegrees(Math.abs(p2))),
                side,
                pull,
                hook.offsetM,
                remarks.told());
    }

    private static void check(Piece p, Slings s) {
        if (p.comFromButtM > p.lengthM) {
            throw new RefusedInput(Refusal.OUTSIDE_PIECE, "com_from_butt_m");
        }
        if (s.firstFromButtM > p.lengthM) {
            throw new RefusedInput(Refusal.OUTSIDE_PIECE, "sling1_from_butt_m");
        }
        if (s.secondFromButtM.isEmpty()) {
            return;
        }
        double second = s.secondFromButtM.get();
        if (second > p.lengthM) {
            throw new RefusedInput(Refusal.OUTSIDE_PIECE, "sling2_from_butt_m");
        }
        double apart = second - s.firstFromButtM;
        if (apart < APART_M) {
            throw new RefusedInput(Refusal.SLINGS_ORDER, "sling2_from_butt_m");
        }
        if (s.leg1M.isEmpty()) {
            throw new RefusedInput(Refusal.NEEDED, "leg1_m");
        }
        if (s.leg2M.isEmpty()) {
            throw new RefusedInput(Refusal.NEEDED, "leg2_m");
        }
        double l1 = s.leg1M.get();
        double l2 = s.leg2M.get();
        if (l1 + l2 <= MEET * apart || Math.abs(l1 - l2) >= apart) {
            throw new RefusedInput(Refusal.LEGS_DO_NOT_MEET, "leg1_m");
        }
    }
}
