package org.antevid.core.stem;

import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;

/**
 * Lean of a stem in the plane of one photo, against something plumb beside it in the same picture. Two photos, best
 * square to each other, make a lean. Source: geometry; what a tilted camera does to lines that stand apart is in the
 * sigma (judgement).
 *
 * @param deg to the right of the plumb line positive
 */
public record LeanByPhoto(double deg, double sigmaDeg) {
    private static final double CAMERA_SIGMA_DEG = 0.8;
    private static final double SHORTEST = 0.1;
    private static final double MOST_DEG = 60;

    /**
     * @param low lower end of what is plumb, {@code high} its upper end
     * @param aspect width of the picture over its height, 0.3..4
     * @throws RefusedInput where a line is short, stands on its head, or leans by more than 60 degrees
     */
    public static LeanByPhoto of(PictureSpot foot, PictureSpot top, PictureSpot low, PictureSpot high, double aspect) {
        Require.within(aspect, 0.3, 4, "aspect");
        if (top.y() < foot.y() + SHORTEST || high.y() < low.y() + SHORTEST) {
            throw new RefusedInput(Refusal.LINE_TOO_SHORT, "top_y");
        }
        double deg = turnDeg(foot, top, aspect) - turnDeg(low, high, aspect);
        if (Math.abs(deg) > MOST_DEG) {
            throw new RefusedInput(Refusal.PHOTO_DOES_NOT_FIT, "top_y");
        }
        double touches = Math.toDegrees(Math.hypot(touchRad(foot, top), touchRad(low, high)));
        return new LeanByPhoto(deg, Math.hypot(CAMERA_SIGMA_DEG, touches));
    }

    private static double turnDeg(PictureSpot from, PictureSpot to, double aspect) {
        return Math.toDegrees(Math.atan2(aspect * (to.x() - from.x()), to.y() - from.y()));
    }

    private static double touchRad(PictureSpot from, PictureSpot to) {
        return Math.sqrt(2) * PictureSpot.TOUCH_SIGMA / (to.y() - from.y());
    }
}
