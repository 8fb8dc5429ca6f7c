package org.antevid.core.judge;

import org.antevid.core.message.Arg;

/**
 * A number of the house made stricter by what was learned; it never loosens one.
 *
 * @param value in SI units, within what the threshold may be
 */
public record Tightening(Threshold threshold, double value) {
    /** @throws org.antevid.core.quantity.RefusedInput outside of how far it may go */
    public Tightening {
        threshold.require(value);
    }

    /** @return its value, as it is shown */
    public Arg shown() {
        return Arg.of(threshold.dimension(), value);
    }
}
