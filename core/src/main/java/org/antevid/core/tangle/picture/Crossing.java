package org.antevid.core.tangle.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.antevid.core.site.Spot;

/**
 * Two stems that cross on the plan.
 *
 * @param apartM between their axes, up and down
 */
public record Crossing(String upper, String lower, Spot at, double apartM) {
    private static final double PARALLEL = 1e-6;

    /** @return every pair that crosses, by which of them is above there */
    static List<Crossing> among(List<Member> members) {
        List<Crossing> found = new ArrayList<>();
        for (int i = 0; i < members.size(); i++) {
            for (int k = i + 1; k < members.size(); k++) {
                crossing(members.get(i), members.get(k)).ifPresent(found::add);
            }
        }
        return List.copyOf(found);
    }

    private static Optional<Crossing> crossing(Member a, Member b) {
        if (a.pose().isEmpty() || b.pose().isEmpty()) {
            return Optional.empty();
        }
        Pose p = a.pose().get();
        Pose q = b.pose().get();
        Spot p0 = p.butt().at();
        Spot q0 = q.butt().at();
        double pe = p.tip().at().eastM() - p0.eastM();
        double pn = p.tip().at().northM() - p0.northM();
        double qe = q.tip().at().eastM() - q0.eastM();
        double qn = q.tip().at().northM() - q0.northM();
        double cross = pe * qn - pn * qe;
        if (Math.abs(cross) < PARALLEL) {
            return Optional.empty();
        }
        double de = q0.eastM() - p0.eastM();
        double dn = q0.northM() - p0.northM();
        double t = (de * qn - dn * qe) / cross;
        double u = (de * pn - dn * pe) / cross;
        if (t < 0 || t > 1 || u < 0 || u > 1) {
            return Optional.empty();
        }
        Pose.End here = p.at(t * p.lengthM());
        double there = q.at(u * q.lengthM()).heightM();
        boolean over = here.heightM() >= there;
        return Optional.of(new Crossing(
                over ? a.label() : b.label(),
                over ? b.label() : a.label(),
                here.at(),
                Math.abs(here.heightM() - there)));
    }
}
