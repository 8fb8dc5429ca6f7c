package org.antevid.core.lay.sweep;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import org.antevid.core.lay.spread.LaySpread;
import org.antevid.core.message.Arg;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.retreat.EscapeRoutes;
import org.antevid.core.retreat.WayOut;
import org.antevid.core.site.Ground;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.DefectKind;
import org.antevid.core.stem.Species;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stump.BackCut;
import org.antevid.core.stump.CutCard;
import org.antevid.core.stump.CutChoice;
import org.antevid.core.stump.HingeHold;
import org.antevid.core.stump.Oval;
import org.antevid.core.stump.School;
import org.antevid.core.stump.SplitRisk;
import org.antevid.core.stump.StrapHold;

/**
 * Judges lays of one tree by the same rules: hard blocks first, then costs. Asked for any single lay or for all 360.
 * What does not depend on the lay (where each target is covered, which ways are barred) is computed once. Moments of
 * the lean are taken about the cut with the expected mass, whose scatter is in their sigma, the sit-back on the hinge
 * with the high one; the back moment is gravity only, the hinge's own bending belongs to wedges and line. Errs to the
 * safe side; a target missing from the list is what misleads it. Sources: mechanics, practice rules, judgement as named
 * at each number.
 */
public final class Sweep {
    private static final double[] VALUES = {0, 1, 5, 25, 100};
    private static final double[] LIMITS = {1, Double.POSITIVE_INFINITY, 0.10, 0.01, 0.001};
    private static final double CROWN_SPREAD = 1.15;
    /** Stubs and twigs stick out of the stem by this (judgement). */
    private static final double STICKS_OUT_M = 0.3;

    private static final double NO_USE = 99;
    private static final double WAY_LEAST_M = 6;
    private static final double WAY_SHARE = 0.25;
    private static final double WAY_WIDE_M = WayOut.CORRIDOR_M;
    /** The push of a hand high on the stem, N m: what needs no more needs no means (judgement). */
    public static final double PUSH_NM = 500;

    private final Tree tree;
    private final Method method;
    private final Around around;
    private final double lengthM;
    private final List<EscapeRoutes.Obstacle> trunks;
    private final List<LimitedTarget> aimed = new ArrayList<>();
    private final Map<Long, List<Arg>> barred = new ConcurrentHashMap<>();

    /**
     * The tree. Metres, kilograms, newton metres; moments of gravity (and whatever the plan must stand) east and north
     * about the cut.
     *
     * @param stump outline of the wood at the cut
     * @param hinge wood of the hinge, by lay
     * @param flare butt at the cut over the taper's diameter where nobody measured it: bar reach and sit-back only
     * @param massKg expected
     * @param sigmaMomentNm of the offset, in any direction
     * @param sigmaMassRel what the mass adds to it, as a share of the moment; 0 when it is in {@code sigmaMomentNm}
     * @param tipEastM standing offset of the tip
     */
    public record Tree(
            Estimate height,
            double cutHeightM,
            double crownRadiusM,
            double crownBaseM,
            double dCutM,
            double dbhM,
            Species species,
            Oval stump,
            double flare,
            HingeWood hinge,
            double massKg,
            double massHighKg,
            double cgM,
            double momentEastNm,
            double momentNorthNm,
            double sigmaMomentNm,
            double sigmaMassRel,
            double tipEastM,
            double tipNorthM,
            Weakness weakness) {}

    /** What the hinge of a lay is made of. */
    @FunctionalInterface
    public interface HingeWood {
        Condition at(double layDeg);

        /** @return side capacity left of it where it is hollow or decayed, 0..1 */
        default double sideShare(double layDeg, CutCard card) {
            return 1;
        }

        /** @return share of the hinge that is there to be bent, with its strength, 0..1 */
        default double bendShare(double layDeg, CutCard card) {
            return 1;
        }

        /** @return the wood that decides whether control is lost altogether */
        default Condition worst(double layDeg) {
            return at(layDeg);
        }
    }

    /** The side moment a guy takes on a lay, N m. */
    @FunctionalInterface
    public interface GuyPull {
        GuyPull NONE = (lay, side) -> 0;

        /** @param sideNm right of the lay positive */
        double nm(double layDeg, double sideNm);
    }

