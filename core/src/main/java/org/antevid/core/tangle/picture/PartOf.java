package org.antevid.core.tangle.picture;

import java.util.Set;
import org.antevid.core.message.Code;
import org.antevid.core.quantity.Require;

/**
 * A torn leader, a broken top or a big limb that is recorded as a stem of its own: what it is part of, and where. While
 * its fibres hold, or nobody knows, it hangs on that stem and goes before it.
 *
 * @param stem label of the stem it is part of
 * @param atM where it was torn from it, metres along that stem from its foot, 0..60: its height while that stands
 */
public record PartOf(Kind kind, String stem, double atM) {
    private static final double MOST_M = 60;

    /** What it is. */
    public enum Kind {
        TORN_LEADER,
        BROKEN_TOP,
        BIG_LIMB
    }

    /** What is said of it. */
    public enum Said implements Code {
        TEAR_ON
    }

    /** @throws org.antevid.core.quantity.RefusedInput for a height outside its range */
    public PartOf {
        Require.within(atM, 0, MOST_M, "atM");
    }

    /**
     * @param taken labels of the job
     * @return what the next part of a stem is called: its label and the first free letter, b for the first
     */
    public static String nextLabel(String stem, Set<String> taken) {
        for (char letter = 'b'; letter <= 'z'; letter++) {
            if (!taken.contains(stem + letter)) {
                return stem + letter;
            }
        }
        return nextLabel(stem + 'z', taken);
    }
}
