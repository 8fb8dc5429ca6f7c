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
 * Height from a stick held parallel to the stem: H = stick x distance / arm. Source: geometry. A stick held upright on
 * a leaning stem gives the vertical extent only. Relative sigmas add in quadrature.
 *
 * @param height metres with its sigma
 * @param warnings {@code STEEP_SIGHT} from nearer than the height found, {@code HIGH_SIGMA} above 5 %
 */
public record HeightByStick(Estimate height, List<SightingWarning> warnings) {

    /**
     * @param stickM length of the stick that covers the stem, 0.05..3 m
     * @param eyeToStickM arm, 0.2..3 m
     * @param eyeToTreeM from the eye to the base, 2..300 m
     * @throws RefusedInput outside these ranges, or {@code IMPOSSIBLE_GEOMETRY} for a height no tree has
     */
    public static HeightByStick of(
            double stickM,
            double eyeToStickM,
            double eyeToTreeM,
            double sigmaStickM,
            double sigmaEyeM,
            double sigmaTreeM) {
        Require.within(stickM, 0.05, 3, "stick_m");
        Require.within(eyeToStickM, 0.2, 3, "eye_to_stick_m");
        Require.within(eyeToTreeM, 2, 300, "eye_to_tree_m");
        double height = stickM * eyeToTreeM / eyeToStickM;
        if (height > HeightByAngles.TALLEST_M) {
            throw new RefusedInput(
                    Message.of(Refusal.STICK_AND_ARM_SWAPPED).with("height", Arg.of(Dimension.DISTANCE, height)),
                    "stick_m");
        }
        double rel = Math.sqrt(Math.pow(sigmaStickM / stickM, 2)
                + Math.pow(sigmaEyeM / eyeToStickM, 2)
                + Math.pow(sigmaTreeM / eyeToTreeM, 2));
        List<SightingWarning> warnings = new ArrayList<>();
        if (eyeToTreeM < height) {
            warnings.add(SightingWarning.STEEP_SIGHT);
        }
        if (rel > HeightByAngles.HIGH_SIGMA) {
            warnings.add(SightingWarning.HIGH_SIGMA);
        }
        return new HeightByStick(new Estimate(height, height * rel), List.copyOf(warnings));
    }
}
