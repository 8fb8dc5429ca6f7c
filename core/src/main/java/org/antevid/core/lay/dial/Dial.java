package org.antevid.core.lay.dial;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.antevid.core.lay.LayChoice;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.StemSweep;
import org.antevid.core.lay.sweep.JudgedLay;
import org.antevid.core.lay.sweep.Sweep;
import org.antevid.core.lay.sweep.Window;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.site.Feature;
import org.antevid.core.site.Site;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.StemReading;

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
    /** A lean known no better than this was looked at, not measured. */
    public static final double ROUGH_DEG = 1;

    private static final int SECOND_BEST_APART_DEG = 10;
    /** Costs that differ by less than this are the same to anybody (judgement). */
    private static final double AS_GOOD_WITHIN = 0.5;

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
        LayOnDial onDial = new LayOnDial(stem, choice, mass, names, site, limits);
        // no lay knows of another: each processor takes its share
        List<JudgedLay> rows = IntStream.range(0, 360 / stepDeg)
                .parallel()
                .mapToObj(i -> sweep.get().at(i * stepDeg + (stepDeg - 1) / 2.0))
                .toList();
        List<Lay> lays = rows.parallelStream().map(onDial::of).toList();
        List<Window> windows =
                stepDeg == 1 ? Window.of(rows, i -> lays.get(i).state.compareTo(State.OPEN_WITH_GUY) < 0) : List.of();
        return new Dial(
                lays,
                runs(lays, stepDeg),
                windows,
                stepDeg == 1 && windows.isEmpty()
                        ? Optional.of(NothingOpen.of(lays, stem, choice, site, limits))
                        : Optional.empty());
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

    /** @return whether nothing tells one way from another all round: the best is only the first of them */
    public boolean anyAsGood() {
        return !lays.isEmpty()
                && lays.stream().map(Lay::state).distinct().count() == 1
                && lays.get(0).state.compareTo(State.OPEN_WITH_GUY) >= 0
                && lays.stream().mapToDouble(Lay::score).max().orElseThrow()
                                - lays.stream().mapToDouble(Lay::score).min().orElseThrow()
                        < AS_GOOD_WITHIN;
    }

    private static Message second(Lay best, Lay second) {
        return second.costs.entrySet().stream()
                .max(Comparator.comparingDouble(e -> e.getValue() - best.costs.getOrDefault(e.getKey(), 0.0)))
                .filter(e -> e.getValue() - best.costs.getOrDefault(e.getKey(), 0.0) >= AS_GOOD_WITHIN)
                .map(e -> Message.of(DialRemark.SECOND_BY).with("part", Arg.term(e.getKey())))
                .orElse(Message.of(DialRemark.AS_GOOD));
    }

    private static Arg largest(Map<CostPart, Double> costs) {
        return Arg.terms(costs.keySet().stream().limit(2).toList());
    }
}
