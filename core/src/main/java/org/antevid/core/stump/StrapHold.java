package org.antevid.core.stump;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.GreenWood;

/**
 * Whether the strap left behind a bore holds the stem until the cutter lets it go. The hinge is the fulcrum; the outer
 * wood at the back, often softer than the core, is the tie; bark holds nothing. Under twice the need is a stop. Metres,
 * newtons. Source: mechanics; half of the bending strength counted in tension is a judgement value.
 *
 * @param woodM strap without its bark
 * @param areaM2 of the rear segment
 * @param armM its centre to the hinge
 * @param ratio strength / pull; empty when nothing pulls at it, and for wood that has no strength to rely on
 * @param neededM thickness from the outside of the bark for the ratio needed; empty when none is thick enough
 */
public record StrapHold(
        double woodM,
        double areaM2,
        double armM,
        double tensionN,
        Optional<Double> ratio,
        boolean holds,
        Optional<Double> neededM,
        List<Warning> warnings) {
    /** What it warns of beside its numbers. */
    public enum Warning {
        STRAP_NOT_RELIABLE,
        NO_STRAP_THICK_ENOUGH,
        STRAP_TOO_WEAK
    }

    private static final double MOST_OF_THE_BACK = 0.6;

    /**
     * The strap as it is left.
     *
     * @param dLayM inside the bark
     * @param strapM from the outside of the bark
     * @param forwardNm design value of lean, wind and line
     * @param share of the bending strength counted in tension, 0.1..1
     * @param need ratio asked for, 1..5
     */
    public record Strap(
            GreenWood green,
            Condition wood,
            double dLayM,
            double dAcrossM,
            double depthM,
            double hingeThickM,
            double strapM,
            double barkM,
            double forwardNm,
            double share,
            double need) {
        public Strap {
            Require.within(dLayM, 0.05, 5, "d_lay_m");
            Require.within(dAcrossM, 0.05, 5, "d_across_m");
            Require.within(depthM, 0.005, 2.5, "depth_m");
            Require.within(hingeThickM, 0.003, 0.5, "hinge_thick_m");
            Require.within(strapM, 0.003, 1.2, "strap_m");
            Require.within(barkM, 0, 0.2, "bark_m");
            if (strapM <= barkM) {
                throw new RefusedInput(
                        Message.of(Refusal.STRAP_IS_BARK).with("bark", Arg.of(Dimension.SHORT, barkM)), "strap_m");
            }
            if (strapM - barkM >= dLayM - depthM - hingeThickM) {
                throw new RefusedInput(Refusal.NO_WOOD_TO_BORE, "strap_m");
            }
        }

        public static Strap usual(
                GreenWood green,
                Condition wood,
                double dLayM,
                double depthM,
                double hingeThickM,
                double strapM,
                double forwardNm) {
            return new Strap(green, wood, dLayM, dLayM, depthM, hingeThickM, strapM, 0, forwardNm, 0.5, 2);
        }
    }

    private record Segment(double areaM2, double armM) {}

    public static StrapHold of(Strap s) {
        double wood = s.strapM - s.barkM;
        Segment seg = segment(s, wood);
        double strength = s.share * s.green.holdsMPa() * 1e6 * s.green.hinge().factor() * s.wood.factor();
        if (!(strength > 0)) {
            double pulled = Math.max(0, s.forwardNm) / seg.armM;
            return new StrapHold(
                    wood,
                    seg.areaM2,
                    seg.armM,
                    pulled,
                    Optional.empty(),
                    false,
                    Optional.empty(),
                    List.of(Warning.STRAP_NOT_RELIABLE));
        }
        if (!(s.forwardNm > 0)) {
            return new StrapHold(wood, seg.areaM2, seg.armM, 0, Optional.empty(), true, Optional.empty(), List.of());
        }
        double tension = s.forwardNm / seg.armM;
        double ratio = strength * seg.areaM2 / tension;
        boolean holds = ratio >= s.need;
        double most = MOST_OF_THE_BACK * (s.dLayM - s.depthM - s.hingeThickM);
        Optional<Double> needed = needed(s, strength, most);
        List<Warning> warnings = new ArrayList<>();
        if (needed.isEmpty()) {
            warnings.add(Warning.NO_STRAP_THICK_ENOUGH);
        }
        if (!holds) {
            warnings.add(Warning.STRAP_TOO_WEAK);
        }
        return new StrapHold(
                wood,
                seg.areaM2,
                seg.armM,
                tension,
                Optional.of(ratio),
                holds,
                needed.map(n -> n + s.barkM),
                List.copyOf(warnings));
    }

    private static double ratio(Strap s, double strength, double woodM) {
        Segment seg = segment(s, woodM);
        return strength * seg.areaM2 * seg.armM / s.forwardNm;
    }

    /** Strength times arm grows with the thickness up to the most that may be left. */
    private static Optional<Double> needed(Strap s, double strength, double most) {
        if (!(ratio(s, strength, most) >= s.need)) {
            return Optional.empty();
        }
        double low = 0;
        double high = most;
        for (int i = 0; i < 80; i++) {
            double mid = (low + high) / 2;
            if (ratio(s, strength, mid) >= s.need) {
                high = mid;
            } else {
                low = mid;
            }
        }
        return Optional.of(high);
    }

    /** Rear segment of the stump's ellipse: a circle's, scaled across the lay. */
    private static Segment segment(Strap s, double woodM) {
        double r = s.dLayM / 2;
        double toChord = r - woodM;
        double half = Math.acos(Math.max(-1, Math.min(1, toChord / r)));
        double area = r * r * (half - Math.sin(half) * Math.cos(half));
        double centroid = area > 0 ? 2 * Math.pow(r * Math.sin(half), 3) / (3 * area) : r;
        return new Segment(area * s.dAcrossM / s.dLayM, r + centroid - s.depthM - s.hingeThickM / 2);
    }
}
