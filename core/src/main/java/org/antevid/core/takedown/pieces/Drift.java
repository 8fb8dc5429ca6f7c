package org.antevid.core.takedown.pieces;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.DoubleStream;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.takedown.rope.TwoLines;
import org.antevid.core.takedown.spar.Point;

/**
 * A piece between two lines, drawn across on a level: statics where it starts, half way and where it ends, its heavy
 * end and handling counted. What stretches sinks, which makes both steeper: on the safe side.
 *
 * @param start its knot before it is drawn, {@code end} over where it is let down
 * @param places where the lines hold it, the start first
 * @param held how the second line catches it first; empty where it hangs in the one over the stem
 */
public record Drift(Point start, Point end, List<Place> places, Optional<Held> held, List<PieceRemark> remarks) {
    /** Pulled and braked by hand (judgement). */
    static final double HANDLING = 1.3;

    /** Closer to straight below the second line than this it hangs in that one alone, metres. */
    private static final double BELOW_M = 0.1;

    /**
     * @param firstN in the line over the stem, {@code secondN} in the other
     * @param betweenDeg the two lines at the piece
     */
    public record Place(Point at, double firstN, double secondN, double betweenDeg) {}

    /**
     * Tight from where it is cut, it swings below the other tree, and as far beyond it: as if nobody let it over
     * slowly.
     *
     * @param from its knot before it is cut
     */
    public record Held(Point anchor, Point from) {
        double lineM() {
            return from.minus(anchor).size();
        }

        /** @return line from straight down as it lets go; above 90 it falls first */
        double fromDownDeg() {
            Point line = from.minus(anchor);
            return Math.toDegrees(Math.atan2(Math.hypot(line.x(), line.y()), -line.z()));
        }

        /** @return height of its knot straight below that tree's anchor, the line not stretched */
        double lowestM() {
            return anchor.z() - lineM();
        }

        double comesDownM() {
            return from.z() - lowestM();
        }

        /** @return its knot as far on the other side */
        Point beyond() {
            return new Point(2 * anchor.x() - from.x(), 2 * anchor.y() - from.y(), from.z());
        }
    }

    public Drift {
        places = List.copyOf(places);
        remarks = List.copyOf(remarks);
    }

    public double firstN() {
        return most(places.stream().mapToDouble(Place::firstN));
    }

    public double secondN() {
        return most(places.stream().mapToDouble(Place::secondN));
    }

    /** @return the flattest that the lines come */
    public double betweenDeg() {
        return most(places.stream().mapToDouble(Place::betweenDeg));
    }

    private static double most(DoubleStream of) {
        return of.max().orElse(0);
    }

    /** @param hangsM its knot below the block as it hangs at first */
    static Drift of(double highKg, Point block, double hangsM, SecondLine s) {
        return between(highKg, block, s, 0, hangsM + s.letDownM(), Optional.empty());
    }

    /** @param tie the knot of a piece that the second line holds first, let down below that tree before it is drawn */
    static Drift held(double highKg, Point block, Point tie, SecondLine s) {
        Held h = new Held(s.fromFoot(), tie);
        return between(highKg, block, s, awayM(block, s), block.z() - h.lowestM() + s.letDownM(), Optional.of(h));
    }

    private static double awayM(Point block, SecondLine s) {
        double az = Math.toRadians(s.deg());
        return s.awayM() - block.x() * Math.sin(az) - block.y() * Math.cos(az);
    }

    private static Drift between(
            double highKg, Point block, SecondLine s, double fromM, double down, Optional<Held> held) {
        double az = Math.toRadians(s.deg());
        double away = awayM(block, s);
        TwoLines.Place first = new TwoLines.Place(0, block.z());
        TwoLines.Place second = new TwoLines.Place(away, s.heightM());
        List<Place> places = new ArrayList<>();
        Set<PieceRemark> remarks = EnumSet.noneOf(PieceRemark.class);
        double to = Math.min(s.toM(), away - BELOW_M);
        for (double x : new double[] {fromM, (fromM + to) / 2, to}) {
            Point at = at(block, az, x, down);
            try {
                TwoLines t = TwoLines.of(
                        highKg, HANDLING, first, second, new TwoLines.Place(x, block.z() - down), Optional.empty());
                places.add(new Place(at, t.tensionAN(), t.tensionBN(), t.includedDeg()));
                t.remarks().forEach(r -> {
                    switch (r.what()) {
                        case ROPE_WOULD_PUSH -> remarks.add(PieceRemark.DRIFT_PUSHES);
                        case LINE_TOO_FLAT -> remarks.add(PieceRemark.DRIFT_TOO_FLAT);
                        case LINE_FLAT -> remarks.add(PieceRemark.DRIFT_FLAT);
                        default -> {
                            // what the lines may carry is a link of its own
                        }
                    }
                });
            } catch (RefusedInput nearlyOneLine) {
                // both pull along one line: nothing keeps it up
                remarks.add(PieceRemark.DRIFT_TOO_FLAT);
            }
        }
        if (remarks.contains(PieceRemark.DRIFT_TOO_FLAT)) {
            remarks.remove(PieceRemark.DRIFT_FLAT);
        }
        held.ifPresent(h ->
                remarks.add(h.from().z() > h.anchor().z() ? PieceRemark.SECOND_LINE_LOW : PieceRemark.SWINGS_TO_TREE));
        if (s.sound().isEmpty()) {
            remarks.add(PieceRemark.SECOND_TREE_NOT_SEEN);
        } else if (!s.sound().get()) {
            remarks.add(PieceRemark.SECOND_TREE_BAD);
        }
        return new Drift(
                at(block, az, fromM, down),
                at(block, az, to, down),
                places,
                held,
                remarks.stream()
                        .sorted(Comparator.comparing(PieceRemark::level).reversed())
                        .toList());
    }

    private static Point at(Point block, double az, double x, double down) {
        return block.plus(new Point(x * Math.sin(az), x * Math.cos(az), -down));
    }
}
