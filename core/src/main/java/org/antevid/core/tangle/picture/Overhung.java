package org.antevid.core.tangle.picture;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.core.site.Feature;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Spot;

/** What is beneath a place somebody taps: a stem, a thing of the place, or open ground. */
public final class Overhung {
    /** A tap with a glove is this far off at most, metres. */
    private static final double TAP_M = 1;

    private Overhung() {}

    private record Candidate(String id, double distanceM) {}

    /**
     * @param stems where each lies or stands, by label
     * @return label of the stem or id of the thing that was tapped: the nearest, a stem before a thing; empty for open
     *     ground
     */
    public static Optional<String> at(Spot tapped, Map<String, Shape> stems, List<Feature> things) {
        return nearest(stems.entrySet().stream()
                        .map(s -> new Candidate(s.getKey(), s.getValue().distanceTo(tapped))))
                .or(() -> nearest(
                        things.stream().map(f -> new Candidate(f.id(), f.shape().distanceTo(tapped)))));
    }

    private static Optional<String> nearest(Stream<Candidate> all) {
        return all.filter(c -> c.distanceM <= TAP_M)
                .min(Comparator.comparingDouble(Candidate::distanceM).thenComparing(Candidate::id))
                .map(Candidate::id);
    }
}
