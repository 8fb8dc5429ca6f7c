package org.antevid.core.brief;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** Signals and stop conditions every person is told. Practice rules; local agreements outrank them. */
public final class Signals {
    /** Whistle and arm signals, the same for everybody. */
    public static final List<String> ALL = List.of("1 long, both arms up: all stop", "3 short: tree is going");

    private Signals() {}

    /** @return when a person calls HOLD, from the plan */
    public static List<String> stopConditions(PlanDocument plan, String personId) {
        List<String> stops = new ArrayList<>();
        stops.add("anyone or any animal comes inside the ring");
        stops.add("I lose sight of the cutter or my signal is not answered");
        stops.add(String.format(Locale.ROOT, "a gust reaches %.0f m/s", plan.gustLimitFor(personId)));
        plan.stems().stream()
                .filter(s -> !s.beneath().isEmpty())
                .forEach(s -> stops.add(s.label() + ", the hung stem, moves or creaks"));
        return List.copyOf(stops);
    }
}
