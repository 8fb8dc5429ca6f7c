package org.antevid.core.outcome;

import java.util.Optional;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Shown;
import org.antevid.core.message.Side;
import org.antevid.core.quantity.Require;

/**
 * What the stump shows afterwards, left and right as seen along the lay from behind. What nobody read is empty.
 *
 * @param hingeLeftM thickness of the hinge at its left end, 0..0.6
 * @param hingeRightM at its right end, 0..0.6
 * @param hingeLengthM across the stump, 0..4
 * @param notchLineDeg which way the line at the bottom of the notch points, off the lay; right positive, -45..45
 */
public record StumpReading(
        @Shown(in = Dimension.SHORT, to = Side.NEAREST) Optional<Double> hingeLeftM,
        @Shown(in = Dimension.SHORT, to = Side.NEAREST) Optional<Double> hingeRightM,
        @Shown(in = Dimension.SHORT, to = Side.NEAREST) Optional<Double> hingeLengthM,

        @Shown(in = Dimension.ANGLE, to = Side.NEAREST, unsigned = true)
        Optional<Double> notchLineDeg) {
    /** Nobody looked at it. */
    public static final StumpReading NONE =
            new StumpReading(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

    /** One sigma of a thickness or length read off a stump with a rule (judgement). */
    public static final double SIGMA_M = 0.002;
    /** One sigma of a notch line sighted along a stick (judgement). */
    public static final double SIGMA_LINE_DEG = 1;

    public StumpReading {
        hingeLeftM.ifPresent(v -> Require.within(v, 0, 0.6, "hingeLeftM"));
        hingeRightM.ifPresent(v -> Require.within(v, 0, 0.6, "hingeRightM"));
        hingeLengthM.ifPresent(v -> Require.within(v, 0, 4, "hingeLengthM"));
        notchLineDeg.ifPresent(v -> Require.within(v, -45, 45, "notchLineDeg"));
    }
}
