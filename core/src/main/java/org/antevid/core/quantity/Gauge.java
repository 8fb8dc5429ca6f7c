package org.antevid.core.quantity;

/**
 * A need against what there is, as a bar.
 *
 * @param share need / what there is, 0 without a need
 * @param over more is needed than there is
 */
public record Gauge(double need, double have, double share, boolean over) {
    private static final double TEN = 10;
    private static final int MOST_DIGITS = 4;
    /** A bar that is over by far is as full as one that is over. */
    private static final double FAR_OVER = 2;

    /** Both in one unit. */
    public static Gauge of(double need, double have) {
        return new Gauge(need, have, share(need, have), need > have);
    }

    private static double share(double need, double have) {
        return need <= 0 ? 0 : have > 0 ? Math.min(FAR_OVER, need / have) : FAR_OVER;
    }

    /**
     * @return as many digits as it takes for the numbers, the need rounded up and what there is down, not to contradict
     *     the comparison: 12.4 of 12.3, never 12 of 12
     */
    public int digits() {
        int digits = Math.min(need, have) < TEN && Math.min(need, have) > 0 ? 1 : 0;
        while (digits < MOST_DIGITS && Rounding.up(need, digits) > Rounding.down(have, digits) != over) {
            digits++;
        }
        return digits;
    }
}
