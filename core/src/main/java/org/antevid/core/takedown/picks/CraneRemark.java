package org.antevid.core.takedown.picks;

import org.antevid.core.message.Code;
import org.antevid.core.takedown.Finding;
import org.antevid.core.takedown.Remark;

/** What stands against a crane as it is set up, or against a pick. */
public enum CraneRemark implements Code {
    NO_CHART(Finding.STOP),
    NOT_CONFIRMED(Finding.STOP),
    NOT_PLACED(Finding.STOP),
    NO_LANDING(Finding.STOP),
    /** The way in is too narrow, too steep or too weak for it. */
    WAY_IN(Finding.STOP),
    NOT_LEVEL(Finding.STOP),
    ON_ICE(Finding.STOP),
    GROUND_NOT_KNOWN(Finding.STOP),
    GROUND_OVER(Finding.STOP),
    NO_BEARING(Finding.STOP),
    /** The bank, the wall or the pit is nearer than it is deep. */
    EDGE_INSIDE(Finding.STOP),
    EDGE_NOT_MEASURED(Finding.STOP),
    VOID_BELOW(Finding.STOP),
    LEG_LIFTS(Finding.STOP),
    OUT_OF_CHART(Finding.STOP),
    /** Nearer than the chart begins. */
    TOO_NEAR(Finding.STOP),
    /** A pad stands on or in something. */
    IN_THE_WAY(Finding.STOP),
    NO_NET_CAPACITY(Finding.STOP),
    OVER_CHART(Finding.STOP),
    OVER_LIMIT(Finding.STOP),
    TOO_HEAVY(Finding.STOP),
    /** No hook load before the cut is right: it would pull a light piece up or a heavy one over the limit. */
    NO_WINDOW(Finding.STOP),
    OVER_PEOPLE(Finding.STOP),
    SLEW_BLOCKED(Finding.STOP),
    NO_ROOM_TO_LAND(Finding.STOP),
    SLING_OVER(Finding.STOP),
    SLING_NOT_KNOWN(Finding.STOP),
    TIPS_OVER(Finding.STOP),
    SLING_SLACK(Finding.STOP),
    SLUNG_OFF_PIECE(Finding.STOP),
    GRIP(Finding.STOP),
    WIND_OVER(Finding.STOP),
    ODD_READING(Finding.STOP),
    /** Bent wood springs when it is cut, and takes the grab with it. */
    GRAB_ON_BENT(Finding.SECOND_OPINION),
    VOID_NOT_ASKED(Finding.SECOND_OPINION),
    HANGS_STEEP(Finding.CAUTION),
    TILTS(Finding.CAUTION),
    SLING_NEAR(Finding.CAUTION),
    WIDE_SLING(Finding.CAUTION),
    NEAR_LIMIT(Finding.CAUTION),
    RADIUS_GROWS(Finding.CAUTION),
    LONGER_WAY(Finding.CAUTION),
    TAG_LINE(Finding.CAUTION),
    FITS_OBLIQUE(Finding.CAUTION),
    GROUND_NEAR(Finding.CAUTION),
    EDGE_CLOSE(Finding.CAUTION),
    WIND_NEAR(Finding.CAUTION),
    WIND_LIMIT_NOT_KNOWN(Finding.CAUTION),
    /** Which machine it is nobody said: nobody checked the way in. */
    MACHINE_NOT_NAMED(Finding.CAUTION),
    LEVEL_NOT_READ(Finding.CAUTION),
    /** Nothing of it was weighed yet. */
    NOT_WEIGHED(Finding.CAUTION);

    private final Finding level;

    CraneRemark(Finding level) {
        this.level = level;
    }

    public Finding level() {
        return level;
    }

    /** @return as it is said of a crane; empty for what is shown beside its number already */
    static java.util.Optional<CraneRemark> of(Remark r) {
        return java.util.Optional.ofNullable(
                switch (r) {
                    case NO_NET_CAPACITY -> NO_NET_CAPACITY;
                    case OVER_CHART -> OVER_CHART;
                    case OVER_LIMIT -> OVER_LIMIT;
                    case NEAR_LIMIT -> NEAR_LIMIT;
                    case PIECE_TOO_HEAVY -> TOO_HEAVY;
                    case NO_WINDOW -> NO_WINDOW;
                    case OVER_BLOCKED_SECTOR -> OVER_PEOPLE;
                    case SLEW_BLOCKED -> SLEW_BLOCKED;
                    case LONGER_WAY -> LONGER_WAY;
                    case RADIUS_GROWS -> RADIUS_GROWS;
                    case DOES_NOT_FIT, NO_FULL_TURN -> NO_ROOM_TO_LAND;
                    case FITS_ONLY_OBLIQUE -> FITS_OBLIQUE;
                    case TAGLINE_NEEDED -> TAG_LINE;
                    case SLING_OVER_LIMIT, LEG_OVER_60 -> SLING_OVER;
                    case SLING_NEAR_LIMIT -> SLING_NEAR;
                    case WIDE_SLING_ANGLE -> WIDE_SLING;
                    case LEG_SLACK -> SLING_SLACK;
                    case PIECE_TIPS_OVER -> TIPS_OVER;
                    case PIECE_TILTS -> TILTS;
                    case HANGS_STEEP -> HANGS_STEEP;
                    case WIND_OVER_LIMIT -> WIND_OVER;
                    case WIND_NEAR_LIMIT -> WIND_NEAR;
                    case READING_OUT_OF_BAND -> ODD_READING;
                    case LEG_LIFTS -> LEG_LIFTS;
                    case GROUND_OVER_LIMIT -> GROUND_OVER;
                    case GROUND_NEAR_LIMIT -> GROUND_NEAR;
                    case EXCAVATION_INSIDE -> EDGE_INSIDE;
                    case EXCAVATION_CLOSE -> EDGE_CLOSE;
                    case VOID_BELOW -> VOID_BELOW;
                    default -> null;
                });
    }
}
