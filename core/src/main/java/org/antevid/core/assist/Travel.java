package org.antevid.core.assist;

/**
 * How far a line must be hauled until the stem goes by itself: until its centre of gravity is so far in front of the
 * hinge that it bends it alone. Geometry of a rigid stem about the hinge, half as much again for slack, sag and knots
 * (judgement); a rope stretches besides.
 *
 * @param turnedDeg rotation by then
 * @param tieM the line shortens between tie and anchor, reserve in
 * @param haulM the hauling end travels
 */
public record Travel(double turnedDeg, double tieM, double haulM) {
    private static final double RESERVE = 1.5;
    private static final double STRETCH = 0.02;

    /**
     * @param behindM centre of gravity behind the hinge at its 95 % side
     * @param holdNm moment that bends the hinge
     * @param weightN high side
     * @param tieBehindM tie behind the hinge
     * @param parts of the hauling system
     */
    public static Travel of(
            double behindM,
            double cgM,
            double holdNm,
            double weightN,
            double ropeHeightM,
            double tieBehindM,
            double anchorDistM,
            double anchorDropM,
            int parts) {
        double turned =
                Math.atan(Math.max(0, behindM) / cgM) + Math.asin(Math.min(1, Math.max(0, holdNm) / (weightN * cgM)));
        double from = Math.hypot(anchorDistM + tieBehindM, ropeHeightM + anchorDropM);
        double x = -tieBehindM * Math.cos(turned) + ropeHeightM * Math.sin(turned);
        double z = ropeHeightM * Math.cos(turned) + tieBehindM * Math.sin(turned);
        double shorter = Math.max(0, from - Math.hypot(anchorDistM - x, z + anchorDropM));
        double tie = RESERVE * shorter + STRETCH * from;
        return new Travel(Math.toDegrees(turned), tie, parts * tie);
    }
}
