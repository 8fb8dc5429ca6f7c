package org.antevid.app.run.web;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.antevid.app.reader.Speech;
import org.antevid.app.run.Instruments;
import org.antevid.app.run.RunFacts;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.run.watch.BeaconWatch;
import org.antevid.core.run.watch.WatchKind;
import org.antevid.core.run.watch.WatchState;
import org.antevid.core.site.Spot;

/**
 * One instrument in use, at this moment.
 *
 * @param who carries it, of a beacon
 * @param value with its uncertainty; empty of a beacon and while not known
 * @param share of the limit, 0 to 1; empty where there is none or nothing is known
 * @param at when it was last heard; empty while it never was
 * @param fix where a beacon was last heard, however long ago
 */
record WatchView(
        String id,
        WatchKind kind,
        Message name,
        Optional<String> personId,
        Optional<String> who,
        WatchState state,
        Message says,
        Optional<String> value,
        Optional<Double> share,
        boolean simulated,
        Optional<Instant> at,
        Optional<FixView> fix) {
    /** @param sigmaM of east and north each */
    record FixView(Spot at, double sigmaM) {}

    static List<WatchView> of(RunFacts.Watch watch) {
        return watch.now().stream().map(WatchView::of).toList();
    }

    private static WatchView of(Instruments.Now n) {
        return new WatchView(
                n.inUse().id(),
                n.inUse().kind(),
                n.inUse().kind().called(n.inUse().number(), n.inUse().person()),
                n.inUse().personId(),
                n.inUse().person(),
                n.watched().state(),
                n.watched().says(),
                n.watched().valueN().map(v -> Speech.words().plusMinus(Dimension.FORCE, v)),
                n.watched().share(),
                n.simulated(),
                n.at(),
                n.fix().map(WatchView::of));
    }

    private static FixView of(BeaconWatch.Fix fix) {
        return new FixView(fix.at(), fix.sigmaM());
    }
}
