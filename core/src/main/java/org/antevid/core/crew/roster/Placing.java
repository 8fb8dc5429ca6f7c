package org.antevid.core.crew.roster;

import java.util.Arrays;

/**
 * Serial generation: duties of a list are put down one after the other, each at the first start at which zones,
 * equipment, people and rescue allow it, for those already down too.
 */
final class Placing {
    private final Packed p;
    private final FieldStops field;
    /** People by preference: the scarce ones last. */
    private int[] preference;

    final int[] start;
    final int[][] who;
    private final int[] placed;
    private int count;
    private final int[] from;
    private final int[] to;
    /** What found no start, where a list does not fit. */
    int stuck = -1;

    Placing(Packed p) {
        this.p = p;
        field = new FieldStops(p);
        start = new int[p.n];
        who = new int[p.n][];
        placed = new int[p.n];
        from = p.roster.hands().stream().mapToInt(Hand::fromMin).toArray();
        to = p.roster.hands().stream()
                .mapToInt(h -> h.toMin().orElse(Integer.MAX_VALUE))
                .toArray();
        preference = scarceLast(p);
    }

    /** @return people by the least sum over their competences of 1 / (number of holders), ties by id */
    private static int[] scarceLast(Packed p) {
        double[] worth = new double[p.people];
        for (int i = 0; i < p.people; i++) {
            for (String c : p.roster.hands().get(i).competences()) {
                long holders = p.roster.hands().stream()
                        .filter(h -> p.roster.holds(h, c))
                        .count();
                worth[i] += holders == 0 ? 0 : 1.0 / holders;
            }
        }
        Integer[] sorted = new Integer[p.people];
        Arrays.setAll(sorted, i -> i);
        Arrays.sort(sorted, (a, b) -> {
            int byWorth = Double.compare(worth[a], worth[b]);
            return byWorth != 0
                    ? byWorth
                    : p.roster
                            .hands()
                            .get(a)
                            .id()
                            .compareTo(p.roster.hands().get(b).id());
        });
        return Arrays.stream(sorted).mapToInt(i -> i).toArray();
    }

    int[] preference() {
        return preference.clone();
    }

    void prefer(int[] other) {
        preference = other;
    }

    /** @return whether the whole list found its starts */
    boolean all(int[] list) {
        count = 0;
        for (int i : list) {
            if (!place(i)) {
                stuck = i;
                return false;
            }
        }
        return true;
    }

    int makespan() {
        int end = 0;
        for (int k = 0; k < count; k++) {
            end = Math.max(end, start[placed[k]] + p.dur[placed[k]]);
        }
        return end;
    }

    long sumOfStarts() {
        long sum = 0;
        for (int k = 0; k < count; k++) {
            sum += start[placed[k]];
        }
        return sum;
    }

    private boolean place(int i) {
        int earliest = 0;
        for (int k = 0; k < p.pred[i].length; k++) {
            int q = p.pred[i][k];
            earliest = Math.max(earliest, start[q] + p.dur[q] + p.lag[i][k]);
        }
        int[] tries = new int[1 + count + from.length];
        int n = 0;
        tries[n++] = earliest;
        for (int k = 0; k < count; k++) {
            int end = start[placed[k]] + p.dur[placed[k]];
            if (end > earliest) {
                tries[n++] = end;
            }
        }
        for (int f : from) {
            if (f > earliest) {
                tries[n++] = f;
            }
        }
        Arrays.sort(tries, 0, n);
        for (int k = 0; k < n; k++) {
            if ((k == 0 || tries[k] != tries[k - 1]) && fits(i, tries[k])) {
                placed[count++] = i;
                return true;
            }
        }
        return false;
    }

    private boolean fits(int i, int at) {
        int end = at + p.dur[i];
        int busy = 0;
        for (int k = 0; k < count; k++) {
            int q = placed[k];
            if (start[q] < end && at < start[q] + p.dur[q]) {
                if (p.clash[i][q]) {
                    return false;
                }
                for (int person : who[q]) {
                    busy |= 1 << person;
                }
            }
        }
        if (!equipped(i, at, end)) {
            return false;
        }
        int free = 0;
        for (int person = 0; person < from.length; person++) {
            free |= from[person] <= at && to[person] >= end && (busy & 1 << person) == 0 ? 1 << person : 0;
        }
        start[i] = at;
        who[i] = new int[p.may[i].length];
        return staffed(i, 0, free, end);
    }

