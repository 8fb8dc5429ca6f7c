package org.antevid.core.takedown.pieces;

import java.util.Optional;
import org.antevid.core.quantity.Require;

/**
 * How whoever cuts aloft is held. What is empty nobody has said, and that is never taken as good.
 *
 * @param tieInM height of the life line on the stem while limbs are cut; empty: as high as stem and faults allow
 * @param attachments while the saw runs, 0..5
 * @param cutProof whether one of them is
 * @param wayDown whether a line reaches the ground from there
 * @param rescueMin minutes until the rescuer has them on the ground, as somebody who can rescue said it, 1..120
 */
public record Climb(
        Optional<Double> tieInM,
        Optional<Integer> attachments,
        Optional<Boolean> cutProof,
        Optional<Boolean> wayDown,
        Optional<Integer> rescueMin) {
    /** Longer nobody hangs hurt in a harness without somebody who knows agreeing to it (judgement). */
    public static final int RESCUE_WITHIN_MIN = 10;

    public static final Climb NOT_SAID =
            new Climb(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

    public Climb {
        tieInM.ifPresent(m -> Require.within(m, 0.2, 100, "climb.tieInM"));
        attachments.ifPresent(n -> Require.within(n, 0, 5, "climb.attachments"));
        rescueMin.ifPresent(n -> Require.within(n, 1, 120, "climb.rescueMin"));
    }

    /** @return whether all of it was said that is asked of the climber */
    public boolean said() {
        return attachments.isPresent() && cutProof.isPresent() && wayDown.isPresent() && rescueMin.isPresent();
    }

    /** @return whether the rescue takes longer than anybody should hang there */
    boolean rescueSlow() {
        return rescueMin.filter(m -> m > RESCUE_WITHIN_MIN).isPresent();
    }
}
