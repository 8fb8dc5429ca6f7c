package org.antevid.core.drill;

import org.antevid.core.tangle.beam.Support;

/** What the lying stems of the exercises have in common. */
final class DrillLogs {
    static final double REST_HIGH_M = 0.8;
    static final double DENSITY = 900;
    static final double BRANCHES = 0.1;

    private DrillLogs() {}

    static Support rest(double xM) {
        Support.Kind kind = Support.Kind.OTHER_STEM;
        return new Support(xM, kind, Support.Side.BELOW, 0, kind.stiffnessNm(), kind.mu(), kind.axial());
    }

    static double tenth(double value) {
        return Math.round(value * 10) / 10.0;
    }
}
