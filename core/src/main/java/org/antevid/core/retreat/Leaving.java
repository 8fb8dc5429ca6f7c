package org.antevid.core.retreat;

import java.util.Optional;
import java.util.Set;

/**
 * How the cutter is to get away.
 *
 * @param cleared sides whose way has been cleared: a task that is done
 * @param coverTree a standing tree to step behind, by label
 * @param clock when his time begins
 */
public record Leaving(Set<EscapeRoutes.Side> cleared, Optional<String> coverTree, Clock clock) {
    public static final Leaving USUAL = new Leaving(Set.of(), Optional.empty(), Clock.AT_MOVEMENT);
    /** Pulled once he has left: how a line is used unless somebody says otherwise. */
    public static final Leaving BEFORE_THE_PULL = new Leaving(Set.of(), Optional.empty(), Clock.AT_PULL);

    /**
     * When the clock starts: at the first movement seen, or at a pull that is given once he has left and a strap holds
     * until then.
     */
    public enum Clock {
        AT_MOVEMENT,
        AT_PULL
    }

    public Leaving {
        cleared = Set.copyOf(cleared);
    }
}
