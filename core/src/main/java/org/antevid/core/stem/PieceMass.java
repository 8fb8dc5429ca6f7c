package org.antevid.core.stem;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.antevid.core.quantity.Fault;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;

/**
 * Mass of one piece of a stem, high where it is lifted, caught or dropped, low where its weight helps (counterweight,
 * holding a plate down). Kg, metres. A fork or burr is split in parts and the high values are added.
 *
 * @param method the formula used
 * @param volumeM3 with half of a measured cavity taken off
 * @param smalianExcessRel how far the ends' mean overstates the piece
 * @param cgFromThickEndM along the piece
 */
public record PieceMass(
        Method method,
        double volumeM3,
        double densityKgm3,
        double massKg,
        double massHighKg,
        double massLowKg,
        double uUpRel,
        double uDownRel,
        double smalianExcessRel,
        double cgFromThickEndM,
        List<Warning> warnings) {
    public static final double U_DIAMETER_M = 0.01;
    public static final double U_LENGTH_M = 0.05;
    private static final double U_NEWTON = 0.03;
    private static final double U_FRUSTUM = 0.08;
    private static final double U_SMALIAN = 0.10;
    private static final double TAPERED = 0.7;
    private static final double SINKS_KGM3 = 1000;
    private static final double HOLLOW_MOST = 0.9;

    /** How the volume is reckoned. */
    public enum Method {
        NEWTON,
        FRUSTUM,
        SMALIAN;

        public String key() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** Warnings of a piece. */
    public enum Warning {
        ENDS_SWAPPED,
        MID_OUTSIDE_ENDS_CHECK_TAPE,
        STRONG_TAPER_MEASURE_MID,
        MAY_SINK_IN_WATER
    }

    /** Density of green wood, kg/m3. */
    public record Density(double low, double typical, double high) {
        public static final Density UNKNOWN_BROADLEAF = new Density(700, 950, 1200);
        public static final Density UNKNOWN_CONIFER = new Density(600, 850, 1050);

        public static Density of(GreenWood w) {
            return new Density(w.densityLowKgm3(), w.densityKgm3(), w.densityHighKgm3());
        }

        /** @return the same of wood that was weighed before; what is heavier lowers no low end, where weight helps */
        Density weighed(double factor) {
            return new Density(low * Math.min(1, factor), typical * factor, high * factor);
        }

        public static Density measured(double typical, double uRel) {
            return new Density(typical * (1 - uRel), typical, typical * (1 + uRel));
        }
    }

    /**
     * The piece as measured.
     *
     * @param midDM halfway, empty when nobody measured it
     * @param method empty: by what is known
     * @param barkRel shares of the wood's mass; bark only if the diameters are under bark
     * @param hollowDM measured cavity
     * @param uDM of the tape, at both ends alike
     */
    public record Piece(
            double d1M,
            double d2M,
            double lengthM,
            Optional<Double> midDM,
            Optional<Method> method,
            Density density,
            double barkRel,
            double foliageRel,
            double wetRel,
            double hollowDM,
            double uDM,
            double uLM) {
        /** @throws RefusedInput without the middle diameter a formula needs, or for a cavity as wide as the piece */
        public Piece {
            List<Fault> faults = new ArrayList<>();
            if (method.filter(m -> m == Method.NEWTON).isPresent() && midDM.isEmpty()) {
                faults.add(new Fault(Refusal.NEEDED, "dmid_m"));
            }
            if (hollowDM >= Math.max(d1M, d2M)) {
                faults.add(new Fault(Refusal.CAVITY_AS_WIDE_AS_PIECE, "hollow_d_m"));
            }
            if (!faults.isEmpty()) {
                throw new RefusedInput(faults);
            }
        }
    }

    public static PieceMass of(Piece p) {
        double thick = Math.max(p.d1M, p.d2M);
        double thin = Math.min(p.d1M, p.d2M);
        Method method = p.method.orElse(p.midDM.isPresent() ? Method.NEWTON : Method.FRUSTUM);
        double smalian = p.lengthM * (area(thick) + area(thin)) / 2;
        double frustum = Math.PI * p.lengthM * (thick * thick + thick * thin + thin * thin) / 12;
        double excess = smalian / frustum - 1;
        double volume =
                switch (method) {
                    case NEWTON -> p.lengthM * (area(thick) + 4 * area(p.midDM.orElseThrow()) + area(thin)) / 6;
                    case FRUSTUM -> frustum;
                    case SMALIAN -> smalian;
                };
        double form =
                switch (method) {
                    case NEWTON -> U_NEWTON;
                    case FRUSTUM -> U_FRUSTUM + excess / 2;
                    case SMALIAN -> U_SMALIAN;
                };
        double factor = 1 + p.barkRel + p.foliageRel + p.wetRel;
        double mean = method == Method.NEWTON ? p.midDM.orElseThrow() : (thick + thin) / 2;
        double geo = Math.hypot(Math.hypot(2 * p.uDM / mean, p.uLM / p.lengthM), form);
        double allow = 0.5 * (factor - 1) / factor;
        double up = Math.hypot(Math.hypot(geo, p.density.high / p.density.typical - 1), allow);
        double down = Math.hypot(Math.hypot(geo, 1 - p.density.low / p.density.typical), allow);
        double cavity = Math.min(area(p.hollowDM) * p.lengthM, HOLLOW_MOST * volume);
        double perM3 = p.density.typical * factor;
        return new PieceMass(
                method,
                volume - cavity / 2,
                p.density.typical,
                (volume - cavity / 2) * perM3,
                volume * perM3 * (1 + up),
                Math.max(0, (volume - cavity) * perM3 * (1 - down)),
                up,
                down,
                excess,
                p.lengthM
                        * (thick * thick + 2 * thick * thin + 3 * thin * thin)
                        / (4 * (thick * thick + thick * thin + thin * thin)),
                warnings(p, thick, thin, method));
    }

    private static double area(double d) {
        return Math.PI / 4 * d * d;
    }

    private static List<Warning> warnings(Piece p, double thick, double thin, Method method) {
        List<Warning> w = new ArrayList<>();
        if (p.d2M > p.d1M) {
            w.add(Warning.ENDS_SWAPPED);
        }
        if (method == Method.NEWTON
                && p.midDM.filter(d -> d < thin || d > thick).isPresent()) {
            w.add(Warning.MID_OUTSIDE_ENDS_CHECK_TAPE);
        }
        if (thin < TAPERED * thick && method != Method.NEWTON) {
            w.add(Warning.STRONG_TAPER_MEASURE_MID);
        }
        if (p.density.high > SINKS_KGM3) {
            w.add(Warning.MAY_SINK_IN_WATER);
        }
        return List.copyOf(w);
    }
}
