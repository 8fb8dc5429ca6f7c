package org.antevid.sums;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.antevid.core.crew.roster.Duty;
import org.antevid.core.crew.roster.Hand;
import org.antevid.core.crew.roster.Roster;

/**
 * The shortest day there is, found by trying every start and everybody in every slot, minute by minute: for a few short
 * duties. Nothing of it is shared with what it proves.
 */
final class CrewOracle {
    private final Roster roster;
    private final List<Duty> order = new ArrayList<>();
    private final Map<String, Integer> end = new HashMap<>();
    private final int longest;
    private Duty[][] at;
    private String[][][] who;
    private int limit;

    private CrewOracle(Roster roster) {
        this.roster = roster;
        List<Duty> left = new ArrayList<>(roster.duties());
        while (!left.isEmpty()) {
            Duty next = left.stream()
                    .filter(d -> d.after().stream().noneMatch(a -> left.stream().anyMatch(x -> x.id().equals(a.id()))))
                    .findFirst()
                    .orElseThrow();
            left.remove(next);
            order.add(next);
        }
        longest = roster.duties().stream()
                        .mapToInt(d -> d.durMin()
                                + d.after().stream()
                                        .mapToInt(Duty.After::lagMin)
                                        .max()
                                        .orElse(0))
                        .sum()
                + roster.hands().stream().mapToInt(Hand::fromMin).max().orElse(0);
    }

    /** @return minutes, or -1 where there is no such day */
    static int shortest(Roster roster) {
        CrewOracle o = new CrewOracle(roster);
        for (o.limit = 0; o.limit <= o.longest; o.limit++) {
            o.at = new Duty[o.limit][];
            o.who = new String[o.limit][][];
            for (int t = 0; t < o.limit; t++) {
                o.at[t] = new Duty[0];
                o.who[t] = new String[0][];
            }
            o.end.clear();
            if (o.place(0)) {
                return o.limit;
            }
        }
        return -1;
    }

    private boolean place(int k) {
        if (k == order.size()) {
            return true;
        }
        Duty d = order.get(k);
        int earliest = d.after().stream()
                .mapToInt(a -> end.get(a.id()) + a.lagMin())
                .max()
                .orElse(0);
        for (int s = earliest; s + d.durMin() <= limit - tail(d); s++) {
            if (staffed(k, d, s, new String[d.slots().size()], 0)) {
                return true;
            }
        }
        return false;
    }

    /** What must still follow it. */
    private int tail(Duty d) {
        return roster.duties().stream()
                .flatMap(x -> x.after().stream()
                        .filter(a -> a.id().equals(d.id()))
                        .map(a -> a.lagMin() + x.durMin() + tail(x)))
                .max(Integer::compare)
                .orElse(0);
    }

    private boolean staffed(int k, Duty d, int s, String[] chosen, int slot) {
        if (slot == chosen.length) {
            return put(k, d, s, chosen.clone());
        }
        for (Hand h : roster.hands()) {
            boolean there = h.fromMin() <= s
                    && (h.toMin().isEmpty() || s + d.durMin() <= h.toMin().getAsInt());
            if (there
                    && h.competences().contains(d.slots().get(slot).competence())
                    && noneBefore(chosen, slot, h.id())
                    && idle(h.id(), s, s + d.durMin())) {
                chosen[slot] = h.id();
                if (staffed(k, d, s, chosen, slot + 1)) {
                    return true;
                }
            }
        }
        return false;
    }

    private static boolean noneBefore(String[] chosen, int slot, String id) {
        for (int i = 0; i < slot; i++) {
            if (chosen[i].equals(id)) {
                return false;
            }
        }
        return true;
    }

    private boolean idle(String id, int from, int to) {
        for (int t = from; t < to; t++) {
            for (String[] people : who[t]) {
                if (List.of(people).contains(id)) {
                    return false;
                }
            }
        }
        return true;
    }

    private boolean put(int k, Duty d, int s, String[] chosen) {
        Duty[][] before = at.clone();
        String[][][] peopleBefore = who.clone();
        boolean good = true;
        for (int t = s; t < s + d.durMin(); t++) {
            Duty[] more = Arrays.copyOf(at[t], at[t].length + 1);
            String[][] people = Arrays.copyOf(who[t], who[t].length + 1);
            more[at[t].length] = d;
            people[at[t].length] = chosen;
            at[t] = more;
            who[t] = people;
            good = good && allowed(t);
        }
        end.put(d.id(), s + d.durMin());
        if (good && place(k + 1)) {
            return true;
        }
        end.remove(d.id());
        at = before;
        who = peopleBefore;
        return false;
    }

    private boolean allowed(int t) {
        Map<String, Integer> held = new HashMap<>();
        for (int i = 0; i < at[t].length; i++) {
            at[t][i].equipment().forEach((name, n) -> held.merge(name, n, Integer::sum));
            for (int k = i + 1; k < at[t].length; k++) {
                if (clash(at[t][i], at[t][k]) || clash(at[t][k], at[t][i])) {
                    return false;
                }
            }
        }
        return held.entrySet().stream()
                        .allMatch(e -> e.getValue() <= roster.equipment().getOrDefault(e.getKey(), 0))
                && rescued(t);
    }

    private boolean clash(Duty a, Duty b) {
        for (Duty.ZoneUse x : a.zones()) {
            for (Duty.ZoneUse y : b.zones()) {
                if (x.zone().equals(y.zone()) && (hard(x.mode()) || hard(y.mode()))) {
                    return true;
                }
            }
        }
        return roster.options().clearStopsAllSaws()
                && a.saw()
                && b.zones().stream().anyMatch(z -> z.mode() == Duty.Mode.CLEAR);
    }

    private static boolean hard(Duty.Mode m) {
        return m != Duty.Mode.WORK && m != Duty.Mode.CLEAR;
    }

    private boolean rescued(int t) {
        boolean up = false;
        List<String> bound = new ArrayList<>();
        for (int i = 0; i < at[t].length; i++) {
            for (int s = 0; s < who[t][i].length; s++) {
                Duty.Slot slot = at[t][i].slots().get(s);
                up |= slot.aloft();
                if (!at[t][i].interruptible() || slot.aloft() || slot.part() != Duty.Part.OTHER) {
                    bound.add(who[t][i][s]);
                }
            }
        }
        return !up
                || roster.hands().stream()
                        .anyMatch(h -> h.competences().contains(roster.options().rescueCompetence())
                                && h.fromMin() <= t
                                && (h.toMin().isEmpty() || t < h.toMin().getAsInt())
                                && !bound.contains(h.id()));
    }
}
