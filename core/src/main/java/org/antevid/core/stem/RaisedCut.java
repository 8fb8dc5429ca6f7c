package org.antevid.core.stem;

import java.util.Optional;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;

/**
 * How high a cut must go for a wall that is thick enough, from two walls measured at two heights: linear, at most 0.5 m
 * beyond the upper reading, rounded up to 5 cm, never above a working height of 1.2 m. Practice rule.
 *
 * @param cutHeightM empty when no reachable height is enough
 * @param answer why none is reachable
 */
public record RaisedCut(Optional<Double> cutHeightM, Answer answer) {
    /** What was found. */
    public enum Answer {
        OK,
        /** The decay does not taper. */
        DOES_NOT_IMPROVE,
        /** Nobody measured high enough. */
        BEYOND_MEASURED,
        ABOVE_WORKING_HEIGHT
    }

    public static final double WORKING_HEIGHT_M = 1.2;
    private static final double BEYOND_M = 0.5;
    private static final double STEP_M = 0.05;

    /** @throws RefusedInput {@code BAD_ORDER} unless the second reading is the higher one */
    public static RaisedCut of(double h1M, double wall1M, double h2M, double wall2M, double needM) {
        Require.within(h1M, 0, 3, "h1_m");
        Require.within(wall1M, 0, 2.5, "wall1_m");
        Require.within(h2M, 0, 5, "h2_m");
        Require.within(wall2M, 0, 2.5, "wall2_m");
        Require.within(needM, 0.005, 2.5, "need_wall_m");
        if (!(h2M > h1M)) {
            throw new RefusedInput(Message.of(Refusal.BAD_ORDER).with("first", Arg.of(Dimension.HEIGHT, h1M)), "h2_m");
        }
        double at;
        if (wall1M >= needM) {
            at = h1M;
        } else if (wall2M <= wall1M) {
            return new RaisedCut(Optional.empty(), Answer.DOES_NOT_IMPROVE);
        } else {
            at = h1M + (needM - wall1M) * (h2M - h1M) / (wall2M - wall1M);
        }
        if (at > h2M + BEYOND_M) {
            return new RaisedCut(Optional.empty(), Answer.BEYOND_MEASURED);
        }
        double stepped = Math.ceil(at / STEP_M - 1e-9) * STEP_M;
        return stepped > WORKING_HEIGHT_M + 1e-9
                ? new RaisedCut(Optional.empty(), Answer.ABOVE_WORKING_HEIGHT)
                : new RaisedCut(Optional.of(stepped), Answer.OK);
    }
}
