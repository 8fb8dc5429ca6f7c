package org.antevid.core.site;

import java.util.List;
import java.util.stream.Stream;

/**
 * The place: the ground's shape, how it is today, everything recorded on it, and the trees that stand. A target missing from the list is the commonest error.
 *
 * @param trees   stems that stand and are measured far enough to say how badly another hangs up in them
 * @param dangers ground nobody may cross because of another stem
 */
public record Site(Terrain terrain, Today today, List<Feature> features, List<StandingTree> trees, List<Danger> dangers) {
    /** Ground that another stem endangers. @param name as people say it, "beneath S2" */
    public record Danger(String name, Shape area) {
    }

    public Site {
        features = List.copyOf(features);
        trees = List.copyOf(trees);
        dangers = List.copyOf(dangers);
    }

    public Site(Terrain terrain, Today today, List<Feature> features) {
        this(terrain, today, features, List.of(), List.of());
    }

    /** A place on one plane on a still day. */
    public Site(Ground ground, List<Feature> features) {
        this(Terrain.plane(ground), Today.STILL, features);
    }

    public Site with(List<StandingTree> standing) {
        return new Site(terrain, today, features, standing, dangers);
    }

    public Site withDangers(List<Danger> others) {
        return new Site(terrain, today, features, trees, others);
    }

    /** @return the slope that counts at this spot */
    public Ground groundAt(Spot spot) {
        return terrain.groundAt(spot);
    }

    public Stream<Feature> targets() {
        return features.stream().filter(f -> f.worth() > 0);
    }
}