    private boolean equipped(int i, int at, int end) {
        for (int e = 0; e < p.names.length; e++) {
            if (p.need[i][e] == 0) {
                continue;
            }
            if (held(e, at) + p.need[i][e] > p.have[e]) {
                return false;
            }
            for (int k = 0; k < count; k++) {
                int s = start[placed[k]];
                if (s > at && s < end && held(e, s) + p.need[i][e] > p.have[e]) {
                    return false;
                }
            }
        }
        return true;
    }

    private int held(int e, int t) {
        int sum = 0;
        for (int k = 0; k < count; k++) {
            int q = placed[k];
            sum += start[q] <= t && t < start[q] + p.dur[q] ? p.need[q][e] : 0;
        }
        return sum;
    }

    /** Depth first over the slots; of equal neighbours the people come in increasing order only. */
    private boolean staffed(int i, int slot, int free, int end) {
        if (slot == p.may[i].length) {
            return helped(i, end);
        }
        int candidates = p.may[i][slot] & free;
        int floor = slot > 0 && same(i, slot - 1, slot) ? rank(who[i][slot - 1]) : -1;
        for (int r = floor + 1; r < preference.length; r++) {
            int person = preference[r];
            if ((candidates & 1 << person) != 0) {
                who[i][slot] = person;
                if (staffed(i, slot + 1, free & ~(1 << person), end)) {
                    return true;
                }
            }
        }
        return false;
    }

    private boolean same(int i, int a, int b) {
        return p.roster
                .duties()
                .get(i)
                .slots()
                .get(a)
                .equals(p.roster.duties().get(i).slots().get(b));
    }

    private int rank(int person) {
        for (int r = 0; r < preference.length; r++) {
            if (preference[r] == person) {
                return r;
            }
        }
        throw new IllegalStateException("nobody is left out of the order");
    }

    /** Rescue, and the stops of the field, at every minute of the window at which something changes. */
    private boolean helped(int i, int end) {
        int at = start[i];
        if (!helpedAt(i, at)) {
            return false;
        }
        for (int k = 0; k < count; k++) {
            int q = placed[k];
            int s = start[q];
            int e = s + p.dur[q];
            if (s > at && s < end && !helpedAt(i, s) || e > at && e < end && !helpedAt(i, e)) {
                return false;
            }
        }
        for (int person = 0; person < from.length; person++) {
            boolean comes = from[person] > at && from[person] < end;
            boolean goes = to[person] > at && to[person] < end;
            if (comes && !helpedAt(i, from[person]) || goes && !helpedAt(i, to[person])) {
                return false;
            }
        }
        return true;
    }

    private boolean helpedAt(int i, int t) {
        boolean up = p.aloft[i];
        int bound = bound(i);
        for (int k = 0; k < count; k++) {
            int q = placed[k];
            if (start[q] <= t && t < start[q] + p.dur[q]) {
                up |= p.aloft[q];
                bound |= bound(q);
            }
        }
        int here = here(t);
        return (!up || (p.rescuers & here & ~bound) != 0) && field.allow(this, i, t, here);
    }

    int here(int t) {
        int here = 0;
        for (int person = 0; person < from.length; person++) {
            here |= from[person] <= t && t < to[person] ? 1 << person : 0;
        }
        return here;
    }

    private int bound(int i) {
        int bound = 0;
        for (int s = 0; s < who[i].length; s++) {
            bound |= p.soft[i][s] ? 0 : 1 << who[i][s];
        }
        return bound;
    }

    /** @return duties that run at a minute, the one that is being placed among them */
    int[] runningWith(int i, int t) {
        int[] running = new int[count + 1];
        int n = 0;
        running[n++] = i;
        for (int k = 0; k < count; k++) {
            int q = placed[k];
            if (start[q] <= t && t < start[q] + p.dur[q]) {
                running[n++] = q;
            }
        }
        return Arrays.copyOf(running, n);
    }
}
