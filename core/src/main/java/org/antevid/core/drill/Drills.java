package org.antevid.core.drill;

import java.util.Optional;
import java.util.Random;
import org.antevid.core.quantity.Require;

/** Makes exercises from a seed. */
public final class Drills {
    private static final int MOST_TRIES = 2000;

    private Drills() {}

    /**
     * @param level 1 to the kind's highest
     * @param seed 0..999999999
     * @throws org.antevid.core.quantity.RefusedInput for a level the kind does not have
     */
    public static Exercise of(DrillKind kind, int level, long seed) {
        Require.within(level, 1, kind.levels(), "level");
        Require.within((double) seed, 0, 999_999_999, "seed");
        Random random = new Random(31 * (31 * seed + kind.ordinal()) + level);
        for (int thrown = 0; thrown < MOST_TRIES; thrown++) {
            Optional<Exercise> made =
                    switch (kind) {
                        case BIND -> BindDrill.made(random, level);
                        case LEAN -> LeanDrill.made(random, level);
                        case PEOPLE -> PeopleDrill.made(random, level);
                        case LAY -> LayDrill.made(random, level);
                        case STUMP -> StumpDrill.made(random, level);
                        case ORDER -> OrderDrill.made(random, level);
                        case CARD -> CardDrill.made(random, level);
                        case CUE -> CueDrill.made(random, level);
                    };
            if (made.isPresent()) {
                return made.get().at(seed, thrown);
            }
        }
        throw new IllegalStateException(kind + " makes no exercise of level " + level);
    }
}
