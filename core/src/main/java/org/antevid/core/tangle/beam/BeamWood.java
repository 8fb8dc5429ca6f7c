package org.antevid.core.tangle.beam;

/** Green wood as a beam: means of stiffness and bending strength (literature). */
public enum BeamWood {
    SOFT(5.5e9, 33e6),
    MEDIUM(8.0e9, 45e6),
    STIFF(10e9, 58e6),
    VERYSTIFF(13e9, 80e6);

    /** Stiffness at which movement and freed energy are reckoned where own weight loads it, share of the mean. */
    static final double LOW_E = 0.75;
    /** Stiffness at which a bow's energy is reckoned, share of the mean: the bad side where the shape is forced. */
    static final double HIGH_E = 1.25;

    private static final double USED_STRENGTH = 0.70;
    private final double moePa;
    private final double strengthPa;

    BeamWood(double moePa, double strengthPa) {
        this.moePa = moePa;
        this.strengthPa = strengthPa;
    }

    double moePa() {
        return moePa;
    }

    double strengthPa() {
        return strengthPa;
    }

    /** @return strength reckoned with: knots and wounds taken off, Pa */
    double usedStrengthPa() {
        return USED_STRENGTH * strengthPa;
    }
}
