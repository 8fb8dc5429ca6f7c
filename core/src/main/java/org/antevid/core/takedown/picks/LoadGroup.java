package org.antevid.core.takedown.picks;

import org.antevid.core.stem.Condition;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.StemReading;
import org.antevid.core.takedown.pieces.Piece;

/** What weighs alike: readings of one group say little of another (practice rule). */
public enum LoadGroup {
    STEM,
    CROWN_IN_LEAF,
    CROWN_BARE,
    DEAD_WOOD;

    static LoadGroup of(StemReading stem, Piece p) {
        Condition wood = stem.wood().outer();
        if (wood == Condition.DEAD_RECENT || wood == Condition.DEAD_OLD) {
            return DEAD_WOOD;
        }
        if (p.cut().limb().isEmpty()) {
            return STEM;
        }
        return stem.crown() == StemMass.Crown.FOREST_BROADLEAF_LEAFLESS
                        || stem.crown() == StemMass.Crown.OPEN_BROADLEAF_LEAFLESS
                ? CROWN_BARE
                : CROWN_IN_LEAF;
    }
}
