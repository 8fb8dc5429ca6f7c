package org.antevid.core.takedown.rope;

import java.util.Optional;

/**
 * Force on a block by the angle of its two legs (statics). The larger of both ends of the friction counts: beyond 120
 * degrees between the legs friction raises it.
 *
 * @param sideN to the right positive; {@code downN} downwards, both of the end that counts
 * @param wrapDeg the line turns by
 * @param multiplier force over the line's; empty where there is none in the line
 */
public record BlockForce(
        double anchorN,
        double sideN,
        double downN,
        double betweenDeg,
        double wrapDeg,
        Optional<Double> multiplier,
        double brakeN) {
    /**
     * @param legLoadDeg leg to the piece from straight down, right positive
     * @param legBrakeDeg leg to the brake
     */
    public static BlockForce of(double lineN, double legLoadDeg, double legBrakeDeg, Efficiency efficiency) {
        double a = Math.toRadians(legLoadDeg);
        double b = Math.toRadians(legBrakeDeg);
        double[] low = legs(lineN, a, b, efficiency.low());
        double[] high = legs(lineN, a, b, efficiency.high());
        double[] worse = Math.hypot(high[0], high[1]) > Math.hypot(low[0], low[1]) ? high : low;
        double anchor = Math.hypot(worse[0], worse[1]);
        double between = Math.abs(legLoadDeg - legBrakeDeg) % 360;
        between = between > 180 ? 360 - between : between;
        return new BlockForce(
                anchor,
                worse[0],
                worse[1],
                between,
                180 - between,
                Optional.of(anchor / lineN).filter(m -> lineN > 0),
                efficiency.high() * lineN);
    }

    private static double[] legs(double n, double a, double b, double efficiency) {
        return new double[] {n * (Math.sin(a) + efficiency * Math.sin(b)), n * (Math.cos(a) + efficiency * Math.cos(b))
        };
    }
}
