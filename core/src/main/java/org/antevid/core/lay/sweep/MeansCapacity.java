package org.antevid.core.lay.sweep;

import java.util.Optional;
import org.antevid.core.stump.CutCard;

/** What the means can put against a backward moment on a lay, N m; empty when not known. */
@FunctionalInterface
public interface MeansCapacity {
    Optional<Double> nm(double layDeg, CutCard card, double backHighNm);

    /** @return moment to the right that pulling against {@code backHighNm} off the lay puts on the hinge */
    default double sideNm(double layDeg, CutCard card, double backHighNm) {
        return 0;
    }

    /**
     * @return moment toward the lay that a line puts on while it is cut: all that is pulled when it is drawn as the
     *     kerf opens, else what it needs
     */
    default double forwardNm(double layDeg, CutCard card, double backHighNm) {
        return 0;
    }
}
