package org.antevid.core.lay;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.antevid.core.cut.CutCard;
import org.antevid.core.cut.CutChoice;
import org.antevid.core.cut.HingeHold;
import org.antevid.core.cut.Oval;
import org.antevid.core.cut.School;
import org.antevid.core.cut.SplitRisk;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.retreat.EscapeRoutes;
import org.antevid.core.site.Ground;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.DefectKind;
import org.antevid.core.stem.Species;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.StemReading;

/**
 * Judges lays of one tree by the same rules: hard blocks first, then costs. Asked for any single lay or for all 360. What does not
 * depend on the lay (where each target is covered, which ways are barred) is computed once. Moments are taken about the cut with the
 * high mass; the back moment is gravity only, the hinge's own bending belongs to wedges and line. Errs to the safe side; a target
 * missing from the list is what misleads it. Sources: mechanics, practice rules, judgement as named at each number.
 */
public final class Sweep {
    private static final double[] VALUES = {0, 1, 5, 25, 100};
    private static final double[] LIMITS = {1, Double.POSITIVE_INFINITY, 0.10, 0.01, 0.001};
    private static final double CROWN_SPREAD = 1.15;
    private static final double NO_USE = 99;

    private final Felled tree;
    private final Method method;
    private final Around around;
    private final double lengthM;
    private final List<Aimed> aimed = new ArrayList<>();
    private final Map<Long, List<String>> barred = new HashMap<>();

    /**
     * The tree. Metres, kilograms, newton metres; moments of gravity (and whatever the plan must stand) east and north about the cut.
     *
     * @param stump     outline of the wood at the cut
     * @param hinge     wood of the hinge, by lay
     * @param tipEastM  standing offset of the tip
     */
    public record Felled(Estimate height, double cutHeightM, double crownRadiusM, double crownBaseM, double dCutM, double dbhM, Species species,
                         Oval stump, HingeWood hinge, double massKg, double cgM, double momentEastNm, double momentNorthNm, double sigmaMomentNm,
                         double tipEastM, double tipNorthM, Weakness weakness) {
    }

    /** What the hinge of a lay is made of. */
    @FunctionalInterface
    public interface HingeWood {
        Condition at(double layDeg);

        /** @return side capacity left of it where it is hollow or decayed, 0..1 */
        default double sideShare(double layDeg, CutCard card) {
            return 1;
        }
    }

    /** The side moment a guy takes on a lay, N m. */
    @FunctionalInterface
    public interface Guyed {
        Guyed NONE = (lay, side) -> 0;

        /** @param sideNm right of the lay positive */
        double nm(double layDeg, double sideNm);
    }

    /** What makes a stem split up more readily. @param seamOrFork a seam, crack or fork is in it @param underTension bent, or held at the top */
    public record Weakness(boolean seamOrFork, boolean underTension) {
        public static final Weakness NONE = new Weakness(false, false);
        private static final Set<DefectKind> SEAMS = EnumSet.of(DefectKind.CRACK, DefectKind.SPLIT_UNION, DefectKind.INCLUDED_BARK, DefectKind.LIGHTNING_SCAR);
        private static final Set<DefectKind> HELD = EnumSet.of(DefectKind.UNDER_TENSION, DefectKind.BENT_STEM, DefectKind.TIED_CROWN);

        /** At any height: where a split would run to is not known (errs to the safe side). */
        public static Weakness of(StemReading stem) {
            return new Weakness(stem.defects().stream().anyMatch(d -> SEAMS.contains(d.kind()) && !d.tellsGood()), stem.defects().stream().anyMatch(d -> HELD.contains(d.kind())));
        }
    }

    /** What the means can put against a backward moment on a lay, N m; empty when not known. */
    @FunctionalInterface
    public interface Capacity {
        Optional<Double> nm(double layDeg, CutCard card, double nominalBackNm);

