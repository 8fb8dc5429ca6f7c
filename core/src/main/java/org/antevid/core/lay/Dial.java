package org.antevid.core.lay;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
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
    private static final String SIDE_LEAN = "the side lean is too much for the hinge";
    private static final String NO_HINGE = "no hinge of this wood steers";

    /** State of a lay, worst first. */
    public enum State {
        BLOCKED("blocked"),
        OPEN_WITH_PULL("open with a stronger pull"),
        OPEN_WITH_GUY("open with a guy"),
        COSTLY("costly"),
        OPEN("open");
        private final String words;

        State(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * One lay.
     *
     * @param reason the first of what stands against it, in words
     * @param against all of it
     * @param first what must be done before it is free
     * @param costs points taken off, by what takes them, largest first
     * @param pullN pull in a line that it takes, reserve in; 0 when it goes without
     * @param sure the means beat the backward moment at its 95 % side too, not only as it is expected
     */
    public record Lay(
            double deg,
            State state,
            String reason,
            List<String> against,
            List<String> first,
            Map<String, Double> costs,
            double score,
            double pullN,
            boolean sure) {}

    /** A run of lays with one state and reason; {@code fromDeg} inclusive, {@code toDeg} exclusive, 0..360. */
    public record Run(double fromDeg, double toDeg, State state, String reason) {}

    /**
     * Why nothing is open.
     *
     * @param degrees blocked by it
     * @param opens what would open a lay
     */
    public record Closed(String mostFrequent, int degrees, List<String> opens) {}

    /**
     * The best lay or the second best.
     *
     * @param why in words, against the other
     */
    public record Pick(double deg, double score, String why) {}

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
                    List.of(new Run(0, 360, State.BLOCKED, "the lean is not known")),
                    List.of(),
                    Optional.of(new Closed(
                            "the lean is not known", 360, List.of("measure the lean, seen from two sides"))));
        }
        StemMass mass = stem.mass(choice.cutHeightM()).orElseThrow();
        Map<String, String> names =
                site.features().stream().collect(Collectors.toMap(Feature::id, Feature::name, (a, b) -> a));
        List<Sweep.Row> rows = new ArrayList<>();
        List<Lay> lays = new ArrayList<>();
        for (int deg = 0; deg < 360; deg += stepDeg) {
            Sweep.Row row = sweep.get().at(deg + (stepDeg - 1) / 2.0);
            rows.add(row);
            lays.add(lay(row, stem, choice, mass, names, site, limits));
        }
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
        List<String> against = new ArrayList<>();
        List<String> first = new ArrayList<>();
        boolean control = r.controlled();
        for (String block : r.blocks()) {
            if (block.startsWith("TARGET:") && control
                    || !block.startsWith("TARGET:") && !block.equals("BACK_MOMENT")) {
                against.add(words(r, block, names));
            }
        }
        if (!choice.leavesBefore()
                && choice.leaving().coverTree().isEmpty()
                && r.escape().reachedM().filter(m -> m < limits.leastAwayM()).isPresent()) {
            against.add("too little time to get away");
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
                            ? "the line gives " + kilo(choice.means().tensionN().orElse(0.0), false) + ", it needs "
                                    + kilo(pull, true)
                            : "the machine cannot pull that way from where it stands");
        } else if (enough && !r.enough()) {
            first.add(doubtful(stem, choice));
        } else if (!enough) {
            first.add(pull > 0 ? "pull with at least " + kilo(pull, true) : "a line from the front");
        }
        r.conditions().stream()
                .filter(c -> c.startsWith("MITIGATE:"))
                .forEach(c -> first.add("protect the " + names.getOrDefault(c.substring(9), "target") + " as planned"));
        // what the card does already is not asked for again
        boolean bored = r.backCut() == BackCut.BORE_STRAP
                && r.card().borePossible()
                && r.split().advice() == SplitRisk.Advice.BORE_AND_STRAP;
        if (!bored && !r.blocked() && r.split().advice() != SplitRisk.Advice.STANDARD) {
            first.add(r.split().advice().words());
        }
        if (r.withGuy()) {
            first.add("guy the side");
        }
        r.strikes().stream()
                .filter(s -> control && s.onlyWhenLost() && !s.mitigable())
                .forEach(s ->
                        first.add("second opinion: " + names.getOrDefault(s.id(), "target") + " if control is lost"));
        Map<String, Double> costs = costs(r.cost());
        double points = costs.entrySet().stream()
                .filter(e -> !e.getKey().equals("leans back"))
                .mapToDouble(Map.Entry::getValue)
                .sum();
        State state;
        String reason;
        if (!against.isEmpty()) {
            state = State.BLOCKED;
            reason = against.get(0);
        } else if (!enough) {
            state = State.OPEN_WITH_PULL;
            reason = choice.means().isLine() ? "needs a stronger pull" : "needs a line";
        } else if (r.withGuy()) {
            state = State.OPEN_WITH_GUY;
            reason = "guy the side";
        } else {
            boolean costly = points > COSTLY_POINTS
                    || r.cost().escape() > 0
                    || r.conditions().stream().anyMatch(c -> c.startsWith("MITIGATE:"))
                    || first.stream().anyMatch(f -> f.startsWith("second"))
                    || !r.enough();
            state = costly ? State.COSTLY : State.OPEN;
            reason = costly ? !r.enough() ? doubtful(stem, choice) : costlyReason(r, first, costs, names) : "";
        }
        return new Lay(r.layDeg(), state, reason, against, first, costs, r.score(), pull, r.enough());
    }

    /** Enough as it is expected, not at the 95 % side: a better lean settles it, else more help stands ready. */
    private static String doubtful(StemReading stem, LayChoice choice) {
        return stem.lean().filter(l -> l.sigmaDeg() > ROUGH_DEG).isPresent()
                ? "measure the lean"
                : switch (choice.means().kind()) {
                    case NOTHING, LEVER -> "wedges ready";
                    case WEDGES -> "a lever or a line ready";
                    case HAND_LINE, MACHINE_LINE -> "a stronger pull ready";
                };
    }

    /** A lean known no better than this was looked at, not measured. */
    public static final double ROUGH_DEG = 1;

    private static String costlyReason(
            Sweep.Row r, List<String> first, Map<String, Double> costs, Map<String, String> names) {
        if (r.cost().escape() > 0) {
            return "one way out";
        }
        Optional<String> ahead = first.stream()
                .filter(f -> f.startsWith("protect") || f.startsWith("second"))
                .findFirst();
        if (ahead.isPresent()) {
            return ahead.get();
        }
        String largest = costs.keySet().stream().findFirst().orElse("");
        return largest.equals("targets")
                ? r.strikes().stream()
                        .max(Comparator.comparingDouble(s -> s.strike().decision() * s.worth()))
                        .map(s -> names.getOrDefault(s.id(), "targets"))
                        .orElse("targets")
                : largest;
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

    private static String kilo(double newton, boolean up) {
        return up ? Rounding.pull(newton) : Rounding.pullDown(newton);
    }

    private static Map<String, Double> costs(Sweep.Cost c) {
        Map<String, Double> parts = new HashMap<>();
        parts.put("targets", 40 * c.targets());
        parts.put("hang-up", 25 * c.hangUp());
        parts.put("side lean", 15 * c.side());
        parts.put("leans back", 10 * c.back());
        parts.put("slope", 10 * c.slope());
        parts.put("ways out", 10 * c.escape());
        Map<String, Double> sorted = new java.util.LinkedHashMap<>();
        parts.entrySet().stream()
                .filter(e -> e.getValue() >= 0.5)
                .sorted(Map.Entry.<String, Double>comparingByValue()
                        .reversed()
                        .thenComparing(Map.Entry.comparingByKey()))
                .forEach(e -> sorted.put(e.getKey(), e.getValue()));
        return sorted;
    }

    private static String words(Sweep.Row r, String block, Map<String, String> names) {
        if (block.startsWith("TARGET:")) {
            return names.getOrDefault(block.substring(7), "a target");
        }
        return switch (block) {
            case "NO_SIDE_CONTROL" -> r.wood().rotten() ? NO_HINGE : SIDE_LEAN;
            case "HANG_UP" -> "hangs up";
            case "NO_ESCAPE" -> "no way out";
            case "BAR_TOO_SHORT" -> "the bar does not reach";
            case "BARBER_CHAIR" -> "splits up the stem: not by hand";
            default -> block.toLowerCase(Locale.ROOT).replace('_', ' ');
        };
    }

    private static Closed closed(List<Lay> lays, StemReading stem, LayChoice choice, Site site, LayPlan.Limits limits) {
        Map<String, Long> count = lays.stream().collect(Collectors.groupingBy(Lay::reason, Collectors.counting()));
        Map.Entry<String, Long> most = count.entrySet().stream()
                .max(Map.Entry.<String, Long>comparingByValue().thenComparing(Map.Entry.comparingByKey()))
                .orElseThrow();
        List<String> opens = new ArrayList<>();
        boolean byTarget = site.features().stream().anyMatch(f -> f.name().equals(most.getKey()));
        if (byTarget) {
            opens.add("move or take away the " + most.getKey());
        }
        boolean pull = lays.stream().anyMatch(l -> l.state == State.OPEN_WITH_PULL);
        if (pull) {
            lays.stream()
                    .filter(l -> l.state == State.OPEN_WITH_PULL && l.pullN > 0)
                    .min(Comparator.comparingDouble(Lay::pullN))
                    .ifPresent(l -> opens.add(
                            "a line with at least " + kilo(l.pullN, true) + ", for " + Azimuth.digits(l.deg) + "°"));
        }
        switch (most.getKey()) {
            case SIDE_LEAN -> opens.add("guy the side, or climb and reduce the crown");
            case NO_HINGE -> opens.add("a cut in sounder wood, a machine, or dismantle");
            case "too little time to get away" -> opens.add("clear the ways out, or bore and leave a strap");
            case "hangs up" -> opens.add("take the neighbour first, or climb and reduce the crown");
            case "no way out" -> opens.add("clear a way out");
            case "splits up the stem: not by hand" -> opens.add("a machine, or climb and reduce the crown");
            default -> {}
        }
        if (uncertaintyBlocks(stem, choice, site, limits)) {
            opens.add(0, "measure the lean: it is its uncertainty that blocks");
        }
        return new Closed(most.getKey(), (int) (long) most.getValue() * 360 / lays.size(), List.copyOf(opens));
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
        String room = first.edgeDeg().map(e -> e + "° to the next blocked lay").orElse("nothing is blocked");
        List<Pick> picks = new ArrayList<>();
        picks.add(new Pick(
                best.deg,
                best.score,
                (best.costs.isEmpty() ? "nothing speaks against it" : "least against it: " + parts(best.costs)) + "; "
                        + room + (first.narrow() ? ", under one sigma" : "")));
        second.ifPresent(l -> picks.add(new Pick(l.deg, l.score, second(best, l))));
        return picks;
    }

    private static String second(Lay best, Lay second) {
        return second.costs.entrySet().stream()
                .max(Comparator.comparingDouble(e -> e.getValue() - best.costs.getOrDefault(e.getKey(), 0.0)))
                .filter(e -> e.getValue() - best.costs.getOrDefault(e.getKey(), 0.0) >= 0.5)
                .map(e -> String.format(Locale.ROOT, "second by %s", e.getKey()))
                .orElse("as good, nearer to a blocked lay");
    }

    private static String parts(Map<String, Double> costs) {
        return costs.keySet().stream().limit(2).collect(Collectors.joining(", "));
    }
}
