package org.antevid.core.takedown.pieces;

import java.util.List;
import java.util.stream.IntStream;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.takedown.spar.Point;

/**
 * The tree as it is seen from one side.
 *
 * @param fromDeg azimuth at which whoever looks stands
 */
public record FigureSide(CutFigure figure, double fromDeg) {
    private static final int STEPS = 24;
    private static final double MM = 1000;

    /** A place in it: to the right of the foot and above it, metres; drawn, so to the millimetre. */
    public record OnFigure(double rightM, double upM) {
        public OnFigure {
            rightM = Math.rint(rightM * MM) / MM + 0.0;
            upM = Math.rint(upM * MM) / MM + 0.0;
        }
    }

    /** @return from where its lean goes to the right */
    public static FigureSide of(CutFigure figure) {
        return new FigureSide(figure, Azimuth.normal(figure.lean().azimuthDeg() + 90));
    }

    public OnFigure at(Point p) {
        double right = Math.toRadians(fromDeg - 90);
        return new OnFigure(p.x() * Math.sin(right) + p.y() * Math.cos(right), p.z());
    }

    /** @return the stem between two heights: up its left side, down its right */
    public List<OnFigure> stem(double fromM, double toM) {
        List<OnFigure> all = new java.util.ArrayList<>(IntStream.rangeClosed(0, STEPS)
                .mapToObj(i -> side(fromM + (toM - fromM) * i / STEPS, -1))
                .toList());
        IntStream.rangeClosed(0, STEPS)
                .mapToObj(i -> side(toM - (toM - fromM) * i / STEPS, 1))
                .forEach(all::add);
        return List.copyOf(all);
    }

    private OnFigure side(double upM, int way) {
        OnFigure middle = at(figure.axis(upM));
        return new OnFigure(middle.rightM + way * figure.stemDiameterM(upM) / 2, upM);
    }

    /** @return a limb as a line from the stem to its tip */
    public List<OnFigure> limb(Limb l) {
        Point base = figure.axis(l.atM());
        return List.of(at(base), at(base.plus(l.offset(l.lengthM()))));
    }
}