        /** @return moment to the right that pulling against {@code backHighNm} off the lay puts on the hinge */
        default double sideNm(double layDeg, CutCard card, double backHighNm) {
            return 0;
        }
    }

    /**
     * How it is to be felled.
     *
     * @param cuts        measures the leader set himself
     * @param guy         side moment a guy takes
     * @param fastS       time until it is down
     * @param throwShare  what targets of worth 3 and 4 add to the length
     * @param hangUpLimit 0.05..1
     * @param leastSigmaDeg  no lay is planned with less spread
     * @param unreliableWood a hinge of wood that holds this share of its strength or less governs nothing
     */
    public record Method(School school, CutChoice cuts, double barM, CutCard.MovedBy movedBy, LaySpread.Cutter cutter, Capacity capacity, Guyed guy, Optional<Double> fastS,
                         double throwShare, double hangUpLimit, EscapeRoutes.Footing footing, double leastSigmaDeg, double unreliableWood) {
    }

    /** A thing that must not be hit, by the directions in which the tree covers it. @param mitigable it can be protected, but is not yet */
    public record Target(String id, int worth, boolean mitigable, Arcs near, Arcs withThrow) {
        private Arcs covering() {
            return worth >= 3 ? withThrow : near;
        }
    }

    /** What stands around. @param escapeHeightM height the ways out are measured by */
    public record Around(Ground ground, List<Target> targets, List<Neighbour> neighbours, List<EscapeRoutes.Obstacle> obstacles, double escapeHeightM) {
    }

    private record Aimed(Target target, double limit) {
    }

    /** Strike chance of one target. @param limit chance from which it blocks, by its worth (judgement; the house sets it) */
    public record Struck(String id, int worth, boolean mitigable, double limit, Strike strike) {
        public boolean blocks() {
            return !mitigable && strike.controlled() > limit;
        }

        /** @return whether only losing control altogether brings it over the limit */
        public boolean onlyWhenLost() {
            return strike.controlled() <= limit && strike.decision() > limit;
        }
    }

    /** Parts of the cost, each 0..1. */
    public record Cost(double targets, double hangUp, double side, double back, double slope, double escape) {
        /** @return 0..100, more is better */
        public double score() {
            return Math.max(0, 100 - 40 * targets - 25 * hangUp - 15 * side - 10 * back - 10 * slope - 10 * escape);
        }
    }

    /**
     * One lay judged.
     *
     * @param wood       of the hinge
     * @param controlled the hinge governs it
     * @param sigmaDeg   spread it is planned with, 0 when not controlled
     * @param blocks     why it cannot be, by code
     * @param conditions what must be done first, by code
     * @param backNm     nominal backward moment with the sit-back on the hinge; negative: goes by itself
     * @param backHighNm the same at its 95 % side
     * @param guyNm      side moment a guy takes of it
     * @param capacityNm of the means, the hinge's own hold taken off; empty when not known
     */
    public record Row(double layDeg, Condition wood, HingeHold hold, boolean controlled, double sigmaDeg, List<String> blocks, List<String> conditions, Cost cost, double score, double forwardNm, double sideNm, double use, boolean withGuy, double guyNm,
                      LaySpread spread, List<Struck> strikes, double hangUp, Map<String, Double> hangUps, double slopeDeg, EscapeRoutes escape, CutCard card, double backNm, double backHighNm,
                      Optional<Double> capacityNm, SplitRisk split) {
        public boolean blocked() {
            return !blocks.isEmpty();
        }

        /** @return moment toward the lay at its 95 % side, N m */
        public double forwardHighNm() {
            return forwardNm + backHighNm - backNm;
        }
    }

    public Sweep(Felled tree, Method method, Around around) {
        this.tree = tree;
        this.method = method;
        this.around = around;
        this.lengthM = length(tree);
        for (Target t : around.targets) {
            aimed.add(new Aimed(t, LIMITS[t.worth]));
        }
    }

    /** @return hinge to tip at the 95 % side of the height */
    public static double length(Felled tree) {
        return tree.height.high() - tree.cutHeightM;
    }

