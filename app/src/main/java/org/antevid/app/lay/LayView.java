package org.antevid.app.lay;

import java.util.List;
import java.util.Optional;
import org.antevid.core.cut.CutCard;
import org.antevid.core.lay.Dial;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.SightMiss;
import org.antevid.core.quantity.Rounding;
import org.antevid.core.retreat.EscapeRoutes;
import org.antevid.core.site.Spot;

/** A lay as the screens draw it. Zones are rounded up, clearances and times down, before they leave. */
public record LayView(String stem, double layDeg, Spot stump, double reachM, double throwM, double exclusionM, double fanRadiusM, double fanFromDeg, double fanToDeg,
               boolean wholeCircle, List<Spot> fan, Spot tip, double swathHalfM, double slopeAlongDeg, double massHighKg, boolean controlProven,
               List<String> controlReasons, Optional<Double> biasDeg, Optional<Double> sigmaDeg, Optional<Double> sideUse, Optional<Double> neededN, Optional<Double> standsGustMs,
               List<Target> targets, List<WayView> ways, Optional<Double> fallFastS, Optional<Double> marginS, Optional<Double> reachedM, double escapeM,
               Cuts cuts, List<Spot> suggestedDropZone, List<String> warnings) {

    record Target(String id, String name, int worth, boolean mayBeHit, boolean isProtected, double fromStumpM, double clearanceM, boolean inReach,
                  boolean inFan, boolean inRing) {
    }

    record WayView(String name, String side, boolean open, Optional<Double> relDeg, Optional<Double> azimuthDeg, Optional<Double> walkS,
                   Optional<Double> marginS, List<String> blockedBy) {
    }

    record Cuts(String school, double dCutM, double cutHeightM, double depthM, double faceDeg, Optional<Double> mouthM, double hingeLengthM, double hingeThickM,
                double ruleHingeM, double backCutStepM, double strapM, Optional<Double> boreLengthM, double behindHingeM, String barReach, double barM,
                double closesAfterDeg, double groundAfterDeg, boolean hingeToGround, double hingeOffsetM, double sigmaM, double mmFor1mMiss,
                List<String> warnings) {
    }

    public record DialView(List<Dial.Run> runs, double openDeg, double costlyDeg, double blockedDeg) {
        public static DialView of(Dial d) {
            return new DialView(d.runs(), d.degrees(Dial.State.OPEN), d.degrees(Dial.State.COSTLY), d.degrees(Dial.State.BLOCKED));
        }
    }

    /** Each measure of a hand-led saw cut can be off by this much (judgement). */
    private static final double CUT_SIGMA_M = 0.005;

    static LayView of(LayPlan p) {
        CutCard c = p.card();
        double up = Rounding.up(p.zone().designReachM(), 1);
        List<WayView> ways = p.escape().routes().stream().map(r -> new WayView(r.side() == EscapeRoutes.Side.RIGHT ? "E1" : "E2",
            r.side().key(), r.open(), r.way().map(w -> w.relDeg()), r.way().map(w -> w.azimuthDeg()), r.way().map(w -> Rounding.up(w.walkS(), 1)),
            r.way().flatMap(w -> w.marginS()).map(m -> Rounding.down(m, 1)), r.blockedBy())).toList();
        Cuts cuts = new Cuts(p.choice().school().words(), p.mass().dCutM(), p.choice().cutHeightM(), c.depthM(), c.faceDeg(), c.mouthM(), c.hingeLengthM(),
            c.hingeThickM(), c.ruleHingeM(), c.backCutStepM(), c.strapM(), c.boreLengthM(), c.behindHingeM(), c.barReach().key(), p.choice().barM(),
            c.closesAfterDeg(), c.groundAfterDeg(), c.hingeToGround(), c.hingeOffsetM(), CUT_SIGMA_M,
            SightMiss.of(0, Math.max(0.05, c.hingeLengthM()), p.zone().lengthM()).mmFor1mMiss(), c.warnings());
        return new LayView(p.stem().label(), p.choice().layDeg(), p.stem().at(), up, Rounding.up(p.zone().throwM(), 1), Rounding.up(p.zone().exclusionM(), 0),
            p.fan().radiusM(), p.fan().fromDeg(), p.fan().toDeg(), p.fan().wholeCircle(), p.fanOutline(), p.zone().tip(), p.zone().swathHalfM(),
            p.zone().slopeAlongDeg(), Rounding.up(p.mass().massHighKg(), -1), p.control().proven(), p.control().reasons(), p.control().biasDeg(),
            p.control().sigmaDeg(), p.control().hold().map(h -> h.utilisation()).filter(Double::isFinite), p.control().neededN().map(n -> Rounding.up(n, -1)), p.control().standsGustMs().map(g -> Rounding.down(g, 1)),
            p.targets().stream().map(t -> new Target(t.feature().id(), t.feature().name(), t.feature().worth(), t.feature().mayBeHit(),
                !t.feature().mustNotBeHit(), Rounding.down(t.fromStumpM(), 1), Rounding.down(t.clearanceM(), 1), t.inReach(), t.inFan(), t.inRing())).toList(),
            ways, p.fallTime().fastS().map(t -> Rounding.down(t, 1)), p.escape().marginS().map(m -> Rounding.down(m, 1)),
            p.escape().reachedM().map(m -> Rounding.down(m, 1)), p.escape().requiredM(), cuts, dropZone(p),
            p.zone().warnings());
    }

    /** Swath of the stem on its lay with its throw, as a box the leader may take for the drop zone. */
    private static List<Spot> dropZone(LayPlan p) {
        double half = Math.max(2, p.zone().swathHalf95M());
        double from = -1;
        double to = Rounding.up(p.zone().designReachM(), 0) + 1;
        double lay = p.choice().layDeg();
        Spot s = p.stem().at();
        return List.of(s.at(lay, from).at(lay - 90, half), s.at(lay, to).at(lay - 90, half), s.at(lay, to).at(lay + 90, half), s.at(lay, from).at(lay + 90, half));
    }
}
