package org.antevid.core.outcome;

import java.util.Optional;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Shown;
import org.antevid.core.message.Side;
import org.antevid.core.quantity.Require;

/**
 * What it did on the ground before it lay still. What nobody saw is empty.
 *
 * @param firstTouchM from the stump to where it touched first, 0.1..120
 * @param bounceM how high it bounced, 0..10
 * @param rolledM how far it rolled or slid aside, right of the way it fell positive, -40..40
 */
public record Landing(
        @Shown(in = Dimension.LENGTH, to = Side.NEAREST) Optional<Double> firstTouchM,
        @Shown(in = Dimension.LENGTH, to = Side.UP) Optional<Double> bounceM,

        @Shown(in = Dimension.LENGTH, to = Side.NEAREST, unsigned = true)
        Optional<Double> rolledM) {
    /** Nobody saw more than where it lies. */
    public static final Landing NONE = new Landing(Optional.empty(), Optional.empty(), Optional.empty());

    public Landing {
        firstTouchM.ifPresent(v -> Require.within(v, 0.1, 120, "firstTouchM"));
        bounceM.ifPresent(v -> Require.within(v, 0, 10, "bounceM"));
        rolledM.ifPresent(v -> Require.within(v, -40, 40, "rolledM"));
    }
}
