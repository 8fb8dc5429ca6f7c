package org.antevid.core.crew.roster;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * "Cannot be faster than": five reasons why, the largest counts. Who is on site when is in none of them. Minutes.
 *
 * @param personsSet whose work it is that takes that long
 * @param clique duties no two of which can run at once
 */
public record RosterBounds(
        int criticalPathMin,
        int personsMin,
        List<String> personsSet,
        int equipmentMin,
        int oneMachineMin,
        List<String> clique,
        int rescueMin) {
    public int lowestMin() {
        return IntStream.of(criticalPathMin, personsMin, equipmentMin, oneMachineMin, rescueMin)
                .max()
                .orElse(0);
    }

    /** @throws IllegalArgumentException for duties that wait for each other */
    public static RosterBounds of(Roster roster) {
        return of(new Packed(roster));
    }

    static RosterBounds of(Packed p) {
        boolean[][] apart = p.apart();
        Persons persons = persons(p);
        Clique clique = clique(p, apart);
        return new RosterBounds(
                p.criticalPathMin(), persons.min, persons.who, equipment(p), clique.min, clique.ids, rescue(p, apart));
    }

    private record Persons(int min, List<String> who) {}

    private static Persons persons(Packed p) {
        Map<Integer, Integer> sumOf = new HashMap<>();
        for (int i = 0; i < p.n; i++) {
            for (int mask : p.may[i]) {
                sumOf.merge(mask, p.dur[i], Integer::sum);
            }
        }
        // over sorted ids, so that the first largest set is the same whatever the order of the people
        List<Integer> sorted = IntStream.range(0, p.people)
                .boxed()
                .sorted(Comparator.comparing(i -> p.roster.hands().get(i).id()))
                .toList();
        int most = 0;
        List<String> who = List.of();
        for (int q = 1; q < 1 << p.people; q++) {
            int set = 0;
            for (int left = q; left != 0; left &= left - 1) {
                set |= 1 << sorted.get(Integer.numberOfTrailingZeros(left));
            }
            int sum = 0;
            for (Map.Entry<Integer, Integer> e : sumOf.entrySet()) {
                sum += (e.getKey() & ~set) == 0 ? e.getValue() : 0;
            }
            int bound = up(sum, Integer.bitCount(q));
            if (bound > most) {
                most = bound;
                int chosen = set;
                who = sorted.stream()
                        .filter(i -> (chosen & 1 << i) != 0)
                        .map(i -> p.roster.hands().get(i).id())
                        .toList();
            }
        }
        return new Persons(most, who);
    }

    private static int up(int sum, int by) {
        return (sum + by - 1) / by;
    }

    private static int equipment(Packed p) {
        int most = 0;
        for (int e = 0; e < p.names.length; e++) {
            int sum = 0;
            for (int i = 0; i < p.n; i++) {
                sum += p.dur[i] * p.need[i][e];
            }
            most = p.have[e] > 0 ? Math.max(most, up(sum, p.have[e])) : most;
        }
        return most;
    }

    private record Clique(int min, List<String> ids) {}

    private static Clique clique(Packed p, boolean[][] apart) {
        int[] neighbours = new int[p.n];
        for (int i = 0; i < p.n; i++) {
            for (int k = 0; k < p.n; k++) {
                neighbours[i] += apart[i][k] ? 1 : 0;
            }
        }
        Comparator<Integer> byId =
                Comparator.comparing(i -> p.roster.duties().get(i).id());
        List<Comparator<Integer>> orders = List.of(
                Comparator.comparingInt((Integer i) -> -p.dur[i]).thenComparing(byId),
                Comparator.comparingInt((Integer i) -> -neighbours[i]).thenComparing(byId),
                Comparator.comparingInt((Integer i) -> -(p.head[i] + p.dur[i] + p.tail[i]))
                        .thenComparing(byId));
        Clique best = new Clique(0, List.of());
        for (int seed = 0; seed < p.n; seed++) {
            for (Comparator<Integer> order : orders) {
                List<Integer> members = grown(seed, apart, order, p.n);
                int min = oneMachine(p, members);
                if (min > best.min) {
                    best = new Clique(
                            min,
                            members.stream()
                                    .map(i -> p.roster.duties().get(i).id())
                                    .sorted()
                                    .toList());
                }
            }
        }
        return best;
    }

    private static List<Integer> grown(int seed, boolean[][] apart, Comparator<Integer> order, int n) {
        List<Integer> members = new ArrayList<>(List.of(seed));
        List<Integer> pool = new ArrayList<>(IntStream.range(0, n)
                .filter(k -> apart[seed][k])
                .boxed()
                .sorted(order)
                .toList());
        while (!pool.isEmpty()) {
            int taken = pool.get(0);
            members.add(taken);
            pool.removeIf(k -> !apart[taken][k]);
        }
        return members;
    }

    /**
     * Preemptive one machine with heads and tails: the released one with the longest tail runs until the next comes.
     */
    private static int oneMachine(Packed p, List<Integer> members) {
        int[] left = new int[p.n];
        members.forEach(i -> left[i] = p.dur[i]);
        int most = 0;
        int t = 0;
        while (true) {
            int now = t;
            List<Integer> open = members.stream().filter(i -> left[i] > 0).toList();
            if (open.isEmpty()) {
                return most;
            }
            int running = open.stream()
                    .filter(i -> p.head[i] <= now)
                    .max(Comparator.comparingInt(i -> p.tail[i]))
                    .orElse(-1);
            int next = open.stream()
                    .mapToInt(i -> p.head[i])
                    .filter(h -> h > now)
                    .min()
                    .orElse(Integer.MAX_VALUE);
            if (running < 0) {
                t = next;
                continue;
            }
            int run = Math.min(left[running], next - t);
            left[running] -= run;
            t += run;
            if (left[running] == 0) {
                most = Math.max(most, t + p.tail[running]);
            }
        }
    }

    private static int rescue(Packed p, boolean[][] apart) {
        int rescuers = Integer.bitCount(p.rescuers);
        boolean anyAloft = IntStream.range(0, p.n).anyMatch(i -> p.aloft[i]);
        if (!anyAloft || rescuers == 0) {
            return 0;
        }
        int bound = 0;
        for (int i = 0; i < p.n; i++) {
            for (int s = 0; s < p.may[i].length; s++) {
                bound += !p.soft[i][s] && (p.may[i][s] & ~p.rescuers) == 0 ? p.dur[i] : 0;
            }
        }
        List<Integer> picked = new ArrayList<>();
        IntStream.range(0, p.n)
                .filter(i -> p.aloft[i])
                .boxed()
                .sorted(Comparator.comparingInt(i -> -p.dur[i]))
                .filter(i -> picked.stream().allMatch(k -> apart[i][k]))
                .forEach(picked::add);
        int guarded = picked.stream().mapToInt(i -> p.dur[i]).sum();
        return up(bound + guarded, rescuers);
    }
}
