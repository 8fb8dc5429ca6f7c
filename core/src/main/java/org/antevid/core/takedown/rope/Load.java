package org.antevid.core.takedown.rope;

import java.util.Optional;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;

/**
 * A piece on a line.
 *
 * @param massKg best estimate
 * @param massHighKg upper planning value; empty where nobody said it
 */
public record Load(double massKg, Optional<Double> massHighKg) {
    private static final double ASSUMED = 1.2;

    /** @throws RefusedInput {@code HIGH_BELOW_LOW} */
    public double highKg() {
        double high = massHighKg.orElse(ASSUMED * massKg);
        if (high < massKg) {
            throw new RefusedInput(Refusal.HIGH_BELOW_LOW, "mass_high_kg");
        }
        return high;
    }
}
