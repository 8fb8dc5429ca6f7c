package org.antevid.core.lay.sweep;

import org.antevid.core.retreat.EscapeRoutes;
import org.antevid.core.stump.CutCard;

/** How long the cutter has on a lay. */
@FunctionalInterface
public interface Getaway {
    /**
     * @param strapped he parts a strap, standing ready
     * @param forwardNm moment of the lean toward the lay
     */
    EscapeRoutes.Clock at(double layDeg, CutCard card, boolean strapped, double forwardNm, double backHighNm);
}
