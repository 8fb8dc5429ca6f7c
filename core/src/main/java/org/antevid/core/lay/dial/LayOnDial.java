package org.antevid.core.lay.dial;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.core.lay.LayChoice;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.Means;
import org.antevid.core.lay.sweep.Block;
import org.antevid.core.lay.sweep.JudgedLay;
import org.antevid.core.lay.sweep.LayCost;
import org.antevid.core.lay.sweep.Precondition;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.message.Side;
import org.antevid.core.quantity.Rounding;
import org.antevid.core.site.Site;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stump.BackCut;
import org.antevid.core.stump.SplitRisk;

/** Says of one judged lay what stands against it, what comes first, and in which state that leaves it on the dial. */
record LayOnDial(
        StemReading stem,
        LayChoice choice,
        StemMass mass,
        Map<String, String> names,
        Site site,
        LayPlan.Limits limits) {
    private static final double COSTLY_POINTS = 15;
    /**
     * A line nobody has placed yet is asked for at this share of the height, anchored so many lengths out along the
     * lay.
     */
    private static final double LINE_UP = 0.66;

    private static final double LINE_OUT = 1.5;
    /** Pulls are shown in steps of this. */
    private static final double SHOWN_N = 100;

    Dial.Lay of(JudgedLay r) {
        List<Message> against = new ArrayList<>();
        List<Message> first = new ArrayList<>();
        boolean control = r.control().governed();
        for (Block block : r.blocks()) {
            // where control is not proven every target is struck, and what takes the control away is what is said
            boolean said = block instanceof Block.TargetStruck ? control : !(block instanceof Block.SitsBack);
            if (said) {
                against.add(message(r, block));
            }
        }
        if (!choice.leavesBefore()
                && choice.leaving().coverTree().isEmpty()
                && r.ways()
                        .escape()
                        .reachedM()
                        .filter(m -> m < limits.leastAwayM())
                        .isPresent()) {
            against.add(Message.of(DialRemark.TOO_LITTLE_TIME));
        }
        double pull = 0;
        if (!r.back().enough() || r.back().highNm() > 0) {
            Means line = line(choice.means().aimed(stem.at(), r.layDeg(), choice.cutHeightM(), site));
            pull = line.neededN(
                            r.back().highNm() + r.control().hold().forwardHoldNm(),
                            mass,
                            r.back().highNm() / (mass.massHighKg() * StemMass.G)
                                    - r.cuts().card().hingeOffsetM(),
                            r.cuts().card().hingeOffsetM())
                    .orElse(0.0);
        }
        boolean enough = r.back().enough() || r.back().enoughAsExpected();
        boolean machineTooWeak = !enough
                && choice.means().kind() == Means.Kind.MACHINE_LINE
                && r.back().capacityNm().isPresent();
        if (machineTooWeak) {
            against.add(
                    pull > 0
                            ? Message.of(DialRemark.LINE_WEAK)
                                    .with(
                                            "gives",
                                            pulled(choice.means().tensionN().orElse(0.0), Side.DOWN))
                                    .with("need", pulled(pull, Side.UP))
                            : Message.of(DialRemark.MACHINE_CANNOT));
        } else if (enough && !r.back().enough()) {
            first.add(doubtful());
        } else if (!enough) {
            first.add(
                    pull > 0
                            ? Message.of(DialRemark.PULL_AT_LEAST).with("pull", pulled(pull, Side.UP))
                            : Message.of(DialRemark.LINE_FROM_THE_FRONT));
        }
        r.conditions().stream()
                .filter(Precondition.Protect.class::isInstance)
                .map(Precondition.Protect.class::cast)
                .forEach(c -> first.add(about(DialRemark.PROTECT, c.target())));
        // what the card does already is not asked for again
        boolean bored = r.cuts().backCut() == BackCut.BORE_STRAP
                && r.cuts().card().borePossible()
                && r.cuts().split().advice() == SplitRisk.Advice.BORE_AND_STRAP;
        if (!bored && !r.blocked() && r.cuts().split().advice() != SplitRisk.Advice.STANDARD) {
            first.add(Message.of(DialRemark.CUT_AS)
                    .with("advice", Arg.term(r.cuts().split().advice())));
        }
        if (r.control().withGuy()) {
            first.add(Message.of(DialRemark.GUY_THE_SIDE));
        }
        r.strikes().stream()
                .filter(s -> control && s.onlyWhenLost() && !s.mitigable())
                .forEach(s -> first.add(about(DialRemark.SECOND_OPINION_IF_LOST, s.id())));
        Map<CostPart, Double> costs = costs(r.cost());
        double points = costs.entrySet().stream()
                .filter(e -> e.getKey() != CostPart.LEANS_BACK)
                .mapToDouble(Map.Entry::getValue)
                .sum();
        Dial.State state;
        Optional<Message> reason;
        if (!against.isEmpty()) {
            state = Dial.State.BLOCKED;
            reason = Optional.of(against.get(0));
        } else if (!enough) {
            state = Dial.State.OPEN_WITH_PULL;
            reason = Optional.of(
                    Message.of(choice.means().isLine() ? DialRemark.NEEDS_STRONGER_PULL : DialRemark.NEEDS_LINE));
        } else if (r.control().withGuy()) {
            state = Dial.State.OPEN_WITH_GUY;
            reason = Optional.of(Message.of(DialRemark.GUY_THE_SIDE));
        } else {
            boolean costly = points > COSTLY_POINTS
                    || r.cost().escape() > 0
                    || first.stream().anyMatch(LayOnDial::weighs)
                    || !r.back().enough();
            state = costly ? Dial.State.COSTLY : Dial.State.OPEN;
            reason = !costly
                    ? Optional.empty()
                    : Optional.of(!r.back().enough() ? doubtful() : costlyReason(r, first, costs));
        }
        return new Dial.Lay(
                r.layDeg(),
                state,
                reason,
                against,
                first,
                costs,
                r.score(),
                pull,
                targets(r),
                r.back().enough());
    }

    /** What must come first and makes a lay costly: something is protected, or somebody else is asked. */
    private static boolean weighs(Message first) {
        return first.code() == DialRemark.PROTECT || first.code() == DialRemark.SECOND_OPINION_IF_LOST;
    }

    private Message about(DialRemark what, String target) {
        return Message.of(what)
                .with("target", Optional.ofNullable(names.get(target)).map(Arg::name));
    }

    /** Enough as it is expected, not at the 95 % side: a better lean settles it, else more help stands ready. */
    private Message doubtful() {
        return Message.of(
                stem.lean().filter(l -> l.sigmaDeg() > Dial.ROUGH_DEG).isPresent()
                        ? DialRemark.MEASURE_LEAN
                        : switch (choice.means().kind()) {
                            case NOTHING, LEVER -> DialRemark.WEDGES_READY;
                            case WEDGES -> DialRemark.LEVER_OR_LINE_READY;
                            case HAND_LINE, MACHINE_LINE -> DialRemark.STRONGER_PULL_READY;
                        });
    }

    private Message costlyReason(JudgedLay r, List<Message> first, Map<CostPart, Double> costs) {
        if (r.cost().escape() > 0) {
            return Message.of(DialRemark.ONE_WAY_OUT);
        }
        Optional<Message> ahead = first.stream().filter(LayOnDial::weighs).findFirst();
        if (ahead.isPresent()) {
            return ahead.get();
        }
        CostPart largest = costs.keySet().stream().findFirst().orElse(CostPart.TARGETS);
        return largest == CostPart.TARGETS
                ? r.strikes().stream()
                        .max(Comparator.comparingDouble(s -> s.strike().decision() * s.worth()))
                        .map(s -> about(DialRemark.TARGET, s.id()))
                        .orElse(Message.of(DialRemark.COSTS).with("part", Arg.term(largest)))
                : Message.of(DialRemark.COSTS).with("part", Arg.term(largest));
    }

    private Means line(Means aimed) {
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
    static Arg pulled(double newton, Side side) {
        double step = SHOWN_N;
        double shown = side == Side.UP ? step * Rounding.up(newton / step, 0) : step * Rounding.down(newton / step, 0);
        return new Arg.Amount(Dimension.PULL, shown, side);
    }

    private static Map<CostPart, Double> costs(LayCost c) {
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

    private Message message(JudgedLay r, Block block) {
        if (block instanceof Block.TargetStruck t) {
            return about(DialRemark.TARGET, t.target());
        } else if (block instanceof Block.NoSideControl) {
            return Message.of(r.control().wood().rotten() ? DialRemark.NO_HINGE : DialRemark.SIDE_LEAN);
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

    private static List<String> targets(JudgedLay r) {
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
}
