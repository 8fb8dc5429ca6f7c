package org.antevid.core.takedown.pieces;

import org.antevid.core.message.Code;
import org.antevid.core.takedown.Finding;

/** What stands against a piece as it is planned, or has to be known of it. */
public enum PieceRemark implements Code {
    /** Nobody may be aloft where it is cut from. */
    NOBODY_UP_THERE(Finding.STOP),
    LINK_OVER(Finding.STOP),
    /** No length is short enough. */
    NONE_SHORT_ENOUGH(Finding.STOP),
    GEAR_NOT_CHOSEN(Finding.STOP),
    /** Something it hangs on is withdrawn, or its inspection overdue. */
    KIT_NOT_FOR_USE(Finding.STOP),
    /** Chosen for two places at once, and the house has not as many. */
    KIT_TOO_FEW(Finding.STOP),
    NO_SECOND_LINE(Finding.STOP),
    /** The second line holds it first: over friction that nobody has chosen, or without its sling. */
    NO_FRICTION_ALOFT(Finding.STOP),
    /** Tied higher than the second line that holds it first: it would fall into it. */
    SECOND_LINE_LOW(Finding.STOP),
    /** The second tree is not sound. */
    SECOND_TREE_BAD(Finding.STOP),
    /** One of the two lines would have to push. */
    DRIFT_PUSHES(Finding.STOP),
    DRIFT_TOO_FLAT(Finding.STOP),
    ANCHOR_GOES(Finding.STOP),
    /** Rigged to wood thinner than the house allows. */
    ANCHOR_THIN(Finding.STOP),
    /** One attachment while the saw runs. */
    ONE_ATTACHMENT(Finding.STOP),
    NOT_CUT_PROOF(Finding.STOP),
    NO_WAY_DOWN(Finding.STOP),
    /** The climber's line is tied to wood that goes. */
    TIED_TO_WHAT_GOES(Finding.STOP),
    SPIKES_ON_KEPT(Finding.STOP),
    /** The platform does not reach as high as that is cut. */
    OUT_OF_REACH(Finding.STOP),
    /** The climber is tied to wood thinner than the house allows. */
    TIE_IN_THIN(Finding.STOP),
    /** The stem does not bear the climber's fall. */
    TIE_IN_OVER(Finding.STOP),
    TIE_OFF_PIECE(Finding.STOP),
    TIE_ABOVE_BLOCK(Finding.STOP),
    RIGGED_ABOVE_FAULT(Finding.STOP),
    PERSON_ABOVE_FAULT(Finding.STOP),
    DO_NOT_TIE(Finding.STOP),
    TOO_HEAVY_BY_HAND(Finding.STOP),
    STRIKES_GROUND(Finding.STOP),
    ROLLS_ON(Finding.STOP),
    TOP_WHIPS(Finding.STOP),
    TOP_NEEDS_LINE(Finding.STOP),
    NOT_THE_LAST(Finding.STOP),
    WALL_NOT_KNOWN(Finding.SECOND_OPINION),
    SECOND_TREE_NOT_SEEN(Finding.SECOND_OPINION),
    RESCUE_SLOW(Finding.SECOND_OPINION),
    LEAN_RISES(Finding.SECOND_OPINION),
    SPLIT_BELOW(Finding.SECOND_OPINION),
    /** Dead, frozen or bad wood, a fault at the cut, or nobody looked: a top may go any way. */
    HINGE_NOT_TRUSTED(Finding.SECOND_OPINION),
    THIN_WALL(Finding.CAUTION),
    LINK_NEAR(Finding.CAUTION),
    DRIFT_FLAT(Finding.CAUTION),
    FALLS_INTO_LINE(Finding.CAUTION),
    SWINGS_WIDE(Finding.CAUTION),
    /** It swings to the other tree unless the first line lets it over slowly. */
    SWINGS_TO_TREE(Finding.CAUTION),
    AGE_NOT_KNOWN(Finding.CAUTION),
    /** Something it hangs on is worn: it carries less, and is to be replaced. */
    KIT_WORN(Finding.CAUTION),
    MANY_WRAPS(Finding.CAUTION),
    /** Climbing line and lowering line side by side. */
    LINES_TOGETHER(Finding.CAUTION),
    LOOSE_WAITS(Finding.CAUTION),
    /** Attachments, cut-proof lanyard, way down, minutes of a rescue: nobody said. */
    CLIMBER_NOT_ASKED(Finding.CAUTION),
    /** How far it sways when the top goes: nobody said. */
    SWAY_NOT_SAID(Finding.CAUTION),
    /** How high the platform reaches: nobody said. */
    REACH_NOT_SAID(Finding.CAUTION),
    /** Much of the crown is no limb on the figure: it goes with the stem. */
    CROWN_NOT_DRAWN(Finding.CAUTION),
    /** Something of it has no way down yet. */
    NOT_ALL_OF_IT(Finding.CAUTION);

    private final Finding level;

    PieceRemark(Finding level) {
        this.level = level;
    }

    public Finding level() {
        return level;
    }

    /** @return whether a piece that is short enough has it no more */
    public boolean ofItsLength() {
        return this == LINK_OVER || this == STRIKES_GROUND || this == TOO_HEAVY_BY_HAND;
    }
}
