package org.antevid.core.tangle.beam;

import java.util.BitSet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.DoubleUnaryOperator;
import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.CommonOps_DDRM;

/**
 * How a piece comes to rest on one-way and two-way springs: Euler-Bernoulli bending, force method, the set of supports
 * that touch found by trying. Unknown are the reactions, the clamps' moments and the two movements of the rigid body;
 * the answer is unique because the flexibility matrix is positive definite.
 */
final class Equilibrium {
    private static final double WRONG_N = 1e-6;
    private static final double WRONG_M = 1e-9;
    /** Compliances are about this, m/N: forces are counted in units that make them about one. */
    private static final double COMPLIANCE = 1e-6;

    private final Part part;
    private final double[] reactionN;
    private final BitSet touching;
    private final List<Support> clamps;
    private final double[] clampNm;
    private final double liftM;
    private final double turnRad;

    private Equilibrium(
            Part part,
            double[] reactionN,
            BitSet touching,
            List<Support> clamps,
            double[] clampNm,
            double liftM,
            double turnRad) {
        this.part = part;
        this.reactionN = reactionN;
        this.touching = touching;
        this.clamps = clamps;
        this.clampNm = clampNm;
        this.liftM = liftM;
        this.turnRad = turnRad;
    }

    /** @return how the part comes to rest, empty when nothing it rests on can hold it */
    static Optional<Equilibrium> of(Part part) {
        int n = part.supports().size();
        BitSet active = new BitSet(n);
        active.set(0, n);
        Set<BitSet> tried = new HashSet<>();
        while (tried.add((BitSet) active.clone())) {
            Optional<Equilibrium> solved = solve(part, active);
            if (solved.isEmpty()) {
                break;
            }
            int wrong = solved.get().worst();
            if (wrong < 0) {
                return solved;
            }
            active = (BitSet) active.clone();
            active.flip(wrong);
        }
        return everySet(part);
    }

    private static Optional<Equilibrium> everySet(Part part) {
        int n = part.supports().size();
        for (long bits = (1L << n) - 1; bits > 0; bits--) {
            BitSet active = BitSet.valueOf(new long[] {bits});
            boolean allHeld = true;
            for (int i = 0; i < n; i++) {
                allHeld &= active.get(i) || !part.supports().get(i).kind().bothWays();
            }
            Optional<Equilibrium> solved = allHeld ? solve(part, active) : Optional.empty();
            if (solved.filter(e -> e.worst() < 0).isPresent()) {
                return solved;
            }
        }
        return Optional.empty();
    }

    /** @return the support that pulls where it can only push, or else is pressed into; -1 for none */
    private int worst() {
        int at = -1;
        double most = WRONG_N;
        for (int i = 0; i < reactionN.length; i++) {
            Support s = part.supports().get(i);
            double pulls = -s.sign() * reactionN[i];
            if (touching.get(i) && !s.kind().bothWays() && pulls > most) {
                most = pulls;
                at = i;
            }
        }
        if (at >= 0) {
            return at;
        }
        most = WRONG_M;
        for (int i = 0; i < reactionN.length; i++) {
            Support s = part.supports().get(i);
            double into = -s.sign() * liftAt(s.xM()) - s.gapM();
            if (!touching.get(i) && into > most) {
                most = into;
                at = i;
            }
        }
        return at;
    }

