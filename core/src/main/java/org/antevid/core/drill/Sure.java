package org.antevid.core.drill;

import org.antevid.core.message.Code;

/** How sure somebody is, in one tap. Points after Brier: being right counts, and so does knowing it. */
public enum Sure implements Code {
    GUESS(0.5),
    THINK(0.75),
    KNOW(0.95);

    private final double chance;

    Sure(double chance) {
        this.chance = chance;
    }

    /** @return 1 at best, -0.8 for who knew it and was wrong; a guess is worth the same either way */
    public double points(boolean right) {
        double off = (right ? 1 : 0) - chance;
        return 1 - 2 * off * off;
    }

    /** @return the same as it is told, to a tenth */
    public double told(boolean right) {
        return Math.round(10 * points(right)) / 10.0;
    }
}
