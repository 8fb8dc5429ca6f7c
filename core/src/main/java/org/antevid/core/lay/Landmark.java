package org.antevid.core.lay;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.quantity.Require;
import org.antevid.core.site.Feature;
import org.antevid.core.site.Site;
import org.antevid.core.site.Spot;
import org.antevid.core.site.StandingTree;

/**
 * Something a lay can be sighted by: "aim 0.6 m left of the gate post". Source: geometry.
 *
 * @param distanceM from the stump
 * @param offM where the lay passes it, right of it positive, metres at its distance
 */
public record Landmark(String name, Spot at, double distanceM, double offM) {
    private static final double WITHIN_DEG = 15;
    private static final double NEAREST_M = 4;
    private static final double FARTHEST_M = 150;
    private static final int SHOWN = 4;

    /**
     * @return landmarks ahead that nobody is to move or take down, the closest to the line of sight first, at most four
     */
    public static List<Landmark> ahead(Spot stump, double layDeg, Site site, String own) {
        List<Landmark> all = new ArrayList<>();
        for (Feature f : site.features()) {
            if (f.protection().removesTarget()) {
                continue;
            }
            Spot middle = f.shape().round().map(r -> r.centre()).orElseGet(f.shape()::mark);
            Stream<Spot> points = f.shape().round().isPresent() ? Stream.of(middle) : f.shape().outline().stream();
            points.distinct()
                    .map(p -> at(
                            stump,
                            layDeg,
                            f.shape().round().isPresent()
                                    ? f.name()
                                    : f.name() + ", " + quarter(middle.bearingTo(p))
                                            + (f.shape().hasArea() ? " corner" : " point"),
                            p))
                    .forEach(all::add);
        }
        for (StandingTree t : site.trees()) {
            if (!t.label().equals(own)) {
                all.add(at(stump, layDeg, t.label(), t.at()));
            }
        }
        return all.stream()
                .filter(l -> l.distanceM >= NEAREST_M
                        && l.distanceM <= FARTHEST_M
                        && Math.abs(Azimuth.turn(layDeg, stump.bearingTo(l.at))) <= WITHIN_DEG)
                .sorted(Comparator.comparingDouble(l -> Math.abs(l.offM)))
                .limit(SHOWN)
                .toList();
    }

    private static Landmark at(Spot stump, double layDeg, String name, Spot at) {
        double distance = stump.distanceTo(at);
        return new Landmark(
                name,
                at,
                distance,
                distance
                        * Math.tan(Math.toRadians(
                                Math.max(-89, Math.min(89, Azimuth.turn(stump.bearingTo(at), layDeg))))));
    }

    /**
     * @param offM right of the landmark positive, at most its distance
     * @return the lay that passes a landmark so far off, 0..360
     * @throws org.antevid.core.quantity.RefusedInput when the landmark is the stump itself
     */
    public static double layPast(Spot stump, Spot landmark, double offM) {
        double distance = Require.within(stump.distanceTo(landmark), 1, 500, "landmark");
        Require.within(offM, -distance, distance, "offM");
        return Azimuth.normal(stump.bearingTo(landmark) + Math.toDegrees(Math.atan(offM / distance)));
    }

    /** @return "0.6 m left of the gate post", to the decimetre nearest: it is an aim, not a bound */
    public String words() {
        return Math.abs(offM) < 0.05
                ? "straight at: " + name
                : String.format(Locale.ROOT, "%.1f m %s of: %s", Math.abs(offM), offM > 0 ? "right" : "left", name);
    }

    private static String quarter(double azimuthDeg) {
        String[] words = {"north", "north-east", "east", "south-east", "south", "south-west", "west", "north-west"};
        return words[(int) Math.round(Azimuth.normal(azimuthDeg) / 45) % 8];
    }
}
