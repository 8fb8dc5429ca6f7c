package org.antevid.core.stump;

import org.antevid.core.quantity.Require;
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
