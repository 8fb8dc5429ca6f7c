package org.antevid.core.tangle.plate;

import java.util.List;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.stem.StemMass;

/**
 * A plate turned up by a fallen tree: half an ellipsoid of soil and roots that turns about its lee edge. Metres,
 * degrees, kg/m3.
 *
 * @param widthM across the fall
 * @param heightM along the fall
 * @param psiDeg turn from the standing position; 90: plate upright
 * @param axisM from the lee edge to the stem's axis
 * @param rootSpringRel unbroken lee roots as a leaf spring; no field measure exists on site
 */
public record RootPlate(
        double widthM,
        double heightM,
        double thickM,
        double psiDeg,
        double uPsiDeg,
        double axisM,
        double soilLowKgm3,
        double soilHighKgm3,
        double rootSpringRel) {
    public static final double U_PSI_DEG = 5;
    public static final double SOIL_LOW_KGM3 = 1100;
    public static final double SOIL_HIGH_KGM3 = 1900;
    public static final double ROOT_SPRING = 0.15;

    /** Depth of the centre of gravity below the plate's face, share of its thickness: shallow and deep bound. */
    private static final double SHALLOW = 0.375;

    private static final double DEEP = 0.5;

    /** @throws RefusedInput for soil limits out of order */
    public RootPlate {
        if (!(soilLowKgm3 <= soilHighKgm3)) {
            throw new RefusedInput(Refusal.SOIL_OUT_OF_ORDER, "soil_low_above_high");
        }
    }

    /**
     * A piece of the stem; kg.
     *
     * @param xM its centre of gravity along the stem from the plate's face
     */
    public record Piece(double xM, double massLowKg, double massHighKg) {}

    private double volumeM3() {
        return 2.0 / 3 * Math.PI / 4 * widthM * heightM * thickM;
    }

    double lowKg() {
        return soilLowKgm3 * volumeM3();
    }

    double highKg() {
        return soilHighKgm3 * volumeM3();
    }

    private double arm(double psiDeg, double depth) {
        double psi = Math.toRadians(psiDeg);
        return axisM * Math.cos(psi) + depth * thickM * Math.sin(psi);
    }

    double armHighM(double psiDeg) {
        return arm(psiDeg - uPsiDeg, DEEP);
    }

    double armLowM(double psiDeg) {
        return arm(psiDeg + uPsiDeg, SHALLOW);
    }

    /** @return greatest moment that stands it up, N m */
    double upHighNm(double psiDeg) {
        double arm = armHighM(psiDeg);
        return (arm < 0 ? lowKg() : highKg()) * StemMass.G * arm + rootSpringRel * highKg() * StemMass.G * heightM / 2;
    }

    /** @return least moment that stands it up, N m */
    double upLowNm(double psiDeg) {
        double arm = armLowM(psiDeg);
        return (arm < 0 ? highKg() : lowKg()) * StemMass.G * arm;
    }

    /** @return arm of a place on the stem, on the side toward which it fell */
    double pieceArmM(double xM, double psiDeg) {
        double psi = Math.toRadians(psiDeg);
        return xM * Math.sin(psi) - axisM * Math.cos(psi);
    }

    /** @return least moment of the stem that keeps it down, N m */
    double downLowNm(List<Piece> pieces, double psiDeg) {
        return down(pieces, psiDeg - uPsiDeg, true);
    }

    double downHighNm(List<Piece> pieces, double psiDeg) {
        return down(pieces, psiDeg + uPsiDeg, false);
    }

    private double down(List<Piece> pieces, double psiDeg, boolean low) {
        return pieces.stream()
                .mapToDouble(p -> {
                    double arm = pieceArmM(p.xM, psiDeg);
                    return (arm < 0 == low ? p.massHighKg : p.massLowKg) * StemMass.G * arm;
                })
                .sum();
    }

    /** @return nobody nearer behind it and in its crater, m */
    public double zoneBehindM() {
        return Math.hypot(heightM, thickM) + 2;
    }

    public double zoneFrontM() {
        return heightM + 2;
    }
}
