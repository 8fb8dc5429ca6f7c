package org.antevid.core.lay;

import org.antevid.core.message.Code;

/** What keeps control of a lay from being proven. */
public enum LayDoubt implements Code {
    LEAN_NOT_KNOWN(LayControl.Why.LEAN_NOT_KNOWN),
    SIDE_LEAN(LayControl.Why.SIDE_LEAN),
    HINGE_WOOD(LayControl.Why.HINGE_WOOD),
    PROBED_CORNERS(LayControl.Why.CORNERS),
    OPENED_CORNERS(LayControl.Why.CORNERS),
    MEANS_NOT_KNOWN(LayControl.Why.MEANS_NOT_KNOWN),
    SITS_BACK(LayControl.Why.MEANS),
    LEVER_LIFTS_LESS(LayControl.Why.MEANS),
    WEDGES_LIFT_LESS(LayControl.Why.MEANS),
    WEDGE_FORCE(LayControl.Why.MEANS),
    WEDGES_BACK_LEAN(LayControl.Why.MEANS),
    LINE_WEAK(LayControl.Why.MEANS),
    LINE_PULLS_DOWN(LayControl.Why.MEANS);

    private final LayControl.Why why;

    LayDoubt(LayControl.Why why) {
        this.why = why;
    }

    public LayControl.Why why() {
        return why;
    }
}
