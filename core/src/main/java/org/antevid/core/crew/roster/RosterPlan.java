package org.antevid.core.crew.roster;

import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.antevid.core.crew.roster.Roster.Assignment;

/**
 * A plan of the day: first lists by five rules of thumb, then moved about at random from a seed, no clock: the same
 * input gives the same plan. Every plan is looked at by {@link RosterCheck} before it is shown. Times are as good as
 * those of the duties: +-30 %, and a gap under 3 % is noise.
 *
 * @param plan by id of the duty; empty where there is none
 * @param bounds empty where the work itself is wrong
 * @param breaches what is wrong with the work where there is no plan; else what is no stop and still to be said
 */
public record RosterPlan(
        Optional<Map<String, Assignment>> plan,
        int makespanMin,
        Optional<RosterBounds> bounds,
        List<Breach> breaches,
        List<Unknown> notChecked) {
    private static final double SWAPS_PEOPLE = 0.2;
    private static final double TAKES_WORSE = 0.02;

    /** @return share of the time that may be to be had yet; 0 is proven best */
    public double gap() {
        int lowest = bounds.map(RosterBounds::lowestMin).orElse(0);
        return makespanMin == 0 ? 0 : (double) (makespanMin - lowest) / makespanMin;
    }

    /**
     * @param lists how many lists are tried after the first ones, 0 to 5000
     * @param seed of the random moves
     * @throws IllegalArgumentException for duties that wait for each other
     */
    public static RosterPlan of(Roster roster, int lists, long seed) {
        RosterCheck work = RosterCheck.of(roster);
        if (!work.feasible()) {
            return new RosterPlan(Optional.empty(), 0, Optional.empty(), work.breaches(), work.notChecked());
        }
        Packed packed = new Packed(roster);
        RosterBounds bounds = RosterBounds.of(packed);
        Search search = new Search(packed);
        if (!search.first()) {
            Duty stuck = roster.duties().get(search.placing.stuck);
            return new RosterPlan(
                    Optional.empty(),
                    0,
                    Optional.of(bounds),
                    List.of(Breach.of(RosterRule.R09_AVAILABILITY, stuck.id())),
                    work.notChecked());
        }
        search.improve(lists, new Random(seed), bounds.lowestMin());
        RosterCheck shown = RosterCheck.of(roster, search.best);
        if (!shown.feasible()) {
            throw new IllegalStateException("a plan that breaks " + shown.breaches() + " was made");
        }
        return new RosterPlan(
                Optional.of(search.best), search.makespan, Optional.of(bounds), shown.breaches(), shown.notChecked());
    }

    private static final class Search {
        private final Packed p;
        private final Placing placing;
        private int[] list = new int[0];
        private int[] people = new int[0];
        private Map<String, Assignment> best = Map.of();
        private int makespan = Integer.MAX_VALUE;
        private long starts = Long.MAX_VALUE;

        private Search(Packed p) {
            this.p = p;
            placing = new Placing(p);
        }

        private boolean first() {
            int[] successors = new int[p.n];
            for (int i = 0; i < p.n; i++) {
                for (int q : p.pred[i]) {
                    successors[q] += p.dur[i];
                }
            }
            people = placing.preference();
            List<Comparator<Integer>> rules = List.of(
                    Comparator.comparingInt(i -> -(p.tail[i] + p.dur[i])),
                    Comparator.comparingInt(i -> p.head[i]),
                    Comparator.comparingInt(i -> -p.tail[i]),
                    Comparator.comparingInt(i -> -(p.dur[i] + successors[i])),
                    Comparator.comparingInt(i -> -p.dur[i] * p.may[i].length));
            boolean any = false;
            for (Comparator<Integer> rule : rules) {
                int[] tried = listed(rule);
                if (placing.all(tried)) {
                    any = true;
                    if (better()) {
                        list = tried;
                        keep();
                    }
                }
            }
            return any;
        }

        private int[] listed(Comparator<Integer> rule) {
            int[] place = new int[p.n];
            for (int k = 0; k < p.n; k++) {
                place[p.order[k]] = k;
            }
            boolean[] done = new boolean[p.n];
            int[] made = new int[p.n];
            for (int k = 0; k < p.n; k++) {
                int next = IntStream.range(0, p.n)
                        .filter(i -> !done[i] && IntStream.of(p.pred[i]).allMatch(q -> done[q]))
                        .boxed()
                        .min(rule.thenComparingInt(i -> place[i]))
                        .orElseThrow();
                made[k] = next;
                done[next] = true;
            }
            return made;
        }

        private boolean better() {
            int m = placing.makespan();
            return m < makespan || m == makespan && placing.sumOfStarts() < starts;
        }

        private void keep() {
            makespan = placing.makespan();
            starts = placing.sumOfStarts();
            Map<String, Assignment> plan = new LinkedHashMap<>();
            for (int i = 0; i < p.n; i++) {
                plan.put(
                        p.roster.duties().get(i).id(),
                        new Assignment(
                                placing.start[i],
                                Arrays.stream(placing.who[i])
                                        .mapToObj(h -> p.roster.hands().get(h).id())
                                        .toList()));
            }
            best = plan;
        }

        private void improve(int lists, Random random, int lowest) {
            int nowMakespan = makespan;
            long nowStarts = starts;
            for (int k = 0; k < lists && makespan > lowest && p.n > 1; k++) {
                int[] tried = moved(random);
                int[] order = people.clone();
                if (random.nextDouble() < SWAPS_PEOPLE && order.length > 1) {
                    int a = random.nextInt(order.length);
                    int b = random.nextInt(order.length);
                    int kept = order[a];
                    order[a] = order[b];
                    order[b] = kept;
                }
                placing.prefer(order);
                boolean fits = placing.all(tried);
                double chance = random.nextDouble();
                if (!fits) {
                    continue;
                }
                int m = placing.makespan();
                long s = placing.sumOfStarts();
                if (m < nowMakespan || m == nowMakespan && s <= nowStarts || chance < TAKES_WORSE) {
                    list = tried;
                    people = order;
                    nowMakespan = m;
                    nowStarts = s;
                }
                if (better()) {
                    keep();
                }
            }
        }

        /** A random duty to a random place between the last it waits for and the first that waits for it. */
        private int[] moved(Random random) {
            int at = random.nextInt(p.n);
            int i = list[at];
            int low = 0;
            int high = p.n - 1;
            for (int k = 0; k < p.n; k++) {
                if (p.precedes[list[k]][i]) {
                    low = Math.max(low, k + 1);
                }
                if (p.precedes[i][list[k]]) {
                    high = Math.min(high, k - 1);
                }
            }
            int to = low + random.nextInt(Math.max(1, high - low + 1));
            int[] made = list.clone();
            if (to < at) {
                System.arraycopy(list, to, made, to + 1, at - to);
            } else {
                System.arraycopy(list, at + 1, made, at, to - at);
            }
            made[to] = i;
            return made;
        }
    }
}
