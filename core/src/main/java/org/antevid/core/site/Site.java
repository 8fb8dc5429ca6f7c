package org.antevid.core.site;

import java.util.List;
import java.util.stream.Stream;

/** The place: ground and everything recorded on it. A target missing from the list is the commonest error. */
public record Site(Ground ground, List<Feature> features) {
    public Site {
        features = List.copyOf(features);
    }

    public Stream<Feature> targets() {
        return features.stream().filter(f -> f.worth() > 0);
    }
}
