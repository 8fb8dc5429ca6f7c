package org.antevid.core.tangle.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.StemMass;
import org.antevid.core.tangle.GuardRing;
import org.antevid.core.tangle.HungPull;
import org.antevid.core.tangle.Pile;

/**
 * A hung stem dragged out by a winch that stands somewhere on the plan.
 *
 * @param pullAzDeg in which the butt is pulled
 * @param lineM rope from the butt to the winch, by way of the block
 * @param winchInRing the winch stands where nobody may
 */
public record PullPlan(HungPull pull, double pullAzDeg, double lineM, Optional<Shape> bight, boolean winchInRing) {

    /** @return what has to be known before the pull can be reckoned */
    public static List<Picture.Unknown> unknown(Member m) {
        List<Picture.Unknown> missing = new ArrayList<>();
        if (m.pose().isEmpty()) {
            missing.add(Picture.Unknown.POSE);
        }
        if (m.mass().isEmpty()) {
            missing.add(Picture.Unknown.DIAMETER);
        }
        return missing;
    }

    /** @throws RefusedInput while something is not known, or for a winch at the butt itself */
    public static PullPlan of(Picture p, Member m, DragLine line) {
        if (!unknown(m).isEmpty()) {
            throw new RefusedInput(Refusal.NEEDED, "stem");
        }
        Pose pose = m.pose().orElseThrow();
        Spot butt = pose.butt().at();
        if (butt.distanceTo(line.toward()) < 1) {
            throw new RefusedInput(Refusal.NEEDED, "winch");
        }
        double az = butt.bearingTo(line.toward());
        GuardRing ring = Picture.ringAlone(m, p.ground());
        Shape closed = ring.on(butt, List.of(butt, pose.tip().at()), p.ground(), 0);
        return new PullPlan(
                HungPull.of(drag(p, m, az)),
                az,
                line.redirect()
                        .map(r -> butt.distanceTo(r) + r.distanceTo(line.winch()))
                        .orElseGet(() -> butt.distanceTo(line.winch())),
                line.bight(butt),
                closed.distanceTo(line.winch()) <= 0);
    }

    private static HungPull.Drag drag(Picture p, Member m, double az) {
        Pose pose = m.pose().orElseThrow();
        StemMass mass = m.mass().orElseThrow();
        double length = pose.lengthM();
        boolean tied = p.allRelations().stream()
                .anyMatch(r -> r.type() == Pile.Type.BOUND && (r.a().equals(m.label()) || r.b().equals(m.label())));
        return new HungPull.Drag(
                mass.massHighKg(),
                mass.massLowKg(),
                pose.angleDeg(),
                pose.azDeg(),
                az,
                p.ground().slopeDeg(),
                p.ground().downhillDeg(),
                HungPull.Drag.MU_LOW,
                HungPull.Drag.MU_HIGH,
                HungPull.Drag.MU_FORK,
                m.lockedInFork() ? HungPull.Drag.CLAMP_LOCKED : HungPull.Drag.CLAMP,
                m.lockedInFork(),
                HungPull.Drag.CG * length,
                highest(p, m).orElse(HungPull.Drag.REST * length),
                m.buttDM(),
                Pile.Stem.FORK_D_M,
                p.atHand().machine(),
                tied,
                p.atHand().tractorWinchN(),
                p.atHand().handWinchN());
    }

    /** @return from the butt to where it hangs */
    private static Optional<Double> highest(Picture p, Member m) {
        return p.restsOf(m.label()).stream()
                .filter(r -> r.on() == Rest.On.FORK || r.on() == Rest.On.STEM)
                .map(Rest::xM)
                .filter(x -> x > 0)
                .max(Double::compare);
    }
}
