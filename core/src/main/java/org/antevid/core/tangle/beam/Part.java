package org.antevid.core.tangle.beam;

import java.util.List;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;

/**
 * A piece of the stem between two faces, with what holds it.
 *
 * @param supports those of this piece, by their index in the whole stem's list
 * @param rope the line if it is tied to this piece
 * @param moePa stiffness reckoned with
 */
record Part(
        Taper taper,
        double fromM,
        double toM,
        List<Integer> indices,
        List<Support> supports,
        Optional<Rope> rope,
        double angleDeg,
        double moePa) {
    private static final int CELLS = 160;

    double cosine() {
        return Math.cos(Math.toRadians(angleDeg));
    }

    double weightN() {
        return taper.weight(fromM, toM);
    }

    double massKg() {
        return taper.massKg(fromM, toM);
    }

    double ropeAcrossN() {
        return rope.map(r -> r.acrossN(angleDeg)).orElse(0.0);
    }

    /** @return share of the weight that lies square to the stem, N */
    double loadN() {
        return cosine() * weightN();
    }

    /** @return moment of weight and line alone, N m */
    double loadMomentNm(double x) {
        double pulled = rope.filter(r -> r.xM() < x)
                .map(r -> r.acrossN(angleDeg) * (x - r.xM()))
                .orElse(0.0);
        return pulled - cosine() * taper.moment(fromM, x);
    }

    /** @return shear of weight and line alone just before x, N */
    double loadShearN(double x) {
        double pulled =
                rope.filter(r -> r.xM() < x).map(r -> r.acrossN(angleDeg)).orElse(0.0);
        return pulled - cosine() * taper.weight(fromM, x);
    }

    /**
     * @return centre of gravity of weight and line from the butt; of the weight alone where the line lifts more than
     *     the weight's share
     */
    double balanceM() {
        double cg = taper.cg(fromM, toM);
        double lift = ropeAcrossN();
        double load = loadN();
        return rope.filter(r -> lift <= load && load - lift > 0)
                .map(r -> (load * cg - lift * r.xM()) / (load - lift))
                .orElse(cg);
    }

    /** @return the places where a support or the line breaks the curve of moments, with both ends, rising */
    private double[] marks(double from, double to) {
        var marks = new java.util.TreeSet<Double>(List.of(from, to));
        supports.forEach(s -> marks.add(Math.min(to, Math.max(from, s.xM()))));
        rope.ifPresent(r -> marks.add(Math.min(to, Math.max(from, r.xM()))));
        return marks.stream().mapToDouble(Double::doubleValue).toArray();
    }

    /** @return integral of f / (E I) over [from, to], midpoints of about 160 cells over the whole piece */
    double integral(double from, double to, DoubleUnaryOperator f) {
        double[] marks = marks(from, to);
        double usual = (toM - fromM) / CELLS;
        double sum = 0;
        for (int i = 1; i < marks.length; i++) {
            double width = marks[i] - marks[i - 1];
            int n = Math.max(1, (int) Math.ceil(width / usual));
            for (int k = 0; k < n; k++) {
                double mid = marks[i - 1] + (k + 0.5) * width / n;
                sum += f.applyAsDouble(mid) * width / n / (moePa * taper.secondMomentM4(mid));
            }
        }
        return sum;
    }
}
