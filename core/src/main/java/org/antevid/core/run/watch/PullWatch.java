package org.antevid.core.run.watch;

import java.util.Optional;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.run.Surprise;

/**
 * The pull in a line and the load in a machine, N, against what the plan allows. The high side of a reading counts: a
 * vaguer instrument stops earlier. Practice rule: whoever pulls more than was planned and sees nothing move stops and
 * looks; what the weakest piece may carry is never crossed.
 */
public final class PullWatch {
    /** From this share of the limit somebody is told (judgement). */
    private static final double NEAR = 0.9;
    /** Below this share of its pretension a line is said to be slack (judgement). */
    private static final double SLACK = 0.5;

    private PullWatch() {}

    /**
     * @param pullN empty while nothing is heard, or not for {@link WatchKind#oldestS()}
     * @param limits empty where the step pulls nothing
     */
    public static Watched line(Optional<Estimate> pullN, Optional<LineLimits> limits) {
        if (pullN.isEmpty()) {
            return silent(WatchKind.LINE);
        }
        Estimate pull = pullN.get();
        if (limits.isEmpty()) {
            return read(WatchKind.LINE, WatchState.WITHIN, WatchWords.LINE_UNUSED, pull, Optional.empty());
        }
        LineLimits l = limits.get();
        double most = l.mostN();
        boolean over = pull.high() > most;
        boolean near = pull.high() > NEAR * most;
        boolean more = pull.value() > l.plannedN();
        boolean slack = pull.value() < SLACK * l.pretensionN();
        WatchWords words = over
                ? WatchWords.LINE_OVER
                : near
                        ? WatchWords.LINE_NEAR
                        : more
                                ? WatchWords.LINE_MORE_THAN_PLANNED
                                : slack ? WatchWords.LINE_SLACK : WatchWords.LINE_WITHIN;
        WatchState state = over ? WatchState.OVER : near || more || slack ? WatchState.NEAR : WatchState.WITHIN;
        Watched w = read(WatchKind.LINE, state, words, pull, Optional.of(most));
        return new Watched(
                w.kind(),
                w.state(),
                w.says()
                        .with("pretension", Arg.up(Dimension.PULL, l.pretensionN()))
                        .with("planned", Arg.up(Dimension.PULL, l.plannedN())),
                w.valueN(),
                w.limitN(),
                over ? Optional.of(Surprise.LINE_OVERLOADED) : Optional.empty());
    }

    /**
     * @param loadN empty while nothing is heard
     * @param mostN what was planned to hang there, with its reserve; empty where the step hangs nothing
     */
    public static Watched load(Optional<Estimate> loadN, Optional<Double> mostN) {
        if (loadN.isEmpty()) {
            return silent(WatchKind.LOAD);
        }
        Estimate load = loadN.get();
        if (mostN.isEmpty()) {
            return read(WatchKind.LOAD, WatchState.WITHIN, WatchWords.LOAD_UNUSED, load, mostN);
        }
        boolean over = load.high() > mostN.get();
        boolean near = load.high() > NEAR * mostN.get();
        Watched w = read(
                WatchKind.LOAD,
                over ? WatchState.OVER : near ? WatchState.NEAR : WatchState.WITHIN,
                over ? WatchWords.LOAD_OVER : near ? WatchWords.LOAD_NEAR : WatchWords.LOAD_WITHIN,
                load,
                mostN);
        return over
                ? new Watched(
                        w.kind(), w.state(), w.says(), w.valueN(), w.limitN(), Optional.of(Surprise.LOAD_OVERLOADED))
                : w;
    }

    static Watched silent(WatchKind kind) {
        return Watched.of(
                kind, WatchState.NOT_KNOWN, Message.of(WatchWords.SILENT).with("seconds", Arg.count(kind.oldestS())));
    }

    private static Watched read(
            WatchKind kind, WatchState state, WatchWords words, Estimate value, Optional<Double> mostN) {
        return new Watched(
                kind,
                state,
                Message.of(words)
                        .with("value", Arg.up(Dimension.PULL, Math.max(0, value.value())))
                        .with("most", mostN.map(n -> Arg.down(Dimension.PULL, n))),
                Optional.of(value),
                mostN,
                Optional.empty());
    }
}
