package org.antevid.core.run;

import java.util.Optional;

/**
 * What a stem does while it is cut or pulled, as it is seen over a few breaths, and what follows for whoever sees it
 * (practice rules; the crew's own agreement outranks them).
 *
 * @param kerfOpensMm how much the back cut has opened, closing negative
 * @param topForwardM how far the top has gone toward the lay, back negative
 * @param topAsideM how far it has gone to either side, 0 and more
 * @param cracks the stem splits or tears where it should not
 */
public record Signs(double kerfOpensMm, double topForwardM, double topAsideM, boolean cracks) {
    /** A top that has gone this far is on its way. */
    public static final double GOES_M = 0.5;
    /** A kerf that has closed this far sits on the bar. */
    public static final double CLOSES_MM = 2;

    /** What somebody hears or sees of the others. */
    public enum Call {
        NOTHING,
        /** The winch may pull. */
        ARM_SWUNG,
        /** The line is held as it is. */
        ARMS_CROSSED,
        /** The lookout stops it. */
        BOTH_ARMS_UP
    }

    /** @return whether the top is on its way to where it should not */
    public boolean goesWrong() {
        return cracks || topAsideM >= GOES_M;
    }

    /** @return whether it goes over toward its lay */
    public boolean goesOver() {
        return topForwardM >= GOES_M;
    }

    /** @return whether it sits back on the saw */
    public boolean sitsBack() {
        return kerfOpensMm <= -CLOSES_MM || topForwardM <= -GOES_M;
    }

    /**
     * @param called what comes from the lookout; empty of a call to them that was not answered yet
     * @return for whoever has the saw in the stem
     */
    public Reaction ofCutter(Optional<Call> called) {
        if (goesWrong() || goesOver()) {
            return Reaction.RUN;
        }
        if (sitsBack() || called.filter(c -> c == Call.BOTH_ARMS_UP).isPresent()) {
            return Reaction.HOLD;
        }
        return called.isEmpty() ? Reaction.WAIT : Reaction.ACT;
    }

    /**
     * @param cutterAway whoever cut has left the stump
     * @param called what comes from the cutter
     * @return for whoever is at the winch, out of reach of the stem
     */
    public Reaction ofWinch(boolean cutterAway, Call called) {
        if (goesWrong() || sitsBack() || called == Call.ARMS_CROSSED || called == Call.BOTH_ARMS_UP) {
            return Reaction.HOLD;
        }
        return cutterAway && called == Call.ARM_SWUNG ? Reaction.ACT : Reaction.WAIT;
    }
}
