package org.antevid.core.lay;

import java.util.Optional;
import org.antevid.core.assist.Wedges;

/**
 * What stands by beside the means that bring the stem over.
 *
 * @param guy against the side lean
 * @param fallback what is used when it does not move
 * @param wedges that are at the stump
 * @param asNeeded how many wedges lie side by side follows from what it takes, up to what fits; the leader has not said
 * @param keepOpen a wedge is pushed in by hand to keep the kerf open; it is not driven and nothing is counted on it
 */
public record Support(
        Optional<Guy> guy, Optional<Means> fallback, Wedges.Set wedges, boolean asNeeded, boolean keepOpen) {
    public static final Support NONE = new Support(Optional.empty(), Optional.empty(), Wedges.Set.USUAL, true, false);
    /** A wedge and its blows want this much of the stem's width (judgement). */
    private static final double WEDGE_ROOM_M = 0.12;

    public Support(Optional<Guy> guy, Optional<Means> fallback, Wedges.Set wedges, boolean keepOpen) {
        this(guy, fallback, wedges, false, keepOpen);
    }

    /** @return the same with so many wedges side by side */
    public Support beside(int count) {
        return new Support(
                guy,
                fallback,
                new Wedges.Set(wedges.name(), wedges.liftM(), wedges.lengthM(), wedges.stack(), count),
                asNeeded,
                keepOpen);
    }

    /** @return how many fit side by side behind a hinge of a stem so wide, 2 to 4; what was said where it was said */
    public int mostBeside(double acrossM) {
        return asNeeded ? Math.max(wedges.beside(), roomFor(acrossM)) : wedges.beside();
    }

    /** @return how many wedges there is room for side by side, whatever was said, at most 4 */
    public static int roomFor(double acrossM) {
        return Math.min(4, (int) (acrossM / WEDGE_ROOM_M));
    }
}
