package org.antevid.core.tangle;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Predicate;
import java.util.stream.Collectors;
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
 */
public record Release(List<List<String>> order, List<Step> steps, List<Deadlock> deadlocks, List<String> forbidden) {
    /** Never with a hung-up stem, whatever the plan says (practice rule). */
    public static final List<String> FORBIDDEN_WITH_HUNG_STEM = List.of(
            "work_or_walk_beneath_hung_stem",
            "cut_the_supporting_tree",
            "fell_another_tree_onto_it",
            "climb_hung_or_supporting_tree",
            "cut_the_branch_it_hangs_on",
            "shorten_the_butt_piece_by_piece_while_it_hangs",
            "leave_it_unmarked",
            "stand_in_rope_bight",
            "work_in_crater_or_behind_loose_plate",
            "work_alone",
            "go_on_in_wind_dusk_or_poor_sight");

    /** Kinds of step. */
    public enum Kind {
        SINGLE,
        BOUND_MACHINE,
        DEADLOCK_MACHINE
    }

    /**
     * One removal.
     *
     * @param before preparations that belong to this removal, {@code secure_plate:id}
     * @param changes what it does to others: {@code unloads:id}, {@code clears_spot:id}, {@code rope_free:id},
     *     {@code opens:id}
     */
    public record Step(
            Kind kind,
            List<String> stems,
            double ownPriority,
            double priority,
            List<String> before,
            Map<String, Method> method,
            Map<String, KeepOut> zone,
            List<String> changes) {}

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
                steps.stream().map(Step::stems).toList(),
                steps,
                List.copyOf(deadlocks),
                hung ? FORBIDDEN_WITH_HUNG_STEM : List.of());
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
            boolean ring = deadlocks.stream().anyMatch(d -> d.stems().equals(List.copyOf(next)));
            steps.add(step(
                    pile,
                    groups,
                    next,
                    ring,
                    Require.present(own, next),
                    Require.present(inherited, next),
                    left,
                    blocks));
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

    private static Step step(
            Pile pile,
            Map<String, Set<String>> groups,
            TreeSet<String> ids,
            boolean ring,
            double own,
            double priority,
            Set<TreeSet<String>> left,
            Map<TreeSet<String>, Set<TreeSet<String>>> blocks) {
        Map<String, Method> methods = new LinkedHashMap<>();
        Map<String, KeepOut> zones = new LinkedHashMap<>();
        boolean anyBound = false;
        for (String id : ids) {
            Set<String> group = Require.present(groups, id);
            boolean bound = group.size() > 1;
            anyBound |= bound;
            double longest = group.stream()
                    .mapToDouble(g -> pile.stem(g).lengthM())
                    .max()
                    .orElse(0);
            methods.put(id, Method.of(pile, pile.stem(id), bound, ring));
            zones.put(id, KeepOut.of(pile.stem(id), longest, bound));
        }
        List<String> before = new ArrayList<>();
        List<String> changes = new ArrayList<>();
        for (Pile.Relation r : pile.relations()) {
            if (!ids.contains(r.a()) || ids.contains(r.b())) {
                continue;
            }
            switch (r.type()) {
                case RESTS_ON -> {
                    changes.add("unloads:" + r.b());
                    if (!pile.standing().contains(r.b()) && pile.stem(r.b()).rootPlate()) {
                        before.add("secure_plate:" + r.b());
                    }
                }
                case OVERHANGS -> changes.add("clears_spot:" + r.b());
                case HELD_BY_ROPE -> changes.add("rope_free:" + r.b());
                case BOUND -> {}
            }
        }
        Require.present(blocks, ids).stream()
                .filter(b ->
                        left.stream().noneMatch(o -> Require.present(blocks, o).contains(b)))
                .forEach(b -> b.forEach(id -> changes.add("opens:" + id)));
        Kind kind = ring ? Kind.DEADLOCK_MACHINE : anyBound ? Kind.BOUND_MACHINE : Kind.SINGLE;
        return new Step(kind, List.copyOf(ids), own, priority, before, methods, zones, changes);
    }

    /**
     * @return every broken rule when the pile is taken apart in {@code order}: "A before B", none when the order is
     *     right
     */
    public static List<String> verifyOrder(Pile pile, List<List<String>> order) {
        Map<String, Integer> turn = new HashMap<>();
        for (int i = 0; i < order.size(); i++) {
            for (String id : order.get(i)) {
                turn.put(id, i);
            }
        }
        List<String> broken = new ArrayList<>();
        pile.stems().stream().filter(s -> !turn.containsKey(s.id())).forEach(s -> broken.add(s.id() + " is missing"));
        for (Pile.Relation r : pile.amongRemoved()) {
            Integer a = turn.get(r.a());
            Integer b = turn.get(r.b());
            if (a != null && b != null && (r.type() == Pile.Type.BOUND ? !a.equals(b) : a > b)) {
                broken.add(r.a() + (r.type() == Pile.Type.BOUND ? " together with " : " before ") + r.b());
            }
        }
        return broken;
    }
}
