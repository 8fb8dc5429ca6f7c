package org.antevid.core.takedown.pieces;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.antevid.core.stem.StemMass;
import org.antevid.core.takedown.drop.TopOut;
import org.antevid.core.takedown.spar.Point;
import org.antevid.core.takedown.spar.SparLoad;

/**
 * A top of the stem that goes over its hinge, with the usual notch and hinge. Practice rules; the push on the stem by
 * mechanics.
 *
 * @param trusted whether the hinge is relied on until it has gone over
 */
record Topped(TopOut out, double faceM, double hingeM, SparLoad.Force push, boolean trusted) {
    private static final double NOTCH = 0.25;
    private static final double HINGE = 0.10;
    private static final double OPEN_DEG = 70;
    private static final double SAFETY = 3;
    private static final double BENDS_MPA = 40;
    private static final double STIFF_GPA = 6;
    /** Two hands push a top over by so much: a steady 150 N at 1.2 m above the cut (judgement). */
    private static final double HANDS_NM = 180;

    /** @return empty of what is no top, or goes another way */
    static Optional<Topped> of(CutFigure f, Cut cut, Body body, Point from) {
        if (cut.way() != Way.TOPPED || cut.limb().isPresent()) {
            return Optional.empty();
        }
        double d = f.stemDiameterM(cut.atM());
        boolean trusted = f.hinges().trusted(cut.atM());
        TopOut out = TopOut.of(
                new TopOut.Top(body.reachM(from), body.highKg(), backM(cut, body, from), 0),
                new TopOut.Cut(d, NOTCH * d, Math.max(0.01, HINGE * d), OPEN_DEG, BENDS_MPA, !trusted, SAFETY),
                new TopOut.Stem(Optional.of(cut.atM()), d, STIFF_GPA),
                Optional.empty());
        double to = Math.toRadians(f.lean().azimuthDeg());
        double back = out.reactionPeakN();
        // backwards or forwards: along the lean it adds to what bends the stem already
        SparLoad.Force push = new SparLoad.Force(
                f.leaningMost(from.plus(new Point(0, 0, 0.01))),
                new Point(back * Math.sin(to), back * Math.cos(to), 0));
        return Optional.of(new Topped(out, NOTCH * d, HINGE * d, push, trusted));
    }

    /** How far behind its hinge it is heavy, beyond what two hands push over; 0 while nobody said where it goes. */
    private static double backM(Cut cut, Body body, Point from) {
        return cut.towardDeg()
                .map(deg -> {
                    Point out = body.com().minus(from);
                    double az = Math.toRadians(deg);
                    double back = -(out.x() * Math.sin(az) + out.y() * Math.cos(az));
                    return Math.max(0, back - HANDS_NM / (body.highKg() * StemMass.G));
                })
                .orElse(0.0);
    }

    Piece.Topping topping() {
        return new Piece.Topping(faceM, hingeM, out.reactionPeakN(), trusted);
    }

    /** @param swayM of the stem once it has gone, as somebody said it */
    List<PieceRemark> remarks(Optional<Double> swayM) {
        List<PieceRemark> all = new ArrayList<>();
        if (!trusted) {
            all.add(PieceRemark.HINGE_NOT_TRUSTED);
        }
        if (swayM.isEmpty()) {
            all.add(PieceRemark.SWAY_NOT_SAID);
        }
        out.remarks().forEach(t -> {
            switch (t.what()) {
                case TOP_TOO_SLENDER -> all.add(PieceRemark.TOP_WHIPS);
                case PULL_LINE_NEEDED -> all.add(PieceRemark.TOP_NEEDS_LINE);
                default -> {
                    // what notch and hinge say of themselves does not hold up the piece
                }
            }
        });
        return all;
    }
}