    /** @return the tree as it will lie */
    public static LyingTree lying(Felled tree) {
        double length = length(tree);
        return new LyingTree(length, Math.max(0, Math.min(tree.crownBaseM - tree.cutHeightM, length)), Math.max(0.02, tree.dCutM / 2), Math.max(0.02, CROWN_SPREAD * tree.crownRadiusM));
    }

    /** @return everything the sweep says of one lay */
    public Row at(double layDeg) {
        double a = Math.toRadians(layDeg);
        double forward = tree.momentEastNm * Math.sin(a) + tree.momentNorthNm * Math.cos(a);
        double leanSide = tree.momentEastNm * Math.cos(a) - tree.momentNorthNm * Math.sin(a);
        double weight = tree.massKg * StemMass.G;
        double slope = around.ground.alongDeg(layDeg);
        double lean = Math.toDegrees(Math.atan(forward / (weight * tree.cgM)));
        Condition wood = tree.hinge.at(layDeg);
        CutCard card = CutCard.of(method.cuts.stump(method.school, tree.stump, layDeg, wood, lean, slope, CutChoice.bar(method.barM), method.movedBy));
        double back = weight * card.hingeOffsetM() - forward;
        double backHigh = back + Estimate.Z95 * tree.sigmaMomentNm;
        double side = leanSide + method.capacity.sideNm(layDeg, card, Math.max(0, backHigh));
        HingeHold hold = HingeHold.of(tree.species, wood, card, tree.hinge.sideShare(layDeg, card), side, tree.sigmaMomentNm, forward);
        double guyNm = method.guy.nm(layDeg, side);
        double loose = Math.max(0, hold.designNm() - guyNm);
        double use = hold.capacityNm() > 0 ? Math.min(NO_USE, loose / hold.capacityNm()) : NO_USE;
        LaySpread spread = spread(layDeg, wood, card, hold, side, guyNm);
        List<String> blocks = new ArrayList<>();
        List<String> conditions = new ArrayList<>();
        boolean controlled = use < 1 && spread.controlled() && wood.factor() > method.unreliableWood;
        if (!controlled) {
            blocks.add("NO_SIDE_CONTROL");
        }
        double bias = spread.biasDeg().orElse(0.0);
        double sigma = spread.sigmaDeg().map(x -> Math.max(method.leastSigmaDeg, x)).orElse(0.0);
        List<Struck> strikes = new ArrayList<>();
        double worth = 0;
        for (Aimed t : aimed) {
            Arcs covering = t.target.covering();
            if (covering.isEmpty()) {
                continue;
            }
            Strike strike = controlled ? Strike.of(covering, layDeg, bias, sigma, spread.lostChance()) : Strike.uncontrolled(covering);
            Struck struck = new Struck(t.target.id, t.target.worth, t.target.mitigable, t.limit, strike);
            strikes.add(struck);
            worth += VALUES[t.target.worth] * strike.decision() * (t.target.mitigable ? 0.3 : 1);
            if (strike.controlled() > t.limit) {
                (t.target.mitigable ? conditions : blocks).add((t.target.mitigable ? "MITIGATE:" : "TARGET:") + t.target.id);
            }
        }
        Map<String, Double> hangUps = new HashMap<>();
        double clear = 1;
        for (Neighbour n : around.neighbours) {
            double severity = n.hangUp(layDeg, sigma, CROWN_SPREAD * tree.crownRadiusM, lengthM, tree.dbhM);
            if (severity > 0) {
                hangUps.put(n.id(), severity);
                clear *= 1 - severity;
            }
        }
        double hangUp = 1 - clear;
        if (hangUp > method.hangUpLimit) {
            blocks.add("HANG_UP");
        }
        Optional<Double> capacity = method.capacity.nm(layDeg, card, back);
        if (back > 0 && back > capacity.orElse(0.0)) {
            blocks.add("BACK_MOMENT");
        } else if (backHigh > 0 && backHigh > capacity.orElse(0.0)) {
            conditions.add("BACK_MOMENT");
        }
        EscapeRoutes escape = escape(layDeg);
        long open = escape.routes().stream().filter(EscapeRoutes.Route::open).count();
        if (open == 0) {
            blocks.add("NO_ESCAPE");
        }
        if (card.barReach() == CutCard.BarReach.NOT_REACHABLE) {
            blocks.add("BAR_TOO_SHORT");
        }
        SplitRisk split = SplitRisk.of(new SplitRisk.Cut(tree.species, wood, method.school, SplitRisk.Opening.BACK_CUT, card.dLayM(), card.dAcrossM(), card.depthM(), card.hingeThickM(),
            forward, Math.max(-45, Math.min(60, lean)), tree.weakness.seamOrFork, tree.weakness.underTension));
        if (split.advice() == SplitRisk.Advice.DO_NOT_HAND_FELL) {
            blocks.add("BARBER_CHAIR");
        } else if (split.advice() != SplitRisk.Advice.STANDARD) {
            conditions.add("CUT:" + split.advice().key());
        }
        Cost cost = new Cost(Math.min(1, worth / 5), hangUp, Math.min(1, use), Math.min(1, Math.max(0, backHigh) / (0.05 * weight * tree.cgM)),
            Math.min(1, Math.abs(slope) / 30) * (slope > 0 ? 0.7 : 1), open == 2 ? 0 : open == 1 ? 0.5 : 1);
        return new Row(layDeg, wood, hold, controlled, sigma, List.copyOf(blocks), List.copyOf(conditions), cost, cost.score(), forward, side, use, use >= 0.6 && use < 1, guyNm, spread, List.copyOf(strikes), hangUp,
            Map.copyOf(hangUps), slope, escape, card, back, backHigh, capacity, split);
    }

