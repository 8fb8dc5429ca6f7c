package org.antevid.core.tangle.picture;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.stem.PieceMass;
import org.antevid.core.tangle.plate.FallenPlate;
import org.antevid.core.tangle.plate.RootPlate;

/**
 * A thrown stem cut up from its tip: after which piece its plate may stand up, and what holds it down.
 *
 * @param pieces in the order of removal, the stub that stays last
 */
public record PlatePlan(List<Piece> pieces, FallenPlate plate) {
    /** A piece from here to there along the stem, metres and kilograms. */
    public record Piece(double fromM, double toM, double massLowKg, double massHighKg) {}

    private static final double END_M = 0.1;

    /** @return whether everything is known that it rests on */
    public static boolean known(Member m) {
        return m.plate().isPresent() && m.buttDM().isPresent() && m.lengthM().isPresent();
    }

    /**
     * @param cutsM where it is cut, from the butt; the piece at the tip goes first
     * @param holdXM where a machine holds it, along the stem
     * @throws RefusedInput for a cut at an end of the stem
     */
    public static PlatePlan of(Member m, List<Double> cutsM, Optional<Double> holdXM) {
        double length = m.lengthM().orElseThrow();
        if (cutsM.stream().anyMatch(x -> !(x > END_M && x < length - END_M))) {
            throw new RefusedInput(Refusal.CUT_AT_AN_END, "cuts_m");
        }
        List<Double> marks = new ArrayList<>(cutsM);
        marks.sort(Comparator.reverseOrder());
        List<Piece> pieces = new ArrayList<>();
        List<RootPlate.Piece> loads = new ArrayList<>();
        double to = length;
        for (int i = 0; i <= marks.size(); i++) {
            double from = i < marks.size() ? marks.get(i) : 0;
            PieceMass mass = mass(m, from, to);
            pieces.add(new Piece(from, to, mass.massLowKg(), mass.massHighKg()));
            loads.add(new RootPlate.Piece(from + mass.cgFromThickEndM(), mass.massLowKg(), mass.massHighKg()));
            to = from;
        }
        return new PlatePlan(
                List.copyOf(pieces),
                FallenPlate.of(plate(m.plate().orElseThrow()), loads, true, holdXM, Optional.empty()));
    }

    static RootPlate plate(Member.Plate p) {
        return new RootPlate(
                p.widthM(),
                p.heightM(),
                p.thickM(),
                p.psiDeg(),
                RootPlate.U_PSI_DEG,
                p.heightM() / 2,
                RootPlate.SOIL_LOW_KGM3,
                RootPlate.SOIL_HIGH_KGM3,
                RootPlate.ROOT_SPRING);
    }

    static PieceMass mass(Member m, double from, double to) {
        return PieceMass.of(new PieceMass.Piece(
                m.diameterM(from).orElseThrow(),
                m.diameterM(to).orElseThrow(),
                to - from,
                Optional.empty(),
                Optional.empty(),
                m.reading().density(),
                0,
                Math.min(MOST_BRANCHES, m.branchesRel()),
                0,
                0,
                PieceMass.U_DIAMETER_M,
                PieceMass.U_LENGTH_M));
    }

    private static final double MOST_BRANCHES = 1.5;
}
