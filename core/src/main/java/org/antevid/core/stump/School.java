package org.antevid.core.stump;

import java.util.Locale;

/**
 * Types of cut with the shares and ranges practice gives them. Metres, degrees, shares of the diameter along the lay.
 */
public enum School {
    CONVENTIONAL(
            new Span(45, 45, 60),
            new Span(1.0 / 3, 0.25, 0.50),
            new Clamp(0.10, 0.020, 0.075),
            new Clamp(0.05, 0.025, 0.050)),
    OPEN_FACE(new Span(70, 60, 90), new Span(0.22, 0.20, 0.25), new Clamp(0.10, 0.020, 0.075), new Clamp(0, 0, 0)),
    HUMBOLDT(
            new Span(45, 40, 60),
            new Span(0.30, 0.25, 0.40),
            new Clamp(0.10, 0.020, 0.075),
            new Clamp(0.05, 0.025, 0.050)),
    DEEP_FACE(
            new Span(45, 30, 60),
            new Span(0.45, 0.40, 0.50),
            new Clamp(0.15, 0.040, 0.150),
            new Clamp(0.05, 0.025, 0.050)),
    THIN_HINGE(new Span(55, 45, 90), new Span(0.27, 0.20, 0.33), new Clamp(0, 0.025, 0.025), new Clamp(0, 0, 0.025));

    /** Usual value and the range inside the school. */
    public record Span(double usual, double low, double high) {
        boolean holds(double v) {
            return v >= low - 1e-9 && v <= high + 1e-9;
        }
    }

    /** Share of the diameter, held between a least and a greatest measure. */
    public record Clamp(double share, double leastM, double greatestM) {
        /** @return for a stem this thick along the lay, metres */
        public double of(double diameterM) {
            return Math.max(leastM, Math.min(greatestM, share * diameterM));
        }
    }

    private final Span faceDeg;
    private final Span depthShare;
    private final Clamp hinge;
    private final Clamp step;

    School(Span faceDeg, Span depthShare, Clamp hinge, Clamp step) {
        this.faceDeg = faceDeg;
        this.depthShare = depthShare;
        this.hinge = hinge;
        this.step = step;
    }

    public Span faceDeg() {
        return faceDeg;
    }

    public Span depthShare() {
        return depthShare;
    }

    public Clamp hinge() {
        return hinge;
    }

    public Clamp step() {
        return step;
    }

    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }
}