    private LaySpread spread(double layDeg, Condition wood, CutCard card, HingeHold hold, double side, double guyNm) {
        double a = Math.toRadians(layDeg);
        double tip = tree.tipEastM * Math.cos(a) - tree.tipNorthM * Math.sin(a);
        boolean holds = hold.capacityNm() > 0;
        double left = Math.signum(side) * Math.max(0, Math.abs(side) - guyNm);
        return LaySpread.of(method.cutter, new LaySpread.Hinge(Math.max(0.03, card.hingeLengthM()), Math.max(0.005, card.hingeThickM()), holds ? left / hold.capacityNm() : 0,
            holds ? tree.sigmaMomentNm / hold.capacityNm() : 0, Math.max(-0.99 * lengthM, Math.min(0.99 * lengthM, tip)), lengthM, wood));
    }

    private EscapeRoutes escape(double layDeg) {
        Optional<Double> lean = Math.hypot(tree.momentEastNm, tree.momentNorthNm) > 0 ? Optional.of(org.antevid.core.quantity.Azimuth.of(tree.momentEastNm, tree.momentNorthNm)) : Optional.empty();
        EscapeRoutes.Cutter cutter = new EscapeRoutes.Cutter(layDeg, around.escapeHeightM, around.ground, lean, method.fastS, 1.5, 1, 3, method.footing, 6, 0.25, 1.5, around.obstacles);
        return EscapeRoutes.of(cutter, (azimuth, required) -> barred.computeIfAbsent(Math.round(azimuth * 1000), k -> cutter.barred(azimuth, required)));
    }

    /** @return all whole degrees */
    public List<Row> all() {
        List<Row> rows = new ArrayList<>(360);
        for (int az = 0; az < 360; az++) {
            rows.add(at(az));
        }
        return rows;
    }

    /** @return neighbours whose crowns touch this one's while they stand */
    public List<String> touching() {
        return around.neighbours.stream().filter(n -> n.touchesStanding(tree.crownRadiusM)).map(Neighbour::id).toList();
    }
}
