package org.antevid.core.site;

import java.util.List;
import java.util.stream.Stream;

/**
 * The place: the ground's shape, how it is today, everything recorded on it, and the trees that stand. A target missing
 * from the list is the commonest error.
 *
 * @param trees stems that stand and are measured far enough to say how badly another hangs up in them
 * @param dangers ground nobody may cross because of another stem
 */
public record Site(
        Terrain terrain,
        Today today,
        List<Feature> features,
        List<StandingTree> trees,
        List<Danger> dangers,
        List<Trunk> trunks) {
    /** Radius of a standing trunk nobody measured, metres (judgement). */
    public static final double TRUNK_M = 0.25;

    /** A trunk, a stump or a lying stem that bars a way, whether or not it was measured. */
    public record Trunk(String label, Shape shape) {}

    /**
     * Ground that another stem endangers.
     *
     * @param hung label of the stem that hangs over it
     */
    public record Danger(String hung, Shape area) {}

    public Site {
        features = List.copyOf(features);
        trees = List.copyOf(trees);
        dangers = List.copyOf(dangers);
        trunks = List.copyOf(trunks);
    }

    public Site(Terrain terrain, Today today, List<Feature> features, List<StandingTree> trees, List<Danger> dangers) {
        this(terrain, today, features, trees, dangers, List.of());
    }

    public Site(Terrain terrain, Today today, List<Feature> features) {
        this(terrain, today, features, List.of(), List.of());
    }

    /** A place on one plane on a still day. */
    public Site(Ground ground, List<Feature> features) {
        this(Terrain.plane(ground), Today.STILL, features);
    }

    public Site with(List<StandingTree> standing) {
        return new Site(terrain, today, features, standing, dangers, trunks);
    }

    public Site withDangers(List<Danger> others) {
        return new Site(terrain, today, features, trees, others, trunks);
    }

    /** @return the same with what bars ways out, measured or not */
    public Site withTrunks(List<Trunk> all) {
        return new Site(terrain, today, features, trees, dangers, all);
    }

    /** @return the same with the gust that is measured now */
    public Site withGust(double gustMs) {
        return new Site(terrain, today.withGust(gustMs), features, trees, dangers, trunks);
    }

    /**
     * @return how far the ground falls from one spot to another, metres: from measured heights, else along the plane of
     *     the first
     */
    public double fallM(Spot from, Spot to) {
        return terrain.heightM(from)
                .flatMap(a -> terrain.heightM(to).map(b -> a - b))
                .orElseGet(() -> from.distanceTo(to)
                        * Math.tan(Math.toRadians(groundAt(from).alongDeg(from.bearingTo(to)))));
    }

    /** @return the slope that counts at this spot */
    public Ground groundAt(Spot spot) {
        return terrain.groundAt(spot);
    }

    public Stream<Feature> targets() {
        return features.stream().filter(f -> f.worth() > 0);
    }
}
