package org.antevid.core.tangle.picture;

import java.util.List;
import java.util.Optional;
import org.antevid.core.tangle.beam.BindCut;
import org.antevid.core.tangle.beam.Severed;

/**
 * A stem seen from beside it, to scale: level distance from its butt and height above the ground, metres.
 *
 * @param lengthM along the stem
 */
public record SideFigure(Pose pose, Member member, double lengthM) {
    /** A point of the figure. */
    public record Point(double alongM, double heightM) {}

    /** @return empty while the stem's diameter is not known */
    public static Optional<SideFigure> of(Member member) {
        return member.pose().filter(p -> member.buttDM().isPresent()).map(p -> new SideFigure(p, member, p.lengthM()));
    }

    private double angle() {
        return Math.toRadians(pose.angleDeg());
    }

    private double radius(double xM) {
        return member.diameterM(xM).orElse(0.0) / 2;
    }

    /** @return a point of the axis */
    public Point axis(double xM) {
        return new Point(xM * Math.cos(angle()), pose.butt().heightM() + xM * Math.sin(angle()));
    }

    /** @return the upper edge of the stem */
    public Point top(double xM) {
        return off(xM, 1, 0);
    }

    public Point bottom(double xM) {
        return off(xM, -1, 0);
    }

    private Point off(double xM, int side, double liftM) {
        Point a = axis(xM);
        return new Point(
                a.alongM - side * radius(xM) * Math.sin(angle()),
                Math.max(0, a.heightM + side * radius(xM) * Math.cos(angle()) + liftM));
    }

    /** @return outline of a stretch, upper edge first */
    public List<Point> outline(double fromM, double toM) {
        return List.of(top(fromM), top(toM), bottom(toM), bottom(fromM));
    }

    /** @return outline of a part after the cut; empty where nobody knows how far it moves */
    public List<Point> after(BindCut cut, boolean butt) {
        Severed part = butt ? cut.buttPart() : cut.tipPart();
        double far = butt ? 0 : lengthM;
        Optional<Double> farMove = part.act().rests() ? Optional.of(0.0) : part.farMoveM();
        if (part.faceMoveM().isEmpty() || farMove.isEmpty()) {
            return List.of();
        }
        double face = part.faceMoveM().get();
        double there = farMove.get();
        return butt
                ? List.of(off(far, 1, there), off(cut.xM(), 1, face), off(cut.xM(), -1, face), off(far, -1, there))
                : List.of(off(cut.xM(), 1, face), off(far, 1, there), off(far, -1, there), off(cut.xM(), -1, face));
    }
}
