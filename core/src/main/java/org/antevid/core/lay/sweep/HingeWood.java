package org.antevid.core.lay.sweep;

import org.antevid.core.stem.Condition;
import org.antevid.core.stump.CutCard;

/** What the hinge of a lay is made of. */
@FunctionalInterface
public interface HingeWood {
    Condition at(double layDeg);

    /** @return side capacity left of it where it is hollow or decayed, 0..1 */
    default double sideShare(double layDeg, CutCard card) {
        return 1;
    }

    /** @return share of the hinge that is there to be bent, with its strength, 0..1 */
    default double bendShare(double layDeg, CutCard card) {
        return 1;
    }

    /** @return the wood that decides whether control is lost altogether */
    default Condition worst(double layDeg) {
        return at(layDeg);
    }
}
