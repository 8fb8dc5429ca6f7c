package org.antevid.sums;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** All sums by name. */
public final class Sums {
    private static final Map<String, Sum> ALL = new LinkedHashMap<>();

    static {
        List<Sum> sums = new ArrayList<>(MeasureSums.ALL);
        sums.addAll(LeanSums.ALL);
        sums.addAll(HollowSums.ALL);
        sums.addAll(FallSums.ALL);
        sums.addAll(LaySums.ALL);
        sums.add(SweepSum.SWEEP);
        sums.addAll(WoodSums.ALL);
        sums.add(CutSum.CUTS);
        sums.addAll(HelpSums.ALL);
        sums.add(ReleaseSum.RELEASE);
        sums.forEach(s -> ALL.put(s.name(), s));
    }

    private Sums() {}

    public static Optional<Sum> named(String name) {
        return Optional.ofNullable(ALL.get(name));
    }

    public static List<Sum> all() {
        return List.copyOf(ALL.values());
    }
}
