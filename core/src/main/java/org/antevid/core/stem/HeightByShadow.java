package org.antevid.core.stem;

import java.util.ArrayList;
import java.util.List;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;

/**
 * Height from the shadow of the tree and of an upright pole at the same time. Source: geometry. The shadow of a round
 * crown is cast by its side, not by its top: never the only estimate.
 *
 * @param height metres with its sigma
 * @param sunElevationDeg degrees above the horizon
 * @param warnings {@code SUN_TOO_HIGH} above 60 degrees, {@code SUN_TOO_LOW} below 15, {@code HIGH_SIGMA} above 5 %
 */
public record HeightByShadow(Estimate height, double sunElevationDeg, List<SightingWarning> warnings) {

    /**
     * Shadow lengths along the ground, metres; the ground falls away along the shadow at these angles (down positive).
     */
    public record Shadows(
            double treeM,
            double poleM,
            double poleShadowM,
            double treeFallDeg,
            double poleFallDeg,
            double sigmaTreeM,
            double sigmaPoleM,
            double sigmaPoleShadowM) {
        public Shadows {
            Require.within(treeM, 0.5, 400, "tree_shadow_m");
            Require.within(poleM, 0.2, 6, "pole_m");
            Require.within(poleShadowM, 0.05, 60, "pole_shadow_m");
            Require.within(treeFallDeg, -45, 45, "tree_fall_deg");
            Require.within(poleFallDeg, -45, 45, "pole_fall_deg");
            Require.within(sigmaTreeM, 0, 20, "sigma_tree_m");
            Require.within(sigmaPoleM, 0, 1, "sigma_pole_m");
            Require.within(sigmaPoleShadowM, 0, 2, "sigma_pole_shadow_m");
        }
    }

    /**
     * @throws RefusedInput {@code IMPOSSIBLE_GEOMETRY} when the ground falls as steeply as the sun stands, or for a
     *     height no tree has
     */
    public static HeightByShadow of(Shadows s) {
        double bt = Math.toRadians(s.treeFallDeg);
        double bp = Math.toRadians(s.poleFallDeg);
        double tanSun = (s.poleM + s.poleShadowM * Math.sin(bp)) / (s.poleShadowM * Math.cos(bp));
        double share = Math.cos(bt) * tanSun - Math.sin(bt);
        if (!(tanSun > 0) || !(share > 0)) {
            throw new RefusedInput(Refusal.GROUND_AS_STEEP_AS_SUN, "pole_shadow_m");
        }
        double height = s.treeM * share;
        if (height > HeightByAngles.TALLEST_M) {
            throw new RefusedInput(
                    Message.of(Refusal.POLE_AND_SHADOW_SWAPPED).with("height", Arg.of(Dimension.DISTANCE, height)),
                    "pole_shadow_m");
        }
        double byPole = s.treeM * Math.cos(bt) / (s.poleShadowM * Math.cos(bp)) * s.sigmaPoleM;
        double byPoleShadow =
                s.treeM * Math.cos(bt) * s.poleM / (s.poleShadowM * s.poleShadowM * Math.cos(bp)) * s.sigmaPoleShadowM;
        double sigma = Math.sqrt(Math.pow(share * s.sigmaTreeM, 2) + byPole * byPole + byPoleShadow * byPoleShadow);
        double sun = Math.toDegrees(Math.atan(tanSun));
        List<SightingWarning> warnings = new ArrayList<>();
        if (sun > 60) {
            warnings.add(SightingWarning.SUN_TOO_HIGH);
        }
        if (sun < 15) {
            warnings.add(SightingWarning.SUN_TOO_LOW);
        }
        if (sigma > HeightByAngles.HIGH_SIGMA * height) {
            warnings.add(SightingWarning.HIGH_SIGMA);
        }
        return new HeightByShadow(new Estimate(height, sigma), sun, List.copyOf(warnings));
    }
}
