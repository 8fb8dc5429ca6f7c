package org.antevid.app.lay;

import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Optional;
import org.antevid.app.reader.Speech;
import org.antevid.core.lay.dial.Dial;
import org.antevid.core.lay.sweep.Window;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.words.Words;

/**
 * The dial as the screens draw it. Pulls are rounded up.
 *
 * @param targets ids of all that any direction strikes
 */
public record DialView(
        List<DialRun> runs,
        List<Direction> lays,
        List<WindowView> windows,
        List<DialPick> picks,
        List<String> targets,
        Optional<DialClosed> closed,
        double openDeg,
        double pullDeg,
        double guyDeg,
        double costlyDeg,
        double blockedDeg) {
    /**
     * One direction.
     *
     * @param costs what speaks against it, most first
     * @param pull that it takes in a line, in words; empty when it goes without
     * @param targets places among the targets of the dial: what it strikes or that has to be protected first
     */
    public record Direction(
            int deg,
            Dial.State state,
            String reason,
            List<String> against,
            List<String> first,
            List<String> costs,
            Optional<String> pull,
            List<Integer> targets) {}

    /**
     * A run of lays with one state and reason; {@code fromDeg} inclusive, {@code toDeg} exclusive, 0..360.
     *
     * @param leastPull that one of them takes in a line, up; empty when all go without
     * @param mostPull the same of the one that takes most
     */
    public record DialRun(
            double fromDeg,
            double toDeg,
            Dial.State state,
            String reason,
            Optional<String> leastPull,
            Optional<String> mostPull) {}

    /** Why nothing is open: what blocks most, how many degrees, and what would open a lay. */
    public record DialClosed(String mostFrequent, int degrees, List<String> opens) {}

    /** The best lay or the second best, and why. */
    public record DialPick(double deg, double score, String why) {}

    /** Clockwise run of lays none of which is blocked; both ends inclusive. */
    public record WindowView(int fromDeg, int toDeg, int widthDeg, int bestDeg, boolean narrow) {}

    public static DialView of(Dial d) {
        Words words = Speech.words();
        List<String> targets =
                d.lays().stream().flatMap(l -> l.targets().stream()).distinct().toList();
        return new DialView(
                d.runs().stream().map(r -> run(words, d, r)).toList(),
                d.lays().stream().map(l -> direction(words, l, targets)).toList(),
                d.windows().stream().map(DialView::window).toList(),
                d.picks().stream()
                        .map(p -> new DialPick(p.deg(), p.score(), words.say(p.why())))
                        .toList(),
                targets,
                d.closed().map(c -> new DialClosed(words.say(c.mostFrequent()), c.degrees(), words.say(c.opens()))),
                d.degrees(Dial.State.OPEN),
                d.degrees(Dial.State.OPEN_WITH_PULL),
                d.degrees(Dial.State.OPEN_WITH_GUY),
                d.degrees(Dial.State.COSTLY),
                d.degrees(Dial.State.BLOCKED));
    }

    private static DialRun run(Words words, Dial d, Dial.Run r) {
        DoubleSummaryStatistics pulls = d.lays().stream()
                .filter(l -> l.deg() >= r.fromDeg() && l.deg() < r.toDeg() && l.pullN() > 0)
                .mapToDouble(Dial.Lay::pullN)
                .summaryStatistics();
        boolean pulled = pulls.getCount() > 0;
        return new DialRun(
                r.fromDeg(),
                r.toDeg(),
                r.state(),
                reason(words, r.reason()),
                Optional.of(pulls.getMin()).filter(x -> pulled).map(n -> force(words, n)),
                Optional.of(pulls.getMax()).filter(x -> pulled).map(n -> force(words, n)));
    }

    private static String force(Words words, double newton) {
        return words.show(Arg.up(Dimension.FORCE, newton));
    }

    private static String reason(Words words, Optional<Message> reason) {
        return reason.map(words::say).orElse("");
    }

    private static Direction direction(Words words, Dial.Lay l, List<String> targets) {
        return new Direction(
                (int) l.deg(),
                l.state(),
                reason(words, l.reason()),
                words.say(l.against()),
                words.say(l.first()),
                words.terms(l.costs().keySet()),
                Optional.of(l.pullN()).filter(n -> n > 0).map(n -> words.show(Arg.up(Dimension.PULL, n))),
                l.targets().stream().map(targets::indexOf).toList());
    }

    private static WindowView window(Window w) {
        return new WindowView(w.fromDeg(), w.toDeg(), w.widthDeg(), w.bestDeg(), w.narrow());
    }
}
