package org.antevid.core.takedown.pieces;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.antevid.core.stem.StemMass;
import org.antevid.core.takedown.spar.Point;

/**
 * What stands after a piece.
 *
 * @param leanNm moment of its weight about each weak place, in the order of the figure; nought above what stands
 */
public record Remains(double topM, double massKg, double highKg, List<Double> leanNm) {
    /** Raised by less than this it is not raised, N m: a rounding of the masses. */
    private static final double SAME_NM = 50;

    private static final double SAME_SHARE = 0.02;

    public Remains {
        leanNm = List.copyOf(leanNm);
    }

    static Remains of(CutFigure f, Standing s) {
        Body all = s.all();
        List<Double> moments = new ArrayList<>();
        for (WeakPlace w : f.weak()) {
            Point at = f.axis(w.heightM());
            double x = 0;
            double y = 0;
            for (Body.Part p : all.parts()) {
                if (p.com().z() > w.heightM()) {
                    x += p.massKg() * (p.com().x() - at.x());
                    y += p.massKg() * (p.com().y() - at.y());
                }
            }
            moments.add(StemMass.G * Math.hypot(x, y));
        }
        return new Remains(s.topM(), all.massKg(), all.highKg(), moments);
    }

    /** @return by how much the piece before it raised the moment, at the place where most; nought where it did not */
    double raisedNm(Remains before) {
        return IntStream.range(0, leanNm.size())
                .mapToDouble(i -> leanNm.get(i) - before.leanNm.get(i))
                .filter(d -> d > SAME_NM)
                .max()
                .orElse(0);
    }

    /** @return whether a piece that was to lighten it raises the moment at foot or fault */
    boolean rises(Remains before) {
        double at = raisedNm(before);
        return at
                        > SAME_SHARE
                                * before.leanNm.stream()
                                        .mapToDouble(d -> d)
                                        .max()
                                        .orElse(0)
                && at > 0;
    }
}
