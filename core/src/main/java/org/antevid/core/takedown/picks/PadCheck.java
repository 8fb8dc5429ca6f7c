package org.antevid.core.takedown.picks;

import java.util.List;
import java.util.Optional;
import org.antevid.core.takedown.Finding;

/**
 * A pad and what it presses.
 *
 * @param number from 1
 * @param loadN on it at the worst place of any pick; empty while nothing is picked
 * @param pressureKpa under it
 * @param share of what the ground bears; empty on ground nobody knows
 * @param sideNeededM of a square pad
 * @param on what it stands on or in
 * @param edge name of the nearest bank, wall or house, {@code edgeM} from the pad's edge to it or to what was entered
 */
public record PadCheck(
        int number,
        Pad pad,
        Optional<Double> loadN,
        Optional<Double> pressureKpa,
        Optional<Double> share,
        Optional<Double> sideNeededM,
        Optional<String> edge,
        Optional<Double> edgeM,
        Optional<String> buried,
        Optional<String> on,
        List<CraneRemark> remarks) {
    public PadCheck {
        remarks = List.copyOf(remarks);
    }

    public Finding level() {
        return CranePlan.worst(remarks);
    }
}
