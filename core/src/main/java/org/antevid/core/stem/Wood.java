package org.antevid.core.stem;

import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.core.quantity.Azimuth;

/**
 * Condition of the wood by place. Left and right corner and back are meant for one lay; for another lay nobody knows
 * which wood becomes a corner, so the worst of the outer wood counts there. The hinge takes the corners, the strap the
 * back, overhead rules the crown; a rotten core between sound corners is no rotten hinge.
 *
 * @param facingDeg the lay that left, right and back were read for; empty when read for none
 */
public record Wood(
        Condition left, Condition right, Condition back, Condition core, Condition crown, Optional<Double> facingDeg) {
    /** A lay within this of the one read for has the same corners (judgement). */
    private static final double SAME_CORNERS_DEG = 30;

    public static Wood all(Condition c) {
        return new Wood(c, c, c, c, c, Optional.empty());
    }

    /** @return whether somebody has looked at all of it */
    public boolean seen() {
        return Stream.of(left, right, back, core, crown).noneMatch(c -> c == Condition.UNSEEN);
    }

    private boolean readFor(double layDeg) {
        return facingDeg
                .filter(f -> Math.abs(Azimuth.turn(f, layDeg)) <= SAME_CORNERS_DEG)
                .isPresent();
    }

    /**
     * @return wood at the left end of this lay's hinge; the worst of the outer wood where nobody read it for such a lay
     */
    public Condition left(double layDeg) {
        return readFor(layDeg) ? left : outer();
    }

    public Condition right(double layDeg) {
        return readFor(layDeg) ? right : outer();
    }

    /** @return how far it may have dried, which makes it lighter than green wood */
    public StemMass.Dryness dryness() {
        Condition outer = outer();
        return outer == Condition.DEAD_OLD
                ? StemMass.Dryness.OLD
                : outer == Condition.DEAD_RECENT ? StemMass.Dryness.RECENT : StemMass.Dryness.GREEN;
    }

    /** @return wood that the hinge's ends are made of */
    public Condition corners(double layDeg) {
        return readFor(layDeg) ? worst(left, right) : outer();
    }

    /** @return wood that a strap would be left of */
    public Condition strap(double layDeg) {
        return readFor(layDeg) ? back : outer();
    }

    /** @return the worst of the outer wood, for a question that knows no lay */
    public Condition outer() {
        return worst(worst(left, right), back);
    }

    /** @return what holds least; what is known to hold nothing goes before what nobody has looked at */
    public static Condition worst(Condition a, Condition b) {
        boolean known = a == Condition.UNSEEN && b.factor() <= a.factor();
        return known || b.factor() < a.factor() ? b : a;
    }
}
