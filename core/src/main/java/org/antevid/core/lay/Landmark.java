package org.antevid.core.lay;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Code;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.quantity.Compass;
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
public record Landmark(Arg name, Spot at, double distanceM, double offM) {
    private static final double WITHIN_DEG = 15;
    private static final double NEAREST_M = 4;
    private static final double FARTHEST_M = 150;
    private static final int SHOWN = 4;
    private static final double STRAIGHT_M = 0.05;

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
                            f.shape().round().isPresent() ? Arg.name(f.name()) : corner(f, middle.bearingTo(p)),
                            p))
                    .forEach(all::add);
        }
        for (StandingTree t : site.trees()) {
            if (!t.label().equals(own)) {
                all.add(at(stump, layDeg, Arg.name(t.label()), t.at()));
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

    private static Landmark at(Spot stump, double layDeg, Arg name, Spot at) {
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

    /** @return how the lay passes it, to the decimetre nearest: it is an aim, not a bound */
    public Message says() {
        return Message.of(Aim.LANDMARK)
                .with(
                        "off",
                        Math.abs(offM) < STRAIGHT_M
                                ? Optional.empty()
                                : Optional.of(Arg.of(Dimension.LENGTH, Math.abs(offM))))
                .with("right", Arg.flag(offM > 0))
                .with("name", name);
    }

    private static Arg corner(Feature f, double azimuthDeg) {
        return Arg.said(Message.of(Aim.CORNER)
                .with("name", Arg.name(f.name()))
                .with("side", Arg.term(Compass.of(azimuthDeg)))
                .with("corner", Arg.flag(f.shape().hasArea())));
    }

    private enum Aim implements Code {
        LANDMARK,
        CORNER
    }
}
