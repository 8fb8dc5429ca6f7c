package org.antevid.core.assist;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;

/**
 * A guy that holds the side moment while the stem falls. Its length stays the same only where the anchor lies on the
 * extended hinge line at its level; behind it or uphill it tightens, brakes and breaks, ahead it goes slack. Source:
 * statics and geometry, exact for a rigid rope.
 *
 * @param neededNm side moment left for the guy
 * @param armM of the guy about the lay
 * @param tensionN with the reserve
 * @param forwardNm what it adds toward the lay, against it negative
 * @param downN load down the stem
 * @param lengthChangeM by degrees of rotation, longer positive: the rope tightens
 * @param wllUse rope load / what it may carry; empty while its strength is not known
 */
public record SideGuy(
        double neededNm,
        double armM,
        double tensionN,
        double ropeAngleDeg,
        double forwardNm,
        double downN,
        double ropeLengthM,
        Map<Integer, Double> lengthChangeM,
        Optional<Double> wllUse,
        double minMbsN,
        List<Warning> warnings) {
    /** What it warns of beside its numbers. */
    public enum Warning {
        LINE_TOO_STEEP,
        ANCHOR_IN_REACH,
        GUY_TIGHTENS_AS_TREE_FALLS,
        GUY_GOES_SLACK,
        ROPE_OVERLOADED
    }

    private static final int[] TURNED = {15, 30, 45, 60, 90};
    private static final double TOO_STEEP_DEG = 45;
    private static final double IN_REACH = 1.1;
    private static final double SLACK = 0.05;

    /**
     * Where it is tied and anchored.
     *
     * @param heightM above the hinge
     * @param anchorSideM from the stump, on the side away from the lean
     * @param anchorFwdM in front of the hinge line
     * @param anchorDropM anchor below the hinge positive
     * @param treeOffM stem's offset at the tie, toward the lean positive
     */
    public record Geometry(
            double heightM,
            double anchorSideM,
            double anchorFwdM,
            double anchorDropM,
            double treeOffM,
            double treeHeightM) {
        public Geometry {
            Require.within(heightM, 0.5, 80, "guy_height_m");
            Require.within(anchorSideM, 1, 300, "anchor_side_m");
            Require.within(anchorFwdM, -200, 200, "anchor_fwd_m");
            Require.within(anchorDropM, -60, 60, "anchor_drop_m");
            Require.within(treeOffM, -15, 15, "tree_off_m");
            Require.within(treeHeightM, 1, 120, "tree_height_m");
            if (heightM > PullLine.SAFE_TOP * treeHeightM) {
                throw new RefusedInput(
                        Message.of(Refusal.ROPE_ABOVE_SAFE_TOP)
                                .with("most", Arg.down(Dimension.LENGTH, PullLine.SAFE_TOP * treeHeightM)),
                        "guy_height_m");
            }
        }

        /** @return moment about the lay that one newton in the guy holds, metres */
        public double armM() {
            double y = anchorSideM + treeOffM;
            double z = -anchorDropM - heightM;
            double length = Math.sqrt(anchorFwdM * anchorFwdM + y * y + z * z);
            return (heightM * y + treeOffM * z) / length;
        }
    }

    /**
     * What it carries and of what it is made.
     *
     * @param sideNm design side moment, 0 and more
     * @param hingeShare share of the hinge's side capacity counted, 0..0.5
     * @param stretch of the rope at its working load
     */
    public record Load(
            double sideNm,
            double hingeCapacityNm,
            double hingeShare,
            double safety,
            Optional<Double> mbsN,
            double knotEfficiency,
            double ropeFactor,
            double stretch) {
        public Load {
            Require.within(sideNm, 0, 1e7, "side_Nm");
            Require.within(hingeShare, 0, 0.5, "hinge_share");
        }

        /** The guy carries all. */
        public static Load all(double sideNm, Optional<Double> mbsN) {
            return new Load(sideNm, 0, 0, PullLine.RESERVE, mbsN, 0.6, 5, 0.02);
        }
    }

    /** @throws RefusedInput {@code LINE_HAS_NO_ARM} for a guy that pulls down rather than across */
    public static SideGuy of(Geometry g, Load l) {
        double arm = g.armM();
        if (!(arm >= PullLine.LEAST_ARM_SHARE * g.heightM)) {
            throw new RefusedInput(Refusal.LINE_HAS_NO_ARM, "anchor_side_m");
        }
        double needed = Math.max(0, l.sideNm - l.hingeShare * l.hingeCapacityNm);
        double tension = l.safety * needed / arm;
        double length = length(g, 0);
        Map<Integer, Double> change = new LinkedHashMap<>();
        for (int deg : TURNED) {
            change.put(deg, length(g, deg) - length);
        }
        double steep = Math.toDegrees(Math.asin((g.heightM + g.anchorDropM) / length));
        double perMbs = l.knotEfficiency / l.ropeFactor;
        Optional<Double> use = l.mbsN.map(m -> tension / (m * perMbs));
        List<Warning> warnings = new ArrayList<>();
        if (steep > TOO_STEEP_DEG) {
            warnings.add(Warning.LINE_TOO_STEEP);
        }
        if (Math.hypot(g.anchorSideM, g.anchorFwdM) < IN_REACH * g.treeHeightM) {
            warnings.add(Warning.ANCHOR_IN_REACH);
        }
        if (change.values().stream().anyMatch(c -> c > l.stretch * length)) {
            warnings.add(Warning.GUY_TIGHTENS_AS_TREE_FALLS);
        }
        if (change.values().stream().anyMatch(c -> c < -SLACK * length)) {
            warnings.add(Warning.GUY_GOES_SLACK);
        }
        if (use.filter(u -> u > 1).isPresent()) {
            warnings.add(Warning.ROPE_OVERLOADED);
        }
        return new SideGuy(
                needed,
                arm,
                tension,
                steep,
                tension * g.heightM * g.anchorFwdM / length,
                tension * (g.heightM + g.anchorDropM) / length,
                length,
                change,
                use,
                tension / perMbs,
                List.copyOf(warnings));
    }

    /** Anchor to tie when the stem has turned about its hinge by so many degrees. */
    private static double length(Geometry g, double turnedDeg) {
        double a = Math.toRadians(turnedDeg);
        double x = g.anchorFwdM - g.heightM * Math.sin(a);
        double y = g.anchorSideM + g.treeOffM;
        double z = -g.anchorDropM - g.heightM * Math.cos(a);
        return Math.sqrt(x * x + y * y + z * z);
    }

    /**
     * @return side moment that a rope of this breaking strength may be counted on for, N m, reserve and knot taken off;
     *     0 without an arm
     */
    public static double capacityNm(Geometry g, double mbsN) {
        double arm = g.armM();
        return arm >= PullLine.LEAST_ARM_SHARE * g.heightM ? mbsN * 0.6 / 5 * arm / PullLine.RESERVE : 0;
    }
}
