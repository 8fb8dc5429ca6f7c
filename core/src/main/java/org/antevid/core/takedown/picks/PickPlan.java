package org.antevid.core.takedown.picks;

import java.util.List;
import java.util.Optional;
import org.antevid.core.takedown.Finding;
import org.antevid.core.takedown.crane.Balance;
import org.antevid.core.takedown.crane.LandingFit;
import org.antevid.core.takedown.crane.Pick;
import org.antevid.core.takedown.crane.PretensionWindow;
import org.antevid.core.takedown.crane.SlewWay;
import org.antevid.core.takedown.crane.SlingLegs;

/**
 * One piece on the hook.
 *
 * @param number its turn among the pieces
 * @param factor the readings say of its group
 * @param lowKg, bestKg, highKg what it may weigh
 * @param comM its centre of mass from the cut, {@code thickM} its diameter there
 * @param slings where it is slung, from the cut; none in a grab
 * @param way empty while crane and landing are not set, as all that follows from them
 * @param blockedBy what its load must not pass over, {@code over} what it is picked or laid down over
 * @param pick empty without a chart, or outside it
 */
public record PickPlan(
        int number,
        LoadGroup group,
        double factor,
        double lowKg,
        double bestKg,
        double highKg,
        double comM,
        double thickM,
        List<Double> slings,
        Optional<SlewWay> way,
        List<String> blockedBy,
        List<String> over,
        Optional<Pick> pick,
        Optional<PretensionWindow> window,
        Optional<Balance> balance,
        Optional<SlingLegs> legs,
        Optional<LandingFit> landing,
        List<CraneRemark> remarks) {
    public PickPlan {
        slings = List.copyOf(slings);
        blockedBy = List.copyOf(blockedBy);
        over = List.copyOf(over);
        remarks = List.copyOf(remarks);
    }

    public Finding level() {
        return CranePlan.worst(remarks);
    }
}
