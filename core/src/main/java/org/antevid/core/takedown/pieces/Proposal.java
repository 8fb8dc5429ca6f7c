package org.antevid.core.takedown.pieces;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Rounding;
import org.antevid.core.takedown.Finding;

/**
 * The fewest pieces that every link, hand and reading allows: loose wood first, then limbs from below, each whole where
 * it may, then the stem from the top, then the rest from the ground. What nothing allows is cut short and says what
 * stands against it.
 */
public final class Proposal {
    /** What is left is felled from the ground once it is no longer than this (judgement). */
    private static final double REST_M = 3;

    private static final double MOST_LOG_M = 4;
    /** A log a crane picks, until its chart says otherwise (judgement). */
    private static final double PICKED_LOG_M = 3;

    private static final double LEAST_M = 0.3;
    private static final int MOST_PIECES = 120;
    private static final double STEP_M = 0.1;
    private static final int FACE_STEP_DEG = 30;
    private static final List<Way> NO_LINE = List.of(Way.TOPPED, Way.SNAPPED, Way.BY_HAND);
    private static final List<Way> LINE_FIRST = List.of(Way.LET_RUN, Way.TOPPED, Way.SNAPPED, Way.BY_HAND);

    private final CutFigure figure;
    private final Gear gear;
    private final Progress progress;
    private final List<Cut> cuts = new ArrayList<>();
    private final Standing standing;
    private final Predicate<Piece> mayEnd;

    private Proposal(
            CutFigure figure, Aloft aloft, Gear gear, Below below, HouseLimits house, Predicate<Piece> mayEnd) {
        this.mayEnd = mayEnd;
        this.figure = figure;
        this.gear = gear;
        this.progress = new Progress(figure, aloft, Climb.NOT_SAID, gear, below, house);
        this.standing = new Standing(figure);
    }

    /** @return cuts in their order */
    public static List<Cut> of(CutFigure figure, Aloft aloft, Gear gear, Below below) {
        return of(figure, aloft, gear, below, HouseLimits.USUAL, List.of(), p -> true);
    }

    /**
     * @param down what has come down already: it stays as it was cut, and the rest is planned anew
     * @param mayEnd whether a piece may end where it does on this ground
     * @return cuts in their order, those first; no more than those of a tree that is left alone
     * @throws RefusedInput for a cut through what has gone, naming the cut
     */
    public static List<Cut> of(
            CutFigure figure,
            Aloft aloft,
            Gear gear,
            Below below,
            HouseLimits house,
            List<Cut> down,
            Predicate<Piece> mayEnd) {
        Proposal p = new Proposal(figure, aloft, gear, below, house, mayEnd);
        down.forEach(p::take);
        if (aloft.allowed() == Aloft.Allowed.LEAVE) {
            return List.copyOf(p.cuts);
        }
        if (aloft.allowed() == Aloft.Allowed.NOBODY) {
            return p.picked();
        }
        p.limbsLeft()
                .sorted(Comparator.comparing((Limb l) -> !l.loose()).thenComparingDouble(Limb::atM))
                .forEach(p::limb);
        p.stem();
        return List.copyOf(p.cuts);
    }

    /**
     * @return whether what is cut from aloft may hang on this tree anywhere: what may not is proposed without a line
     */
    public static boolean mayHang(Aloft aloft) {
        return aloft.allowed().compareTo(Aloft.Allowed.NOBODY) < 0
                && aloft.rigToM().filter(m -> m < REST_M).isEmpty();
    }

    private void take(Cut c) {
        standing.take(c, cuts.size());
        cuts.add(c);
        progress.take(c, true);
    }

    private Stream<Limb> limbsLeft() {
        return figure.limbs().stream().filter(l -> standing.limbM(l.id()).isPresent());
    }

    /** Nobody may be up there: each limb whole and the stem in logs, picked from outside; the crane says if it may. */
    private List<Cut> picked() {
        limbsLeft()
                .sorted(Comparator.comparing((Limb l) -> !l.loose()).thenComparingDouble(l -> -l.atM()))
                .forEach(l -> take(cut(Optional.of(l.id()), 0, Way.PICKED)));
        double top = standing.topM();
        while (top > figure.footM() + LEAST_M && cuts.size() < MOST_PIECES) {
            double from = top - PICKED_LOG_M;
            top = from < figure.footM() + PICKED_LOG_M / 2 ? figure.footM() : Rounding.up(from, 1);
            take(cut(Optional.empty(), top, Way.PICKED));
        }
        return List.copyOf(cuts);
    }

