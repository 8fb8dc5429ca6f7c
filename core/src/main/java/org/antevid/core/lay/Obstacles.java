package org.antevid.core.lay;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.retreat.EscapeRoutes;
import org.antevid.core.site.Feature;
import org.antevid.core.site.FeatureKind;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Site;
import org.antevid.core.site.Spot;
import org.antevid.core.site.StandingTree;
import org.antevid.core.stem.StemReading;

/** What bars a way on this place. */
public final class Obstacles {
    /** Nobody runs on ground steeper than this (judgement). */
    private static final double STEEPEST_WAY_DEG = 35;

    /** What lies farther off bars nobody's way. */
    private static final double NEAR_M = 20;

    private Obstacles() {}

    /**
     * What bars the cutter: things on the place, a loaded rope, ground too steep to run on. In the frame of the stump.
     */
    static List<EscapeRoutes.Obstacle> ofTheCutter(StemReading stem, LayChoice choice, Site site) {
        List<EscapeRoutes.Obstacle> all = new ArrayList<>(around(site, stem));
        Means means = choice.means().aimed(stem.at(), choice.layDeg(), choice.cutHeightM(), site);
        if (means.isLine() && means.stand().isPresent()) {
            Spot stand = means.stand().get();
            List<Spot> rope = new ArrayList<>(List.of(
                    new Spot(0, 0).at(stem.at().bearingTo(stand), 1.5),
                    new Spot(
                            stand.eastM() - stem.at().eastM(),
                            stand.northM() - stem.at().northM())));
            means.puller()
                    .ifPresent(p -> rope.add(new Spot(
                            p.eastM() - stem.at().eastM(),
                            p.northM() - stem.at().northM())));
            all.add(new EscapeRoutes.Obstacle(Arg.said(Message.of(EscapeRoutes.Bar.LOADED_ROPE)), Shape.line(rope)));
        }
        for (int east = -12; east <= 12; east += 2) {
            for (int north = -12; north <= 12; north += 2) {
                if (site.groundAt(new Spot(stem.at().eastM() + east, stem.at().northM() + north))
                                .slopeDeg()
                        > STEEPEST_WAY_DEG) {
                    all.add(new EscapeRoutes.Obstacle(
                            Arg.said(Message.of(EscapeRoutes.Bar.SLOPE_EDGE)), Shape.disc(new Spot(east, north), 1.2)));
                }
            }
        }
        return all;
    }

    /**
     * @return what bars the way, in the frame of the stump: features, every other trunk, stump and lying stem, ground
     *     another stem endangers
     */
    public static List<EscapeRoutes.Obstacle> around(Site site, StemReading own) {
        return around(site, own.at(), own.label());
    }

    /** The same round any spot, no trunk left out. */
    public static List<EscapeRoutes.Obstacle> around(Site site, Spot from) {
        return around(site, from, "");
    }

    private static List<EscapeRoutes.Obstacle> around(Site site, Spot from, String own) {
        List<EscapeRoutes.Obstacle> obstacles = new ArrayList<>();
        for (Feature f : site.features()) {
            if (f.kind().barsTheWay() && f.shape().distanceTo(from) < NEAR_M) {
                Shape seen = f.shape().seenFrom(from);
                obstacles.add(new EscapeRoutes.Obstacle(
                        f.name(),
                        f.kind() == FeatureKind.OTHER_TREE && !f.shape().hasArea() ? seen.grown(Site.TRUNK_M) : seen));
            }
        }
        Set<String> measured = site.trees().stream().map(StandingTree::label).collect(Collectors.toSet());
        site.trees().stream()
                .filter(t -> !t.label().equals(own) && t.at().distanceTo(from) < NEAR_M)
                .forEach(t -> obstacles.add(new EscapeRoutes.Obstacle(
                        t.label(),
                        Shape.disc(
                                new Spot(t.at().eastM() - from.eastM(), t.at().northM() - from.northM()),
                                t.dbhM() / 2))));
        site.trunks().stream()
                .filter(t -> !t.label().equals(own)
                        && !measured.contains(t.label())
                        && t.shape().distanceTo(from) < NEAR_M)
                .forEach(t -> obstacles.add(
                        new EscapeRoutes.Obstacle(t.label(), t.shape().seenFrom(from))));
        for (Site.Danger d : site.dangers()) {
            obstacles.add(new EscapeRoutes.Obstacle(
                    Arg.said(Message.of(EscapeRoutes.Bar.BENEATH).with("stem", Arg.name(d.hung()))),
                    d.area().seenFrom(from)));
        }
        return obstacles;
    }
}
