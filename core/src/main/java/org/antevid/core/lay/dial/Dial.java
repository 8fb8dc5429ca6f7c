package org.antevid.core.lay.dial;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.antevid.core.lay.LayChoice;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.Means;
import org.antevid.core.lay.StemSweep;
import org.antevid.core.lay.sweep.Block;
import org.antevid.core.lay.sweep.Precondition;
import org.antevid.core.lay.sweep.Sweep;
import org.antevid.core.lay.sweep.Window;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.message.Side;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.quantity.Rounding;
import org.antevid.core.site.Feature;
import org.antevid.core.site.Site;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stump.BackCut;
import org.antevid.core.stump.SplitRisk;

/**
 * All directions of one stem at once, each with what speaks against it, and the windows between what is blocked. The
 * better is never shown where a worse stands. Where no lay is free it says so and what would open one; there is no
 * "least bad" lay.
 *
 * @param lays one for each step, clockwise from north; empty while the lean is not known
 * @param runs clockwise from north, together 360 degrees
 * @param windows of whole degrees that are open as the means are now, best first; empty for a coarse dial
 */
public record Dial(List<Lay> lays, List<Run> runs, List<Window> windows, Optional<Closed> closed) {
    private static final double COSTLY_POINTS = 15;
    /**
     * A line nobody has placed yet is asked for at this share of the height, anchored so many lengths out along the
     * lay.
     */
    private static final double LINE_UP = 0.66;

    private static final double LINE_OUT = 1.5;
    private static final int SECOND_BEST_APART_DEG = 10;

    /** State of a lay, worst first. */
    public enum State {
        BLOCKED,
        OPEN_WITH_PULL,
        OPEN_WITH_GUY,
        COSTLY,
        OPEN;
    }

    /**
     * One lay.
     *
     * @param reason the first of what stands against it, empty where nothing does
     * @param against all of it
     * @param first what must be done before it is free
     * @param costs points taken off, by what takes them, largest first
     * @param pullN pull in a line that it takes, reserve in; 0 when it goes without
     * @param targets ids of what it strikes more often than may be, or that has to be protected first
     * @param sure the means beat the backward moment at its 95 % side too, not only as it is expected
     */
    public record Lay(
            double deg,
            State state,
            Optional<Message> reason,
            List<Message> against,
            List<Message> first,
            Map<CostPart, Double> costs,
            double score,
            double pullN,
            List<String> targets,
            boolean sure) {}

    /** A run of lays with one state and reason; {@code fromDeg} inclusive, {@code toDeg} exclusive, 0..360. */
    public record Run(double fromDeg, double toDeg, State state, Optional<Message> reason) {}

    /**
     * Why nothing is open.
     *
     * @param degrees blocked by it
     * @param opens what would open a lay
     */
    public record Closed(Message mostFrequent, int degrees, List<Message> opens) {}

    /**
     * The best lay or the second best.
     *
     * @param why against the other
     */
    public record Pick(double deg, double score, Message why) {}

    public Dial {
        lays = List.copyOf(lays);
        runs = List.copyOf(runs);
        windows = List.copyOf(windows);
    }

    /** A dial of runs only, for what has none. */
    public Dial(List<Run> runs) {
        this(List.of(), runs, List.of(), Optional.empty());
    }

    /** @throws org.antevid.core.quantity.RefusedInput when the stem is not measured far enough */
    public static Dial of(StemReading stem, LayChoice choice, Site site, LayPlan.Limits limits) {
        return of(stem, choice, site, limits, 1);
    }

