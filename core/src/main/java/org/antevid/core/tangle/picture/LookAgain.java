package org.antevid.core.tangle.picture;

/** Why a stem has to be looked at again before anything is done by its picture. */
public enum LookAgain {
    /** a tie of it was severed: what ties it still is asked, as long as a tie is recorded */
    SEVERED,
    /** a step moved it, or something it bears on or that bears on it */
    STEP_DONE,
    /** a piece was cut off it while it hung: only a new pose answers that */
    SECTIONED,
    /** a gust above the limit */
    GUST;

    /** A look older than this says nothing about now, seconds (practice rule). */
    public static final long OLDEST_S = 7200;

    /** @return whether it was looked at too long ago */
    public static boolean old(long secondsAgo) {
        return secondsAgo > OLDEST_S;
    }
}
