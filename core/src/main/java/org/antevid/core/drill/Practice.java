package org.antevid.core.drill;

import java.util.List;
import java.util.stream.IntStream;

/** When practice gets harder, and when what failed comes back (practice rule of learning at growing distances). */
public final class Practice {
    /** Days after which an exercise that failed is asked again; right once more, it waits for the next. */
    public static final List<Integer> AGAIN_DAYS = List.of(1, 3, 7, 21);

    /** So many right ones of a level in a row open the next. */
    public static final int RISES_AFTER = 4;

    /** Exercises of a round. */
    public static final int ROUND = 10;

    private Practice() {}

    /** An exercise by what stands in its link. */
    public record Link(DrillKind kind, int level, long seed) {}

    /** @return a round for everybody who takes it: each kind in turn, at this level or the highest it has */
    public static List<Link> set(List<DrillKind> kinds, int level, long seed) {
        return IntStream.range(0, ROUND)
                .mapToObj(i -> {
                    DrillKind kind = kinds.get(i % kinds.size());
                    return new Link(kind, Math.min(level, kind.levels()), seed + i);
                })
                .toList();
    }

    /** @return the same for everybody on this day, counted from whichever first one; each kind has its turn */
    public static Link ofDay(long day) {
        DrillKind[] kinds = DrillKind.values();
        return new Link(kinds[(int) Math.floorMod(day, (long) kinds.length)], 1, Math.floorMod(day, 1_000_000L));
    }
}
