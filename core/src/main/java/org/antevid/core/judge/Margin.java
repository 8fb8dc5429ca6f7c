package org.antevid.core.judge;

import org.antevid.core.message.Dimension;

/**
 * A number against its limit.
 *
 * @param computed what was computed, in the SI unit of the dimension
 * @param limit what it may be at most, or must be at least
 * @param left what is left between them; negative when it is not met
 */
public record Margin(Dimension dimension, double computed, double limit, double left) {
    public static Margin atMost(Dimension dimension, double computed, double limit) {
        return new Margin(dimension, computed, limit, limit - computed);
    }

    public static Margin atLeast(Dimension dimension, double computed, double limit) {
        return new Margin(dimension, computed, limit, computed - limit);
    }
}
