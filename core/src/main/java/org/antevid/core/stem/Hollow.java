package org.antevid.core.stem;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;

/**
 * What a cavity or decay leaves of hinge and shell. The cavity is grown by its 95 % margin first. Corners and wood
 * share decide; the section modulus flatters (a hinge with half its wood keeps most of its modulus). Limits are
 * guidance of practice and judgement, no proof of safety. Source: geometry.
 *
 * @param wallMinM thinnest shell, metres
 * @param tOverR thinnest shell / radius
 * @param hollowRatio cavity / stem diameter; empty when the shell is used up
 * @param cornerLeftM sound wood at the left hinge corner, smallest over the hinge
 * @param hingeWoodShare sound corners / hinge length, 0..1
 * @param hingeSideShare side section modulus left, 0..1
 * @param stemShare section modulus of the shell left, 0..1
 * @param stressShare stress in the shell / green crushing strength; empty when the shell is used up
 */
public record Hollow(
        double wallMinM,
        double tOverR,
        Optional<Double> hollowRatio,
        double cornerLeftM,
        double cornerRightM,
        double hingeWoodShare,
        double hingeSideShare,
        double stemShare,
        Optional<Double> stressShare,
        Result result,
        List<Warning> warnings) {
    /** What it warns of beside its numbers. */
    public enum Warning {
        OPEN_CAVITY,
        THIN_WALL
    }

    /** Green wood crushes at about this share of its bending strength (typical literature value). */
    private static final double CRUSHING_SHARE = 0.45;

    private static final int LINES = 41;

    /** What the numbers allow, best first. */
    public enum Result {
        OK,
        CAUTION,
        RAISE_CUT_OR_MACHINE_ASSIST,
        MACHINE_OR_DISMANTLE;

        public String key() {
            return name().toLowerCase(java.util.Locale.ROOT);
        }
    }

    /**
     * Stem and cavity at the cut; metres, inside the bark. The cavity's centre lies {@code forwardM} toward the lay and
     * {@code rightM} to its right.
     */
    public record Section(
            double dM,
            double cavityDM,
            double forwardM,
            double rightM,
            double depthM,
            double hingeThickM,
            double sigmaWallM,
            double massKg,
            double momentNm,
            GreenWood green) {
        public Section {
            Require.within(dM, 0.1, 5, "d_m");
            Require.within(cavityDM, 0, 5, "cavity_d_m");
            Require.within(forwardM, -2, 2, "cavity_fwd_m");
            Require.within(rightM, -2, 2, "cavity_right_m");
            Require.within(depthM, 0.01, 2.5, "depth_m");
            Require.within(hingeThickM, 0.005, 0.5, "hinge_thick_m");
            Require.within(sigmaWallM, 0, 0.2, "sigma_wall_m");
            Require.within(massKg, 0, 200000, "mass_kg");
            Require.within(momentNm, 0, 1e8, "moment_Nm");
            if (depthM + hingeThickM >= dM) {
                throw new RefusedInput(
                        Message.of(Refusal.NO_WOOD_LEFT).with("diameter", Arg.of(Dimension.HEIGHT, dM)), "depth_m");
            }
            if (cavityDM > 0 && Math.hypot(forwardM, rightM) + cavityDM / 2 > dM / 2 + 1e-12) {
                throw new RefusedInput(Refusal.CAVITY_REACHES_OUTSIDE, "cavity_d_m");
            }
        }
    }

    public static Hollow of(Section s) {
        return of(s, Double.MAX_VALUE, Double.MAX_VALUE);
    }

    /**
     * The same, with no corner counted thicker than was found there.
     *
     * @param leftAtMostM sound wood found by probing at the left hinge corner, metres; as large as you like when not
     *     probed
     * @param rightAtMostM the same at the right corner
     */
    public static Hollow of(Section s, double leftAtMostM, double rightAtMostM) {
        double outer = s.dM / 2;
        double inner = s.cavityDM > 0 ? s.cavityDM / 2 + Estimate.Z95 * s.sigmaWallM : 0;
        double off = inner > 0 ? Math.hypot(s.forwardM, s.rightM) : 0;
        double wall = outer - inner - off;
        if (!(wall > 0)) {
            return new Hollow(
                    0,
                    0,
                    Optional.empty(),
                    0,
                    0,
                    0,
                    0,
                    0,
                    Optional.empty(),
                    Result.MACHINE_OR_DISMANTLE,
                    List.of(Warning.OPEN_CAVITY));
        }
        double apex = outer - s.depthM;
        double back = apex - s.hingeThickM;
        double left = leftAtMostM;
        double right = rightAtMostM;
        for (int i = 0; i < LINES; i++) {
            double x = back + (apex - back) * i / (LINES - 1);
            double half = Math.sqrt(Math.max(0, outer * outer - x * x));
            double in2 = inner * inner - Math.pow(x - s.forwardM, 2);
            boolean through = inner > 0 && in2 > 0;
            left = Math.min(left, through ? half + s.rightM - Math.sqrt(in2) : half);
            right = Math.min(right, through ? half - s.rightM - Math.sqrt(in2) : half);
        }
        double chord = 2
                * Math.min(
                        Math.sqrt(Math.max(0, outer * outer - apex * apex)),
                        Math.sqrt(Math.max(0, outer * outer - back * back)));
        double h = chord / 2;
        left = Math.max(0, Math.min(h, left));
        right = Math.max(0, Math.min(h, right));
        double wood = (left + right) / chord;
        double side = sideShare(left, right, h);
        double stem = stemShare(outer, inner, off);
        double area = Math.PI * (outer * outer - inner * inner);
        double modulus = stem * Math.PI * Math.pow(outer, 3) / 4;
        double stress = s.momentNm / modulus + s.massKg * StemMass.G / area;
        double stressShare = stress / (CRUSHING_SHARE * s.green.holdsMPa() * 1e6);
        Result result = result(wall / outer, wood, Math.min(left, right), stressShare, s.dM);
        List<Warning> warnings = new ArrayList<>();
        if (result != Result.OK) {
            warnings.add(Warning.THIN_WALL);
        }
        return new Hollow(
                wall,
                wall / outer,
                Optional.of(inner / outer),
                left,
                right,
                wood,
                side,
                stem,
                Optional.of(stressShare),
                result,
                List.copyOf(warnings));
    }

    private static Result result(double tOverR, double wood, double corner, double stress, double d) {
        if (tOverR < 0.2 || wood < 0.3 || stress > 0.5) {
            return Result.MACHINE_OR_DISMANTLE;
        }
        if (tOverR < 0.3 || wood < 0.5 || corner < Math.max(0.05, 0.1 * d)) {
            return Result.RAISE_CUT_OR_MACHINE_ASSIST;
        }
        return tOverR < 0.35 || wood < 0.7 ? Result.CAUTION : Result.OK;
    }

    /**
     * @param woodShare sound wood / hinge length
     * @param cornerM the smaller sound corner
     * @param dM stem at the cut
     * @return what wood share and corners alone allow, where nobody knows the wall behind the face
     */
    public static Result byCorners(double woodShare, double cornerM, double dM) {
        return result(1, woodShare, cornerM, 0, dM);
    }

    /**
     * @return side section modulus left of a hinge of which only its two ends are sound, {@code h} its half length: two
     *     end blocks about their common axis, 0..1
     */
    public static double sideShare(double left, double right, double h) {
        double wood = left + right;
        if (wood <= 0) {
            return 0;
        }
        double xl = -h + left / 2;
        double xr = h - right / 2;
        double axis = (left * xl + right * xr) / wood;
        double inertia = Math.pow(left, 3) / 12
                + left * Math.pow(xl - axis, 2)
                + Math.pow(right, 3) / 12
                + right * Math.pow(xr - axis, 2);
        return inertia / (h + Math.abs(axis)) / (4 * h * h / 6);
    }

    /** An eccentric ring about its own centroid, against the full circle. */
    private static double stemShare(double outer, double inner, double off) {
        double full = Math.PI * outer * outer;
        double hole = Math.PI * inner * inner;
        double centroid = -hole * off / (full - hole);
        double inertia = Math.PI * Math.pow(outer, 4) / 4
                + full * centroid * centroid
                - (Math.PI * Math.pow(inner, 4) / 4 + hole * Math.pow(off - centroid, 2));
        return inertia / (outer + Math.abs(centroid)) / (Math.PI * Math.pow(outer, 3) / 4);
    }
}
