package org.antevid.core.quantity;

/** The normal distribution, and its share of an arc when it is wrapped around the circle. */
public final class Normal {
    private static final double FAR = 38;
    private static final double SPLIT = 7.07106781186547;

    private Normal() {}

    /**
     * @return share below {@code z} standard deviations; absolute error under 1e-14 (rational approximation after Hart)
     */
    public static double below(double z) {
        double x = Math.abs(z);
        double tail;
        if (x > FAR) {
            tail = 0;
        } else {
            double e = Math.exp(-x * x / 2);
            if (x < SPLIT) {
                double top = ((((((3.52624965998911e-2 * x + 0.700383064443688) * x + 6.37396220353165) * x
                                                                        + 33.912866078383)
                                                                * x
                                                        + 112.079291497871)
                                                * x
                                        + 221.213596169931)
                                * x
                        + 220.206867912376);
                double bottom = (((((((8.83883476483184e-2 * x + 1.75566716318264) * x + 16.064177579207) * x
                                                                                        + 86.7807322029461)
                                                                                * x
                                                                        + 296.564248779674)
                                                                * x
                                                        + 637.333633378831)
                                                * x
                                        + 793.826512519948)
                                * x
                        + 440.413735824752);
                tail = e * top / bottom;
            } else {
                tail = e / (x + 1 / (x + 2 / (x + 3 / (x + 4 / (x + 0.65))))) / 2.506628274631;
            }
        }
        return z > 0 ? 1 - tail : tail;
    }

    /**
     * @param fromDeg start of the arc, clockwise
     * @param widthDeg 0..360
     * @param sigmaDeg 0 puts everything on the mean
     * @return share of a wrapped normal distribution that falls on the arc, 0..1
     */
    public static double onArc(double fromDeg, double widthDeg, double meanDeg, double sigmaDeg) {
        if (widthDeg >= 360) {
            return 1;
        }
        double start = Azimuth.normal(fromDeg - meanDeg);
        if (!(sigmaDeg > 0)) {
            return start == 0 || start + widthDeg >= 360 ? 1 : 0;
        }
        double share = 0;
        double reach = 10 * sigmaDeg;
        for (double a = start - 360 * Math.ceil((start + reach) / 360); a <= reach; a += 360) {
            if (a + widthDeg >= -reach) {
                share += below((a + widthDeg) / sigmaDeg) - below(a / sigmaDeg);
            }
        }
        return Math.max(0, Math.min(1, share));
    }
}
