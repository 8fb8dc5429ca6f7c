package org.antevid.core.drill;

import java.util.Locale;
import org.antevid.core.message.Code;

/** What is practised. */
public enum DrillKind implements Code {
    /** A stem on rests: which side is squeezed, what moves, where to stand. */
    BIND(4),
    /** A stem seen from two sides: where it leans, and how far. */
    LEAN(2),
    /** A tree about to be felled and people about it: who is too near. */
    PEOPLE(3),
    /** A tree among things that must not be hit: which directions are open. */
    LAY(2),
    /** A stump afterwards: which way it went, and what went wrong. */
    STUMP(2),
    /** Stems that lie over each other: in which order they come off. */
    ORDER(3),
    /** The measures of a cut: which of them are wrong. */
    CARD(2),
    /** What kerf, top and line do: act, wait, hold or leave. */
    CUE(2);

    private final int levels;

    DrillKind(int levels) {
        this.levels = levels;
    }

    /** @return the highest level; the lowest is 1 */
    public int levels() {
        return levels;
    }

    /** @return as it stands in an address */
    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }
}