    /**
     * What makes a stem split up more readily.
     *
     * @param seamOrFork a seam, crack or fork is in it
     * @param underTension bent, or held at the top
     */
    public record Weakness(boolean seamOrFork, boolean underTension) {
        public static final Weakness NONE = new Weakness(false, false);
        private static final Set<DefectKind> SEAMS = EnumSet.of(
                DefectKind.CRACK, DefectKind.SPLIT_UNION, DefectKind.INCLUDED_BARK, DefectKind.LIGHTNING_SCAR);
        private static final Set<DefectKind> HELD =
                EnumSet.of(DefectKind.UNDER_TENSION, DefectKind.BENT_STEM, DefectKind.TIED_CROWN);

        /** At any height: where a split would run to is not known (errs to the safe side). */
        public static Weakness of(StemReading stem) {
            return new Weakness(
                    stem.defects().stream().anyMatch(d -> SEAMS.contains(d.kind()) && !d.tellsGood()),
                    stem.defects().stream().anyMatch(d -> HELD.contains(d.kind())));
        }
    }

    /** What the means can put against a backward moment on a lay, N m; empty when not known. */
    @FunctionalInterface
    public interface Capacity {
        Optional<Double> nm(double layDeg, CutCard card, double backHighNm);

        /** @return moment to the right that pulling against {@code backHighNm} off the lay puts on the hinge */
        default double sideNm(double layDeg, CutCard card, double backHighNm) {
            return 0;
        }

        /**
         * @return moment toward the lay that a line puts on while it is cut: all that is pulled when it is drawn as the
         *     kerf opens, else what it needs
         */
        default double forwardNm(double layDeg, CutCard card, double backHighNm) {
            return 0;
        }
    }

    /** How long the cutter has on a lay. */
    @FunctionalInterface
    public interface Getaway {
        /**
         * @param strapped he parts a strap, standing ready
         * @param forwardNm moment of the lean toward the lay
         */
        EscapeRoutes.Clock at(double layDeg, CutCard card, boolean strapped, double forwardNm, double backHighNm);
    }

    /**
     * How it is to be felled.
     *
     * @param cuts measures the leader set himself
     * @param guy side moment a guy takes
     * @param getaway time until it is down
     * @param limitWindNm moment of the wind at which work stops: a strap is left where it holds that too
     * @param nowWindNm moment of the wind that is there now
     * @param pushNm backward moment that needs no means: the push of a hand
     * @param throwShare what targets of worth 3 and 4 add to the length
     * @param hangUpLimit 0.05..1
     * @param leastSigmaDeg no lay is planned with less spread
     * @param unreliableWood a hinge of wood that holds this share of its strength or less governs nothing
     * @param leastAwayM by the rule of the house: a strap is left where he would be down to less while it falls
     */
    public record Method(
            School school,
            CutChoice cuts,
            double barM,
            CutCard.MovedBy movedBy,
            LaySpread.Cutter cutter,
            Capacity capacity,
            GuyPull guy,
            Getaway getaway,
            double limitWindNm,
            double nowWindNm,
            double pushNm,
            double throwShare,
            double hangUpLimit,
            EscapeRoutes.Footing footing,
            double leastSigmaDeg,
            double unreliableWood,
            double leastAwayM) {}

    /**
     * A thing that must not be hit, by the directions in which the tree covers it.
     *
     * @param mitigable it can be protected, but is not yet
     */
    public record Target(String id, int worth, boolean mitigable, Arcs near, Arcs withThrow) {
        private Arcs covering() {
            return worth >= 3 ? withThrow : near;
        }
    }

    /**
     * What stands around.
     *
     * @param escapeHeightM height the ways out are measured by
     */
    public record Around(
            Ground ground,
            List<Target> targets,
            List<Neighbour> neighbours,
            List<EscapeRoutes.Obstacle> obstacles,
            double escapeHeightM) {}

    private record LimitedTarget(Target target, double limit) {}

