package org.antevid.core.stem;

import org.antevid.core.quantity.Require;

/** A place touched in a picture: shares of its width from the left and of its height from below, 0..1. */
public record PictureSpot(double x, double y) {
    /** One sigma of a touch, as a share of the picture's height. */
    public static final double TOUCH_SIGMA = 0.003;

    public PictureSpot {
        Require.within(x, 0, 1, "x");
        Require.within(y, 0, 1, "y");
    }
}
