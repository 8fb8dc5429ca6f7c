package org.antevid.core.stem;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Shown;
import org.antevid.core.message.Side;

/**
 * The stem as it stands, from foot to tip, by the taper its mass is computed from, and where its crown begins.
 *
 * @param stem from the ground up
 * @param crownFromM above ground: measured, else the half of the height its mass and wind are computed with
 * @param crownAssumed nobody measured where the crown begins
 */
public record Outline(
        List<Point> stem,
        @Shown(in = Dimension.LENGTH, to = Side.NEAREST) double crownFromM,
        boolean crownAssumed) {
    private static final int STEPS = 12;
    private static final double CROWN_SHARE = 0.5;

    /** @param halfM half the diameter at this height */
    public record Point(double upM, double halfM) {}

    /** @return empty while diameter or height is not known */
    public static Optional<Outline> of(StemReading s) {
        return s.dbh().flatMap(d -> s.height().map(h -> {
            double height = h.value();
            double foot = d.value() / 2 / Math.sqrt(s.shape().areaShare(Diameter.BREAST_M / height));
            List<Point> points = new ArrayList<>();
            for (int i = 0; i <= STEPS; i++) {
                points.add(
                        new Point(height * i / STEPS, foot * Math.sqrt(s.shape().areaShare((double) i / STEPS))));
            }
            Optional<Double> base = s.more().crownBaseM().filter(b -> b < height);
            return new Outline(List.copyOf(points), base.orElse(CROWN_SHARE * height), base.isEmpty());
        }));
    }
}
