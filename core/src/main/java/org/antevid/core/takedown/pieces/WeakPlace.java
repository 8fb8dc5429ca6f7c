package org.antevid.core.takedown.pieces;

import java.util.Optional;
import org.antevid.core.stem.DefectKind;
import org.antevid.core.takedown.spar.SparSection;

/**
 * A section of the stem that is looked at whenever something pulls at it: the foot, where a fault begins and is widest,
 * and below whatever a line is rigged to.
 *
 * @param defectId the fault; empty where there is none
 * @param fromM lower end of the fault
 */
public record WeakPlace(
        Part part,
        Optional<String> defectId,
        Optional<DefectKind> kind,
        double heightM,
        double fromM,
        SparSection.Wood wood) {
    /** What it is a section of. */
    public enum Part {
        FOOT,
        FAULT,
        /** Just below the block. */
        ANCHOR
    }

    /** @return whether nothing may hang above it and nobody: it is split or open */
    public boolean carriesNothing() {
        return wood.split() || wood.openingDeg() > 0;
    }
}