    /**
     * Strike chance of one target.
     *
     * @param limit chance from which it blocks, by its worth (judgement; the house sets it)
     */
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
     * @param wood of the hinge
     * @param controlled the hinge governs it
     * @param sigmaDeg spread it is planned with, 0 when not controlled
     * @param blocks why it cannot be
     * @param conditions what must be done first
     * @param backNm nominal backward moment with the sit-back on the hinge; negative: goes by itself
     * @param backHighNm the same at its 95 % side
     * @param guyNm side moment a guy takes of it
     * @param capacityNm of the means, the hinge's own hold taken off; empty when not known
     * @param leanDeg toward the lay, as expected; backward negative
     * @param sigmaForwardNm of the moment along the lay
     * @param sigmaSideNm of the moment across it
     * @param backCut as the leader chose, else the one that fits lean, pull and wood
     * @param clock time he has
     * @param enough the means beat the backward moment at its 95 % side, or it needs none
     */
    public record Row(
            double layDeg,
            Condition wood,
            HingeHold hold,
            boolean controlled,
            double sigmaDeg,
            List<Block> blocks,
            List<Precondition> conditions,
            Cost cost,
            double score,
            double forwardNm,
            double sideNm,
            double use,
            boolean withGuy,
            double guyNm,
            LaySpread spread,
            List<Struck> strikes,
            double hangUp,
            Map<String, Double> hangUps,
            double slopeDeg,
            EscapeRoutes escape,
            CutCard card,
            double backNm,
            double backHighNm,
            Optional<Double> capacityNm,
            SplitRisk split,
            double leanDeg,
            double sigmaForwardNm,
            double sigmaSideNm,
            BackCut backCut,
            EscapeRoutes.Clock clock,
            boolean enough) {
        public boolean blocked() {
            return !blocks.isEmpty();
        }

        /** @return whether the means, or the push of a hand, beat the backward moment as it is expected */
        public boolean enoughAsExpected() {
            return backNm <= Math.max(PUSH_NM, capacityNm.orElse(0.0));
        }

        /** @return moment toward the lay at its 95 % side, N m */
        public double forwardHighNm() {
            return forwardNm + backHighNm - backNm;
        }
    }

    public Sweep(Tree tree, Method method, Around around) {
        this.tree = tree;
        this.method = method;
        this.around = around;
        this.lengthM = length(tree);
        // what lies beyond the longest way bars none
        double farthest = Math.max(WAY_LEAST_M, WAY_SHARE * around.escapeHeightM) + WAY_WIDE_M;
        this.trunks = Stream.concat(
                        around.obstacles.stream(),
                        around.neighbours.stream()
                                .filter(n -> Math.hypot(n.eastM(), n.northM()) <= farthest + n.dbhM())
                                .map(Neighbour::trunk))
                .filter(o -> o.shape().distanceTo(new Spot(0, 0)) <= farthest)
                .toList();
        for (Target t : around.targets) {
            aimed.add(new LimitedTarget(t, LIMITS[t.worth]));
        }
    }

    /** @return hinge to tip at the 95 % side of the height */
    public static double length(Tree tree) {
        return tree.height.high() - tree.cutHeightM;
    }

    /** @return the tree as it will lie */
    public static LyingTree lying(Tree tree) {
        double length = length(tree);
        return new LyingTree(
                length,
                Math.max(0, Math.min(tree.crownBaseM - tree.cutHeightM, length)),
                tree.dCutM / 2 + STICKS_OUT_M,
                Math.max(tree.dCutM / 2 + STICKS_OUT_M, CROWN_SPREAD * tree.crownRadiusM));
    }

