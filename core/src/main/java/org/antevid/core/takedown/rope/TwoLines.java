package org.antevid.core.takedown.rope;

import java.util.List;
import java.util.Optional;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.stem.StemMass;
import org.antevid.core.takedown.Remark;
import org.antevid.core.takedown.Remarks;

/**
 * Two lines hold a piece between them (statics, in their plane).
 *
 * @param includedDeg angle between the lines at the piece
 * @param multiplier the larger tension over the weight
 */
public record TwoLines(
        double tensionAN, double tensionBN, double includedDeg, double multiplier, List<Remarks.Told> remarks) {
    private static final double PARALLEL = 0.0349;
    private static final double FLAT_DEG = 120;
    private static final double TOO_FLAT_DEG = 150;
    private static final double SLACK = 1e-9;

    /** A place in the plane of the lines, metres: {@code x} level, {@code z} up. */
    public record Place(double x, double z) {
        private double[] towards(Place to) {
            double dx = to.x - x;
            double dz = to.z - z;
            double d = Math.hypot(dx, dz);
            return new double[] {dx / d, dz / d};
        }

        private boolean at(Place o) {
            return x == o.x && z == o.z;
        }
    }

    /**
     * @param factor handling, or the whole peak where a catch may come
     * @param limitN of either line; empty where nobody said it
     * @throws RefusedInput {@code ZERO_LENGTH}, {@code NEARLY_PARALLEL}
     */
    public static TwoLines of(double massKg, double factor, Place a, Place b, Place piece, Optional<Double> limitN) {
        if (piece.at(a)) {
            throw new RefusedInput(Refusal.ZERO_LENGTH, "a_x_m");
        }
        if (piece.at(b)) {
            throw new RefusedInput(Refusal.ZERO_LENGTH, "b_x_m");
        }
        double[] ua = piece.towards(a);
        double[] ub = piece.towards(b);
        double cross = ua[0] * ub[1] - ua[1] * ub[0];
        if (Math.abs(cross) < PARALLEL) {
            throw new RefusedInput(Refusal.NEARLY_PARALLEL, "b_x_m");
        }
        double weight = massKg * StemMass.G * factor;
        double ta = -weight * ub[0] / cross;
        double tb = weight * ua[0] / cross;
        double between = Math.toDegrees(Math.acos(Math.max(-1, Math.min(1, ua[0] * ub[0] + ua[1] * ub[1]))));
        double larger = Math.max(ta, tb);
        Remarks remarks = new Remarks();
        if (Math.min(ta, tb) < -SLACK * weight) {
            remarks.say(Remark.ROPE_WOULD_PUSH);
        } else if (between > TOO_FLAT_DEG) {
            remarks.say(Remark.LINE_TOO_FLAT);
        } else {
            remarks.when(between > FLAT_DEG, Remark.LINE_FLAT);
        }
        remarks.when(limitN.filter(l -> larger > l).isPresent(), Remark.LINE_OVER_LIMIT)
                .when(limitN.isEmpty(), Remark.LIMIT_NOT_CHECKED);
        return new TwoLines(ta, tb, between, larger / weight, remarks.told());
    }
}
