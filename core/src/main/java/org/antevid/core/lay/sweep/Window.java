package org.antevid.core.lay.sweep;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.IntPredicate;

/**
 * A run of lays none of which is blocked, clockwise, with its best lay: the highest score at least one sigma from the
 * next blocked lay, of equal ones the farthest from it; the middle when none is that far.
 *
 * @param toDeg inclusive
 * @param edgeDeg from the best lay to the next blocked one; empty when none is blocked
 * @param edgeSigmas the same in sigmas of that lay
 * @param narrow no lay of it is a sigma from a blocked one
 */
public record Window(
        int fromDeg,
        int toDeg,
        int widthDeg,
        int bestDeg,
        double bestScore,
        Optional<Integer> edgeDeg,
        Optional<Double> edgeSigmas,
        boolean narrow) {
    private static final double SAME = 1e-9;

    /**
     * @param rows all 360 in order
     * @return the windows, best first; those under a sigma wide last
     */
    public static List<Window> of(List<JudgedLay> rows) {
        return of(rows, i -> rows.get(i).blocked());
    }

    /** The same with what is blocked said by the caller, for each whole degree. */
    public static List<Window> of(List<JudgedLay> rows, IntPredicate isBlocked) {
        int blocked = -1;
        for (int i = 0; i < 360 && blocked < 0; i++) {
            blocked = isBlocked.test(i) ? i : -1;
        }
        if (blocked < 0) {
            JudgedLay best = rows.stream()
                    .reduce((a, b) -> b.score() > a.score() + SAME ? b : a)
                    .orElseThrow();
            return List.of(new Window(
                    0, 359, 360, (int) best.layDeg(), best.score(), Optional.empty(), Optional.empty(), false));
        }
        List<Window> windows = new ArrayList<>();
        int start = -1;
        for (int k = 1; k <= 360; k++) {
            int az = (blocked + k) % 360;
            boolean open = !isBlocked.test(az);
            if (open && start < 0) {
                start = blocked + k;
            } else if (!open && start >= 0) {
                windows.add(between(rows, start, blocked + k - 1));
                start = -1;
            }
        }
        windows.sort(Comparator.comparing(Window::narrow)
                .thenComparing(Comparator.comparingDouble(Window::bestScore).reversed())
                .thenComparing(Window::fromDeg));
        return List.copyOf(windows);
    }

    private static Window between(List<JudgedLay> rows, int from, int to) {
        int middle = (from + to) / 2;
        JudgedLay best = rows.get(middle % 360);
        int bestEdge = Math.min(middle - from, to - middle) + 1;
        boolean narrow = true;
        for (int i = from; i <= to; i++) {
            JudgedLay row = rows.get(i % 360);
            int edge = Math.min(i - from, to - i) + 1;
            boolean better =
                    narrow || row.score() > best.score() + SAME || row.score() > best.score() - SAME && edge > bestEdge;
            if (edge >= row.control().spread().sigmaDeg().orElse(Double.MAX_VALUE) && better) {
                best = row;
                bestEdge = edge;
                narrow = false;
            }
        }
        int edge = bestEdge;
        return new Window(
                from % 360,
                to % 360,
                to - from + 1,
                (int) best.layDeg(),
                best.score(),
                Optional.of(bestEdge),
                best.control().spread().sigmaDeg().map(s -> edge / s),
                narrow);
    }
}