    /** @param stepDeg a divisor of 360; coarse dials serve to be compared, not to be shown */
    public static Dial of(StemReading stem, LayChoice choice, Site site, LayPlan.Limits limits, int stepDeg) {
        LayChoice wedged = choice.by(choice.support()
                .beside(choice.support()
                        .mostBeside(stem.dbh().map(d -> d.value()).orElse(0.0))));
        Optional<Sweep> sweep = StemSweep.of(stem, wedged, site, limits);
        if (sweep.isEmpty()) {
            return new Dial(
                    List.of(),
                    List.of(new Run(0, 360, State.BLOCKED, Optional.of(Message.of(DialRemark.LEAN_NOT_KNOWN)))),
                    List.of(),
                    Optional.of(new Closed(
                            Message.of(DialRemark.LEAN_NOT_KNOWN),
                            360,
                            List.of(Message.of(DialRemark.LEAN_FROM_TWO_SIDES)))));
        }
        StemMass mass = stem.mass(choice.cutHeightM()).orElseThrow();
        Map<String, String> names =
                site.features().stream().collect(Collectors.toMap(Feature::id, Feature::name, (a, b) -> a));
        // no lay knows of another: each processor takes its share
        List<Sweep.Row> rows = IntStream.range(0, 360 / stepDeg)
                .parallel()
                .mapToObj(i -> sweep.get().at(i * stepDeg + (stepDeg - 1) / 2.0))
                .toList();
        List<Lay> lays = rows.parallelStream()
                .map(r -> lay(r, stem, choice, mass, names, site, limits))
                .toList();
        List<Window> windows =
                stepDeg == 1 ? Window.of(rows, i -> lays.get(i).state.compareTo(State.OPEN_WITH_GUY) < 0) : List.of();
        return new Dial(
                lays,
                runs(lays, stepDeg),
                windows,
                stepDeg == 1 && windows.isEmpty()
                        ? Optional.of(closed(lays, stem, choice, site, limits))
                        : Optional.empty());
    }

    private static List<String> targets(Sweep.Row r) {
        return Stream.concat(
                        r.blocks().stream()
                                .filter(Block.TargetStruck.class::isInstance)
                                .map(b -> ((Block.TargetStruck) b).target()),
                        r.conditions().stream()
                                .filter(Precondition.Protect.class::isInstance)
                                .map(c -> ((Precondition.Protect) c).target()))
                .distinct()
                .toList();
    }

    private static List<Run> runs(List<Lay> lays, int stepDeg) {
        List<Run> runs = new ArrayList<>();
        int from = 0;
        for (int i = 1; i <= lays.size(); i++) {
            Lay before = lays.get(i - 1);
            if (i == lays.size()
                    || lays.get(i).state != before.state
                    || !lays.get(i).reason.equals(before.reason)) {
                runs.add(new Run(from * stepDeg, i * stepDeg, before.state, before.reason));
                from = i;
            }
        }
        return runs;
    }

