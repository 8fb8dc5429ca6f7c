package org.antevid.core.learn;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.core.outcome.Control;
import org.antevid.core.outcome.Explanation;
import org.antevid.core.outcome.StumpReading;

/**
 * A cause that may be said of a fall, with what stands behind it. Nothing is ruled out: people saw more than was read.
 *
 * @param share what the stump says of it, where it was read
 * @param seen what became of the fall, or what the wood of the stump looks like, says so itself
 */
public record Support(CauseKind cause, Optional<Explanation.Share> share, boolean seen) {
    /** @return every cause, those first that something stands behind, the larger share before the smaller */
    public static List<Support> of(Explanation explained, Optional<Control> control, StumpReading stump) {
        return Stream.of(CauseKind.values())
                .map(c -> new Support(
                        c,
                        explained.shares().stream()
                                .filter(s ->
                                        c.read().filter(r -> r == s.cause()).isPresent())
                                .findFirst(),
                        control.filter(c::seenIn).isPresent() || c.seenIn(stump)))
                .sorted(Comparator.comparingDouble(Support::weight).reversed())
                .toList();
    }

    /** @return whether something that was read or seen points to it */
    public boolean stands() {
        return seen || share.filter(s -> s.says() == Explanation.Says.AGREES).isPresent();
    }

    private double weight() {
        return (seen ? 1000 : 0)
                + share.filter(s -> s.says() == Explanation.Says.AGREES)
                        .map(s -> 1 + Math.abs(s.deg()))
                        .orElse(0.0);
    }
}
