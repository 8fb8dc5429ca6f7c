package org.antevid.core.site;

import java.util.List;
import java.util.stream.Stream;

/** The place: the ground's shape, how it is today, and everything recorded on it. A target missing from the list is the commonest error. */
public record Site(Terrain terrain, Today today, List<Feature> features) {
    public Site {
        features = List.copyOf(features);
    }

    /** A place on one plane on a still day. */
    public Site(Ground ground, List<Feature> features) {
        this(Terrain.plane(ground), Today.STILL, features);
    }

    /** @return the slope that counts at this spot */
    public Ground groundAt(Spot spot) {
        return terrain.groundAt(spot);
    }

    public Stream<Feature> targets() {
        return features.stream().filter(f -> f.worth() > 0);
    }
}
