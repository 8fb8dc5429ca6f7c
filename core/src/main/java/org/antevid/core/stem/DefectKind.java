package org.antevid.core.stem;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Faults a stem can have. Those of the wood low on the stem change what the hinge may count on. */
public enum DefectKind {
    CRACK("crack", Condition.UNRELIABLE, Tell.MOVES, Tell.HEALED),
    SPLIT_UNION("split union", Condition.UNRELIABLE),
    INCLUDED_BARK("fork with bark in the seam", null),
    CAVITY("cavity", Condition.DECAYED),
    DECAY_POCKET("decay pocket", Condition.DECAYED),
    FUNGUS("fungus bracket", Condition.DECAYED),
    SWOLLEN_BASE("swollen base", Condition.DECAYED, Tell.SOUNDS_DULL, Tell.SOUNDS_CLEAR),
    DEAD_TOP("dead top", null),
    HANGING_LIMB("hanging or loose limb", null),
    DEAD_LIMBS("dead limbs", null),
    LIGHTNING_SCAR("lightning scar", Condition.UNRELIABLE),
    FIRE_SCAR("fire scar", Condition.DECAYED),
    METAL("metal in the wood", null),
    WIRE_SWELLING("swelling over wire", null),
    INSECTS("insect or woodpecker work", Condition.DECAYED, Tell.SOUNDS_DULL, Tell.SOUNDS_CLEAR),
    LOOSE_BARK("loose bark", Condition.DECAYED, Tell.SOUNDS_DULL, Tell.SOUNDS_CLEAR),
    LIFTED_ROOT_PLATE("lifted root plate", Condition.UNRELIABLE),
    SOIL_CRACKS(
            "cracks in the soil",
            null,
            Tell.CURVED_ROUND_STEM,
            Tell.GROUND_MOVES,
            Tell.EDGE_LIFTED,
            Tell.CRACKS_EVERYWHERE),
    CUT_ROOTS("cut or decayed roots", null),
    CANOPY_GAP("gap in the canopy", null),
    BENT_STEM("bent or twisted stem", null),
    VINE("vine", null),
    TIED_CROWN("crown tied to a neighbour", null),
    UNDER_TENSION("stem under tension", null),
    PREVIOUS_CUTS("earlier cuts", Condition.UNRELIABLE),
    BROKEN_BASE("broken at the base", Condition.UNRELIABLE),
    OTHER("something else", null);

    private final String words;
    private final @Nullable Condition atTheHinge;
    private final List<Tell> tells;

    DefectKind(String words, @Nullable Condition atTheHinge, Tell... tells) {
        this.words = words;
        this.atTheHinge = atTheHinge;
        this.tells = List.of(tells);
    }

    public String words() {
        return words;
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
