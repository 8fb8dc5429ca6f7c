package org.antevid.core.lay;

import java.util.Optional;
import org.antevid.core.assist.Wedges;

/**
 * What stands by beside the means that bring the stem over.
 *
 * @param guy        against the side lean
 * @param fallback   what is used when it does not move
 * @param wedges     that are at the stump
 * @param keepOpen   a wedge is pushed in by hand to keep the kerf open; it is not driven and nothing is counted on it
 */
public record Support(Optional<Guy> guy, Optional<Means> fallback, Wedges.Set wedges, boolean keepOpen) {
    public static final Support NONE = new Support(Optional.empty(), Optional.empty(), Wedges.Set.USUAL, false);
}
