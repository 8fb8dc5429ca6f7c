package org.antevid.core.run.watch;

import java.util.List;
import java.util.Optional;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Rounding;
import org.antevid.core.run.Surprise;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Spot;

/**
 * Where somebody is, against the ground that is closed in the step. Who is read inside stops everything, however vague
 * the beacon; who cannot be told from inside is looked for. Who stands at their own place beside the closed ground is
 * not taken for inside because a beacon wavers.
 */
public final class BeaconWatch {
    /** A beacon vaguer than this says nothing of a ring (judgement). */
    private static final double VAGUEST_M = 8;
    /** Of the sigma, on either side. */
    private static final double SIGMAS = 2;
    /** Nobody is taken to be at their own place who is read farther from it, however vague the beacon. */
    private static final double AT_PLACE_M = 3;

    private BeaconWatch() {}

    /**
     * A reading.
     *
     * @param sigmaM of east and north each, above 0
     */
    public record Fix(Spot at, double sigmaM) {}

    /**
     * Whoever carries it, in the step that runs.
     *
     * @param name as people know them
     * @param worksInside whoever handles the stem works in its ring
     * @param stand where they were told to stand; empty for whoever has no part or no place
     */
    public record Bearer(String name, boolean worksInside, Optional<Spot> stand) {}

    /**
     * @param fix empty while nothing is heard, or not for {@link WatchKind#oldestS()}
     * @param closed ground nobody else is on while the step runs; empty where the step closes none
     */
    public static Watched of(Optional<Fix> fix, Bearer bearer, List<Shape> closed) {
        Arg who = Arg.name(bearer.name);
        if (fix.isEmpty()) {
            Watched silent = PullWatch.silent(WatchKind.BEACON);
            return Watched.of(silent.kind(), silent.state(), silent.says().with("person", who));
        }
        if (fix.get().sigmaM > VAGUEST_M) {
            return Watched.of(
                    WatchKind.BEACON,
                    WatchState.NOT_KNOWN,
                    Message.of(WatchWords.VAGUE)
                            .with("person", who)
                            .with("off", Arg.up(Dimension.DISTANCE, fix.get().sigmaM)));
        }
        if (bearer.worksInside || closed.isEmpty()) {
            return Watched.of(
                    WatchKind.BEACON,
                    WatchState.WITHIN,
                    Message.of(bearer.worksInside ? WatchWords.BEACON_WORKS_THERE : WatchWords.BEACON_NO_GROUND)
                            .with("person", who));
        }
        return against(fix.get(), bearer, closed).with(who);
    }

    /** Where the fix stands to the ground, before it is said of whom. */
    private record Read(WatchState state, WatchWords words, double awayM, double sigmaM) {
        Watched with(Arg who) {
            return new Watched(
                    WatchKind.BEACON,
                    state,
                    Message.of(words)
                            .with("person", who)
                            .with("away", Arg.down(Dimension.DISTANCE, Rounding.down(awayM, 0)))
                            .with("off", Arg.up(Dimension.DISTANCE, sigmaM)),
                    Optional.empty(),
                    Optional.empty(),
                    state == WatchState.OVER ? Optional.of(Surprise.SOMEBODY_INSIDE) : Optional.empty());
        }
    }

    private static Read against(Fix fix, Bearer bearer, List<Shape> closed) {
        double away =
                closed.stream().mapToDouble(s -> s.distanceTo(fix.at)).min().orElseThrow();
        double wavers = SIGMAS * fix.sigmaM;
        if (away > wavers) {
            return new Read(WatchState.WITHIN, WatchWords.BEACON_OUTSIDE, away, fix.sigmaM);
        }
        boolean atPlace = bearer.stand
                .filter(s -> s.distanceTo(fix.at) <= Math.min(wavers, AT_PLACE_M))
                .filter(s -> closed.stream().allMatch(c -> c.distanceTo(s) > 0))
                .isPresent();
        if (atPlace) {
            return new Read(
                    away > 0 ? WatchState.WITHIN : WatchState.NEAR,
                    away > 0 ? WatchWords.BEACON_OUTSIDE : WatchWords.BEACON_MAY_BE_INSIDE,
                    away,
                    fix.sigmaM);
        }
        return away > 0
                ? new Read(WatchState.NEAR, WatchWords.BEACON_MAY_BE_INSIDE, away, fix.sigmaM)
                : new Read(WatchState.OVER, WatchWords.BEACON_INSIDE, away, fix.sigmaM);
    }
}
