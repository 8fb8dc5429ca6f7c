package org.antevid.core.takedown.crane;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.stem.StemMass;
import org.antevid.core.takedown.Remark;
import org.antevid.core.takedown.Remarks;

/**
 * What a leg presses on the ground. Mechanics: a stiff frame on its legs where the maker's force is not known, a pad
 * that bends; ground by typical values. Set up by the maker's bubble; the maker and local code outrank it.
 *
 * @param reactionsN of each leg, standing still; empty where the maker's force is taken
 * @param sideEffectiveM of the pad that really presses
 * @param util empty on ground that bears nothing
 */
public record PadPressure(
        double reactionN,
        Optional<List<Double>> reactionsN,
        double sideEffectiveM,
        double pressureKpa,
        Optional<Double> util,
        Optional<Double> sideNeededM,
        List<Remarks.Told> remarks) {
    private static final double NEAR = 0.8;
    private static final double LIFTS_SHARE = 0.85;
    private static final double OWN_FACTOR = 1.2;
    private static final double FLAT = 1e-9;

    /** Ground, with the pressure it bears in kPa (typical values). */
    public enum Soil {
        PEAT_OR_FRESH_FILL(0),
        WET_LAWN_OR_SOFT_CLAY(40),
        LAWN(75),
        FIRM_CLAY_OR_LOOSE_SAND(100),
        STIFF_CLAY_OR_DENSE_SAND(200),
        COMPACTED_GRAVEL(250),
        PAVEMENT_ON_BASE(200);

        private final double kpa;

        Soil(double kpa) {
            this.kpa = kpa;
        }
    }

    /** A place, metres. */
    public record Place(double x, double y) {}

    /** @param loadKg upper value with hook and slings; all empty where the maker's force is taken */
    public record Own(
            Optional<Double> craneMassKg,
            Place centre,
            Optional<Double> loadKg,
            Optional<Double> hookXM,
            Optional<Double> hookYM,
            Optional<List<Place>> corners) {}

    /** @param makersN the maker's force of this leg; empty: reckoned from {@code own} */
    public record Leg(Optional<Double> makersN, Own own, Optional<Double> dynamicFactor) {}

    /** @param thickM empty: taken as stiff */
    public record Pad(double sideM, double footM, Optional<Double> thickM, double mpa, double massKg) {}

    /**
     * @param kpa in place of the soil
     * @param excavationM pad edge to the edge of a pit, wall or bank
     * @param voidNear manhole, pipe, tank or cellar; empty: nobody said
     */
    public record Ground(
            Optional<Soil> soil,
            Optional<Double> kpa,
            Optional<Double> excavationM,
            Optional<Double> excavationDepthM,
            Optional<Boolean> voidNear) {}

    /** @throws RefusedInput {@code PAD_SMALLER_THAN_FOOT}, {@code ONE_OF}, {@code MISSING}, {@code CORNERS_IN_LINE} */
    public static PadPressure of(Leg leg, Pad pad, Ground g) {
        if (pad.sideM < pad.footM) {
            throw new RefusedInput(Refusal.PAD_SMALLER_THAN_FOOT, "pad_side_m");
        }
        if (g.soil.isPresent() == g.kpa.isPresent()) {
            throw new RefusedInput(Refusal.ONE_OF, "soil");
        }
        Remarks remarks = new Remarks().when(pad.thickM.isEmpty(), Remark.ASSUMED, "pad_thick_m");
        Optional<List<Double>> all = leg.makersN.isPresent() ? Optional.empty() : Optional.of(reactions(leg.own));
        if (g.excavationM.isPresent() != g.excavationDepthM.isPresent()) {
            throw new RefusedInput(Refusal.NEEDED, g.excavationM.isEmpty() ? "excavation_m" : "excavation_depth_m");
        }
        double still = leg.makersN.orElseGet(() -> largest(all.orElseThrow(), leg.own, remarks));
        double reaction = still * leg.dynamicFactor.orElse(leg.makersN.isPresent() ? 1 : OWN_FACTOR);
        double side = effective(pad, reaction);
        double pressure = (reaction / (side * side) + pad.massKg * StemMass.G / (pad.sideM * pad.sideM)) / 1000;
        double bears = g.kpa.orElseGet(() -> g.soil.orElseThrow().kpa);
        Optional<Double> util = Optional.of(pressure / bears).filter(u -> bears > 0);
        remarks.when(g.kpa.isEmpty(), Remark.ASSUMED, "soil_kpa")
                .when(util.isEmpty(), Remark.NO_BEARING)
                .when(util.filter(u -> u > 1).isPresent(), Remark.GROUND_OVER_LIMIT)
                .when(util.filter(u -> u > NEAR && u <= 1).isPresent(), Remark.GROUND_NEAR_LIMIT);
        g.excavationM.ifPresent(away -> {
            double depth = g.excavationDepthM.orElseThrow();
            if (away < depth) {
                remarks.say(Remark.EXCAVATION_INSIDE);
            } else {
                remarks.when(away < 2 * depth, Remark.EXCAVATION_CLOSE);
            }
        });
        g.voidNear.ifPresentOrElse(
                near -> remarks.when(near, Remark.VOID_BELOW), () -> remarks.say(Remark.NOT_CHECKED, "void_near"));
        return new PadPressure(
                reaction,
                all,
                side,
                pressure,
                util,
                Optional.of(Math.sqrt(reaction / (bears * 1000))).filter(x -> bears > 0),
                remarks.told());
    }

    private static double effective(Pad pad, double reactionN) {
        if (pad.thickM.isEmpty()) {
            return pad.sideM;
        }
        double root = Math.sqrt(reactionN);
        double s = (root - 2 * pad.thickM.get() * Math.sqrt(pad.mpa * 1e6 / 3)) / pad.footM;
        return s <= 0 ? pad.sideM : Math.min(pad.sideM, root / s);
    }

    private static double largest(List<Double> reactions, Own own, Remarks remarks) {
        double most = reactions.stream().mapToDouble(r -> r).max().orElseThrow();
        boolean lifts = reactions.stream().anyMatch(r -> r < 0);
        remarks.say(Remark.RIGID_ESTIMATE).when(lifts, Remark.LEG_LIFTS);
        double all = (own.craneMassKg.orElseThrow() + own.loadKg.orElseThrow()) * StemMass.G;
        return lifts ? Math.max(most, LIFTS_SHARE * all) : most;
    }

    private static <T> T needed(Optional<T> value, String field) {
        return value.orElseThrow(() -> new RefusedInput(Refusal.NEEDED, field));
    }

    /** Stiff frame: N / n + a x + b y about the middle of the corners, so that both moments are met. */
    private static List<Double> reactions(Own own) {
        double crane = needed(own.craneMassKg, "crane_mass_kg") * StemMass.G;
        double load = needed(own.loadKg, "load_kg") * StemMass.G;
        double hookX = needed(own.hookXM, "hook_x_m");
        double hookY = needed(own.hookYM, "hook_y_m");
        List<Place> corners = needed(own.corners, "corners");
        int n = corners.size();
        double mx = corners.stream().mapToDouble(Place::x).average().orElseThrow();
        double my = corners.stream().mapToDouble(Place::y).average().orElseThrow();
        double xx = 0;
        double yy = 0;
        double xy = 0;
        for (Place c : corners) {
            xx += (c.x - mx) * (c.x - mx);
            yy += (c.y - my) * (c.y - my);
            xy += (c.x - mx) * (c.y - my);
        }
        double det = xx * yy - xy * xy;
        if (Math.abs(det) <= FLAT * (xx + yy) * (xx + yy)) {
            throw new RefusedInput(Refusal.CORNERS_IN_LINE, "corners");
        }
        double momentX = crane * (own.centre.x - mx) + load * (hookX - mx);
        double momentY = crane * (own.centre.y - my) + load * (hookY - my);
        double a = (momentX * yy - momentY * xy) / det;
        double b = (momentY * xx - momentX * xy) / det;
        List<Double> reactions = new ArrayList<>();
        corners.forEach(c -> reactions.add((crane + load) / n + a * (c.x - mx) + b * (c.y - my)));
        return reactions;
    }
}
