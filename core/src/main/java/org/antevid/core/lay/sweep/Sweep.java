package org.antevid.core.lay.sweep;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.antevid.core.lay.spread.LaySpread;
import org.antevid.core.message.Arg;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.retreat.EscapeRoutes;
import org.antevid.core.retreat.LeavingCutter;
import org.antevid.core.retreat.WayOut;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stump.BackCut;
import org.antevid.core.stump.CutCard;
import org.antevid.core.stump.CutChoice;
import org.antevid.core.stump.HingeHold;
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
    private static final double CROWN_SPREAD = 1.15;
    /** Stubs and twigs stick out of the stem by this (judgement). */
    private static final double STICKS_OUT_M = 0.3;

    private static final double NO_USE = 99;
    private static final double WAY_LEAST_M = 6;
    private static final double WAY_SHARE = 0.25;
    private static final double WAY_WIDE_M = WayOut.CORRIDOR_M;
    /** The push of a hand high on the stem, N m: what needs no more needs no means (judgement). */
    public static final double PUSH_NM = 500;
    /** Who gets less far than this from the falling stem is not away, metres (practice rule). */
    public static final double LEAST_AWAY_M = 1.5;
    /** Leaning less than this to its lay a stem is taken for upright, degrees (judgement). */
    public static final double UPRIGHT_DEG = 3;

    private final SweptTree tree;
    private final FellingMethod method;
    private final Around around;
    private final double lengthM;
    private final double weightN;
    private final List<EscapeRoutes.Obstacle> trunks;
    private final Map<Long, List<Arg>> barred = new ConcurrentHashMap<>();

    public Sweep(SweptTree tree, FellingMethod method, Around around) {
        this.tree = tree;
        this.method = method;
        this.around = around;
        this.lengthM = length(tree);
        this.weightN = tree.massKg() * StemMass.G;
        // what lies beyond the longest way bars none
        double farthest = Math.max(WAY_LEAST_M, WAY_SHARE * around.escapeHeightM()) + WAY_WIDE_M;
        this.trunks = Stream.concat(
                        around.obstacles().stream(),
                        around.neighbours().stream()
                                .filter(n -> Math.hypot(n.eastM(), n.northM()) <= farthest + n.dbhM())
                                .map(Neighbour::trunk))
                .filter(o -> o.shape().distanceTo(new Spot(0, 0)) <= farthest)
                .toList();
    }

    /** @return hinge to tip at the 95 % side of the height */
    public static double length(SweptTree tree) {
        return tree.height().high() - tree.cutHeightM();
    }

    /** @return the tree as it will lie */
    public static LyingTree lying(SweptTree tree) {
        double length = length(tree);
        double stemM = tree.dCutM() / 2 + STICKS_OUT_M;
        return new LyingTree(
                length,
                Math.max(0, Math.min(tree.crownBaseM() - tree.cutHeightM(), length)),
                stemM,
                Math.max(stemM, CROWN_SPREAD * tree.crownRadiusM()));
    }

    /** @return everything the sweep says of one lay */
    public JudgedLay at(double layDeg) {
        double a = Math.toRadians(layDeg);
        double forward = tree.momentEastNm() * Math.sin(a) + tree.momentNorthNm() * Math.cos(a);
        double leanSide = tree.momentEastNm() * Math.cos(a) - tree.momentNorthNm() * Math.sin(a);
        double leanDeg = Math.toDegrees(Math.atan(forward / (weightN * tree.cgM())));
        double slope = around.ground().alongDeg(layDeg);
        double sigmaForward = sigma(forward);
        CutCard card = card(layDeg, leanDeg, slope);
        double nm = tree.massHighKg() * StemMass.G * card.hingeOffsetM() - forward;
        double high = nm + Estimate.Z95 * sigmaForward;
        double side = leanSide + method.capacity().sideNm(layDeg, card, Math.max(0, high));
        JudgedLay.Lean lean = new JudgedLay.Lean(forward, side, sigmaForward, sigma(leanSide), leanDeg);
        JudgedLay.Control control = control(layDeg, card, lean);
        List<StruckTarget> strikes = strikes(layDeg, control);
        JudgedLay.HangUps hangUps = hangUps(layDeg, control);
        JudgedLay.Back back = back(layDeg, card, nm, high);
        SplitRisk split = split(layDeg, card, lean, back);
        EscapeRoutes.Clock straight = method.getaway().at(layDeg, card, false, forward, high);
        BackCut backCut = method.cuts().backCut().orElseGet(() -> asked(layDeg, card, split, lean, straight));
        EscapeRoutes.Clock clock = backCut == BackCut.BORE_STRAP && card.borePossible()
                ? method.getaway().at(layDeg, card, true, forward, high)
                : straight;
        JudgedLay.Ways ways = new JudgedLay.Ways(slope, escape(layDeg, clock), clock);
        JudgedLay.Cuts cuts = new JudgedLay.Cuts(card, split, backCut);
        return new JudgedLay(
                layDeg,
                lean,
                control,
                back,
                strikes,
                hangUps,
                ways,
                cuts,
                blocks(control, strikes, hangUps, back, ways, cuts),
                conditions(strikes, back, split),
                cost(control, strikes, hangUps, back, ways));
    }

    /** @return of a moment of the lean, with the scatter of the mass, N m */
    private double sigma(double momentNm) {
        return Math.hypot(tree.sigmaMomentNm(), tree.sigmaMassRel() * momentNm);
    }

    private CutCard card(double layDeg, double leanDeg, double slopeDeg) {
        return CutCard.of(method.cuts()
                .stump(
                        method.school(),
                        tree.stump(),
                        layDeg,
                        tree.hinge().at(layDeg),
                        leanDeg,
                        slopeDeg,
                        CutChoice.bar(method.barM()),
                        method.movedBy(),
                        tree.flare()));
    }

    private JudgedLay.Control control(double layDeg, CutCard card, JudgedLay.Lean lean) {
        Condition wood = tree.hinge().at(layDeg);
        double side = lean.sideNm();
        HingeHold hold = HingeHold.of(
                        tree.green(),
                        wood,
                        card,
                        tree.hinge().sideShare(layDeg, card),
                        side,
                        lean.sigmaSideNm(),
                        lean.forwardNm())
                .bending(tree.hinge().bendShare(layDeg, card));
        double guyNm = method.guy().nm(layDeg, side);
        double loose = Math.max(0, hold.designNm() - guyNm);
        double use = hold.capacityNm() > 0 ? Math.min(NO_USE, loose / hold.capacityNm()) : NO_USE;
        LaySpread spread = spread(layDeg, card, hold, side, guyNm);
        boolean governed = use < 1 && spread.controlled() && wood.factor() > method.unreliableWood();
        return new JudgedLay.Control(
                wood,
                hold,
                use,
                guyNm,
                spread,
                governed,
                spread.sigmaDeg().map(x -> Math.max(method.leastSigmaDeg(), x)).orElse(0.0));
    }

    private LaySpread spread(double layDeg, CutCard card, HingeHold hold, double side, double guyNm) {
        double a = Math.toRadians(layDeg);
        double tip = tree.tipEastM() * Math.cos(a) - tree.tipNorthM() * Math.sin(a);
        boolean holds = hold.capacityNm() > 0;
        double left = Math.signum(side) * Math.max(0, Math.abs(side) - guyNm);
        return LaySpread.of(
                method.cutter(),
                new LaySpread.Hinge(
                        Math.max(0.03, card.hingeLengthM()),
                        Math.max(0.005, card.hingeThickM()),
                        holds ? left / hold.capacityNm() : 0,
                        holds ? (hold.designNm() - Math.abs(side)) / Estimate.Z95 / hold.capacityNm() : 0,
                        Math.max(-0.5 * lengthM, Math.min(0.5 * lengthM, tip)),
                        lengthM,
                        tree.hinge().worst(layDeg)));
    }

    private List<StruckTarget> strikes(double layDeg, JudgedLay.Control control) {
        double bias = control.spread().biasDeg().orElse(0.0);
        double lost = control.spread().lostChance();
        List<StruckTarget> strikes = new ArrayList<>();
        for (CoveredTarget target : around.targets()) {
            Arcs covering = target.covering();
            if (!covering.isEmpty()) {
                strikes.add(StruckTarget.of(
                        target,
                        control.governed()
                                ? Strike.of(covering, layDeg, bias, control.sigmaDeg(), lost)
                                : Strike.uncontrolled(covering)));
            }
        }
        return List.copyOf(strikes);
    }

    private JudgedLay.HangUps hangUps(double layDeg, JudgedLay.Control control) {
        Map<String, Double> byNeighbour = new HashMap<>();
        double clear = 1;
        for (Neighbour n : around.neighbours()) {
            double severity = n.hangUp(
                    layDeg,
                    control.governed() ? control.sigmaDeg() : Neighbour.UNCONTROLLED_DRIFT_DEG,
                    CROWN_SPREAD * tree.crownRadiusM(),
                    lengthM,
                    tree.dbhM());
            if (severity > 0) {
                byNeighbour.put(n.id(), severity);
                clear *= 1 - severity;
            }
        }
        return new JudgedLay.HangUps(1 - clear, Map.copyOf(byNeighbour));
    }

    private JudgedLay.Back back(double layDeg, CutCard card, double nm, double highNm) {
        Optional<Double> capacity = method.capacity().nm(layDeg, card, highNm);
        boolean enough = highNm <= method.pushNm() || highNm <= capacity.orElse(0.0);
        return new JudgedLay.Back(nm, highNm, capacity, enough);
    }

    private SplitRisk split(double layDeg, CutCard card, JudgedLay.Lean lean, JudgedLay.Back back) {
        double pulled = lean.forwardNm() + method.capacity().forwardNm(layDeg, card, Math.max(0, back.highNm()));
        return SplitRisk.of(new SplitRisk.Cut(
                tree.green(),
                tree.hinge().at(layDeg),
                method.school(),
                SplitRisk.Opening.BACK_CUT,
                card.dLayM(),
                card.dAcrossM(),
                card.depthM(),
                card.hingeThickM(),
                pulled,
                Math.max(-45, Math.min(60, lean.deg())),
                Optional.of(weightN * tree.cgM()),
                tree.weakness().seamOrFork(),
                tree.weakness().underTension()));
    }

    /**
     * A straight back cut where nothing asks for more: a strap holds a stem that leans, is pulled, splits readily, or
     * would be down before he is away.
     */
    private BackCut asked(
            double layDeg, CutCard card, SplitRisk split, JudgedLay.Lean lean, EscapeRoutes.Clock straight) {
        // an upright stem is not left on a strap that would not hold today
        boolean splits = split.backCut().compareTo(SplitRisk.Level.HIGH) >= 0
                && card.borePossible()
                && (lean.deg() >= UPRIGHT_DEG || strapHolds(layDeg, card, lean.forwardNm(), method.nowWindNm()));
        boolean must = splits
                || method.movedBy() == CutCard.MovedBy.LINE
                || straight.walkedM(method.footing())
                        .filter(m -> m < method.leastAwayM())
                        .isPresent();
        boolean may = split.backCut() == SplitRisk.Level.MODERATE;
        return card.borePossible() && (must || may && strapHolds(layDeg, card, lean.forwardNm(), method.limitWindNm()))
                ? BackCut.BORE_STRAP
                : BackCut.STRAIGHT;
    }

    /** Whether the thickest strap that leaves room to bore holds lean and wind. */
    private boolean strapHolds(double layDeg, CutCard card, double forward, double windNm) {
        double thick = card.strapM() + card.boreLengthM().orElseThrow() - CutCard.BORE_NEEDS_M;
        return StrapHold.of(new StrapHold.Strap(
                        tree.green(),
                        tree.hinge().worst(layDeg),
                        card.dLayM(),
                        card.dAcrossM(),
                        card.depthM(),
                        card.hingeThickM(),
                        Math.max(0.003, thick),
                        0,
                        forward + Estimate.Z95 * sigma(forward) + windNm,
                        0.5,
                        2))
                .holds();
    }

    private EscapeRoutes escape(double layDeg, EscapeRoutes.Clock clock) {
        Optional<Double> lean = Math.hypot(tree.momentEastNm(), tree.momentNorthNm()) > 0
                ? Optional.of(Azimuth.of(tree.momentEastNm(), tree.momentNorthNm()))
                : Optional.empty();
        LeavingCutter cutter = new LeavingCutter(
                layDeg,
                around.escapeHeightM(),
                around.ground(),
                lean,
                clock.fastS(),
                1.5,
                clock.reactS(),
                3,
                method.footing(),
                WAY_LEAST_M,
                WAY_SHARE,
                WAY_WIDE_M,
                trunks);
        return EscapeRoutes.of(
                cutter,
                (azimuth, required) ->
                        barred.computeIfAbsent(Math.round(azimuth * 1000), k -> cutter.barred(azimuth, required)));
    }

    private List<Block> blocks(
            JudgedLay.Control control,
            List<StruckTarget> strikes,
            JudgedLay.HangUps hangUps,
            JudgedLay.Back back,
            JudgedLay.Ways ways,
            JudgedLay.Cuts cuts) {
        List<Block> blocks = new ArrayList<>();
        if (!control.governed()) {
            blocks.add(new Block.NoSideControl());
        }
        strikes.stream()
                .filter(StruckTarget::blocks)
                .forEach(s ->
                        blocks.add(new Block.TargetStruck(s.id(), s.strike().controlled(), s.limit())));
        if (hangUps.chance() > method.hangUpLimit()) {
            blocks.add(new Block.HangsUp(hangUps.chance(), method.hangUpLimit()));
        }
        if (sitsBack(back)) {
            blocks.add(new Block.SitsBack());
        }
        if (ways.open() == 0) {
            blocks.add(new Block.NoWayOut());
        }
        if (cuts.card().barReach() == CutCard.BarReach.NOT_REACHABLE) {
            blocks.add(new Block.BarTooShort());
        }
        if (cuts.split().advice() == SplitRisk.Advice.DO_NOT_HAND_FELL) {
            blocks.add(new Block.SplitsUp());
        }
        return List.copyOf(blocks);
    }

    private boolean sitsBack(JudgedLay.Back back) {
        return back.nm() > method.pushNm() && back.nm() > back.capacityNm().orElse(0.0);
    }

    private List<Precondition> conditions(List<StruckTarget> strikes, JudgedLay.Back back, SplitRisk split) {
        List<Precondition> conditions = new ArrayList<>();
        strikes.stream()
                .filter(s -> s.mitigable() && s.strike().controlled() > s.limit())
                .forEach(s -> conditions.add(new Precondition.Protect(s.id())));
        if (!back.enough() && !sitsBack(back)) {
            conditions.add(new Precondition.MoreMeans());
        }
        if (split.advice() != SplitRisk.Advice.STANDARD && split.advice() != SplitRisk.Advice.DO_NOT_HAND_FELL) {
            conditions.add(new Precondition.CutAs(split.advice()));
        }
        return List.copyOf(conditions);
    }

    private LayCost cost(
            JudgedLay.Control control,
            List<StruckTarget> strikes,
            JudgedLay.HangUps hangUps,
            JudgedLay.Back back,
            JudgedLay.Ways ways) {
        double worth = strikes.stream()
                .mapToDouble(s -> s.value() * s.strike().decision())
                .sum();
        double slope = ways.slopeDeg();
        return new LayCost(
                Math.min(1, worth / 5),
                hangUps.chance(),
                Math.min(1, control.use()),
                Math.min(1, Math.max(0, back.highNm()) / (0.05 * weightN * tree.cgM())),
                Math.min(1, Math.abs(slope) / 30) * (slope > 0 ? 0.7 : 1),
                1 - ways.open() / 2.0);
    }

    /** @return all whole degrees */
    public List<JudgedLay> all() {
        return IntStream.range(0, 360).mapToObj(this::at).toList();
    }

    /** @return neighbours whose crowns touch this one's while they stand */
    public List<String> touching() {
        return around.neighbours().stream()
                .filter(n -> n.touchesStanding(tree.crownRadiusM()))
                .map(Neighbour::id)
                .toList();
    }
}
