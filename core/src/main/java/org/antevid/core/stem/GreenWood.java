package org.antevid.core.stem;

import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;

/**
 * Figures of living wood that mass, hinge and splitting are computed with. {@link Species#wood()} has those of the
 * literature; a house that knows its own ground better may set its own for a genus.
 *
 * @param densityLowKgm3 lightest that is met, 300..1400 kg/m3; {@code densityHighKgm3} the heaviest
 * @param densityKgm3 usual one, between the two
 * @param holdsMPa bending strength of the weakest common member, 10..200 MPa: for whatever has to hold
 * @param bendsMPa usual bending strength, at least that, up to 200 MPa: for whatever has to be bent or stores energy
 * @param moeGPa stiffness, 2..25 GPa
 */
public record GreenWood(
        double densityLowKgm3,
        double densityKgm3,
        double densityHighKgm3,
        double holdsMPa,
        double bendsMPa,
        double moeGPa,
        Species.HingeGrade hinge,
        Species.SplitClass split) {
    /** @throws RefusedInput naming the field that is out of its range or out of order */
    public GreenWood {
        WoodFigure.DENSITY_LOW.require(densityLowKgm3);
        WoodFigure.DENSITY.require(densityKgm3);
        WoodFigure.DENSITY_HIGH.require(densityHighKgm3);
        WoodFigure.HOLDS.require(holdsMPa);
        WoodFigure.BENDS.require(bendsMPa);
        WoodFigure.STIFFNESS.require(moeGPa);
        if (densityKgm3 < densityLowKgm3 || densityKgm3 > densityHighKgm3) {
            throw new RefusedInput(Refusal.DENSITY_OUT_OF_ORDER, "densityKgm3");
        }
        if (bendsMPa < holdsMPa) {
            throw new RefusedInput(Refusal.BENDS_BELOW_HOLDS, "bendsMPa");
        }
    }
}