    private static Lay lay(
            Sweep.Row r,
            StemReading stem,
            LayChoice choice,
            StemMass mass,
            Map<String, String> names,
            Site site,
            LayPlan.Limits limits) {
        List<Message> against = new ArrayList<>();
        List<Message> first = new ArrayList<>();
        boolean control = r.controlled();
        for (Block block : r.blocks()) {
            // where control is not proven every target is struck, and what takes the control away is what is said
            boolean said = block instanceof Block.TargetStruck ? control : !(block instanceof Block.SitsBack);
            if (said) {
                against.add(message(r, block, names));
            }
        }
        if (!choice.leavesBefore()
                && choice.leaving().coverTree().isEmpty()
                && r.escape().reachedM().filter(m -> m < limits.leastAwayM()).isPresent()) {
            against.add(Message.of(DialRemark.TOO_LITTLE_TIME));
        }
        double pull = 0;
        if (!r.enough() || r.backHighNm() > 0) {
            Means line = line(choice.means().aimed(stem.at(), r.layDeg(), choice.cutHeightM(), site), stem);
            pull = line.neededN(
                            r.backHighNm() + r.hold().forwardHoldNm(),
                            mass,
                            r.backHighNm() / (mass.massHighKg() * StemMass.G)
                                    - r.card().hingeOffsetM(),
                            r.card().hingeOffsetM())
                    .orElse(0.0);
        }
        boolean enough = r.enough() || r.enoughAsExpected();
        boolean machineTooWeak = !enough
                && choice.means().kind() == Means.Kind.MACHINE_LINE
                && r.capacityNm().isPresent();
        if (machineTooWeak) {
            against.add(
                    pull > 0
                            ? Message.of(DialRemark.LINE_WEAK)
                                    .with(
                                            "gives",
                                            pulled(choice.means().tensionN().orElse(0.0), Side.DOWN))
                                    .with("need", pulled(pull, Side.UP))
                            : Message.of(DialRemark.MACHINE_CANNOT));
        } else if (enough && !r.enough()) {
            first.add(doubtful(stem, choice));
        } else if (!enough) {
            first.add(
                    pull > 0
                            ? Message.of(DialRemark.PULL_AT_LEAST).with("pull", pulled(pull, Side.UP))
                            : Message.of(DialRemark.LINE_FROM_THE_FRONT));
        }
        r.conditions().stream()
                .filter(Precondition.Protect.class::isInstance)
                .map(Precondition.Protect.class::cast)
                .forEach(c -> first.add(about(DialRemark.PROTECT, c.target(), names)));
        // what the card does already is not asked for again
        boolean bored = r.backCut() == BackCut.BORE_STRAP
                && r.card().borePossible()
                && r.split().advice() == SplitRisk.Advice.BORE_AND_STRAP;
        if (!bored && !r.blocked() && r.split().advice() != SplitRisk.Advice.STANDARD) {
            first.add(Message.of(DialRemark.CUT_AS)
                    .with("advice", Arg.term(r.split().advice())));
        }
        if (r.withGuy()) {
            first.add(Message.of(DialRemark.GUY_THE_SIDE));
        }
        r.strikes().stream()
                .filter(s -> control && s.onlyWhenLost() && !s.mitigable())
                .forEach(s -> first.add(about(DialRemark.SECOND_OPINION_IF_LOST, s.id(), names)));
        Map<CostPart, Double> costs = costs(r.cost());
        double points = costs.entrySet().stream()
                .filter(e -> e.getKey() != CostPart.LEANS_BACK)
                .mapToDouble(Map.Entry::getValue)
                .sum();
        State state;
        Optional<Message> reason;
        if (!against.isEmpty()) {
            state = State.BLOCKED;
            reason = Optional.of(against.get(0));
        } else if (!enough) {
            state = State.OPEN_WITH_PULL;
            reason = Optional.of(
                    Message.of(choice.means().isLine() ? DialRemark.NEEDS_STRONGER_PULL : DialRemark.NEEDS_LINE));
        } else if (r.withGuy()) {
            state = State.OPEN_WITH_GUY;
            reason = Optional.of(Message.of(DialRemark.GUY_THE_SIDE));
        } else {
            boolean costly = points > COSTLY_POINTS
                    || r.cost().escape() > 0
                    || first.stream().anyMatch(Dial::weighs)
                    || !r.enough();
            state = costly ? State.COSTLY : State.OPEN;
            reason = !costly
                    ? Optional.empty()
                    : Optional.of(!r.enough() ? doubtful(stem, choice) : costlyReason(r, first, costs, names));
        }
        return new Lay(r.layDeg(), state, reason, against, first, costs, r.score(), pull, targets(r), r.enough());
    }

    /** What must come first and makes a lay costly: something is protected, or somebody else is asked. */
    private static boolean weighs(Message first) {
        return first.code() == DialRemark.PROTECT || first.code() == DialRemark.SECOND_OPINION_IF_LOST;
    }

    private static Message about(DialRemark what, String target, Map<String, String> names) {
        return Message.of(what)
                .with("target", Optional.ofNullable(names.get(target)).map(Arg::name));
    }

    /** Enough as it is expected, not at the 95 % side: a better lean settles it, else more help stands ready. */
    private static Message doubtful(StemReading stem, LayChoice choice) {
        return Message.of(
                stem.lean().filter(l -> l.sigmaDeg() > ROUGH_DEG).isPresent()
                        ? DialRemark.MEASURE_LEAN
                        : switch (choice.means().kind()) {
                            case NOTHING, LEVER -> DialRemark.WEDGES_READY;
                            case WEDGES -> DialRemark.LEVER_OR_LINE_READY;
                            case HAND_LINE, MACHINE_LINE -> DialRemark.STRONGER_PULL_READY;
                        });
    }

    /** A lean known no better than this was looked at, not measured. */
    public static final double ROUGH_DEG = 1;

    private static Message costlyReason(
            Sweep.Row r, List<Message> first, Map<CostPart, Double> costs, Map<String, String> names) {
        if (r.cost().escape() > 0) {
            return Message.of(DialRemark.ONE_WAY_OUT);
        }
        Optional<Message> ahead = first.stream().filter(Dial::weighs).findFirst();
        if (ahead.isPresent()) {
            return ahead.get();
        }
        CostPart largest = costs.keySet().stream().findFirst().orElse(CostPart.TARGETS);
        return largest == CostPart.TARGETS
                ? r.strikes().stream()
                        .max(Comparator.comparingDouble(s -> s.strike().decision() * s.worth()))
                        .map(s -> about(DialRemark.TARGET, s.id(), names))
                        .orElse(Message.of(DialRemark.COSTS).with("part", Arg.term(largest)))
                : Message.of(DialRemark.COSTS).with("part", Arg.term(largest));
    }