    /** @return the answer for these supports touching, empty where they cannot hold the part whatever its load */
    private static Optional<Equilibrium> solve(Part part, BitSet active) {
        List<Integer> on = active.stream().boxed().toList();
        List<Support> pushing = on.stream().map(part.supports()::get).toList();
        List<Support> clamps =
                pushing.stream().filter(s -> s.kind() == Support.Kind.ROOTED).toList();
        if (pushing.size() < 2 && clamps.isEmpty()) {
            return Optional.empty();
        }
        int n = pushing.size();
        int lift = n + clamps.size();
        int turn = lift + 1;
        DMatrixRMaj a = new DMatrixRMaj(turn + 1, turn + 1);
        DMatrixRMaj rhs = new DMatrixRMaj(turn + 1, 1);
        double span = part.toM() - part.fromM();
        for (int row = 0; row < n; row++) {
            Support s = pushing.get(row);
            a.set(row, lift, 1);
            a.set(row, turn, s.xM());
            double gap = s.kind().bothWays() ? 0 : -s.sign() * s.gapM();
            rhs.set(row, 0, gap - sag(part, s.xM(), part::loadMomentNm));
        }
        for (int c = 0; c < clamps.size(); c++) {
            double at = clamps.get(c).xM();
            a.set(n + c, turn, 1);
            rhs.set(n + c, 0, -part.integral(part.fromM(), at, part::loadMomentNm));
        }
        for (int col = 0; col < lift; col++) {
            DoubleUnaryOperator unit = col < n ? ofForce(pushing.get(col)) : ofClamp(clamps.get(col - n));
            for (int row = 0; row < n; row++) {
                double own = row == col ? 1 / pushing.get(row).stiffnessNm() : 0;
                a.set(row, col, (sag(part, pushing.get(row).xM(), unit) + own) / COMPLIANCE);
            }
            for (int c = 0; c < clamps.size(); c++) {
                a.set(n + c, col, part.integral(part.fromM(), clamps.get(c).xM(), unit) / COMPLIANCE);
            }
            a.set(lift, col, col < n ? 1 : 0);
            a.set(turn, col, unit.applyAsDouble(part.toM()) / span);
        }
        rhs.set(lift, 0, (part.loadN() - part.ropeAcrossN()) * COMPLIANCE);
        rhs.set(turn, 0, -part.loadMomentNm(part.toM()) / span * COMPLIANCE);
        DMatrixRMaj x = new DMatrixRMaj(turn + 1, 1);
        if (!CommonOps_DDRM.solve(a, rhs, x)) {
            return Optional.empty();
        }
        double[] reaction = new double[part.supports().size()];
        for (int i = 0; i < n; i++) {
            reaction[on.get(i)] = x.get(i, 0) / COMPLIANCE;
        }
        double[] clamp = new double[clamps.size()];
        for (int c = 0; c < clamp.length; c++) {
            clamp[c] = x.get(n + c, 0) / COMPLIANCE;
        }
        return Optional.of(new Equilibrium(
                part, reaction, (BitSet) active.clone(), clamps, clamp, x.get(lift, 0), x.get(turn, 0)));
    }

    private static DoubleUnaryOperator ofForce(Support s) {
        return x -> Math.max(0, x - s.xM());
    }

    private static DoubleUnaryOperator ofClamp(Support s) {
        return x -> x > s.xM() ? 1 : 0;
    }

    /** @return how far the moments bend the axis away at x, m */
    private static double sag(Part part, double x, DoubleUnaryOperator momentNm) {
        return part.integral(part.fromM(), x, s -> momentNm.applyAsDouble(s) * (x - s));
    }

    double momentNm(double x) {
        double m = part.loadMomentNm(x);
        for (int i = 0; i < reactionN.length; i++) {
            m += reactionN[i] * Math.max(0, x - part.supports().get(i).xM());
        }
        for (int c = 0; c < clampNm.length; c++) {
            m += x > clamps.get(c).xM() ? clampNm[c] : 0;
        }
        return m;
    }

    /** @return shear just butt-ward of x, N */
    double shearN(double x) {
        double v = part.loadShearN(x);
        for (int i = 0; i < reactionN.length; i++) {
            v += part.supports().get(i).xM() < x ? reactionN[i] : 0;
        }
        return v;
    }

    double liftAt(double x) {
        return liftM + turnRad * x + sag(part, x, this::momentNm);
    }

    double turnAt(double x) {
        return turnRad + part.integral(part.fromM(), x, this::momentNm);
    }

    /** @return bending energy of [from, to], J */
    double energyJ(double from, double to) {
        return part.integral(from, to, s -> momentNm(s) * momentNm(s)) / 2;
    }

    Part part() {
        return part;
    }

    double reactionN(int i) {
        return reactionN[i];
    }

    double[] reactionsN() {
        return reactionN.clone();
    }

    boolean touches(int i) {
        return touching.get(i);
    }

    double[] clampsNm() {
        return clampNm.clone();
    }
}
