package org.antevid.core.quantity;

/** Repeatable random numbers (mulberry32, 32 bit): the same seed gives the same draws in any language. */
public final class Mulberry {
    private int state;
    private double spare = Double.NaN;

    public Mulberry(int seed) {
        this.state = seed;
    }

    /** @return uniform in [0, 1) */
    public double next() {
        state += 0x6D2B79F5;
        int t = state;
        t = (t ^ (t >>> 15)) * (t | 1);
        t ^= t + (t ^ (t >>> 7)) * (t | 61);
        return ((t ^ (t >>> 14)) & 0xFFFFFFFFL) / 4294967296.0;
    }

    /** @return standard normal; cosine first, the sine kept for the next call */
    public double normal() {
        if (!Double.isNaN(spare)) {
            double kept = spare;
            spare = Double.NaN;
            return kept;
        }
        double r = Math.sqrt(-2 * Math.log(1 - next()));
        double a = 2 * Math.PI * next();
        spare = r * Math.sin(a);
        return r * Math.cos(a);
    }
}
