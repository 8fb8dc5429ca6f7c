package org.antevid.core.tangle;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.antevid.core.quantity.Require;
import org.jgrapht.Graph;
import org.jgrapht.graph.DefaultEdge;

/**
 * Order in which a pile is taken apart. Practice rule: what rests on or hangs over another goes first; bound stems move
 * as one; a ring has no first and is one machine step. Among the free ones the most dangerous goes first, and a
 * harmless stem that bars the way to a dangerous one inherits its priority. After each step the pile is looked at
 * again.
 *
 * @param order the removals, each a sorted list of ids
 * @param steps the removals, each tie to what stays severed in a step of its own before its removal
 * @param closedSpots while the stem is still there nobody works at these
 * @param standingOverhangs stems with something that stays above them
 */
public record Release(
        List<List<String>> order,
        List<Step> steps,
        List<Deadlock> deadlocks,
        List<Forbidden> forbidden,
        Map<String, List<String>> closedSpots,
        List<String> standingOverhangs) {

    /** Never with a hung-up stem, whatever the plan says (practice rule). */
    public enum Forbidden {
        WORK_OR_WALK_BENEATH_HUNG_STEM,
        CUT_THE_SUPPORTING_TREE,
        FELL_ANOTHER_TREE_ONTO_IT,
        CLIMB_HUNG_OR_SUPPORTING_TREE,
        CUT_THE_BRANCH_IT_HANGS_ON,
        SHORTEN_THE_BUTT_PIECE_BY_PIECE_WHILE_IT_HANGS,
        LEAVE_IT_UNMARKED,
        STAND_IN_ROPE_BIGHT,
        WORK_IN_CRATER_OR_BEHIND_LOOSE_PLATE,
        WORK_ALONE,
        GO_ON_IN_WIND_DUSK_OR_POOR_SIGHT
    }

    /** Kinds of step. */
    public enum Kind {
        SINGLE,
        /** a group that moves as one, or what is tied to something that stays */
        BOUND_MACHINE,
        /** a ring of stems, each of which waits for another */
        DEADLOCK_MACHINE,
        SEVER_TIE,
        /** a stem that was held is let go, before its own removal */
        LET_GO;

        /** @return whether something is taken away by it */
        public boolean removes() {
            return this != SEVER_TIE && this != LET_GO;
        }
    }

    /**
     * One step.
     *
     * @param tie what is severed, of {@link Kind#SEVER_TIE} only, the removed stem as {@code a}
     */
    public record Step(
            Kind kind,
            List<String> stems,
            Optional<Pile.Relation> tie,
            double ownPriority,
            double priority,
            List<Preparation> before,
            Map<String, Ways> method,
            Map<String, GuardRing> zone,
            List<Effect> changes) {}

    /** A ring; holding one of {@code holdOneOf} would open it. */
    public record Deadlock(List<String> stems, List<String> holdOneOf) {}

    public static Release of(Pile pile) {
        Precedence among = Precedence.of(pile);
        List<Set<Set<String>>> components = among.components();
        Map<Set<String>, TreeSet<String>> block = new HashMap<>();
        List<Deadlock> deadlocks = new ArrayList<>();
        for (Set<Set<String>> component : components) {
            TreeSet<String> ids =
                    component.stream().flatMap(Set::stream).collect(Collectors.toCollection(TreeSet::new));
            component.forEach(g -> block.put(g, ids));
            if (component.size() > 1) {
                deadlocks.add(new Deadlock(List.copyOf(ids), among.holdOneOf(component, ids)));
            }
        }
        deadlocks.sort(Comparator.comparing(d -> d.stems().get(0)));
        Map<TreeSet<String>, Set<TreeSet<String>>> blocks = new LinkedHashMap<>();
        block.values().stream()
                .distinct()
                .sorted(Comparator.comparing(TreeSet::first))
                .forEach(b -> blocks.put(b, new LinkedHashSet<>()));
        Graph<Set<String>, DefaultEdge> graph = among.graph();
        for (DefaultEdge e : graph.edgeSet()) {
            TreeSet<String> from = Require.present(block, graph.getEdgeSource(e));
            TreeSet<String> to = Require.present(block, graph.getEdgeTarget(e));
            if (!from.equals(to)) {
                Require.present(blocks, from).add(to);
            }
        }
        List<Step> steps = steps(among, blocks, deadlocks);
        boolean hung = pile.stems().stream().anyMatch(Pile.Stem::hung);
        return new Release(
                steps.stream().filter(s -> s.kind().removes()).map(Step::stems).toList(),
                steps,
                List.copyOf(deadlocks),
                hung ? List.of(Forbidden.values()) : List.of(),
                closedSpots(pile),
                pile.relations().stream()
                        .filter(r -> r.type() == Pile.Type.OVERHANGS
                                && pile.standing().contains(r.a())
                                && !pile.standing().contains(r.b()))
                        .map(Pile.Relation::b)
                        .distinct()
                        .sorted()
                        .toList());
    }

    private static Map<String, List<String>> closedSpots(Pile pile) {
        Map<String, List<String>> closed = new TreeMap<>();
        for (Pile.Stem s : pile.stems()) {
            List<String> spots = pile.relations().stream()
                    .filter(r -> r.a().equals(s.id())
                            && r.type() != Pile.Type.BOUND
                            && (r.type() == Pile.Type.OVERHANGS
                                    || !pile.standing().contains(r.b())))
                    .map(Pile.Relation::b)
                    .distinct()
                    .sorted()
                    .toList();
            if (!spots.isEmpty()) {
                closed.put(s.id(), spots);
            }
        }
        return closed;
    }

    private static List<Step> steps(
            Precedence among, Map<TreeSet<String>, Set<TreeSet<String>>> blocks, List<Deadlock> deadlocks) {
        Pile pile = among.pile();
        Map<TreeSet<String>, Double> own = new HashMap<>();
        blocks.keySet()
                .forEach(b -> own.put(
                        b,
                        b.stream()
                                .mapToDouble(id -> ownPriority(pile, id))
                                .max()
                                .orElse(0)));
        Map<TreeSet<String>, Double> inherited = new HashMap<>();
        blocks.keySet().forEach(b -> inherited(b, blocks, own, inherited));
        Map<String, Set<String>> restsOn = pile.restsOn();
        List<Step> steps = new ArrayList<>();
        Set<TreeSet<String>> left = new LinkedHashSet<>(blocks.keySet());
        while (!left.isEmpty()) {
            TreeSet<String> next = left.stream()
                    .filter(b -> left.stream()
                            .noneMatch(o -> Require.present(blocks, o).contains(b)))
                    .min(Comparator.comparingDouble((TreeSet<String> b) -> -Require.present(inherited, b))
                            .thenComparing(TreeSet::first))
                    .orElseThrow(() -> new IllegalStateException("condensation has a cycle"));
            left.remove(next);
            List<String> opened = Require.present(blocks, next).stream()
                    .filter(b -> left.stream()
                            .noneMatch(o -> Require.present(blocks, o).contains(b)))
                    .flatMap(Set::stream)
                    .toList();
            boolean ring = deadlocks.stream().anyMatch(d -> d.stems().equals(List.copyOf(next)));
            Turn turn =
                    new Turn(among, restsOn, next, ring, Require.present(own, next), Require.present(inherited, next));
            steps.addAll(turn.letGo());
            steps.addAll(turn.severing());
            steps.add(turn.removal(opened));
        }
        return List.copyOf(steps);
    }

    private static double ownPriority(Pile pile, String id) {
        // what hangs over a spot that stays hangs over whoever works there
        long overhung = pile.relations().stream()
                .filter(r -> r.type() == Pile.Type.OVERHANGS && r.a().equals(id))
                .count();
        return pile.stem(id).ownPriority(overhung);
    }

    private static double inherited(
            TreeSet<String> b,
            Map<TreeSet<String>, Set<TreeSet<String>>> blocks,
            Map<TreeSet<String>, Double> own,
            Map<TreeSet<String>, Double> known) {
        if (!known.containsKey(b)) {
            double most = Require.present(own, b);
            for (TreeSet<String> next : Require.present(blocks, b)) {
                most = Math.max(most, inherited(next, blocks, own, known));
            }
            known.put(b, most);
        }
        return Require.present(known, b);
    }

    /** A rule an order breaks. */
    public record Broken(Rule rule, String first, String then) {
        /** What an order has to keep. */
        public enum Rule {
            MISSING,
            BEFORE,
            TOGETHER
        }
    }

    /** @return every broken rule when the pile is taken apart in {@code order}, none when the order is right */
    public static List<Broken> verifyOrder(Pile pile, List<List<String>> order) {
        Map<String, Integer> turn = new HashMap<>();
        for (int i = 0; i < order.size(); i++) {
            for (String id : order.get(i)) {
                turn.put(id, i);
            }
        }
        List<Broken> broken = new ArrayList<>();
        Set<Pile.Relation> heldUp = Precedence.of(pile).heldUp();
        pile.stems().stream()
                .filter(s -> !turn.containsKey(s.id()))
                .forEach(s -> broken.add(new Broken(Broken.Rule.MISSING, s.id(), s.id())));
        for (Pile.Relation r : pile.amongRemoved()) {
            if (heldUp.contains(r)) {
                continue;
            }
            Integer a = turn.get(r.a());
            Integer b = turn.get(r.b());
            if (a != null && b != null && (r.type() == Pile.Type.BOUND ? !a.equals(b) : a > b)) {
                broken.add(new Broken(
                        r.type() == Pile.Type.BOUND ? Broken.Rule.TOGETHER : Broken.Rule.BEFORE, r.a(), r.b()));
            }
        }
        return broken;
    }
}
