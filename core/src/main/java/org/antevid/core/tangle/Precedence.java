package org.antevid.core.tangle;

import java.util.HashMap;
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
 * Which stems of a pile go before which. What is bound moves as one; what is held in a ring no longer has to go first.
 *
 * @param groups for each stem those that move with it, itself among them
 * @param heldUp relations of a ring that a hold takes the place of, the held stem as {@code a}
 */
record Precedence(Pile pile, Map<String, Set<String>> groups, Set<Pile.Relation> heldUp) {

    static Precedence of(Pile pile) {
        Map<String, Set<String>> groups = groups(pile);
        return new Precedence(pile, groups, heldUp(pile, groups));
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

    private static Set<Pile.Relation> heldUp(Pile pile, Map<String, Set<String>> groups) {
        if (pile.held().isEmpty()) {
            return Set.of();
        }
        List<Set<String>> rings = rings(graph(pile, groups, r -> true));
        return pile.amongRemoved().stream()
                .filter(r -> r.type() != Pile.Type.BOUND
                        && pile.held().contains(r.a())
                        && rings.stream().anyMatch(c -> c.contains(r.a()) && c.contains(r.b())))
                .collect(Collectors.toCollection(LinkedHashSet::new));
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

    private static List<Set<Set<String>>> components(Graph<Set<String>, DefaultEdge> graph) {
        return new KosarajuStrongConnectivityInspector<>(graph).stronglyConnectedSets();
    }

    private static List<Set<String>> rings(Graph<Set<String>, DefaultEdge> graph) {
        return components(graph).stream()
                .filter(c -> c.size() > 1)
                .map(c -> c.stream().flatMap(Set::stream).collect(Collectors.<String>toSet()))
                .toList();
    }

    /** @return an edge from what goes first to what waits for it, one vertex for what moves as one */
    Graph<Set<String>, DefaultEdge> graph() {
        return graph(pile, groups, r -> !heldUp.contains(r));
    }

    /** @return what waits for each other, and alone what waits for nobody in a ring */
    List<Set<Set<String>>> components() {
        return components(graph());
    }

    /**
     * A held stem no longer has to go first: all edges out of it drop. It opens the ring when no cycle is left in it.
     */
    List<String> holdOneOf(Set<Set<String>> component, Set<String> ids) {
        return ids.stream()
                .filter(held -> components(graph(
                                pile,
                                groups,
                                r -> !heldUp.contains(r)
                                        && !r.a().equals(held)
                                        && ids.contains(r.a())
                                        && ids.contains(r.b())))
                        .stream()
                        .noneMatch(c -> c.size() > 1 && component.containsAll(c)))
                .toList();
    }

    /** @return what is held while one of {@code ids} is touched: they waited for each other before it was held */
    Set<String> heldFor(Set<String> ids) {
        if (heldUp.isEmpty()) {
            return Set.of();
        }
        List<Set<String>> rings = rings(graph(pile, groups, r -> true));
        return heldUp.stream()
                .map(Pile.Relation::a)
                .filter(h -> !ids.contains(h)
                        && rings.stream()
                                .anyMatch(c -> c.contains(h) && ids.stream().anyMatch(c::contains)))
                .collect(Collectors.toCollection(TreeSet::new));
    }
}