    /** @return everything the sweep says of one lay */
    public Row at(double layDeg) {
        double a = Math.toRadians(layDeg);
        double forward = tree.momentEastNm * Math.sin(a) + tree.momentNorthNm * Math.cos(a);
        double leanSide = tree.momentEastNm * Math.cos(a) - tree.momentNorthNm * Math.sin(a);
        double weight = tree.massKg * StemMass.G;
        double slope = around.ground.alongDeg(layDeg);
        double lean = Math.toDegrees(Math.atan(forward / (weight * tree.cgM)));
        double sigmaForward = Math.hypot(tree.sigmaMomentNm, tree.sigmaMassRel * forward);
        double sigmaSide = Math.hypot(tree.sigmaMomentNm, tree.sigmaMassRel * leanSide);
        Condition wood = tree.hinge.at(layDeg);
        CutCard card = CutCard.of(method.cuts.stump(
                method.school,
                tree.stump,
                layDeg,
                wood,
                lean,
                slope,
                CutChoice.bar(method.barM),
                method.movedBy,
                tree.flare));
        double back = tree.massHighKg * StemMass.G * card.hingeOffsetM() - forward;
        double backHigh = back + Estimate.Z95 * sigmaForward;
        double side = leanSide + method.capacity.sideNm(layDeg, card, Math.max(0, backHigh));
        HingeHold hold = HingeHold.of(
                        tree.species, wood, card, tree.hinge.sideShare(layDeg, card), side, sigmaSide, forward)
                .bending(tree.hinge.bendShare(layDeg, card));
        double guyNm = method.guy.nm(layDeg, side);
        double loose = Math.max(0, hold.designNm() - guyNm);
        double use = hold.capacityNm() > 0 ? Math.min(NO_USE, loose / hold.capacityNm()) : NO_USE;
        LaySpread spread = spread(layDeg, tree.hinge.worst(layDeg), card, hold, side, guyNm);
        List<Block> blocks = new ArrayList<>();
        List<Precondition> conditions = new ArrayList<>();
        boolean controlled = use < 1 && spread.controlled() && wood.factor() > method.unreliableWood;
        if (!controlled) {
            blocks.add(new Block.NoSideControl());
        }
        double bias = spread.biasDeg().orElse(0.0);
        double sigma =
                spread.sigmaDeg().map(x -> Math.max(method.leastSigmaDeg, x)).orElse(0.0);
        List<Struck> strikes = new ArrayList<>();
        double worth = 0;
        for (LimitedTarget t : aimed) {
            Arcs covering = t.target.covering();
            if (covering.isEmpty()) {
                continue;
            }
            Strike strike = controlled
                    ? Strike.of(covering, layDeg, bias, sigma, spread.lostChance())
                    : Strike.uncontrolled(covering);
            Struck struck = new Struck(t.target.id, t.target.worth, t.target.mitigable, t.limit, strike);
            strikes.add(struck);
            worth += VALUES[t.target.worth] * strike.decision() * (t.target.mitigable ? 0.3 : 1);
            if (strike.controlled() > t.limit) {
                if (t.target.mitigable) {
                    conditions.add(new Precondition.Protect(t.target.id));
                } else {
                    blocks.add(new Block.TargetStruck(t.target.id, strike.controlled(), t.limit));
                }
            }
        }
        Map<String, Double> hangUps = new HashMap<>();
        double clear = 1;
        for (Neighbour n : around.neighbours) {
            double severity = n.hangUp(
                    layDeg,
                    controlled ? sigma : Neighbour.UNCONTROLLED_DRIFT_DEG,
                    CROWN_SPREAD * tree.crownRadiusM,
                    lengthM,
                    tree.dbhM);
            if (severity > 0) {
                hangUps.put(n.id(), severity);
                clear *= 1 - severity;
            }
        }
        double hangUp = 1 - clear;
        if (hangUp > method.hangUpLimit) {
            blocks.add(new Block.HangsUp(hangUp, method.hangUpLimit));
        }
        Optional<Double> capacity = method.capacity.nm(layDeg, card, backHigh);
        boolean enough = backHigh <= method.pushNm || backHigh <= capacity.orElse(0.0);
        if (back > method.pushNm && back > capacity.orElse(0.0)) {
            blocks.add(new Block.SitsBack());
        } else if (!enough) {
            conditions.add(new Precondition.MoreMeans());
        }
        double pulled = forward + method.capacity.forwardNm(layDeg, card, Math.max(0, backHigh));
        SplitRisk.Cut cut = new SplitRisk.Cut(
                tree.species,
                wood,
                method.school,
                SplitRisk.Opening.BACK_CUT,
                card.dLayM(),
                card.dAcrossM(),
                card.depthM(),
                card.hingeThickM(),
                pulled,
                Math.max(-45, Math.min(60, lean)),
                Optional.of(weight * tree.cgM),
                tree.weakness.seamOrFork,
                tree.weakness.underTension);
        SplitRisk split = SplitRisk.of(cut);
        EscapeRoutes.Clock straight = method.getaway.at(layDeg, card, false, forward, backHigh);
        BackCut backCut = method.cuts.backCut().orElseGet(() -> asked(layDeg, card, split, lean, forward, straight));
        EscapeRoutes.Clock clock = backCut == BackCut.BORE_STRAP && card.borePossible()
                ? method.getaway.at(layDeg, card, true, forward, backHigh)
                : straight;
        EscapeRoutes escape = escape(layDeg, clock);
        long open = escape.routes().stream().filter(EscapeRoutes.Route::open).count();
        if (open == 0) {
            blocks.add(new Block.NoWayOut());
        }
        if (card.barReach() == CutCard.BarReach.NOT_REACHABLE) {
            blocks.add(new Block.BarTooShort());
        }
        if (split.advice() == SplitRisk.Advice.DO_NOT_HAND_FELL) {
            blocks.add(new Block.SplitsUp());
        } else if (split.advice() != SplitRisk.Advice.STANDARD) {
            conditions.add(new Precondition.CutAs(split.advice()));
        }
        Cost cost = new Cost(
                Math.min(1, worth / 5),
                hangUp,
                Math.min(1, use),
                Math.min(1, Math.max(0, backHigh) / (0.05 * weight * tree.cgM)),
                Math.min(1, Math.abs(slope) / 30) * (slope > 0 ? 0.7 : 1),
                open == 2 ? 0 : open == 1 ? 0.5 : 1);
        return new Row(
                layDeg,
                wood,
                hold,
                controlled,
                sigma,
                List.copyOf(blocks),
                List.copyOf(conditions),
                cost,
                cost.score(),
                forward,
                side,
                use,
                use >= 0.6 && use < 1,
                guyNm,
                spread,
                List.copyOf(strikes),
                hangUp,
                Map.copyOf(hangUps),
                slope,
                escape,
                card,
                back,
                backHigh,
                capacity,
                split,
                lean,
                sigmaForward,
                sigmaSide,
                backCut,
                clock,
                enough);
    }

