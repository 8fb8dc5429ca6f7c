package org.antevid.core.takedown.rope;

import java.util.Optional;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;

/** Tension behind what the line runs over, over tension before it: its low and its high end, 0.05..1. */
public record Efficiency(double low, double high) {
    /**
     * @param low empty: the device's, pulled along so that it is not above the high end, and the other way round
     * @throws RefusedInput {@code HIGH_BELOW_LOW}
     */
    public static Efficiency of(Device device, Optional<Double> low, Optional<Double> high) {
        if (low.isPresent() && high.filter(h -> h < low.get()).isPresent()) {
            throw new RefusedInput(Refusal.HIGH_BELOW_LOW, "efficiency_high");
        }
        double from = low.orElseGet(() -> Math.min(device.low(), high.orElse(device.high())));
        return new Efficiency(from, high.orElseGet(() -> Math.max(device.high(), from)));
    }
}
