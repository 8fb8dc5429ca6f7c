package org.antevid.core.stem;

import java.util.Locale;
import java.util.Optional;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;

/**
 * Mass, centre of gravity and inertia of a stem with its crown above the cut. Mechanics model: section area A(z) = A0
 * (1 - z/H)^p from the diameter at 1.3 m, crown as a share of the stem's mass. Butt flare is left out, which is
 * slightly low and within the sigma. Use {@link #massHighKg()} for moments and lines.
 *
 * @param massLowKg the light end, where weight helps
 * @param cgM height of the common centre of gravity above the cut, m
 * @param inertiaKgm2 about the cut
 * @param k2s2 m g h / I, the rate of fall, 1/s2
 * @param percussionM centre of percussion above the cut, m
 * @param dCutM diameter at the cut by the taper model, m
 * @param dButtM the same with the flare of a butt nobody measured (assumed), for bar reach and sit-back only, never for
 *     strength
 */
public record StemMass(
        double stemVolumeM3,
        double formFactor,
        double stemKg,
        double stemCgM,
        double crownKg,
        double crownCgM,
        double massKg,
        double massLowKg,
        double cgM,
        double inertiaKgm2,
        double k2s2,
        double percussionM,
        double sigmaRel,
        double dCutM,
        double dButtM) {
    public static final double G = 9.81;
    /** Where a stem is cut that has no lay yet, metres above ground. */
    public static final double USUAL_CUT_M = 0.3;

    private static final double FLARE_PER_M = 0.10;

    /** Taper of the stem: exponent p of the section area (literature values 0.8 to 1.7). */
    public enum Shape {
        FOREST(1.2),
        OPEN(1.7),
        SNAG(0.8);
        private final double exponent;

        Shape(double exponent) {
            this.exponent = exponent;
        }

        /** @return section area at this share of the height / the area at its foot, 0..1 */
        public double areaShare(double up) {
            return Math.pow(Math.max(0, 1 - up), exponent);
        }
    }

    /**
     * How far dead wood may have dried; the range is judgement.
     *
     * <p>Each carries the density left of green wood at its dry end.
     */
    public enum Dryness {
        GREEN(1),
        RECENT(0.8),
        OLD(0.5);
        private final double driest;

        Dryness(double driest) {
            this.driest = driest;
        }

        /** @return expected density / green density: the middle of dry and soaked */
        double expected() {
            return (1 + driest) / 2;
        }

        /** @return sigma of it, relative: both ends are its 95 % bounds */
        double sigmaRel() {
            return (1 - driest) / 2 / Estimate.Z95 / expected();
        }
    }

    /** Crown mass as a share of the stem's mass (typical, wide). */
    public enum Crown {
        FOREST_CONIFER(0.2),
        OPEN_CONIFER(0.35),
        FOREST_BROADLEAF(0.25),
        FOREST_BROADLEAF_LEAFLESS(0.2),
        OPEN_BROADLEAF(0.6),
        OPEN_BROADLEAF_LEAFLESS(0.5),
        DEAD_BRANCHED(0.1),
        STUB(0.02);
        private final double fraction;

        Crown(double fraction) {
            this.fraction = fraction;
        }

        /**
         * @return share for a stem of this diameter at 1.3 m: thin conifers of the forest carry more branch wood
         *     (typical)
         */
        public double fraction(double dbhM) {
            return this == FOREST_CONIFER
                    ? fraction + THIN_EXTRA * Math.max(0, Math.min(1, (THICK_M - dbhM) / (THICK_M - THIN_M)))
                    : fraction;
        }

        private static final double THIN_EXTRA = 0.1;
        private static final double THIN_M = 0.2;
        private static final double THICK_M = 0.4;

        public String key() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /**
     * What the mass is computed from; metres, kg/m3.
     *
     * @param breakHeightM the top above this is missing; equal to the height when whole
     * @param crownCgRatio crown's centre above the crown base / crown length, 0.1..0.9
     * @param sigmaDryRel what the density is uncertain by because dead wood dries, relative
     */
    public record Tree(
            GreenWood green,
            double dbhM,
            double heightM,
            double cutHeightM,
            double breakHeightM,
            Shape shape,
            double densityKgm3,
            double crownFraction,
            double crownBaseM,
            double crownCgRatio,
            double sigmaDbhM,
            double sigmaHeightM,
            double sigmaDryRel) {
        public Tree(
                GreenWood green,
                double dbhM,
                double heightM,
                double cutHeightM,
                double breakHeightM,
                Shape shape,
                double densityKgm3,
                double crownFraction,
                double crownBaseM,
                double crownCgRatio,
                double sigmaDbhM,
                double sigmaHeightM) {
            this(
                    green,
                    dbhM,
                    heightM,
                    cutHeightM,
                    breakHeightM,
                    shape,
                    densityKgm3,
                    crownFraction,
                    crownBaseM,
                    crownCgRatio,
                    sigmaDbhM,
                    sigmaHeightM,
                    0);
        }

        /** @return the same with a crown base that was measured */
        public Tree from(Optional<Double> measuredBaseM) {
            return measuredBaseM
                    .map(b -> new Tree(
                            green,
                            dbhM,
                            heightM,
                            cutHeightM,
                            breakHeightM,
                            shape,
                            densityKgm3,
                            crownFraction,
                            b,
                            crownCgRatio,
                            sigmaDbhM,
                            sigmaHeightM,
                            sigmaDryRel))
                    .orElse(this);
        }

        /** @return mass of the bare log from here to there above ground, as far as the stem reaches */
        double logKg(double fromM, double toM) {
            double p = shape.exponent;
            double u1 = 1 - Math.min(fromM, breakHeightM) / heightM;
            double u2 = 1 - Math.min(toM, breakHeightM) / heightM;
            return densityKgm3 * footAreaM2() * heightM * integral(p, 1, u1, u2);
        }

        private double footAreaM2() {
            return Math.PI / 4 * dbhM * dbhM / Math.pow(1 - Diameter.BREAST_M / heightM, shape.exponent);
        }

        /** @return the same with its stem and its crown so many times as heavy */
        public Tree times(double stem, double crown) {
            return new Tree(
                    green,
                    dbhM,
                    heightM,
                    cutHeightM,
                    breakHeightM,
                    shape,
                    stem * densityKgm3,
                    crown / stem * crownFraction,
                    crownBaseM,
                    crownCgRatio,
                    sigmaDbhM,
                    sigmaHeightM,
                    sigmaDryRel);
        }

        /** @return the same of wood that may have dried */
        public Tree of(Dryness d) {
            return new Tree(
                    green,
                    dbhM,
                    heightM,
                    cutHeightM,
                    breakHeightM,
                    shape,
                    d.expected() * densityKgm3,
                    crownFraction,
                    crownBaseM,
                    crownCgRatio,
                    sigmaDbhM,
                    sigmaHeightM,
                    d.sigmaRel());
        }

        public Tree {
            Require.within(dbhM, 0.05, 5, "dbh_m");
            Require.within(heightM, 2, 120, "height_m");
            Require.within(cutHeightM, 0, 6, "cut_height_m");
            if (!(breakHeightM <= heightM)) {
                throw new RefusedInput(
                        Message.of(Refusal.BREAK_ABOVE_TOP).with("height", Arg.of(Dimension.LENGTH, heightM)),
                        "break_height_m");
            }
            if (!(cutHeightM < breakHeightM)) {
                throw new RefusedInput(Refusal.CUT_ABOVE_TOP, "cut_height_m");
            }
            if (!(crownBaseM < breakHeightM) && crownFraction > 0) {
                throw new RefusedInput(Refusal.CROWN_BASE_ABOVE_TOP, "crown_base_m");
            }
        }

        /** Whole tree of the species with its table density and the usual crown proportions. */
        public static Tree whole(
                GreenWood green, Estimate dbh, Estimate height, double cutHeightM, Shape shape, Crown crown) {
            return new Tree(
                    green,
                    dbh.value(),
                    height.value(),
                    cutHeightM,
                    height.value(),
                    shape,
                    green.densityKgm3(),
                    crown.fraction(dbh.value()),
                    0.5 * height.value(),
                    0.42,
                    dbh.sigma(),
                    height.sigma());
        }
    }

    public static StemMass of(Tree t) {
        double p = t.shape.exponent;
        double h = t.heightM;
        double a0 = t.footAreaM2();
        double u1 = 1 - t.cutHeightM / h;
        double u2 = 1 - t.breakHeightM / h;
        double d1 = integral(p, 1, u1, u2);
        double d2 = integral(p, 2, u1, u2);
        double d3 = integral(p, 3, u1, u2);
        double volume = a0 * h * d1;
        double za = a0 * h * h * (d1 - d2);
        double z2a = a0 * h * h * h * (d1 - 2 * d2 + d3);
        double c = t.cutHeightM;
        double stemKg = t.densityKgm3 * volume;
        double stemCg = za / volume - c;
        double stemI = t.densityKgm3 * (z2a - 2 * c * za + c * c * volume);
        double crownKg = t.crownFraction * stemKg;
        double crownLength = Math.max(0, t.breakHeightM - t.crownBaseM);
        double crownCg = t.crownBaseM + t.crownCgRatio * crownLength - c;
        double crownI = crownKg * (crownCg * crownCg + crownLength * crownLength / 20);
        double mass = stemKg + crownKg;
        double cg = (stemKg * stemCg + crownKg * crownCg) / mass;
        double inertia = stemI + crownI;
        double stemRel = Math.sqrt(Math.pow(2 * t.sigmaDbhM / t.dbhM, 2)
                + Math.pow(t.sigmaHeightM / h, 2)
                + 0.02
                + t.sigmaDryRel * t.sigmaDryRel);
        double sigmaRel = Math.hypot(stemRel * mass, 0.40 * crownKg) / mass;
        double form = 1 / ((p + 1) * Math.pow(1 - Diameter.BREAST_M / h, p));
        double dCut = Math.sqrt(4 / Math.PI * a0 * Math.pow(u1, p));
        return new StemMass(
                volume,
                form,
                stemKg,
                stemCg,
                crownKg,
                crownCg,
                mass,
                mass * Math.max(0, 1 - Estimate.Z95 * sigmaRel),
                cg,
                inertia,
                mass * G * cg / inertia,
                inertia / (mass * cg),
                sigmaRel,
                dCut,
                dCut * flare(c));
    }

    /** @return butt at the cut over the taper's diameter where nobody measured it (assumed: a tenth at 0.3 m) */
    public static double flare(double cutHeightM) {
        return 1 + FLARE_PER_M * Math.max(0, Diameter.BREAST_M - cutHeightM);
    }

    /** @return the same, no heavier at its light end than this: what helps is not made better by earlier weights */
    StemMass lowNoMoreThan(double kg) {
        return new StemMass(
                stemVolumeM3,
                formFactor,
                stemKg,
                stemCgM,
                crownKg,
                crownCgM,
                massKg,
                Math.min(massLowKg, kg),
                cgM,
                inertiaKgm2,
                k2s2,
                percussionM,
                sigmaRel,
                dCutM,
                dButtM);
    }

    public double massHighKg() {
        return massKg * (1 + Estimate.Z95 * sigmaRel);
    }

    private static double integral(double p, int k, double u1, double u2) {
        return (Math.pow(u1, p + k) - Math.pow(u2, p + k)) / (p + k);
    }
}
