package org.antevid.core.takedown.crane;

import java.util.List;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.takedown.Remark;
import org.antevid.core.takedown.Remarks;

/**
 * A hand on a tag line keeps the direction of a load in the wind. Statics. Never round a hand or body.
 *
 * @param holdN pull of the hand
 * @param standFromHookM how far out the hand stands
 * @param lineNeededM to stand clear of the load
 */
public record TagLine(
        double torqueNm,
        double holdN,
        double angleDeg,
        double standFromHookM,
        double lineNeededM,
        double sideDeg,
        List<Remarks.Told> remarks) {
    private static final double STEEP_DEG = 45;

    /**
     * @param offsetM middle of the wind's area from the hook line
     * @param armM knot from the hook line
     * @param tieHeightM knot above the hand
     * @param reachM farthest end from the hook line
     * @param standM kept from it
     */
    public record Tied(
            double offsetM, double armM, double lineM, double tieHeightM, double reachM, double handN, double standM) {}

    /** @throws RefusedInput {@code LINE_TOO_SHORT} */
    public static TagLine of(WindOnLoad.Load load, double gustMs, Tied t) {
        if (t.lineM <= t.tieHeightM) {
            throw new RefusedInput(Refusal.TAG_LINE_TOO_SHORT, "line_m");
        }
        double torque = load.forceN(gustMs) * t.offsetM;
        double angle = Math.asin(t.tieHeightM / t.lineM);
        double hold = torque / (t.armM * Math.cos(angle));
        double stands = t.armM + Math.sqrt(t.lineM * t.lineM - t.tieHeightM * t.tieHeightM);
        return new TagLine(
                torque,
                hold,
                Math.toDegrees(angle),
                stands,
                Math.hypot(Math.max(0, t.reachM + t.standM - t.armM), t.tieHeightM),
                Math.toDegrees(load.sideRad(gustMs)),
                new Remarks()
                        .when(hold > t.handN, Remark.HOLD_OVER_HAND)
                        .when(stands < t.reachM + t.standM, Remark.STANDOFF_SHORT)
                        .when(Math.toDegrees(angle) > STEEP_DEG, Remark.STEEP_TAGLINE)
                        .told());
    }
}
