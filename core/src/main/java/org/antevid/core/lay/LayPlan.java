package org.antevid.core.lay;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.antevid.core.cut.CutCard;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.retreat.EscapeRoutes;
import org.antevid.core.retreat.FallTime;
import org.antevid.core.site.Feature;
import org.antevid.core.site.Ground;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Site;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.Lean;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.StemReading;

/** Everything that follows from one lay of one stem on this place: cuts, reach, ring, fan, targets, ways out. */
public record LayPlan(StemReading stem, LayChoice choice, CutCard card, StemMass mass, FallZone zone, LayControl control, Fan fan,
                      List<TargetCheck> targets, FallTime fallTime, EscapeRoutes escape) {
    private static final double LIVE_RESTITUTION = 0.3;
    private static final double BRASH_RESTITUTION = 0.45;
    private static final double WHOLE_CIRCLE_SIGMA_DEG = 90;

    /** House rules the lay depends on: tree lengths kept clear, spread of sound wood in degrees. */
    public record Limits(double exclusionLengths, double soundSigmaDeg) {
        public static final Limits USUAL = new Limits(2, 3);
    }

    /**
     * One target against this lay. Horizontal metres.
     *
     * @param fromStumpM nearest point from the stump
     * @param clearanceM from the fan's edge, 0 when touched
     */
    public record TargetCheck(Feature feature, double fromStumpM, double clearanceM, boolean inReach, boolean inFan, boolean inRing) {
    }

    /** @throws RefusedInput {@code NOT_KNOWN} naming what must be measured first, or when the stem cannot be cut as chosen */
    public static LayPlan of(StemReading stem, LayChoice choice, Site site, Limits limits) {
        List<String> missing = stem.notKnown();
        if (!missing.isEmpty()) {
            throw new RefusedInput("NOT_KNOWN", stem.label(), "measure first: " + String.join(", ", missing));
        }
        StemMass mass = stem.mass(choice.cutHeightM()).orElseThrow();
        Ground ground = site.groundAt(stem.at());
        double slope = ground.alongDeg(choice.layDeg());
        double forward = stem.lean().map(l -> l.offsetM(1, choice.layDeg())).map(o -> Math.toDegrees(Math.atan(o))).orElse(0.0);
        CutCard card = CutCard.of(CutCard.Stump.plain(choice.school(), mass.dCutM(), stem.hingeWood(choice.layDeg()), forward, slope, choice.barM(),
            movedBy(choice.means().kind())));
        LayControl control = LayControl.of(stem, choice, card, mass, limits.soundSigmaDeg(), site.today());
        FallZone zone = FallZone.of(new FallZone.Fall(choice.layDeg(), stem.at(), stem.height().orElseThrow(), choice.cutHeightM(),
            stem.crownRadiusM().orElseThrow(), 1.15, mass.k2s2(), ground, Math.min(120, card.closesAfterDeg()),
            stem.brash() ? BRASH_RESTITUTION : LIVE_RESTITUTION, site.today().ground().friction(), 0.5, limits.exclusionLengths(), mass.cgM(),
            control.sigmaDeg().orElse(WHOLE_CIRCLE_SIGMA_DEG)));
        Fan fan = Fan.of(stem.at(), choice.layDeg(), control, zone);
        double start = Math.max(1, stem.lean().map(Lean::deg).orElse(1.0));
        FallTime time = FallTime.of(FallTime.Fall.fastest(mass, Math.min(60, start), slope, zone.lengthM()));
        EscapeRoutes escape = EscapeRoutes.of(EscapeRoutes.Cutter.usual(choice.layDeg(), stem.height().orElseThrow().high(), ground,
            stem.lean().map(Lean::azimuthDeg), time.fastS().map(t -> Math.min(60, t)), obstacles(site, stem.at())).on(site.today().ground()));
        List<TargetCheck> targets = site.targets().map(f -> check(f, stem.at(), zone, fan)).toList();
        return new LayPlan(stem, choice, card, mass, zone, control, fan, targets, time, escape);
    }

    private static CutCard.MovedBy movedBy(Means.Kind kind) {
        return switch (kind) {
            case NOTHING -> CutCard.MovedBy.LEAN;
            case WEDGES -> CutCard.MovedBy.WEDGES;
            case HAND_LINE, MACHINE_LINE -> CutCard.MovedBy.LINE;
        };
    }

    private static TargetCheck check(Feature f, Spot stump, FallZone zone, Fan fan) {
        double distance = f.shape().distanceTo(stump);
        double clearance = fan.area().distanceTo(f.shape());
        return new TargetCheck(f, distance, clearance, distance <= zone.designReachM(), clearance <= 0, distance <= zone.exclusionM());
    }

    /** @return what bars the way, in the frame of the stump */
    public static List<EscapeRoutes.Obstacle> obstacles(Site site, Spot from) {
        List<EscapeRoutes.Obstacle> obstacles = new ArrayList<>();
        for (Feature f : site.features()) {
            if (f.kind().barsTheWay() && f.shape().distanceTo(from) < 60) {
                obstacles.add(new EscapeRoutes.Obstacle(f.name(), f.shape().seenFrom(from)));
            }
        }
        return obstacles;
    }

    public Optional<TargetCheck> worstTouched() {
        return targets.stream().filter(t -> t.inFan() && t.feature().mustNotBeHit())
            .max(Comparator.comparingInt(t -> t.feature().worth()));
    }

    /** @return the fan as an outline, for drawing */
    public List<Spot> fanOutline() {
        return fan.area().outline();
    }
}