    private static Means line(Means aimed, StemReading stem) {
        double height = stem.height().orElseThrow().value();
        return aimed.isLine()
                        && aimed.ropeHeightM().isPresent()
                        && aimed.anchorDistM().isPresent()
                ? aimed
                : new Means(
                        Means.Kind.MACHINE_LINE,
                        Optional.of(LINE_UP * height),
                        Optional.of(LINE_OUT * height),
                        Optional.empty());
    }

    /** To what is shown, so that lays that read the same are one run. */
    private static Arg pulled(double newton, Side side) {
        double step = SHOWN_N;
        double shown = side == Side.UP ? step * Rounding.up(newton / step, 0) : step * Rounding.down(newton / step, 0);
        return new Arg.Amount(Dimension.PULL, shown, side);
    }

    private static final double SHOWN_N = 100;

    private static Map<CostPart, Double> costs(Sweep.Cost c) {
        Map<CostPart, Double> parts = new EnumMap<>(CostPart.class);
        parts.put(CostPart.TARGETS, 40 * c.targets());
        parts.put(CostPart.HANG_UP, 25 * c.hangUp());
        parts.put(CostPart.SIDE_LEAN, 15 * c.side());
        parts.put(CostPart.LEANS_BACK, 10 * c.back());
        parts.put(CostPart.SLOPE, 10 * c.slope());
        parts.put(CostPart.WAYS_OUT, 10 * c.escape());
        Map<CostPart, Double> sorted = new LinkedHashMap<>();
        parts.entrySet().stream()
                .filter(e -> e.getValue() >= 0.5)
                .sorted(Map.Entry.<CostPart, Double>comparingByValue()
                        .reversed()
                        .thenComparing(Map.Entry.comparingByKey()))
                .forEach(e -> sorted.put(e.getKey(), e.getValue()));
        return sorted;
    }

    private static Message message(Sweep.Row r, Block block, Map<String, String> names) {
        if (block instanceof Block.TargetStruck t) {
            return about(DialRemark.TARGET, t.target(), names);
        } else if (block instanceof Block.NoSideControl) {
            return Message.of(r.wood().rotten() ? DialRemark.NO_HINGE : DialRemark.SIDE_LEAN);
        } else if (block instanceof Block.HangsUp) {
            return Message.of(DialRemark.HANGS_UP);
        } else if (block instanceof Block.NoWayOut) {
            return Message.of(DialRemark.NO_WAY_OUT);
        } else if (block instanceof Block.BarTooShort) {
            return Message.of(DialRemark.BAR_TOO_SHORT);
        } else if (block instanceof Block.SplitsUp) {
            return Message.of(DialRemark.SPLITS_UP);
        } else if (block instanceof Block.SitsBack) {
            return Message.of(DialRemark.SITS_BACK);
        }
        throw new IllegalStateException("no such block: " + block);
    }

    private static Closed closed(List<Lay> lays, StemReading stem, LayChoice choice, Site site, LayPlan.Limits limits) {
        Map<Message, Long> count = lays.stream()
                .flatMap(l -> l.reason.stream())
                .collect(Collectors.groupingBy(Function.identity(), LinkedHashMap::new, Collectors.counting()));
        Map.Entry<Message, Long> most =
                count.entrySet().stream().max(Map.Entry.comparingByValue()).orElseThrow();
        List<Message> opens = new ArrayList<>();
        if (uncertaintyBlocks(stem, choice, site, limits)) {
            opens.add(Message.of(DialRemark.UNCERTAINTY_BLOCKS));
        }
        if (most.getKey().code() == DialRemark.TARGET) {
            opens.add(new Message(DialRemark.MOVE_TARGET, most.getKey().args()));
        }
        lays.stream()
                .filter(l -> l.state == State.OPEN_WITH_PULL && l.pullN > 0)
                .min(Comparator.comparingDouble(Lay::pullN))
                .ifPresent(l -> opens.add(Message.of(DialRemark.LINE_FOR)
                        .with("pull", pulled(l.pullN, Side.UP))
                        .with("lay", Arg.azimuth(l.deg))));
        opener(most.getKey()).ifPresent(o -> opens.add(Message.of(o)));
        return new Closed(most.getKey(), (int) (long) most.getValue() * 360 / lays.size(), List.copyOf(opens));
    }

