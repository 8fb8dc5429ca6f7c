package org.antevid.core.takedown.rope;

import java.util.Locale;

/** What the line runs over: tension behind over tension before it while it runs to the piece (judgement). */
public enum Device {
    BEARING_BLOCK(0.90, 0.98),
    BUSH_BLOCK(0.80, 0.95),
    RING(0.45, 0.75),
    FRICTION_ALOFT(0.10, 0.50),
    /** Bark over half a turn, mu 0.5 to 0.15. */
    NATURAL_CROTCH(0.20, 0.62);

    private final double low;
    private final double high;

    Device(double low, double high) {
        this.low = low;
        this.high = high;
    }

    public double low() {
        return low;
    }

    public double high() {
        return high;
    }

    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }
}
