package org.antevid.core.takedown.rope;

import java.util.Optional;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;

/**
 * How far a piece falls free until the line is taut.
 *
 * @param dropM of the centre of mass; empty where it turns over a block below the cut
 * @param comAboveBlockM of the piece before it goes: its centre ends as far below the block as it was above it
 */
public record Fall(Optional<Double> dropM, Optional<Double> comAboveBlockM, double slackM) {
    /** @throws RefusedInput {@code NOT_BOTH}, {@code MISSING} */
    public double heightM() {
        if (dropM.isPresent() && comAboveBlockM.isPresent()) {
            throw new RefusedInput(Refusal.NOT_BOTH, "drop_m");
        }
        return dropM.or(() -> comAboveBlockM.map(m -> 2 * m))
                        .orElseThrow(() -> new RefusedInput(Refusal.NEEDED, "drop_m"))
                + slackM;
    }
}
