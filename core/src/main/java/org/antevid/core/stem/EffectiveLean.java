package org.antevid.core.stem;

import java.util.Optional;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.quantity.Require;

/**
 * The overturning moment at the hinge from stem, crown, snow and wind together, and what of it acts along and across a
 * lay. Stem and crown can balance each other; the sigma stays. Source: geometry and statics; sigmas are judgement
 * values.
 *
 * @param azimuthDeg where it wants to go; empty without a moment
 * @param effectiveOffsetM moment / weight, metres
 * @param forwardNm along the lay, backward negative
 * @param sideRightNm to the right of the lay
 */
public record EffectiveLean(
        double massKg,
        double momentEastNm,
        double momentNorthNm,
        double momentNm,
        Optional<Double> azimuthDeg,
        double effectiveOffsetM,
        double effectiveLeanDeg,
        double forwardNm,
        double sideRightNm,
        double gravityForwardNm,
        double gravitySideNm,
        double windForwardNm,
        double windSideNm,
        double sigmaForwardNm,
        double sigmaSideNm) {

    /** A mass and where its centre lies from the stump, kg and metres. */
    public record Part(double massKg, double offsetEastM, double offsetNorthM) {
        public static final Part NOTHING = new Part(0, 0, 0);

        public Part {
            Require.within(massKg, 0, 150000, "kg");
            Require.within(offsetEastM, -30, 30, "off_e_m");
            Require.within(offsetNorthM, -30, 30, "off_n_m");
        }
    }

    /** Wind on the crown: newtons, where it blows TO, height of the force above the hinge. */
    public record Wind(double forceN, double toDeg, double heightM) {
        public static final Wind CALM = new Wind(0, 0, 0);

        public Wind {
            Require.within(forceN, 0, 400000, "wind_N");
            Require.within(toDeg, -360, 720, "wind_to_deg");
            Require.within(heightM, 0, 100, "wind_height_m");
        }
    }

    /** One-sigma uncertainties: masses relative, offsets in metres, wind relative. */
    public record Sigmas(double massRel, double offsetM, double windRel) {
        public static final Sigmas USUAL = new Sigmas(0.2, 0.3, 0.4);

        public Sigmas {
            Require.within(massRel, 0, 1, "sigma_mass_rel");
            Require.within(offsetM, 0, 5, "sigma_offset_m");
            Require.within(windRel, 0, 2, "sigma_wind_rel");
        }
    }

    /** @param cgHeightM height of the common centre of gravity above the hinge, 0.3..80 m */
    public static EffectiveLean of(
            double layDeg, Part stem, Part crown, Part snow, Wind wind, double cgHeightM, Sigmas s) {
        Require.within(cgHeightM, 0.3, 80, "cg_height_m");
        Require.within(stem.massKg, 1, 150000, "stem_kg");
        double g = StemMass.G;
        double mass = stem.massKg + crown.massKg + snow.massKg;
        double gravityE = g
                * (stem.massKg * stem.offsetEastM + crown.massKg * crown.offsetEastM + snow.massKg * snow.offsetEastM);
        double gravityN = g
                * (stem.massKg * stem.offsetNorthM
                        + crown.massKg * crown.offsetNorthM
                        + snow.massKg * snow.offsetNorthM);
        double windE = wind.forceN * wind.heightM * Math.sin(Math.toRadians(wind.toDeg));
        double windN = wind.forceN * wind.heightM * Math.cos(Math.toRadians(wind.toDeg));
        double e = clean(gravityE + windE, mass);
        double n = clean(gravityN + windN, mass);
        double moment = Math.hypot(e, n);
        double offset = moment / (mass * g);
        double fe = Math.sin(Math.toRadians(layDeg));
        double fn = Math.cos(Math.toRadians(layDeg));
        double gravityForward = clean(gravityE * fe + gravityN * fn, mass);
        double gravitySide = clean(gravityE * fn - gravityN * fe, mass);
        double windForward = clean(windE * fe + windN * fn, mass);
        double windSide = clean(windE * fn - windN * fe, mass);
        return new EffectiveLean(
                mass,
                e,
                n,
                moment,
                moment > 0 ? Optional.of(Azimuth.of(e, n)) : Optional.empty(),
                offset,
                Math.toDegrees(Math.atan(offset / cgHeightM)),
                gravityForward + windForward,
                gravitySide + windSide,
                gravityForward,
                gravitySide,
                windForward,
                windSide,
                sigma(gravityForward, windForward, mass, s),
                sigma(gravitySide, windSide, mass, s));
    }

    private static double sigma(double gravityNm, double windNm, double mass, Sigmas s) {
        return Math.sqrt(Math.pow(gravityNm * s.massRel, 2)
                + Math.pow(mass * StemMass.G * s.offsetM, 2)
                + Math.pow(windNm * s.windRel, 2));
    }

    /** Takes rounding residue of parts that balance for the nothing it is. */
    private static double clean(double momentNm, double massKg) {
        return Math.abs(momentNm) < 1e-9 * massKg * StemMass.G ? 0 : momentNm;
    }
}
