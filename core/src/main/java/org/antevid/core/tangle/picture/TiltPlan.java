package org.antevid.core.tangle.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.antevid.core.quantity.Fault;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.stem.StemReading;
import org.antevid.core.tangle.plate.TiltedPlate;

/** A standing tree whose plate lifted, as it was measured: heavy, high, and lifted as far as it may be. */
public final class TiltPlan {
    private static final double CUT_M = 0.1;
    private static final double MOST_LEAN_DEG = 45;

    private TiltPlan() {}

    /**
     * @param widthM of the plate along the tilt
     * @param guyHeightM empty: half the tree's height
     * @param extraNm moment of wind, rigging or a pull
     * @throws RefusedInput naming what was not measured: {@code heave}, {@code height}, {@code girth}
     */
    public static TiltedPlate of(
            StemReading r, double widthM, Optional<Double> guyHeightM, Optional<Double> guyAngleDeg, double extraNm) {
        List<Fault> faults = new ArrayList<>();
        if (r.more().heave().isEmpty()) {
            faults.add(new Fault(Refusal.NEEDED, "heave"));
        }
        if (r.height().isEmpty()) {
            faults.add(new Fault(Refusal.NEEDED, "height"));
        }
        if (r.mass(CUT_M).isEmpty()) {
            faults.add(new Fault(Refusal.NEEDED, "girth"));
        }
        if (!faults.isEmpty()) {
            throw new RefusedInput(faults);
        }
        double height = r.height().orElseThrow().high();
        return TiltedPlate.of(new TiltedPlate.Tilt(
                widthM,
                r.more().heave().orElseThrow().high(),
                height,
                r.mass(CUT_M).orElseThrow().massHighKg(),
                TiltedPlate.CG * height,
                guyHeightM.orElse(TiltedPlate.GUY_HEIGHT * height),
                guyAngleDeg.orElse(TiltedPlate.GUY_ANGLE_DEG),
                TiltedPlate.GAMMA,
                extraNm,
                // how it leaned before nobody knows: what it leans now is added, the heavy side
                r.lean()
                        .map(l -> Math.min(MOST_LEAN_DEG, l.deg() + l.sigmaDeg()))
                        .orElse(0.0)));
    }
}
