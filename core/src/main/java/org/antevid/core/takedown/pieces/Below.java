package org.antevid.core.takedown.pieces;

import java.util.Optional;
import org.antevid.core.takedown.drop.FreeDrop;

/**
 * The ground at the foot and the wind the pieces are cut in.
 *
 * @param bed that pieces are let down onto; empty where none is laid
 * @param gustMs strongest gust it is cut in, {@code stopMs} at which work stops
 */
public record Below(FreeDrop.Surface surface, double slopeDeg, double gustMs, double stopMs, Optional<DropBed> bed) {
    public Below(FreeDrop.Surface surface, double slopeDeg, double gustMs, double stopMs) {
        this(surface, slopeDeg, gustMs, stopMs, Optional.empty());
    }
}
