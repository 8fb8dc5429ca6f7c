package org.antevid.core.tangle.picture;

import java.util.List;
import java.util.Optional;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.stem.PieceMass;
import org.antevid.core.tangle.plate.RootPlate;
import org.antevid.core.tangle.plate.SetBack;

/**
 * Setting a thrown stump back into its crater.
 *
 * @param stubM length still on the plate
 */
public record PlateBack(double stubM, SetBack back) {

    /**
     * What somebody chose or measured.
     *
     * @param stubM length left on the plate; empty: the whole stem
     * @param limitN working limit of the weaker of line and anchor
     * @param craterM lee edge to the far wall; empty: as high as the plate
     */
    public record Ask(
            Optional<Double> stubM,
            double lineXM,
            SetBack.Pull pull,
            Optional<Double> limitN,
            Optional<Double> rimThickM,
            Optional<Double> craterM,
            double fillM) {}

    /** @throws RefusedInput for a line beyond what is left of the stem, or a seat that lies higher than it is now */
    public static PlateBack of(Member m, Ask a) {
        Member.Plate p = m.plate().orElseThrow();
        double length = m.lengthM().orElseThrow();
        double stub = a.stubM.orElse(length);
        if (!(stub > 0 && stub <= length)) {
            throw new RefusedInput(Refusal.CUT_AT_AN_END, "stubM");
        }
        if (a.lineXM > stub) {
            throw new RefusedInput(Refusal.SUPPORT_OUTSIDE_STEM, "lineXM");
        }
        PieceMass left = PlatePlan.mass(m, 0, stub);
        return new PlateBack(
                stub,
                SetBack.of(
                        PlatePlan.plate(p),
                        List.of(new RootPlate.Piece(left.cgFromThickEndM(), left.massLowKg(), left.massHighKg())),
                        new SetBack.Ask(
                                a.lineXM,
                                a.pull,
                                GAMMA,
                                a.limitN.stream().toList(),
                                a.rimThickM.orElse(p.thickM() / 2),
                                a.craterM.orElse(p.heightM()),
                                a.fillM,
                                stub)));
    }

    private static final double GAMMA = 1.5;
}