    /**
     * A straight back cut where nothing asks for more: a strap holds a stem that leans, is pulled, splits readily, or
     * would be down before he is away.
     */
    private BackCut asked(
            double layDeg, CutCard card, SplitRisk split, double lean, double forward, EscapeRoutes.Clock straight) {
        // an upright stem is not left on a strap that would not hold today
        boolean splits = split.backCut().compareTo(SplitRisk.Level.HIGH) >= 0
                && card.borePossible()
                && (lean >= UPRIGHT_DEG || strapHolds(layDeg, card, forward, method.nowWindNm));
        boolean must = splits
                || method.movedBy == CutCard.MovedBy.LINE
                || straight.walkedM(method.footing)
                        .filter(m -> m < method.leastAwayM)
                        .isPresent();
        boolean may = split.backCut() == SplitRisk.Level.MODERATE;
        return card.borePossible() && (must || may && strapHolds(layDeg, card, forward, method.limitWindNm))
                ? BackCut.BORE_STRAP
                : BackCut.STRAIGHT;
    }

    /** Who gets less far than this from the falling stem is not away, metres (practice rule). */
    public static final double LEAST_AWAY_M = 1.5;

    /** Leaning less than this to its lay a stem is taken for upright, degrees (judgement). */
    public static final double UPRIGHT_DEG = 3;

    /** Whether the thickest strap that leaves room to bore holds lean and wind. */
    private boolean strapHolds(double layDeg, CutCard card, double forward, double windNm) {
        double thick = card.strapM() + card.boreLengthM().orElseThrow() - CutCard.BORE_NEEDS_M;
        return StrapHold.of(new StrapHold.Strap(
                        tree.species,
                        tree.hinge.worst(layDeg),
                        card.dLayM(),
                        card.dAcrossM(),
                        card.depthM(),
                        card.hingeThickM(),
                        Math.max(0.003, thick),
                        0,
                        forward + Estimate.Z95 * Math.hypot(tree.sigmaMomentNm, tree.sigmaMassRel * forward) + windNm,
                        0.5,
                        2))
                .holds();
    }

    private LaySpread spread(double layDeg, Condition wood, CutCard card, HingeHold hold, double side, double guyNm) {
        double a = Math.toRadians(layDeg);
        double tip = tree.tipEastM * Math.cos(a) - tree.tipNorthM * Math.sin(a);
        boolean holds = hold.capacityNm() > 0;
        double left = Math.signum(side) * Math.max(0, Math.abs(side) - guyNm);
        return LaySpread.of(
                method.cutter,
                new LaySpread.Hinge(
                        Math.max(0.03, card.hingeLengthM()),
                        Math.max(0.005, card.hingeThickM()),
                        holds ? left / hold.capacityNm() : 0,
                        holds ? (hold.designNm() - Math.abs(side)) / Estimate.Z95 / hold.capacityNm() : 0,
                        Math.max(-0.5 * lengthM, Math.min(0.5 * lengthM, tip)),
                        lengthM,
                        wood));
    }

    private EscapeRoutes escape(double layDeg, EscapeRoutes.Clock clock) {
        Optional<Double> lean = Math.hypot(tree.momentEastNm, tree.momentNorthNm) > 0
                ? Optional.of(org.antevid.core.quantity.Azimuth.of(tree.momentEastNm, tree.momentNorthNm))
                : Optional.empty();
        EscapeRoutes.Cutter cutter = new EscapeRoutes.Cutter(
                layDeg,
                around.escapeHeightM,
                around.ground,
                lean,
                clock.fastS(),
                1.5,
                clock.reactS(),
                3,
                method.footing,
                WAY_LEAST_M,
                WAY_SHARE,
                WAY_WIDE_M,
                trunks);
        return EscapeRoutes.of(
                cutter,
                (azimuth, required) ->
                        barred.computeIfAbsent(Math.round(azimuth * 1000), k -> cutter.barred(azimuth, required)));
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
        return around.neighbours.stream()
                .filter(n -> n.touchesStanding(tree.crownRadiusM))
                .map(Neighbour::id)
                .toList();
    }
}
