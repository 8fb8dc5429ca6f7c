package org.antevid.core.crew.roster;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * A day's work in arrays, for what is asked thousands of times: people are bits of a whole number, duties are counted
 * from 0. Nothing of it judges a finished plan.
 */
final class Packed {
    final Roster roster;
    final int n;
    final int people;
    final int[] dur;
    final int[][] pred;
    final int[][] lag;
    final int[][] may;
    final boolean[][] soft;
    final boolean[] aloft;
    final boolean[][] clash;
    final boolean[][] precedes;
    final int[] order;
    final int[] head;
    final int[] tail;
    final String[] names;
    final int[][] need;
    final int[] have;
    final int rescuers;

    Packed(Roster roster) {
        this.roster = roster;
        List<Duty> duties = roster.duties();
        n = duties.size();
        people = roster.hands().size();
        Map<String, Integer> at = new HashMap<>();
        for (int i = 0; i < n; i++) {
            at.put(duties.get(i).id(), i);
        }
        dur = duties.stream().mapToInt(Duty::durMin).toArray();
        pred = new int[n][];
        lag = new int[n][];
        may = new int[n][];
        soft = new boolean[n][];
        aloft = new boolean[n];
        Set<String> used = new LinkedHashSet<>();
        for (int i = 0; i < n; i++) {
            Duty d = duties.get(i);
            pred[i] = d.after().stream().mapToInt(a -> at.get(a.id())).toArray();
            lag[i] = d.after().stream().mapToInt(Duty.After::lagMin).toArray();
            may[i] = d.slots().stream().mapToInt(s -> may(d, s)).toArray();
            soft[i] = new boolean[may[i].length];
            for (int k = 0; k < may[i].length; k++) {
                soft[i][k] = d.soft(d.slots().get(k));
            }
            aloft[i] = d.aloft();
            used.addAll(d.equipment().keySet());
        }
        names = used.stream().sorted().toArray(String[]::new);
        have = Arrays.stream(names).mapToInt(roster::have).toArray();
        need = new int[n][names.length];
        for (int i = 0; i < n; i++) {
            for (int e = 0; e < names.length; e++) {
                need[i][e] = duties.get(i).equipment().getOrDefault(names[e], 0);
            }
        }
        int bits = 0;
        for (int p = 0; p < people; p++) {
            bits |= roster.rescues(roster.hands().get(p)) ? 1 << p : 0;
        }
        rescuers = bits;
        clash = new boolean[n][n];
        for (int i = 0; i < n; i++) {
            for (int k = 0; k < n; k++) {
                clash[i][k] = i != k && clashes(duties.get(i), duties.get(k));
            }
        }
        order = topological();
        precedes = new boolean[n][n];
        head = new int[n];
        tail = new int[n];
        chains();
    }

    private int may(Duty d, Duty.Slot s) {
        int bits = 0;
        for (int p = 0; p < people; p++) {
            Hand h = roster.hands().get(p);
            bits |= roster.holds(h, s.competence()) && !roster.tooThick(d, s, h) ? 1 << p : 0;
        }
        return bits;
    }

    private boolean clashes(Duty a, Duty b) {
        for (Duty.ZoneUse x : a.zones()) {
            for (Duty.ZoneUse y : b.zones()) {
                if (x.zone().equals(y.zone()) && !(x.mode().shares() && y.mode().shares())) {
                    return true;
                }
            }
        }
        return roster.options().clearStopsAllSaws() && (a.saw() && clears(b) || b.saw() && clears(a));
    }

    private static boolean clears(Duty d) {
        return d.zones().stream().anyMatch(z -> z.mode() == Duty.Mode.CLEAR);
    }

    /** Stable: of those that are ready the first comes first. */
    private int[] topological() {
        int[] waits = new int[n];
        List<List<Integer>> next = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            next.add(new ArrayList<>());
        }
        for (int i = 0; i < n; i++) {
            waits[i] = pred[i].length;
            for (int p : pred[i]) {
                next.get(p).add(i);
            }
        }
        Deque<Integer> ready = new ArrayDeque<>();
        for (int i = 0; i < n; i++) {
            if (waits[i] == 0) {
                ready.add(i);
            }
        }
        int[] sorted = new int[n];
        int done = 0;
        while (!ready.isEmpty()) {
            int i = ready.poll();
            sorted[done++] = i;
            for (int k : next.get(i)) {
                if (--waits[k] == 0) {
                    ready.add(k);
                }
            }
        }
        if (done < n) {
            throw new IllegalArgumentException("the duties wait for each other");
        }
        return sorted;
    }

    private void chains() {
        for (int i : order) {
            for (int k = 0; k < pred[i].length; k++) {
                int p = pred[i][k];
                head[i] = Math.max(head[i], head[p] + dur[p] + lag[i][k]);
                precedes[p][i] = true;
                for (int q = 0; q < n; q++) {
                    precedes[q][i] |= precedes[q][p];
                }
            }
        }
        for (int at = n - 1; at >= 0; at--) {
            int i = order[at];
            for (int k = 0; k < pred[i].length; k++) {
                int p = pred[i][k];
                tail[p] = Math.max(tail[p], tail[i] + dur[i] + lag[i][k]);
            }
        }
    }

    /** @return the length of the longest chain, minutes */
    int criticalPathMin() {
        int longest = 0;
        for (int i = 0; i < n; i++) {
            longest = Math.max(longest, head[i] + dur[i] + tail[i]);
        }
        return longest;
    }

    /** @return for every two whether they can never overlap */
    boolean[][] apart() {
        boolean[][] apart = new boolean[n][n];
        for (int i = 0; i < n; i++) {
            for (int k = i + 1; k < n; k++) {
                boolean never = precedes[i][k] || precedes[k][i] || clash[i][k] || tooMuch(i, k);
                apart[i][k] = never || !both(i, k);
                apart[k][i] = apart[i][k];
            }
        }
        return apart;
    }

    private boolean tooMuch(int i, int k) {
        for (int e = 0; e < names.length; e++) {
            if (need[i][e] > 0 && need[k][e] > 0 && need[i][e] + need[k][e] > have[e]) {
                return true;
            }
        }
        return false;
    }

    /** @return whether people fill the slots of both, and somebody can rescue meanwhile where one is aloft */
    private boolean both(int i, int k) {
        int[] all = new int[may[i].length + may[k].length];
        System.arraycopy(may[i], 0, all, 0, may[i].length);
        System.arraycopy(may[k], 0, all, may[i].length, may[k].length);
        if (!aloft[i] && !aloft[k]) {
            return Matching.complete(all);
        }
        for (int left = rescuers; left != 0; left &= left - 1) {
            int free = ~Integer.lowestOneBit(left);
            int[] without = all.clone();
            for (int s = 0; s < without.length; s++) {
                boolean leaves = s < may[i].length ? soft[i][s] : soft[k][s - may[i].length];
                without[s] &= leaves ? -1 : free;
            }
            if (Matching.complete(without)) {
                return true;
            }
        }
        return false;
    }
}
