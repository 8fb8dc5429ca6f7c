package org.antevid.core.takedown.pieces;

import java.util.ArrayList;
import java.util.List;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Rounding;

/**
 * A tree taken down in pieces: each piece with its mass, its way down, every link it loads, what stands after it. A
 * piece is all that is beyond its cut, so that none is cut twice and nothing is forgotten.
 *
 * @param start what stands before the first
 * @param down how many of them, from the first, have come down: nothing stands against these any more
 */
public record TakeDown(
        CutFigure figure,
        Aloft aloft,
        Climb climb,
        HouseLimits house,
        Gear gear,
        Below below,
        Remains start,
        List<Piece> pieces,
        int down) {
    /** Share of the tree that is much to have drawn nowhere (judgement). */
    private static final double MUCH = 0.15;

    public TakeDown {
        pieces = List.copyOf(pieces);
    }

    /** @throws RefusedInput for a cut through what has gone, naming the cut */
    public static TakeDown of(CutFigure figure, Aloft aloft, List<Cut> cuts, Gear gear, Below below) {
        return of(figure, aloft, Climb.NOT_SAID, cuts, gear, below, HouseLimits.USUAL);
    }

    /**
     * @param climb how whoever cuts aloft is held
     * @throws RefusedInput for a cut through what has gone, naming the cut
     */
    public static TakeDown of(
            CutFigure figure, Aloft aloft, Climb climb, List<Cut> cuts, Gear gear, Below below, HouseLimits house) {
        Progress progress = new Progress(figure, aloft, climb, gear, below, house);
        Remains start = progress.remains();
        List<Piece> pieces = new ArrayList<>();
        for (int i = 0; i < cuts.size(); i++) {
            pieces.add(progress.take(cuts.get(i), i == cuts.size() - 1));
        }
        return new TakeDown(figure, aloft, climb, house, gear, below, start, pieces, 0);
    }

    /** @return the same when so many have come down, at most all of them */
    public TakeDown after(int piecesDown) {
        return new TakeDown(
                figure, aloft, climb, house, gear, below, start, pieces, Math.min(piecesDown, pieces.size()));
    }

    /** @return what stands when all that is planned is off */
    public Remains rest() {
        return pieces.isEmpty() ? start : pieces.get(pieces.size() - 1).after();
    }

    /** @return what is still to come down */
    public List<Piece> coming() {
        return pieces.subList(down, pieces.size());
    }

    public boolean down(Piece p) {
        return p.number() <= down;
    }

    /** @return what is left standing once all pieces are off */
    public Remains left() {
        return pieces.isEmpty() ? start : pieces.get(pieces.size() - 1).after();
    }

    /** @return whether every bit of it has a way down */
    public boolean whole() {
        return left().topM() <= figure.footM() + 1e-6;
    }

    /** @return of what is still to come down */
    public double heaviestKg() {
        return coming().stream().mapToDouble(Piece::massHighKg).max().orElse(0);
    }

    /** @return what is to be said of the whole plan */
    public List<PieceRemark> remarks() {
        List<PieceRemark> all = new ArrayList<>();
        if (figure.undrawnKg() > MUCH * start.massKg()) {
            all.add(PieceRemark.CROWN_NOT_DRAWN);
        }
        if (coming().stream().anyMatch(p -> p.climber().isPresent())) {
            if (climb.rescueSlow(house)) {
                all.add(PieceRemark.RESCUE_SLOW);
            }
            if (!climb.said()) {
                all.add(PieceRemark.CLIMBER_NOT_ASKED);
            }
            if (figure.kept() && climb.spikes().filter(x -> x).isPresent()) {
                all.add(PieceRemark.SPIKES_ON_KEPT);
            }
        }
        if (!pieces.isEmpty() && !whole() && !figure.kept()) {
            all.add(PieceRemark.NOT_ALL_OF_IT);
        }
        return List.copyOf(all);
    }

    /**
     * @param number of the piece that is too long
     * @return the cuts with one more above it, to what every link allows, rounded down
     * @throws RefusedInput {@code NOTHING_TO_SHORTEN} for a piece that no link limits, or that none is short enough for
     */
    public List<Cut> shortened(int number) {
        Piece p = coming().stream()
                .filter(x -> x.number() == number)
                .findFirst()
                .orElseThrow(() -> new RefusedInput(Refusal.NOTHING_TO_SHORTEN, "piece"));
        double length = p.longest()
                .flatMap(Piece.Longest::lengthM)
                .map(l -> Rounding.down(l, 1))
                .filter(l -> l > 0)
                .orElseThrow(() -> new RefusedInput(Refusal.NOTHING_TO_SHORTEN, "piece"));
        List<Cut> cuts = new ArrayList<>(pieces.stream().map(Piece::cut).toList());
        cuts.add(number - 1, p.cut().at(p.cut().atM() + length));
        return List.copyOf(cuts);
    }
}
