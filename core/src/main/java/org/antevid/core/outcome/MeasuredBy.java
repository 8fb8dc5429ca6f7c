package org.antevid.core.outcome;

import org.antevid.core.message.Code;

/** How it was measured where a tip came to lie; one sigma of its direction and of its place (judgement). */
public enum MeasuredBy implements Code {
    /** A tape from the stump, a bearing along it. */
    TAPE(1, 0.2),
    RANGEFINDER(0.5, 0.3),
    /** Touched on the plan. */
    TAP(0, 0.7),
    EYE(5, 2);

    private final double sigmaDeg;
    private final double sigmaM;

    MeasuredBy(double sigmaDeg, double sigmaM) {
        this.sigmaDeg = sigmaDeg;
        this.sigmaM = sigmaM;
    }

    /** @return sigma of the bearing to a tip this far away, degrees */
    public double sigmaDeg(double distanceM) {
        return Math.hypot(sigmaDeg, Math.toDegrees(Math.atan(sigmaM / distanceM)));
    }

    /** @return sigma of the distance, metres */
    public double sigmaM() {
        return sigmaM;
    }
}
