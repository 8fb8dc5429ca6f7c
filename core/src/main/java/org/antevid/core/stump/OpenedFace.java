package org.antevid.core.stump;

import java.util.Arrays;
import java.util.List;
import org.antevid.core.message.Code;
import org.antevid.core.quantity.Require;
import org.antevid.core.quantity.Rounding;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Hollow;

/**
 * What the opened face showed along the hinge line: the cut is computed anew with it. Corners and wood share decide;
 * the section modulus flatters. What lies behind the face nobody has seen: no more is counted than was found. Practice
 * rule; geometry for what is left.
 *
 * @param soundLeftM sound wood from the left bark inward, metres, 0..2.5
 * @param soundRightM the same from the right
 * @param wood of what is sound
 */
public record OpenedFace(double soundLeftM, double soundRightM, Condition wood) {
    public OpenedFace {
        Require.within(soundLeftM, 0, 2.5, "soundLeftM");
        Require.within(soundRightM, 0, 2.5, "soundRightM");
    }

    /** How the wood of an opened face looks, for one tap; what that says of its strength errs to the safe side. */
    public enum Look implements Code {
        BRIGHT(Condition.SOUND),
        /** stained and still hard to the saw: counted as recently dead wood (judgement) */
        STAINED(Condition.DEAD_RECENT),
        BROWN_OR_SOFT(Condition.DECAYED);

        private final Condition wood;

        Look(Condition wood) {
            this.wood = wood;
        }

        public Condition wood() {
            return wood;
        }
    }

    /** Shares of half the hinge that are told at a glance. */
    private static final double[] GLANCES = {1, 0.75, 0.5, 0.25, 0};

    /**
     * @return sound wood from one side inward as it is offered for one tap, metres, most first: all of it, then whole
     *     centimetres of three quarters, half, a quarter and none of half the hinge
     */
    public static List<Double> offeredM(double hingeLengthM) {
        double half = hingeLengthM / 2;
        return Arrays.stream(GLANCES)
                .mapToObj(g -> g == 1 ? half : Rounding.down(g * half, 2))
                .distinct()
                .toList();
    }

    /** @return whether it counts more wood anywhere than another reading of the same face */
    public boolean moreThan(OpenedFace other) {
        return soundLeftM > other.soundLeftM || soundRightM > other.soundRightM || wood.factor() > other.wood.factor();
    }

    /** @param sideShare side capacity left of the hinge, 0..1 */
    public record WoodLeft(double leftM, double rightM, double woodShare, double sideShare, Hollow.Result result) {}

    /** @return what is left of this card's hinge */
    public WoodLeft of(CutCard card) {
        double chord = card.hingeLengthM();
        double half = chord / 2;
        boolean whole = soundLeftM + soundRightM >= chord;
        double left = whole ? half : Math.min(soundLeftM, half);
        double right = whole ? half : Math.min(soundRightM, half);
        double share = (left + right) / chord;
        return new WoodLeft(
                left,
                right,
                share,
                Hollow.sideShare(left, right, half),
                Hollow.byCorners(share, Math.min(left, right), card.dLayM()));
    }
}