    private void limb(Limb l) {
        Cut hand = cut(Optional.of(l.id()), 0, Way.BY_HAND);
        List<Cut> whole = new ArrayList<>(List.of(hand));
        if (gear.whole()) {
            whole.add(hand.by(Way.TIED_ABOVE, Optional.empty()));
            whole.add(hand.by(Way.LET_RUN, Optional.empty()));
        }
        whole.add(hand.by(Way.SNAPPED, Optional.empty()));
        Optional<Cut> next = whole.stream()
                .filter(this::allowed)
                .filter(c -> mayEnd.test(progress.look(c)))
                .findFirst()
                .or(() -> whole.stream()
                        .filter(c -> c.way() != Way.SNAPPED)
                        .filter(this::allowed)
                        .findFirst());
        if (next.isPresent()) {
            take(next.get());
            return;
        }
        double end = standing.limbM(l.id()).orElse(0.0);
        while (end > 0 && cuts.size() < MOST_PIECES) {
            Cut c = fromTheEnd(hand, end);
            end = c.atM();
            take(c);
        }
    }

    /** @return the longest end of a limb that two hands take, or that may fall free; else the shortest there is */
    private Cut fromTheEnd(Cut hand, double endM) {
        for (double from = 0; from < endM - LEAST_M; from = Rounding.up(from + STEP_M, 1)) {
            Cut c = hand.at(from);
            if (allowed(c)) {
                return c;
            }
            Cut free = c.by(Way.SNAPPED, Optional.empty());
            Piece p = progress.look(free);
            if (p.level() != Finding.STOP && mayEnd.test(p)) {
                return free;
            }
        }
        return hand.at(Math.max(0, Rounding.down(endM - LEAST_M, 1)));
    }

    private void stem() {
        double top = standing.topM();
        while (top > Math.max(REST_M, figure.footM()) && cuts.size() < MOST_PIECES) {
            Cut next = next(top);
            top = next.atM();
            take(next);
        }
        if (standing.topM() > figure.footM() + LEAST_M) {
            take(cut(Optional.empty(), figure.footM(), Way.FELLED));
        }
    }

    /**
     * @return the longest log from the top that nothing stops: on the line, else over a hinge, else broken off, else by
     *     hand; where it ends on what it must not whatever is done, at least what everything else allows
     */
    private Cut next(double topM) {
        return next(topM, p -> p.level() != Finding.STOP && mayEnd.test(p))
                .or(() -> next(topM, p -> p.level() != Finding.STOP))
                .orElseGet(() ->
                        cut(Optional.empty(), Math.max(figure.footM(), Rounding.down(topM - LEAST_M, 1)), Way.SNAPPED));
    }

    private Optional<Cut> next(double topM, Predicate<Piece> may) {
        for (Way way : gear.whole() ? LINE_FIRST : NO_LINE) {
            double from = Rounding.up(Math.max(Math.min(REST_M, topM - LEAST_M), topM - MOST_LOG_M), 1);
            while (from < topM - LEAST_M) {
                Optional<Cut> c = turned(cut(Optional.empty(), from, way), may);
                if (c.isPresent()) {
                    return c;
                }
                from = Rounding.up(from + STEP_M, 1);
            }
        }
        return Optional.empty();
    }

    /**
     * A top goes the way it leans where it may, else as little beside it as need be; over no hinge that is not relied
     * on, and not from a stem that is open or split below: it is pushed back.
     */
    private Optional<Cut> turned(Cut c, Predicate<Piece> may) {
        if (c.way() != Way.TOPPED) {
            return Optional.of(c).filter(x -> may.test(progress.look(x)));
        }
        Piece any = progress.look(c);
        if (any.level() == Finding.STOP
                || any.remarks().contains(PieceRemark.SPLIT_BELOW)
                || any.topping().filter(Piece.Topping::trusted).isEmpty()) {
            return Optional.empty();
        }
        double leans = figure.lean().azimuthDeg();
        return IntStream.range(0, 360 / FACE_STEP_DEG)
                .map(i -> (i % 2 == 0 ? -1 : 1) * ((i + 1) / 2) * FACE_STEP_DEG)
                .mapToObj(turn -> c.toward(Math.rint(Azimuth.normal(leans + turn))))
                .filter(x -> may.test(progress.look(x)))
                .findFirst();
    }

    private static Cut cut(Optional<String> limb, double atM, Way way) {
        return new Cut(limb, atM, way, Optional.empty(), Optional.empty(), Optional.empty());
    }

    private boolean allowed(Cut c) {
        return progress.look(c).level() != Finding.STOP;
    }
}
