package org.antevid.core.crew.roster;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import org.antevid.core.crew.roster.Duty.Mode;
import org.antevid.core.crew.roster.Duty.Part;
import org.antevid.core.crew.roster.Duty.Slot;
import org.junit.jupiter.api.Test;

/** How long a day of 60 duties and 8 people takes; run with {@code -Dtest=RosterBench}. */
class RosterBench {
    private static final int TIMES = 15;
    private static final int LISTS = 300;

    private static Slot slot(String competence, boolean aloft) {
        return new Slot(competence, Part.OTHER, aloft, false);
    }

    /** Cut, lower, clear and chip in six zones with one chipper. */
    private static Roster day() {
        Random r = new Random(3);
        List<Duty> duties = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            boolean cut = i % 3 == 0;
            String zone = "Z" + (i / 3 % 6);
            duties.add(new Duty(
                    "d" + i,
                    5 + r.nextInt(25),
                    cut ? List.of() : List.of(new Duty.After("d" + (i - i % 3), 0)),
                    cut ? List.of(slot("climb", true), slot("ground", false)) : List.of(slot("ground", false)),
                    i % 3 == 2 ? Map.of("chipper", 1) : Map.of(),
                    List.of(new Duty.ZoneUse(zone, cut ? Mode.CUT : Mode.CLEAR)),
                    cut,
                    i % 3 == 1,
                    false,
                    Optional.empty(),
                    List.of()));
        }
        List<Hand> hands = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            Set<String> held = new TreeSet<>(Set.of("ground"));
            if (i < 4) {
                held.addAll(Set.of("climb", "rescue"));
            }
            hands.add(new Hand("p" + i, held, 0, OptionalInt.empty(), List.of()));
        }
        return new Roster(duties, hands, Map.of("chipper", 1), List.of(), Roster.Options.USUAL);
    }

    private static void measure(String what, Runnable work) {
        long[] took = new long[TIMES];
        for (int i = 0; i < TIMES; i++) {
            long from = System.nanoTime();
            work.run();
            took[i] = System.nanoTime() - from;
        }
        Arrays.sort(took);
        System.out.printf(
                "%s: median %d ms, slowest (the first, cold) %d ms%n",
                what, took[TIMES / 2] / 1_000_000, took[TIMES - 1] / 1_000_000);
    }

    @Test
    void aDayOfSixtyDuties() {
        Roster day = day();
        measure("planning a day of 60 duties and 8 people, " + LISTS + " lists", () -> RosterPlan.of(day, LISTS, 1));
        RosterPlan plan = RosterPlan.of(day, LISTS, 1);
        measure("checking it", () -> RosterCheck.of(day, plan.plan().orElseThrow()));
        System.out.printf(
                "%d min, not under %d: gap %.1f %%%n",
                plan.makespanMin(), plan.bounds().orElseThrow().lowestMin(), 100 * plan.gap());
        assertThat(plan.plan()).isPresent();
    }
}
