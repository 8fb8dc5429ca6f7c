package org.antevid.core.learn;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;

/**
 * Makes falls fit to be given away: whoever knows the house must not find one person's fall in it. Groups of fewer than
 * five are merged with others, step by step: first whatever the species, then the cut and what brought it over, then
 * the quarter, then the wood and the year. What is still alone is left out.
 */
public final class Sharing {
    /** Fewer together could be told apart (practice rule). */
    public static final int LEAST = 5;

    private static final List<UnaryOperator<SharedFall.Group>> COARSER = List.of(
            g -> new SharedFall.Group(g.year(), g.quarter(), Optional.empty(), g.cut(), g.means(), g.wood()),
            g -> new SharedFall.Group(
                    g.year(), g.quarter(), Optional.empty(), Optional.empty(), Optional.empty(), g.wood()),
            g -> new SharedFall.Group(
                    g.year(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), g.wood()),
            g -> new SharedFall.Group(
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty()));

    private Sharing() {}

    /** @return in an order that says nothing of when they were entered; numbers to a tenth of a degree */
    public static List<SharedFall> of(List<SharedFall> all) {
        List<SharedFall> kept = new ArrayList<>();
        List<SharedFall> left = all.stream().map(SharedFall::rounded).toList();
        left = keep(left, kept);
        for (UnaryOperator<SharedFall.Group> coarser : COARSER) {
            left = keep(left.stream().map(f -> f.in(coarser.apply(f.group()))).toList(), kept);
        }
        return kept.stream()
                .sorted(Comparator.comparing((SharedFall f) -> f.group().toString())
                        .thenComparing(f -> f.missDeg().orElse(Double.MAX_VALUE))
                        .thenComparing(SharedFall::toString))
                .toList();
    }

    /** @return those in groups that are too small still */
    private static List<SharedFall> keep(List<SharedFall> falls, List<SharedFall> kept) {
        Map<SharedFall.Group, List<SharedFall>> groups = falls.stream()
                .collect(Collectors.groupingBy(SharedFall::group, LinkedHashMap::new, Collectors.toList()));
        List<SharedFall> left = new ArrayList<>();
        groups.values().forEach(g -> (g.size() >= LEAST ? kept : left).addAll(g));
        return left;
    }
}
