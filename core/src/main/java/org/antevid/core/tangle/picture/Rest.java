package org.antevid.core.tangle.picture;

import java.util.Optional;
import org.antevid.core.tangle.beam.Support;

/**
 * A place where a stem touches something.
 *
 * @param stem label of the stem
 * @param xM along it from the butt
 * @param other label of the tree or stem, id of the feature; empty for ground and own stump
 * @param side below: it rests on it; above: it lies on the stem
 * @param gapM not yet touching by so much; negative: pressing
 * @param fibres whether the torn stump still holds; of the own stump only
 */
public record Rest(
        String id,
        String stem,
        double xM,
        On on,
        Optional<String> other,
        Support.Side side,
        double gapM,
        Optional<Fibres> fibres,
        Certainty certainty) {
    /** What it touches. */
    public enum On {
        GROUND,
        /** of a part: the tear on what it is part of */
        OWN_STUMP,
        FORK,
        STEM,
        FEATURE;

        /** @return whether it is something that is named */
        public boolean named() {
            return this == FORK || this == STEM || this == FEATURE;
        }
    }

    /** Whether the fibres of a torn stump hold. */
    public enum Fibres {
        HOLD,
        PARTLY,
        TORN
    }

    /** How it is known. */
    public enum Certainty {
        SEEN,
        FELT,
        SUPPOSED
    }

    /** @return whether it lies at its own stump, or at what it was part of, with no fibre left */
    boolean torn() {
        return on == On.OWN_STUMP && fibres.filter(f -> f == Fibres.TORN).isPresent();
    }

    Support support() {
        Support.Kind kind =
                switch (on) {
                    case GROUND -> Support.Kind.GROUND;
                    case OWN_STUMP -> torn() ? Support.Kind.GROUND : Support.Kind.STUMP_HINGE;
                    case FORK -> Support.Kind.FORK;
                    case STEM -> Support.Kind.OTHER_STEM;
                    case FEATURE -> Support.Kind.ROOF;
                };
        Support.Axial axial = on == On.OWN_STUMP && kind == Support.Kind.GROUND ? Support.Axial.STOP : kind.axial();
        return new Support(xM, kind, side, gapM, kind.stiffnessNm(), kind.mu(), axial);
    }
}
