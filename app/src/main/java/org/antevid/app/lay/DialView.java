package org.antevid.app.lay;

import java.util.List;
import java.util.Optional;
import org.antevid.core.lay.Dial;
import org.antevid.core.lay.Window;
import org.antevid.core.quantity.Rounding;

/** The dial as the screens draw it. Pulls are rounded up. */
public record DialView(
        List<Dial.Run> runs,
        List<Direction> lays,
        List<WindowView> windows,
        List<Dial.Pick> picks,
        Optional<Dial.Closed> closed,
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
     * @param pullKn the same, 0 when it goes without
     */
    public record Direction(
            int deg,
            Dial.State state,
            String reason,
            List<String> against,
            List<String> first,
            List<String> costs,
            Optional<String> pull,
            double pullKn) {}

    /** Clockwise run of lays none of which is blocked; both ends inclusive. */
    public record WindowView(int fromDeg, int toDeg, int widthDeg, int bestDeg, boolean narrow) {}

    public static DialView of(Dial d) {
        return new DialView(
                d.runs(),
                d.lays().stream().map(DialView::direction).toList(),
                d.windows().stream().map(DialView::window).toList(),
                d.picks(),
                d.closed(),
                d.degrees(Dial.State.OPEN),
                d.degrees(Dial.State.OPEN_WITH_PULL),
                d.degrees(Dial.State.OPEN_WITH_GUY),
                d.degrees(Dial.State.COSTLY),
                d.degrees(Dial.State.BLOCKED));
    }

    private static Direction direction(Dial.Lay l) {
        return new Direction(
                (int) l.deg(),
                l.state(),
                l.reason(),
                l.against(),
                l.first(),
                List.copyOf(l.costs().keySet()),
                Optional.of(l.pullN()).filter(n -> n > 0).map(Rounding::pull),
                Rounding.up(l.pullN() / 1000, 1));
    }

    private static WindowView window(Window w) {
        return new WindowView(w.fromDeg(), w.toDeg(), w.widthDeg(), w.bestDeg(), w.narrow());
    }
}
