package org.antevid.core.run.watch;

import java.util.Optional;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.run.Surprise;

/**
 * One instrument at one moment.
 *
 * @param valueN of a pull or load, N with its sigma; empty of a beacon and while not known
 * @param limitN at which everything stops; empty where the step has none
 * @param forces what a hold is called for while the step runs; empty while nothing is crossed
 */
public record Watched(
        WatchKind kind,
        WatchState state,
        Message says,
        Optional<Estimate> valueN,
        Optional<Double> limitN,
        Optional<Surprise> forces) {
    static Watched of(WatchKind kind, WatchState state, Message says) {
        return new Watched(kind, state, says, Optional.empty(), Optional.empty(), Optional.empty());
    }

    /**
     * @return the same reading before anything is briefed: there is no limit to hold it against, and it is not called
     *     good
     */
    public Watched unbriefed() {
        return state == WatchState.NOT_KNOWN
                ? this
                : new Watched(
                        kind,
                        WatchState.NEAR,
                        Message.of(WatchWords.NOT_BRIEFED),
                        valueN,
                        Optional.empty(),
                        Optional.empty());
    }

    /** @return the high side of the reading as a share of its limit, 0 to 1; empty where there is none */
    public Optional<Double> share() {
        return valueN.flatMap(v -> limitN.map(l -> l > 0 ? Math.max(0, Math.min(1, v.high() / l)) : 1.0));
    }

    /** @return whether no go is given, and one that goes ends */
    public boolean standsAgainst() {
        return state == WatchState.NOT_KNOWN || state == WatchState.OVER;
    }
}
