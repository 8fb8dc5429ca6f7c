package org.antevid.core.cutting;

import java.util.Optional;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.message.Side;

/**
 * One measure of the cut card, as the person who cuts needs it.
 *
 * @param value metres inside the bark; degrees for the face
 * @param outside from the outside of the bark, as a tape lies, metres; empty where bark does not matter or nobody
 *     looked at it
 * @param rule what the rule of the type of cut says, in the unit of the value
 * @param own the leader set it himself
 * @param side to which it is rounded when it is said: what is left thicker can still be thinned, what is cut deeper
 *     cannot be put back
 * @param off what a centimetre off does; empty for what nobody sets
 */
public record Measure(
        Key key, double value, Optional<Double> outside, double rule, boolean own, Side side, Optional<Message> off) {
    /** What is measured. */
    public enum Key {
        DEPTH,
        FACE,
        MOUTH,
        HINGE_LEFT,
        HINGE_RIGHT,
        HINGE_LENGTH,
        STEP,
        BORE_FROM,
        BORE,
        STRAP;

        /** @return what its values measure */
        public Dimension dimension() {
            return this == FACE ? Dimension.OPENING : Dimension.SAWN;
        }
    }

    /** @return the measure as it is said */
    public Arg.Amount shown() {
        return amount(value);
    }

    public Optional<Arg.Amount> shownOutside() {
        return outside.map(this::amount);
    }

    public Arg.Amount shownRule() {
        return amount(rule);
    }

    private Arg.Amount amount(double of) {
        return new Arg.Amount(key.dimension(), of, side);
    }
}
