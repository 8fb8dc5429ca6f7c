package org.antevid.core.tangle.beam;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.antevid.core.quantity.Require;

/**
 * A stem bent into a bow and held at both ends: energy that a wrong cut frees. Reckoned stiff, because its shape is
 * forced on it.
 *
 * @param radiusM of the bow
 * @param arcM its length
 * @param strain of the outer fibre
 * @param tipSpeedMs bound of the speed of its free end
 * @param sweepM nobody nearer than this
 */
public record SpringPole(
        double radiusM,
        double arcM,
        double momentNm,
        double energyJ,
        double strain,
        double tipSpeedMs,
        double sweepM,
        Danger danger,
        Way way,
        List<Warning> warnings) {
    private static final double BREAKING_STRAIN = 0.010;
    private static final double ELASTIC = 1.5;
    private static final double DENSITY_KGM3 = 950;
    private static final double EXTREME_J = 300;
    private static final double HIGH_J = 60;
    private static final double MACHINE_J = 2000;
    private static final double MACHINE_D_M = 0.15;
    private static final double SWEEP = 1.5;

    /** How dangerous it is. */
    public enum Danger {
        MODERATE,
        HIGH,
        EXTREME;

        public String key() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** How it is let go. */
    public enum Way {
        MACHINE_OR_LEAVE,
        SHAVE_INSIDE_OF_BEND_IN_THIN_PASSES;

        public String key() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** Warnings of a bow. */
    public enum Warning {
        BEYOND_ELASTIC_RANGE,
        NEAR_BREAKING_STRAIN
    }

    /**
     * @param chordM from end to end
     * @param riseM of the bow above the chord
     */
    public static SpringPole of(double dM, double chordM, double riseM, BeamWood wood) {
        Require.within(dM, 0.02, 0.6, "d_m");
        Require.within(chordM, 0.5, 30, "chord_m");
        Require.within(riseM, 0.01, 15, "rise_m");
        double radius = (chordM * chordM / 4 + riseM * riseM) / (2 * riseM);
        double sharp = Math.asin(Math.min(1, chordM / (2 * radius)));
        double half = riseM > chordM / 2 ? Math.PI - sharp : sharp;
        double arc = 2 * radius * half;
        double stiffness = BeamWood.HIGH_E * wood.moePa() * Math.PI / 64 * Math.pow(dM, 4);
        double elastic = stiffness / radius;
        double most = ELASTIC * wood.strengthPa() * Math.PI * Math.pow(dM, 3) / 32;
        double moment = Math.min(elastic, most);
        double energy = moment * moment * arc / (2 * stiffness);
        double strain = dM / (2 * radius);
        double mass = DENSITY_KGM3 * Math.PI / 4 * dM * dM * arc;
        List<Warning> warnings = new ArrayList<>();
        if (elastic > most) {
            warnings.add(Warning.BEYOND_ELASTIC_RANGE);
        }
        if (strain > BREAKING_STRAIN) {
            warnings.add(Warning.NEAR_BREAKING_STRAIN);
        }
        return new SpringPole(
                radius,
                arc,
                moment,
                energy,
                strain,
                Math.sqrt(6 * energy / mass),
                SWEEP * arc,
                energy >= EXTREME_J || strain > BREAKING_STRAIN
                        ? Danger.EXTREME
                        : energy >= HIGH_J ? Danger.HIGH : Danger.MODERATE,
                energy >= MACHINE_J || dM > MACHINE_D_M
                        ? Way.MACHINE_OR_LEAVE
                        : Way.SHAVE_INSIDE_OF_BEND_IN_THIN_PASSES,
                List.copyOf(warnings));
    }
}
