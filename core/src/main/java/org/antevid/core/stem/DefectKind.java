package org.antevid.core.stem;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Faults a stem can have. Those of the wood low on the stem change what the hinge may count on. */
public enum DefectKind {
    CRACK(Condition.UNRELIABLE, Tell.MOVES, Tell.HEALED),
    SPLIT_UNION(Condition.UNRELIABLE),
    INCLUDED_BARK(null),
    CAVITY(Condition.DECAYED),
    DECAY_POCKET(Condition.DECAYED),
    FUNGUS(Condition.DECAYED),
    SWOLLEN_BASE(Condition.DECAYED, Tell.SOUNDS_DULL, Tell.SOUNDS_CLEAR),
    DEAD_TOP(null),
    HANGING_LIMB(null),
    DEAD_LIMBS(null),
    LIGHTNING_SCAR(Condition.UNRELIABLE),
    FIRE_SCAR(Condition.DECAYED),
    METAL(null),
    WIRE_SWELLING(null),
    INSECTS(Condition.DECAYED, Tell.SOUNDS_DULL, Tell.SOUNDS_CLEAR),
    LOOSE_BARK(Condition.DECAYED, Tell.SOUNDS_DULL, Tell.SOUNDS_CLEAR),
    LIFTED_ROOT_PLATE(Condition.UNRELIABLE),
    SOIL_CRACKS(null, Tell.CURVED_ROUND_STEM, Tell.GROUND_MOVES, Tell.EDGE_LIFTED, Tell.CRACKS_EVERYWHERE),
    CUT_ROOTS(null),
    CANOPY_GAP(null),
    BENT_STEM(null),
    VINE(null),
    TIED_CROWN(null),
    UNDER_TENSION(null),
    PREVIOUS_CUTS(Condition.UNRELIABLE),
    BROKEN_BASE(Condition.UNRELIABLE),
    OTHER(null);

    private final @Nullable Condition atTheHinge;
    private final List<Tell> tells;

    DefectKind(@Nullable Condition atTheHinge, Tell... tells) {
        this.atTheHinge = atTheHinge;
        this.tells = List.of(tells);
    }

    /** @return what the hinge's wood must be taken for when the fault is at the height of the cut */
    public Optional<Condition> atTheHinge() {
        return Optional.ofNullable(atTheHinge);
    }

    /**
     * @return whether it stays on the side it shows on; a cavity, a bracket or a swollen base says nothing of how far
     *     the rot goes
     */
    public boolean local() {
        return this == DECAY_POCKET || this == FIRE_SCAR || this == INSECTS || this == LOOSE_BARK;
    }

    /** @return how far beyond what shows no cut goes, metres: metal reaches farther than it shows (judgement) */
    public double cutMarginM() {
        return this == METAL ? METAL_MARGIN_M : this == WIRE_SWELLING ? WIRE_MARGIN_M : 0;
    }

    private static final double METAL_MARGIN_M = 0.15;
    private static final double WIRE_MARGIN_M = 0.3;

    /** @return signs to look for that tell harmless from dangerous, empty for most kinds */
    public List<Tell> tells() {
        return tells;
    }

    /** @return whether loose wood of it can come down at a blow */
    public boolean loose() {
        return this == DEAD_TOP || this == HANGING_LIMB || this == DEAD_LIMBS;
    }

    /** @return whether it says that the roots may not hold */
    public boolean ofTheRoots() {
        return this == LIFTED_ROOT_PLATE || this == CUT_ROOTS || this == SOIL_CRACKS;
    }
}
