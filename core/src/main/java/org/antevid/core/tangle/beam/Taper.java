package org.antevid.core.tangle.beam;

import org.antevid.core.stem.StemMass;

/**
 * A straight round piece of linear taper and its own weight; metres, newton.
 *
 * @param weightPerM3 weight of a cubic metre with what grows on it, N/m3
 */
record Taper(double lengthM, double d1M, double d2M, double weightPerM3) {
    static Taper of(double lengthM, double d1M, double d2M, double densityKgm3, double allowRel) {
        return new Taper(lengthM, d1M, d2M, densityKgm3 * StemMass.G * (1 + allowRel));
    }

    private double slope() {
        return (d2M - d1M) / lengthM;
    }

    double dAt(double x) {
        return d1M + slope() * x;
    }

    /** @return weight of [0, x], N */
    double weightTo(double x) {
        double k = slope();
        return weightPerM3 * Math.PI / 4 * (d1M * d1M * x + d1M * k * x * x + k * k * x * x * x / 3);
    }

    /** @return moment of the weight of [0, x] about x, N m */
    double momentTo(double x) {
        double k = slope();
        double x2 = x * x;
        return weightPerM3 * Math.PI / 4 * (d1M * d1M * x2 / 2 + d1M * k * x2 * x / 3 + k * k * x2 * x2 / 12);
    }

    double weight(double from, double to) {
        return weightTo(to) - weightTo(from);
    }

    /** @return moment of the weight of [from, x] about x, N m */
    double moment(double from, double x) {
        return momentTo(x) - momentTo(from) - weightTo(from) * (x - from);
    }

    /** @return centre of gravity of [from, to], from the butt */
    double cg(double from, double to) {
        return to - moment(from, to) / weight(from, to);
    }

    double massKg(double from, double to) {
        return weight(from, to) / StemMass.G;
    }

    double secondMomentM4(double x) {
        double d = dAt(x);
        return Math.PI / 64 * d * d * d * d;
    }
}