    /** What would open a lay that is blocked by this most. */
    private static Optional<DialRemark> opener(Message most) {
        return most.code() instanceof DialRemark remark
                ? switch (remark) {
                    case SIDE_LEAN -> Optional.of(DialRemark.GUY_OR_REDUCE);
                    case NO_HINGE -> Optional.of(DialRemark.SOUNDER_WOOD);
                    case TOO_LITTLE_TIME -> Optional.of(DialRemark.CLEAR_OR_BORE);
                    case HANGS_UP -> Optional.of(DialRemark.NEIGHBOUR_FIRST);
                    case NO_WAY_OUT -> Optional.of(DialRemark.CLEAR_A_WAY);
                    case SPLITS_UP -> Optional.of(DialRemark.MACHINE_OR_REDUCE);
                    default -> Optional.empty();
                }
                : Optional.empty();
    }

    /** With the lean known as well as two plumbed views would make it, something would be open. */
    private static boolean uncertaintyBlocks(StemReading stem, LayChoice choice, Site site, LayPlan.Limits limits) {
        return stem.lean()
                .filter(l -> l.sigmaDeg() > 0.5)
                .map(l -> of(stem.asIfMeasured(), choice, site, limits, 6).free() > 0)
                .orElse(false);
    }

    /** @return how many degrees are in this state */
    public double degrees(State state) {
        return runs.stream()
                .filter(r -> r.state == state)
                .mapToDouble(r -> r.toDeg - r.fromDeg)
                .sum();
    }

    /** @return degrees that are open or costly with the means there are */
    public double free() {
        return degrees(State.OPEN) + degrees(State.COSTLY) + degrees(State.OPEN_WITH_GUY);
    }

    /** @return middle of the widest run in this state */
    public Optional<Double> widest(State state) {
        return runs.stream()
                .filter(r -> r.state == state)
                .max(Comparator.comparingDouble(r -> r.toDeg - r.fromDeg))
                .map(r -> (r.fromDeg + r.toDeg) / 2);
    }

    /**
     * @return the best lay and the second best, which lies in another window or well apart; none where no lay is free
     */
    public List<Pick> picks() {
        if (windows.isEmpty()) {
            return List.of();
        }
        Window first = windows.get(0);
        Lay best = lays.get(first.bestDeg());
        Optional<Lay> second = windows.size() > 1
                ? Optional.of(lays.get(windows.get(1).bestDeg()))
                : lays.stream()
                        .filter(l -> l.state.compareTo(State.OPEN_WITH_GUY) >= 0
                                && Math.abs(Azimuth.turn(best.deg, l.deg)) >= SECOND_BEST_APART_DEG)
                        .max(Comparator.comparingDouble(Lay::score));
        List<Pick> picks = new ArrayList<>();
        picks.add(new Pick(
                best.deg,
                best.score,
                Message.of(DialRemark.BEST)
                        .with("costs", best.costs.isEmpty() ? Optional.empty() : Optional.of(largest(best.costs)))
                        .with("room", first.edgeDeg().map(e -> Arg.down(Dimension.SECTOR, e)))
                        .with("narrow", Arg.flag(first.narrow()))));
        second.ifPresent(l -> picks.add(new Pick(l.deg, l.score, second(best, l))));
        return picks;
    }

    private static Message second(Lay best, Lay second) {
        return second.costs.entrySet().stream()
                .max(Comparator.comparingDouble(e -> e.getValue() - best.costs.getOrDefault(e.getKey(), 0.0)))
                .filter(e -> e.getValue() - best.costs.getOrDefault(e.getKey(), 0.0) >= 0.5)
                .map(e -> Message.of(DialRemark.SECOND_BY).with("part", Arg.term(e.getKey())))
                .orElse(Message.of(DialRemark.AS_GOOD));
    }

    private static Arg largest(Map<CostPart, Double> costs) {
        return Arg.terms(costs.keySet().stream().limit(2).toList());
    }
}
