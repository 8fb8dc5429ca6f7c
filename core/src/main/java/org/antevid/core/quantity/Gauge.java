package org.antevid.core.quantity;

import java.util.Locale;

/**
 * A need against what there is, as a bar and in words: the need rounded up, what there is down, to as many digits as it
 * takes for the words not to contradict the comparison ("12.4 of 12.3", never "12 of 12").
 *
 * @param share need / what there is, 0 without a need
 * @param over more is needed than there is
 */
public record Gauge(String words, double share, boolean over) {
    private static final double TEN = 10;
    private static final int MOST_DIGITS = 4;
    private static final double KILO = 1000;
    /** A bar that is over by far is as full as one that is over. */
    private static final double FAR_OVER = 2;

    /** @param unit of both, put behind them */
    public static Gauge of(double need, double have, String unit) {
        return new Gauge(pair(need, have) + " " + unit, share(need, have), need > have);
    }

    /** @return pulls in kN and in kg on the rope; newton */
    public static Gauge ofPull(double needN, double haveN) {
        return new Gauge(
                pair(needN / KILO, haveN / KILO) + " kN (" + pair(Rounding.kg(needN), Rounding.kgDown(haveN)) + " kg)",
                share(needN, haveN),
                needN > haveN);
    }

    private static double share(double need, double have) {
        return need <= 0 ? 0 : have > 0 ? Math.min(FAR_OVER, need / have) : FAR_OVER;
    }

    private static String pair(double need, double have) {
        int digits = Math.min(need, have) < TEN && Math.min(need, have) > 0 ? 1 : 0;
        while (digits < MOST_DIGITS && Rounding.up(need, digits) > Rounding.down(have, digits) != need > have) {
            digits++;
        }
        return String.format(
                Locale.ROOT,
                "%." + digits + "f of %." + digits + "f",
                Rounding.up(need, digits),
                Rounding.down(have, digits));
    }
}
