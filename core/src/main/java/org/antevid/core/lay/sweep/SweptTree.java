package org.antevid.core.lay.sweep;

import org.antevid.core.quantity.Estimate;
import org.antevid.core.stem.GreenWood;
import org.antevid.core.stump.Oval;

/**
 * The tree. Metres, kilograms, newton metres; moments of gravity (and whatever the plan must stand) east and north
 * about the cut.
 *
 * @param stump outline of the wood at the cut
 * @param hinge wood of the hinge, by lay
 * @param flare butt at the cut over the taper's diameter where nobody measured it: bar reach and sit-back only
 * @param massKg expected
 * @param sigmaMomentNm of the offset, in any direction
 * @param sigmaMassRel what the mass adds to it, as a share of the moment; 0 when it is in {@code sigmaMomentNm}
 * @param tipEastM standing offset of the tip
 */
public record SweptTree(
        Estimate height,
        double cutHeightM,
        double crownRadiusM,
        double crownBaseM,
        double dCutM,
        double dbhM,
        GreenWood green,
        Oval stump,
        double flare,
        HingeWood hinge,
        double massKg,
        double massHighKg,
        double cgM,
        double momentEastNm,
        double momentNorthNm,
        double sigmaMomentNm,
        double sigmaMassRel,
        double tipEastM,
        double tipNorthM,
        Weakness weakness) {}
