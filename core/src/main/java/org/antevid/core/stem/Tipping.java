package org.antevid.core.stem;

import org.antevid.core.quantity.Estimate;
import org.antevid.core.site.Today;

/**
 * What wants to tip the stem, for any direction: lean of stem and crown, one-sided crown, snow, and the wind the plan must stand,
 * which may come from the worst side. Offsets are those of the common centre of gravity from the stump, metres. Errs to the safe
 * side: the mass is the high one.
 *
 * @param offsetEastM  effective offset without wind
 * @param sigmaM       one sigma of it in any direction
 * @param weightHighN  weight with its 95 % margin, snow included
 * @param windNm       moment of the design gust about the cut
 */
public record Tipping(double offsetEastM, double offsetNorthM, double sigmaM, double weightHighN, double windNm) {
    /** Silhouette of a crown as a share of the rectangle around it (an ellipse). */
    private static final double SILHOUETTE = Math.PI / 4;

    /** @throws IllegalStateException unless lean, height and crown radius are known */
    public static Tipping of(StemReading stem, StemMass mass, double cutHeightM, Today today) {
        Lean lean = stem.lean().orElseThrow();
        double snowKg = mass.crownKg() * today.load().shareOfCrown();
        double all = mass.massKg() + snowKg;
        double crownE = lean.offsetM(mass.crownCgM(), 90) + stem.more().crownOffset().map(CrownOffset::offsetEastM).orElse(0.0);
        double crownN = lean.offsetM(mass.crownCgM(), 0) + stem.more().crownOffset().map(CrownOffset::offsetNorthM).orElse(0.0);
        double crownShare = (mass.crownKg() + snowKg) / all;
        double stemShare = mass.stemKg() / all;
        double sigmaLean = lean.sigmaOffsetM(stemShare * mass.stemCgM() + crownShare * mass.crownCgM());
        double sigmaCrown = stem.more().crownOffset().map(c -> crownShare * c.sigmaM()).orElse(0.0);
        return new Tipping(stemShare * lean.offsetM(mass.stemCgM(), 90) + crownShare * crownE, stemShare * lean.offsetM(mass.stemCgM(), 0) + crownShare * crownN,
            Math.hypot(sigmaLean, sigmaCrown), (mass.massHighKg() + snowKg * (1 + Estimate.Z95 * mass.sigmaRel())) * StemMass.G, windNm(stem, cutHeightM, today.designGustMs()));
    }

    /**
     * @return the same as moments along and across a lay, still air: with what the offsets and masses are uncertain by; the wind comes on top from any side
     */
    public static EffectiveLean stillAir(StemReading stem, StemMass mass, double cutHeightM, Today today, double layDeg) {
        Lean lean = stem.lean().orElseThrow();
        Tipping t = of(stem, mass, cutHeightM, today);
        double crownE = lean.offsetM(mass.crownCgM(), 90) + stem.more().crownOffset().map(CrownOffset::offsetEastM).orElse(0.0);
        double crownN = lean.offsetM(mass.crownCgM(), 0) + stem.more().crownOffset().map(CrownOffset::offsetNorthM).orElse(0.0);
        return EffectiveLean.of(layDeg, new EffectiveLean.Part(mass.stemKg(), lean.offsetM(mass.stemCgM(), 90), lean.offsetM(mass.stemCgM(), 0)),
            new EffectiveLean.Part(mass.crownKg(), crownE, crownN), new EffectiveLean.Part(mass.crownKg() * today.load().shareOfCrown(), crownE, crownN),
            EffectiveLean.Wind.CALM, mass.cgM(), new EffectiveLean.Sigmas(Math.min(1, mass.sigmaRel()), Math.min(5, t.sigmaM), 0));
    }

    /**
     * @return moment of a gust about the cut, N m, on the crown as an ellipse as wide as its largest radius and half as long as the stem is high
     */
    public static double windNm(StemReading stem, double cutHeightM, double gustMs) {
        double height = stem.height().orElseThrow().value();
        double area = Math.min(1500, SILHOUETTE * 2 * stem.crownRadiusM().orElseThrow() * height / 2);
        boolean bare = stem.crown().name().endsWith("LEAFLESS") || stem.crown() == StemMass.Crown.DEAD_BRANCHED || stem.crown() == StemMass.Crown.STUB;
        double force = WindLoad.of(gustMs, WindLoad.Crown.usual(area, bare ? WindLoad.Leaf.LEAFLESS : WindLoad.Leaf.LEAFED)).forceN();
        return force * Math.max(0, height * 0.75 - cutHeightM);
    }

    /** @return offset along a direction, metres, away from it negative */
    public double alongM(double azimuthDeg) {
        double a = Math.toRadians(azimuthDeg);
        return offsetEastM * Math.sin(a) + offsetNorthM * Math.cos(a);
    }
}
