package org.antevid.core.takedown.pieces;

import org.antevid.core.message.Code;
import org.antevid.core.takedown.Finding;

/** What stands against a back guy, or has to be known of it. */
public enum GuyRemark implements Code {
    /** On the side the tree leans to, or across it. */
    WRONG_SIDE(Finding.STOP),
    OVER_LIMIT(Finding.STOP),
    /** It stretches until the plate has moved. */
    LETS_PLATE_MOVE(Finding.STOP),
    /** No pull is both enough to carry and too little to pull it over. */
    NO_TENSION(Finding.STOP),
    PULLS_IT_OVER(Finding.STOP),
    ANCHOR_BAD(Finding.STOP),
    /** Pieces come down on its anchor. */
    ANCHOR_IN_ZONE(Finding.STOP),
    SOMEBODY_ALOFT(Finding.STOP),
    /** Nothing is rigged off a lifted plate before the guy has been pulled to its load. */
    NOT_PROVEN(Finding.STOP),
    /** Its line is withdrawn, or its inspection overdue. */
    LINE_NOT_FOR_USE(Finding.STOP),
    /** It limits movement for people outside; it makes nothing climbable. */
    NO_RESCUE(Finding.SECOND_OPINION),
    SECOND_GUY(Finding.SECOND_OPINION),
    ANCHOR_NOT_SEEN(Finding.SECOND_OPINION),
    /** No line is chosen: nobody knows what it carries and how it stretches. */
    LINE_NOT_CHOSEN(Finding.SECOND_OPINION),
    STEEP(Finding.CAUTION),
    LOW(Finding.CAUTION),
    TOO_SOFT(Finding.CAUTION),
    AGE_NOT_KNOWN(Finding.CAUTION);

    private final Finding level;

    GuyRemark(Finding level) {
        this.level = level;
    }

    public Finding level() {
        return level;
    }
}
