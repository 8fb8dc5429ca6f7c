package org.antevid.core.takedown.pieces;

import java.util.Optional;
import org.antevid.core.takedown.spar.Point;
import org.antevid.core.takedown.spar.SparLoad;

/**
 * A piece as it hangs on its line or lies over its hinge.
 *
 * @param tie the knot, {@code block} where the line turns
 * @param hangsM its lowest end below its centre once it hangs
 * @param swingDeg line from straight down as it lets go
 * @param push on the stem while a top goes over
 * @param drift how it is drawn across; empty where it is not
 */
record Hung(
        Way way,
        double massKg,
        double highKg,
        Point com,
        Point tie,
        Point block,
        double hangsM,
        double swingDeg,
        Optional<SparLoad.Force> push,
        Optional<Drift> drift) {
    double blockM() {
        return block.z();
    }

    double legM() {
        return tie.minus(block).size();
    }
}
