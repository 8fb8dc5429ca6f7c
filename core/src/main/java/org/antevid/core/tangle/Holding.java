package org.antevid.core.tangle;

import java.util.Optional;
import org.antevid.core.stem.StemMass;

/**
 * A stem that is held while others of its ring are moved: it no longer has to go first. Practice rule: what holds it is
 * rated for one and a half times the whole stem at its heaviest, an upper bound of what it can come to carry.
 *
 * @param ratedN working load of what holds it, newton; empty when nobody read it
 * @param anchorSound the tree a chain goes to stays and has no defect; true where no tree is needed
 * @param who minds it, blank for nobody
 */
public record Holding(String stem, By by, Optional<Double> ratedN, boolean anchorSound, String who) {

    /** What holds it. */
    public enum By {
        MACHINE,
        CRANE,
        CHAIN_TO_TREE
    }

    /** Whether it counts. */
    public enum Verdict {
        HOLDS,
        NOBODY_NAMED,
        RATING_NOT_KNOWN,
        MASS_NOT_KNOWN,
        TOO_WEAK,
        ANCHOR_NOT_SOUND;

        public boolean holds() {
            return this == HOLDS;
        }
    }

    /** @return what it has to be rated for, newton; empty while the mass is not known */
    public static Optional<Double> neededN(Optional<Double> massHighKg) {
        return massHighKg.map(m -> Ways.WINCH_RESERVE * m * StemMass.G);
    }

    /** @param massHighKg of the stem at its heaviest */
    public Verdict verdict(Optional<Double> massHighKg) {
        if (who.isBlank()) {
            return Verdict.NOBODY_NAMED;
        }
        if (!anchorSound) {
            return Verdict.ANCHOR_NOT_SOUND;
        }
        if (ratedN.isEmpty()) {
            return Verdict.RATING_NOT_KNOWN;
        }
        return neededN(massHighKg)
                .map(n -> ratedN.get() >= n ? Verdict.HOLDS : Verdict.TOO_WEAK)
                .orElse(Verdict.MASS_NOT_KNOWN);
    }
}
