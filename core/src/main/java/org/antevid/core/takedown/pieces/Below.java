package org.antevid.core.takedown.pieces;

import org.antevid.core.takedown.drop.FreeDrop;

/**
 * The ground at the foot and the wind the pieces are cut in.
 *
 * @param gustMs strongest gust it is cut in, {@code stopMs} at which work stops
 */
public record Below(FreeDrop.Surface surface, double slopeDeg, double gustMs, double stopMs) {}
