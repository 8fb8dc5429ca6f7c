package org.antevid.core.stem;

import org.antevid.core.quantity.Estimate;
import org.antevid.core.site.Today;

/**
 * What wants to tip the stem, for any direction: lean of stem and crown, one-sided crown, snow, and the wind the plan
 * must stand, which may come from the worst side. Offsets are those of the common centre of gravity from the stump,
 * metres. A crown nobody measured has no offset but half as much sigma again; no lean is known better than three tenths
 * of a degree.
 *
 * @param offsetEastM effective offset without wind
 * @param sigmaM one sigma of it in any direction
 * @param weightN expected weight, snow included: for moments whose sigma holds the mass
 * @param weightHighN weight with its 95 % margin, snow included
 * @param windNm moment of the design gust about the cut
 */
public record Tipping(
        double offsetEastM, double offsetNorthM, double sigmaM, double weightN, double weightHighN, double windNm) {
    /** Sigma of a mass that counts in a moment, relative: at least this (judgement). */
    public static final double SIGMA_MASS_REL = 0.2;

    private static final double LEAST_SIGMA_DEG = 0.3;

    /** @throws IllegalStateException unless lean, height and crown radius are known */
    public static Tipping of(StemReading stem, StemMass mass, double cutHeightM, Today today) {
        Lean lean = stem.lean().orElseThrow();
        double snowKg = mass.crownKg() * today.load().shareOfCrown();
        double all = mass.massKg() + snowKg;
        double crownE = lean.offsetM(mass.crownCgM(), 90)
                + stem.more().crownOffset().map(CrownOffset::offsetEastM).orElse(0.0);
        double crownN = lean.offsetM(mass.crownCgM(), 0)
                + stem.more().crownOffset().map(CrownOffset::offsetNorthM).orElse(0.0);
        double crownShare = (mass.crownKg() + snowKg) / all;
        double stemShare = mass.stemKg() / all;
        double sigmaLean = (stemShare * mass.stemCgM() + crownShare * mass.crownCgM())
                * Math.tan(Math.toRadians(Math.max(LEAST_SIGMA_DEG, lean.sigmaDeg())));
        double sigmaCrown = crownShare
                * stem.more()
                        .crownOffset()
                        .map(CrownOffset::sigmaM)
                        .orElseGet(() -> CrownOffset.notMeasuredSigmaM(
                                stem.crownRadiusM().orElseThrow()));
        return new Tipping(
                stemShare * lean.offsetM(mass.stemCgM(), 90) + crownShare * crownE,
                stemShare * lean.offsetM(mass.stemCgM(), 0) + crownShare * crownN,
                Math.hypot(sigmaLean, sigmaCrown),
                all * StemMass.G,
                (mass.massHighKg() + snowKg * (1 + Estimate.Z95 * mass.sigmaRel())) * StemMass.G,
                windNm(stem, cutHeightM, today.designGustMs()));
    }

    /**
     * @return the same as moments along and across a lay, still air: with what the offsets and masses are uncertain by;
     *     the wind comes on top from any side
     */
    public static EffectiveLean stillAir(
            StemReading stem, StemMass mass, double cutHeightM, Today today, double layDeg) {
        Lean lean = stem.lean().orElseThrow();
        Tipping t = of(stem, mass, cutHeightM, today);
        double crownE = lean.offsetM(mass.crownCgM(), 90)
                + stem.more().crownOffset().map(CrownOffset::offsetEastM).orElse(0.0);
        double crownN = lean.offsetM(mass.crownCgM(), 0)
                + stem.more().crownOffset().map(CrownOffset::offsetNorthM).orElse(0.0);
        return EffectiveLean.of(
                layDeg,
                new EffectiveLean.Part(
                        mass.stemKg(), lean.offsetM(mass.stemCgM(), 90), lean.offsetM(mass.stemCgM(), 0)),
                new EffectiveLean.Part(mass.crownKg(), crownE, crownN),
                new EffectiveLean.Part(mass.crownKg() * today.load().shareOfCrown(), crownE, crownN),
                EffectiveLean.Wind.CALM,
                mass.cgM(),
                new EffectiveLean.Sigmas(sigmaMassRel(mass), Math.min(5, t.sigmaM), 0));
    }

    /** @return moment of a gust about the cut, N m, on the crown from its measured base to the tip */
    public static double windNm(StemReading stem, double cutHeightM, double gustMs) {
        double height = stem.height().orElseThrow().value();
        WindLoad.Figure crown = WindLoad.Figure.of(
                stem.crownRadiusM().orElseThrow(),
                height,
                stem.more().crownBaseM().filter(b -> b < height),
                Math.min(cutHeightM, 0.9 * height));
        boolean bare = stem.crown().name().endsWith("LEAFLESS")
                || stem.crown() == StemMass.Crown.DEAD_BRANCHED
                || stem.crown() == StemMass.Crown.STUB;
        return WindLoad.of(gustMs, WindLoad.Crown.usual(0, bare ? WindLoad.Leaf.LEAFLESS : WindLoad.Leaf.LEAFED), crown)
                .momentNm()
                .orElseThrow();
    }

    /**
     * A moment as the lean it stands for, so that it can be compared with what is seen.
     *
     * @return degrees, with the sign of the moment, at most 90
     */
    public static double asLeanDeg(double momentNm, double weightN, double cgM) {
        return Math.toDegrees(Math.asin(Math.max(-1, Math.min(1, momentNm / (weightN * cgM)))));
    }

    public static double sigmaMassRel(StemMass mass) {
        return Math.min(1, Math.max(SIGMA_MASS_REL, mass.sigmaRel()));
    }

    /**
     * The mass that goes with a backward moment at its 95 % side where only its angle counts, as it does for lift: so
     * large that moment / weight is the offset behind the hinge at its own 95 % side. A rougher mass must not make the
     * angle smaller.
     *
     * @return kilograms, between the expected and the high mass
     */
    public double leveredKg(double backHighNm, double layDeg, double hingeOffsetM) {
        double behindM = Estimate.Z95 * sigmaM + hingeOffsetM - alongM(layDeg);
        double weight = behindM > 0 ? Math.max(weightN, Math.min(weightHighN, backHighNm / behindM)) : weightHighN;
        return weight / StemMass.G;
    }

    /** @return offset along a direction, metres, away from it negative */
    public double alongM(double azimuthDeg) {
        double a = Math.toRadians(azimuthDeg);
        return offsetEastM * Math.sin(a) + offsetNorthM * Math.cos(a);
    }
}
