package org.antevid.core.site;

import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;

/**
 * How an own photo or drawing lies under the plan, from two points known in both. The picture is turned, scaled alike
 * in both directions and shifted; a photo taken at a slant stays wrong away from the two points.
 *
 * @param metresPerPixel scale
 * @param turnDeg clockwise turn of the picture, its top to the north at 0
 * @param origin where the picture's upper left corner comes to lie
 */
public record Underlay(double metresPerPixel, double turnDeg, Spot origin) {

    /** A point of a picture: pixels from the upper left corner, right and down. */
    public record Pixel(double x, double y) {}

    /** @throws RefusedInput when the two points are too close together to scale by */
    public static Underlay of(Pixel p1, Spot s1, Pixel p2, Spot s2) {
        double px = p2.x - p1.x;
        double py = -(p2.y - p1.y);
        double pixels = Math.hypot(px, py);
        double metres = s1.distanceTo(s2);
        if (pixels < 10 || metres < 1) {
            throw new RefusedInput(Refusal.TOO_CLOSE, "second");
        }
        double scale = metres / pixels;
        double turn = Math.toRadians(s1.bearingTo(s2)) - Math.atan2(px, py);
        double east = scale * (-p1.x * Math.cos(turn) + p1.y * Math.sin(turn));
        double north = scale * (p1.x * Math.sin(turn) + p1.y * Math.cos(turn));
        return new Underlay(
                scale,
                Math.toDegrees(Math.IEEEremainder(turn, 2 * Math.PI)),
                new Spot(s1.eastM() + east, s1.northM() + north));
    }

    /** @return where a point of the picture lies on the place */
    public Spot spot(Pixel p) {
        double a = Math.toRadians(turnDeg);
        double x = p.x * metresPerPixel;
        double y = -p.y * metresPerPixel;
        return new Spot(
                origin.eastM() + x * Math.cos(a) + y * Math.sin(a),
                origin.northM() - x * Math.sin(a) + y * Math.cos(a));
    }
}
