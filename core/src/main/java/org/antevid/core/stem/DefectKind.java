package org.antevid.core.stem;

import java.util.Optional;

/** Faults a stem can have. Those of the wood low on the stem change what the hinge may count on. */
public enum DefectKind {
    DEAD_TOP("dead top", null), HANGING_LIMB("hanging or loose limb", null), SPLIT_UNION("split union", Condition.UNRELIABLE),
    INCLUDED_BARK("fork with bark in the seam", null), CRACK("crack", Condition.UNRELIABLE), CAVITY("cavity", Condition.DECAYED),
    FUNGUS("fungus bracket", Condition.DECAYED), LIFTED_ROOT_PLATE("lifted root plate", Condition.UNRELIABLE),
    BROKEN_BASE("broken at the base", Condition.UNRELIABLE), METAL("metal in the wood", null), VINE("vine or tied crown", null),
    OTHER("something else", null);

    private final String words;
    private final Condition atTheHinge;

    DefectKind(String words, Condition atTheHinge) {
        this.words = words;
        this.atTheHinge = atTheHinge;
    }

    public String words() {
        return words;
    }

    /** @return what the hinge's wood must be taken for when the fault is at the height of the cut */
    public Optional<Condition> atTheHinge() {
        return Optional.ofNullable(atTheHinge);
    }
}
