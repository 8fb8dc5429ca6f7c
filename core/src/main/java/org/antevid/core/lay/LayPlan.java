package org.antevid.core.lay;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.antevid.core.assist.Rig;
import org.antevid.core.lay.spread.AimRecord;
import org.antevid.core.lay.spread.LossRecord;
import org.antevid.core.lay.spread.SightMiss;
import org.antevid.core.lay.sweep.JudgedLay;
import org.antevid.core.lay.sweep.Sweep;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Rounding;
import org.antevid.core.retreat.EscapeRoutes;
import org.antevid.core.retreat.FallTime;
import org.antevid.core.retreat.LeavingCutter;
import org.antevid.core.site.Feature;
import org.antevid.core.site.Ground;
import org.antevid.core.site.Site;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.Lean;
import org.antevid.core.stem.MissingFact;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.Tipping;
import org.antevid.core.stump.BackCut;
import org.antevid.core.stump.CutCard;
import org.antevid.core.stump.CutChoice;
import org.antevid.core.stump.StrapHold;

/**
 * Everything that follows from one lay of one stem on this place: cuts, reach, ring, fan, targets, ways out.
 *
 * @param landing what it comes down on
 * @param judged what the sweep says of it; empty while the lean is not known
 */
public record LayPlan(
        StemReading stem,
        LayChoice choice,
        CutCard card,
        StemMass mass,
        FallZone zone,
        LayControl control,
        Fan fan,
        List<TargetCheck> targets,
        FallTime fallTime,
        EscapeRoutes escape,
        Optional<JudgedLay> judged,
        Landing landing,
        Limits limits) {
    private static final double LIVE_RESTITUTION = 0.3;
    private static final double BRASH_RESTITUTION = 0.45;
    private static final double WHOLE_CIRCLE_SIGMA_DEG = 90;
    private static final double WORTH_CLEARING_M = 0.1;
    /** House rules the lay depends on: tree lengths kept clear, spread of sound wood in degrees. */
    public record Limits(double exclusionLengths, double soundSigmaDeg, double leastAwayM) {
        public static final Limits USUAL = new Limits(2, 3, LEAST_AWAY_M);

        public Limits(double exclusionLengths, double soundSigmaDeg) {
            this(exclusionLengths, soundSigmaDeg, LEAST_AWAY_M);
        }
    }

    /** A cutter who gets less far than this by the time it is down does not get away (judgement; the house sets it). */
    public static final double LEAST_AWAY_M = Sweep.LEAST_AWAY_M;

    /** How far the cutter is when it is down. */
    public enum Away {
        NOT_KNOWN,
        LEFT_BEFORE,
        CLEAR,
        WITHIN,
        TOO_NEAR
    }

    /** @return metres he must have covered to be out of this stem's swath, throw and butt zone */
    public double clearM() {
        return Math.min(30, zone.buttZoneM());
    }

    /** @return whether he gets away in time; pulled after he has left, nothing starts before */
    public Away away() {
        if (choice.leavesBefore()) {
            return Away.LEFT_BEFORE;
        }
        return escape.best().isEmpty() || escape.reachedM().isEmpty()
                ? Away.NOT_KNOWN
                : escape.reachedM().get() < limits.leastAwayM
                        ? Away.TOO_NEAR
                        : escape.reachedM().get() < clearM() ? Away.WITHIN : Away.CLEAR;
    }

    /** @return what gets him farther away in time on this lay, the least work first */
    public List<Message> timeHelps() {
        List<Message> helps = new ArrayList<>();
        reachedIfClearedM()
                .filter(m -> m > escape.reachedM().orElse(0.0) + WORTH_CLEARING_M)
                .ifPresent(
                        m -> helps.add(Message.of(TimeHelp.CLEAR_THE_WAY).with("then", Arg.down(Dimension.LENGTH, m))));
        if (choice.means().isLine()) {
            helps.add(Message.of(TimeHelp.PULL_WHEN_LEFT));
        }
        if (backCut() != BackCut.BORE_STRAP && card.borePossible()) {
            helps.add(Message.of(TimeHelp.BORE_AND_STRAP));
        }
        helps.add(Message.of(TimeHelp.ANOTHER_LAY));
        return helps;
    }

    /** @return the ring kept clear round the stump */
    public KeepOutRing ring() {
        return KeepOutRing.of(zone, limits.exclusionLengths());
    }

    /** @return what an error at the stump that nobody sees does at the tip */
    public SightMiss sightMiss() {
        return SightMiss.of(1000 * SightMiss.OFF_M, Math.max(LEAST_HINGE_M, card.hingeLengthM()), zone.lengthM());
    }

    private static final double LEAST_HINGE_M = 0.05;

    /**
     * Correction for the drift that is expected, to be chosen by the leader.
     *
     * @param side to which the sight is moved
     * @param aimDeg to sight at so that it lies on its lay
     */
    public record Aim(double correctDeg, EscapeRoutes.Side side, double aimDeg) {}

    /** Less drift than this is not sighted. */
    private static final double NO_DRIFT_DEG = 0.05;

    /** @return empty where no drift is expected or none is known */
    public Optional<Aim> aim() {
        return control.biasDeg()
                .filter(b -> Math.abs(b) >= NO_DRIFT_DEG)
                .map(b -> new Aim(
                        Math.abs(b),
                        b > 0 ? EscapeRoutes.Side.LEFT : EscapeRoutes.Side.RIGHT,
                        Azimuth.normal(choice.layDeg() - b)));
    }

    /** @return how the back is cut: as the leader chose, else as lean, pull and wood ask */
    public BackCut backCut() {
        return choice.cuts()
                .backCut()
                .or(() -> judged.map(r -> r.cuts().backCut()))
                .orElse(BackCut.STRAIGHT);
    }

    /**
     * @throws RefusedInput {@code NOT_KNOWN} naming what must be measured first, or when the stem cannot be cut as
     *     chosen
     */
    public static LayPlan of(StemReading stem, LayChoice choice, Site site, Limits limits) {
        List<MissingFact> missing = stem.notKnown();
        if (!missing.isEmpty()) {
            throw new RefusedInput(Message.of(Refusal.NOT_KNOWN).with("missing", Arg.terms(missing)), stem.label());
        }
        LayChoice wedged = choice;
        Optional<Sweep> sweep = StemSweep.of(stem, choice, site, limits);
        int most = choice.means().kind() == Means.Kind.WEDGES
                ? choice.support()
                        .mostBeside(stem.mass(choice.cutHeightM()).orElseThrow().dCutM())
                : 0;
        for (int n = choice.support().wedges().beside() + 1;
                n <= most
                        && sweep.filter(w -> !w.at(choice.layDeg()).back().enough())
                                .isPresent();
                n++) {
            wedged = choice.by(choice.support().beside(n));
            sweep = StemSweep.of(stem, wedged, site, limits);
        }
        return of(stem, wedged, site, limits, sweep);
    }

    private static LayPlan of(StemReading stem, LayChoice choice, Site site, Limits limits, Optional<Sweep> sweep) {
        StemMass mass = stem.mass(choice.cutHeightM()).orElseThrow();
        Ground ground = site.groundAt(stem.at());
        double slope = ground.alongDeg(choice.layDeg());
        Optional<JudgedLay> judged = sweep.map(w -> w.at(choice.layDeg()));
        CutCard card = judged.map(r -> r.cuts().card())
                .orElseGet(() -> CutCard.of(choice.cuts()
                        .stump(
                                choice.school(),
                                choice.cuts().wood(mass.dCutM(), choice.layDeg()),
                                choice.layDeg(),
                                stem.corners(choice.layDeg()).worse(),
                                0,
                                slope,
                                CutChoice.bar(choice.barM()),
                                choice.means().movedBy(),
                                choice.cuts().flare(choice.cutHeightM()))));
        LayControl control = LayControl.of(stem, choice, mass, judged, site);
        CutCard fitted = judged.map(r -> fitted(stem, choice, mass, card, r, control, site))
                .orElse(card);
        FallZone zone = FallZone.of(new FallZone.Fall(
                choice.layDeg(),
                stem.at(),
                stem.height().orElseThrow(),
                choice.cutHeightM(),
                stem.crownRadiusM().orElseThrow(),
                1.15,
                mass.k2s2(),
                ground,
                Math.min(120, card.closesAfterDeg()),
                restitution(stem),
                site.today().ground().friction(),
                0.5,
                limits.exclusionLengths(),
                mass.cgM(),
                control.sigmaDeg().orElse(WHOLE_CIRCLE_SIGMA_DEG),
                stem.limbless() ? FallZone.Limbs.LIMBLESS : FallZone.Limbs.BRANCHED));
        Fan fan = Fan.of(stem.at(), choice.layDeg(), control, zone);
        FallTime time = judged.flatMap(r -> StemSweep.fall(stem, choice, mass, site, r))
                .map(FallTime::of)
                .orElse(FallTime.NOT_KNOWN);
        EscapeRoutes escape = EscapeRoutes.around(LeavingCutter.usual(
                        choice.layDeg(),
                        stem.height().orElseThrow().high(),
                        ground,
                        stem.lean().map(Lean::azimuthDeg),
                        judged.map(r -> r.ways().clock()).orElse(EscapeRoutes.Clock.NOT_KNOWN),
                        Math.min(30, zone.buttZoneM()),
                        Obstacles.ofTheCutter(stem, choice, site))
                .on(site.today().ground())
                .clearedOn(choice.leaving().cleared()));
        List<TargetCheck> targets = site.targets()
                .map(f -> TargetCheck.of(f, stem.at(), zone, fan, judged, control))
                .toList();
        return new LayPlan(
                stem,
                choice,
                fitted,
                mass,
                zone,
                control,
                fan,
                targets,
                time,
                escape,
                judged,
                Landing.of(site, stem.at(), choice.layDeg(), zone.designReachM(), mass.dCutM()),
                limits);
    }

    /**
     * The card with a strap that holds what bears on it at the wind limit, as thick as the bore leaves room for: what
     * the tool proposes raises no stop against itself. A strap the leader set stays as it is.
     */
    private static CutCard fitted(
            StemReading stem,
            LayChoice choice,
            StemMass mass,
            CutCard card,
            JudgedLay judged,
            LayControl control,
            Site site) {
        if (judged.cuts().backCut() != BackCut.BORE_STRAP
                || !card.borePossible()
                || choice.cuts().strapM().isPresent()) {
            return card;
        }
        Means aimed = choice.means().aimed(stem.at(), choice.layDeg(), choice.cutHeightM(), site);
        double pretension = aimed.rig()
                        .pretensionN()
                        .or(() -> control.neededN().map(n -> Rig.PRETENSION_SHARE * n))
                        .orElse(0.0)
                * aimed.armM(
                                mass,
                                judged.back().highNm() / (mass.massHighKg() * StemMass.G) - card.hingeOffsetM(),
                                card.hingeOffsetM())
                        .orElse(0.0);
        double forward = judged.forwardHighNm()
                + Tipping.windNm(stem, choice.cutHeightM(), site.today().designGustMs())
                + pretension;
        double room = card.strapM() + card.boreLengthM().orElseThrow() - CutCard.BORE_NEEDS_M;
        Optional<Double> needed = StrapHold.of(new StrapHold.Strap(
                        stem.greenWood(),
                        stem.corners(choice.layDeg()).strap(),
                        card.dLayM(),
                        card.dAcrossM(),
                        card.depthM(),
                        card.hingeThickM(),
                        card.strapM(),
                        0,
                        forward,
                        0.5,
                        2))
                .neededM();
        double thick = Math.max(
                card.strapM(),
                Math.min(room, needed.map(n -> Math.ceil(200 * n) / 200).orElse(room)));
        return thick <= card.strapM() + 1e-9
                ? card
                : CutCard.of(choice.cuts()
                        .strap(thick)
                        .stump(
                                choice.school(),
                                choice.cuts().wood(mass.dCutM(), choice.layDeg()),
                                choice.layDeg(),
                                judged.control().wood(),
                                judged.lean().deg(),
                                site.groundAt(stem.at()).alongDeg(choice.layDeg()),
                                CutChoice.bar(choice.barM()),
                                choice.means().movedBy(),
                                choice.cuts().flare(choice.cutHeightM())));
    }

    /** @return how often control was lost in such wood; empty below three falls, and while the lay cannot be judged */
    public Optional<LossRecord.Learned> lost() {
        return judged.flatMap(r -> r.control().spread().lost());
    }

    /** @return what earlier falls of whoever cuts it say; empty below three, and while the lay cannot be judged */
    public Optional<AimRecord.Learned> learned() {
        return judged.flatMap(r -> r.control().spread().learned());
    }

    /**
     * @return side use of the hinge with what a guy takes off it; empty while the lean is not known or the wood is no
     *     hinge
     */
    public Optional<Double> sideUse() {
        return judged.filter(r -> Double.isFinite(r.control().hold().utilisation()))
                .map(r -> r.control().use());
    }

    /**
     * @return the strap of this cut card against the lean at its 95 % side, while nobody pulls yet; empty while the
     *     lean is not known or it cannot be bored
     */
    public Optional<StrapHold> strap() {
        return judged.flatMap(r -> strapAgainst(r.forwardHighNm()));
    }

    /** @return the strap of this cut card against a forward moment, N m; empty when it cannot be bored */
    public Optional<StrapHold> strapAgainst(double forwardNm) {
        return !card.borePossible()
                ? Optional.empty()
                : Optional.of(StrapHold.of(new StrapHold.Strap(
                        stem.greenWood(),
                        stem.corners(choice.layDeg()).strap(),
                        card.dLayM(),
                        card.dAcrossM(),
                        card.depthM(),
                        card.hingeThickM(),
                        card.strapFromBarkM(),
                        card.barkM(),
                        forwardNm,
                        0.5,
                        2)));
    }

    /** Air as light as this moves a top but is no wind to wait for (judgement). */
    private static final double LIGHT_AIR_MS = 4;

    /**
     * @return gust at which work on this stem holds, whole m/s: the strictest of the limit and of what hinge and means
     *     stand
     */
    public double gustLimitMs(double workLimitMs) {
        return control.standsGustMs()
                .map(g -> Math.min(workLimitMs, Math.max(LIGHT_AIR_MS, Rounding.down(g, 0))))
                .orElse(workLimitMs);
    }

    /** @return corners of a way out on the plan, from the stump */
    public List<Spot> onPlan(EscapeRoutes.Way way) {
        return way.path().stream()
                .map(s -> new Spot(stem.at().eastM() + s.eastM(), stem.at().northM() + s.northM()))
                .toList();
    }

    /** @return metres walked when it lands were the better way cleared */
    public Optional<Double> reachedIfClearedM() {
        return escape.best().flatMap(b -> escape.reachedM()
                .map(m -> Math.min(
                        b.way().orElseThrow().lengthM(),
                        m / (choice.leaving().cleared().contains(b.side()) ? 1 : escape.footingFactor()))));
    }

    /** @return the side of the better way out, where he gets away only just or not at all and clearing it helps */
    public Optional<EscapeRoutes.Side> worthClearing() {
        return escape.best()
                .map(EscapeRoutes.Route::side)
                .filter(side -> (away() == Away.WITHIN || away() == Away.TOO_NEAR)
                        && reachedIfClearedM()
                                .filter(m -> m > escape.reachedM().orElse(0.0) + WORTH_CLEARING_M)
                                .isPresent());
    }

    static double restitution(StemReading stem) {
        return stem.brash() ? BRASH_RESTITUTION : LIVE_RESTITUTION;
    }

    /** @return houses, paths, pens and the like inside the ring: each is emptied, closed or guarded by name */
    public List<Feature> occupied(Site site) {
        return site.features().stream()
                .filter(f -> f.kind().mayHoldPeople() && f.shape().distanceTo(stem.at()) <= zone.exclusionM())
                .toList();
    }

    /** @return the worthiest target that blocks this lay */
    public Optional<TargetCheck> worstTouched() {
        return targets.stream().filter(t -> t.blocks(control.proven())).max(Comparator.comparingInt(t -> t.feature()
                .worth()));
    }

    /** @return the fan as an outline, for drawing */
    public List<Spot> fanOutline() {
        return fan.area().outline();
    }
}
