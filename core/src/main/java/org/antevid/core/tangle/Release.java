package org.antevid.core.tangle;

import java.util.ArrayList;
import java.util.Collection;
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
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.antevid.core.quantity.Require;
import org.jgrapht.Graph;
import org.jgrapht.alg.connectivity.KosarajuStrongConnectivityInspector;
import org.jgrapht.graph.DefaultDirectedGraph;
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
        SEVER_TIE
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
        Map<String, Set<String>> groups = groups(pile);
        Graph<Set<String>, DefaultEdge> graph = graph(pile, groups, r -> true);
        List<Set<Set<String>>> components = new KosarajuStrongConnectivityInspector<>(graph).stronglyConnectedSets();
        Map<Set<String>, TreeSet<String>> block = new HashMap<>();
        List<Deadlock> deadlocks = new ArrayList<>();
        for (Set<Set<String>> component : components) {
            TreeSet<String> ids =
                    component.stream().flatMap(Set::stream).collect(Collectors.toCollection(TreeSet::new));
            component.forEach(g -> block.put(g, ids));
            if (component.size() > 1) {
                deadlocks.add(new Deadlock(List.copyOf(ids), holdOneOf(pile, groups, component, ids)));
            }
        }
        deadlocks.sort(Comparator.comparing(d -> d.stems().get(0)));
        Map<TreeSet<String>, Set<TreeSet<String>>> blocks = new LinkedHashMap<>();
        block.values().stream()
                .distinct()
                .sorted(Comparator.comparing(TreeSet::first))
                .forEach(b -> blocks.put(b, new LinkedHashSet<>()));
        for (DefaultEdge e : graph.edgeSet()) {
            TreeSet<String> from = Require.present(block, graph.getEdgeSource(e));
            TreeSet<String> to = Require.present(block, graph.getEdgeTarget(e));
            if (!from.equals(to)) {
                Require.present(blocks, from).add(to);
            }
        }
        List<Step> steps = steps(pile, groups, blocks, deadlocks);
        boolean hung = pile.stems().stream().anyMatch(Pile.Stem::hung);
        return new Release(
                steps.stream()
                        .filter(s -> s.kind() != Kind.SEVER_TIE)
                        .map(Step::stems)
                        .toList(),
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

    private static Map<String, Set<String>> groups(Pile pile) {
        Map<String, Set<String>> groups = new HashMap<>();
        pile.stems().forEach(s -> groups.put(s.id(), new TreeSet<>(Set.of(s.id()))));
        for (Pile.Relation r : pile.amongRemoved()) {
            if (r.type() == Pile.Type.BOUND && Require.present(groups, r.a()) != Require.present(groups, r.b())) {
                Set<String> joined = new TreeSet<>(Require.present(groups, r.a()));
                joined.addAll(Require.present(groups, r.b()));
                joined.forEach(id -> groups.put(id, joined));
            }
        }
        return groups;
    }

    private static Graph<Set<String>, DefaultEdge> graph(
            Pile pile, Map<String, Set<String>> groups, Predicate<Pile.Relation> counted) {
        Graph<Set<String>, DefaultEdge> graph = new DefaultDirectedGraph<>(DefaultEdge.class);
        groups.values().forEach(graph::addVertex);
        for (Pile.Relation r : pile.amongRemoved()) {
            if (r.type() != Pile.Type.BOUND
                    && counted.test(r)
                    && !Require.present(groups, r.a()).equals(Require.present(groups, r.b()))) {
                graph.addEdge(Require.present(groups, r.a()), Require.present(groups, r.b()));
            }
        }
        return graph;
    }

    /**
     * A held stem no longer has to go first: all edges out of it drop. It opens the ring when no cycle is left in it.
     */
    private static List<String> holdOneOf(
            Pile pile, Map<String, Set<String>> groups, Set<Set<String>> component, Set<String> ids) {
        return ids.stream()
                .filter(held -> {
                    Graph<Set<String>, DefaultEdge> left =
                            graph(pile, groups, r -> !r.a().equals(held) && ids.contains(r.a()) && ids.contains(r.b()));
                    return new KosarajuStrongConnectivityInspector<>(left)
                            .stronglyConnectedSets().stream().noneMatch(c -> c.size() > 1 && component.containsAll(c));
                })
                .toList();
    }

    private static List<Step> steps(
            Pile pile,
            Map<String, Set<String>> groups,
            Map<TreeSet<String>, Set<TreeSet<String>>> blocks,
            List<Deadlock> deadlocks) {
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
            Turn turn = new Turn(
                    pile, groups, restsOn, next, ring, Require.present(own, next), Require.present(inherited, next));
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

    /** One turn of the order: the stems that go together, and how they stand in the pile. */
    private record Turn(
            Pile pile,
            Map<String, Set<String>> groups,
            Map<String, Set<String>> restsOn,
            TreeSet<String> ids,
            boolean ring,
            double own,
            double priority) {

        Step removal(List<String> opened) {
            Map<String, Ways> methods = new LinkedHashMap<>();
            Map<String, GuardRing> zones = new LinkedHashMap<>();
            boolean bound = false;
            for (String id : ids) {
                Set<String> group = Require.present(groups, id);
                boolean tied = tied(group);
                bound |= tied || group.size() > 1;
                methods.put(
                        id,
                        Ways.of(
                                pile.stem(id),
                                new Ways.Setting(
                                        ring, tied, group.size() > 1, onHung(group), held(id), pile.machine())));
                zones.put(id, ring(id));
            }
            Kind kind = ring ? Kind.DEADLOCK_MACHINE : bound ? Kind.BOUND_MACHINE : Kind.SINGLE;
            Stream<Preparation> ties = pile.tiesToStanding(ids).stream()
                    .map(t -> new Preparation(Preparation.Kind.SEVER_TIE, t.a(), Optional.of(t.b())));
            List<Preparation> before = Stream.concat(preparations(), ties)
                    .sorted(Comparator.comparing(Preparation::label))
                    .toList();
            return new Step(
                    kind, List.copyOf(ids), Optional.empty(), own, priority, before, methods, zones, changes(opened));
        }

        List<Step> severing() {
            return pile.tiesToStanding(ids).stream()
                    .map(t -> new Step(
                            Kind.SEVER_TIE,
                            List.of(t.a()),
                            Optional.of(t),
                            own,
                            priority,
                            preparations()
                                    .sorted(Comparator.comparing(Preparation::label))
                                    .toList(),
                            Map.of(t.a(), severed(t)),
                            Map.of(t.a(), ring(t.a())),
                            List.of(new Effect(Effect.Kind.ASK_BOUND_AGAIN, t.a()))))
                    .toList();
        }

        private Ways severed(Pile.Relation tie) {
            Set<String> group = Require.present(groups, tie.a());
            return Ways.ofTie(tie, group.stream().map(pile::stem).toList(), ring, onHung(group), pile.machine());
        }

        private boolean tied(Collection<String> group) {
            return !pile.tiesToStanding(group).isEmpty();
        }

        private boolean onHung(Collection<String> group) {
            return group.stream()
                    .flatMap(id -> Require.present(restsOn, id).stream())
                    .anyMatch(b -> pile.stem(b).hung());
        }

        private boolean held(String id) {
            return pile.relations().stream().anyMatch(r -> r.type() == Pile.Type.HELD_BY_ROPE && r.a().equals(id));
        }

        private Stream<Preparation> preparations() {
            Stream<Preparation> plates = ids.stream()
                    .flatMap(id -> Stream.concat(Stream.of(id), Require.present(restsOn, id).stream()))
                    .filter(p -> pile.stem(p).rootPlate())
                    .distinct()
                    .map(p -> Preparation.of(Preparation.Kind.SECURE_PLATE, p));
            Stream<Preparation> ropes =
                    ids.stream().filter(this::held).map(id -> Preparation.of(Preparation.Kind.KEEP_ROPE_TIGHT, id));
            return Stream.concat(plates, ropes);
        }

        private GuardRing ring(String id) {
            Pile.Stem s = pile.stem(id);
            Set<String> group = Require.present(groups, id);
            List<Optional<Double>> lengths =
                    group.stream().map(g -> pile.stem(g).lengthM()).toList();
            Optional<Double> longest = lengths.stream().anyMatch(Optional::isEmpty)
                    ? Optional.empty()
                    : lengths.stream().flatMap(Optional::stream).max(Double::compare);
            return GuardRing.of(new GuardRing.Ask(
                    s.hung() ? GuardRing.State.HUNG : GuardRing.State.LYING,
                    s.lengthM(),
                    s.slopeDeg(),
                    s.springLoaded(),
                    s.rootPlate(),
                    group.size() > 1 || tied(group),
                    s.plateHeightM(),
                    s.plateThickM(),
                    longest,
                    Optional.empty()));
        }

        private List<Effect> changes(List<String> opened) {
            Stream<Effect> onOthers = pile.relations().stream()
                    .filter(r -> ids.contains(r.a()) && !ids.contains(r.b()))
                    .flatMap(r -> effect(r.type()).stream().map(k -> new Effect(k, r.b())));
            return Stream.concat(onOthers, opened.stream().map(id -> new Effect(Effect.Kind.OPENS, id)))
                    .distinct()
                    .sorted(Comparator.comparing(Effect::label))
                    .toList();
        }

        private static Optional<Effect.Kind> effect(Pile.Type relation) {
            return switch (relation) {
                case RESTS_ON -> Optional.of(Effect.Kind.UNLOADS);
                case OVERHANGS -> Optional.of(Effect.Kind.CLEARS_SPOT);
                case HELD_BY_ROPE -> Optional.of(Effect.Kind.ROPE_FREE);
                case BOUND -> Optional.empty();
            };
        }
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
        pile.stems().stream()
                .filter(s -> !turn.containsKey(s.id()))
                .forEach(s -> broken.add(new Broken(Broken.Rule.MISSING, s.id(), s.id())));
        for (Pile.Relation r : pile.amongRemoved()) {
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
