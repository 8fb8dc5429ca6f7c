package org.antevid.core.run;

import java.util.List;
import java.util.stream.Stream;
import org.antevid.core.message.Code;

/**
 * What was not foreseen while it ran. Everybody stands fast already; each has one first thing to do, and what comes
 * next is planned anew. Practice rules; local codes and the qualified person outrank them.
 */
public enum Surprise implements Code {
    SOMEBODY_INSIDE(Where.ANYWHERE),
    /** the stem does not move */
    STALLED(Where.FELLING),
    /** the kerf has closed on the bar */
    SAT_BACK(Where.FELLING),
    STRAP_THIN(Where.FELLING),
    /** the opened face shows decay */
    FACE_ROTTEN(Where.FELLING),
    WIND_TURNED(Where.ANYWHERE),
    HUNG(Where.FELLING),
    /** a piece of a tree hangs up on its way */
    PIECE_HUNG(Where.IN_PIECES),
    /** a rope is caught in the tree */
    LINE_SNAGGED(Where.IN_PIECES),
    /** line goes out and nothing moves: it will fall into the slack */
    PAID_OUT_STILL(Where.IN_PIECES),
    /** a rope nobody uses lies where pieces come down */
    ROPE_IN_ZONE(Where.IN_PIECES),
    /** the line pulls harder than its weakest piece may carry */
    LINE_OVERLOADED(Where.ANYWHERE),
    /** more hangs in the machine than was planned */
    LOAD_OVERLOADED(Where.ANYWHERE);

    private enum Where {
        FELLING,
        IN_PIECES,
        ANYWHERE
    }

    private final Where where;

    Surprise(Where where) {
        this.where = where;
    }

    /**
     * @param inPieces a tree is taken down in pieces in the step
     * @return what can have happened in it
     */
    public static List<Surprise> in(boolean inPieces) {
        return Stream.of(values())
                .filter(s -> s.where == Where.ANYWHERE || s.where == (inPieces ? Where.IN_PIECES : Where.FELLING))
                .toList();
    }

    /** The first thing that is done. */
    public enum First implements Code {
        SOMEBODY_INSIDE,
        STALLED,
        SAT_BACK,
        STRAP_THIN,
        FACE_ROTTEN,
        WIND_TURNED,
        HUNG,
        PIECE_HUNG,
        LINE_SNAGGED,
        PAID_OUT_STILL,
        ROPE_IN_ZONE,
        LINE_OVERLOADED,
        LOAD_OVERLOADED
    }

    public First first() {
        return switch (this) {
            case SOMEBODY_INSIDE -> First.SOMEBODY_INSIDE;
            case STALLED -> First.STALLED;
            case SAT_BACK -> First.SAT_BACK;
            case STRAP_THIN -> First.STRAP_THIN;
            case FACE_ROTTEN -> First.FACE_ROTTEN;
            case WIND_TURNED -> First.WIND_TURNED;
            case HUNG -> First.HUNG;
            case PIECE_HUNG -> First.PIECE_HUNG;
            case LINE_SNAGGED -> First.LINE_SNAGGED;
            case PAID_OUT_STILL -> First.PAID_OUT_STILL;
            case ROPE_IN_ZONE -> First.ROPE_IN_ZONE;
            case LINE_OVERLOADED -> First.LINE_OVERLOADED;
            case LOAD_OVERLOADED -> First.LOAD_OVERLOADED;
        };
    }
}
