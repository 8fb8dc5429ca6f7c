package org.antevid.core.lay;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.antevid.core.assist.Rig;
import org.antevid.core.lay.spread.LaySpread;
import org.antevid.core.lay.sweep.Arcs;
import org.antevid.core.lay.sweep.Around;
import org.antevid.core.lay.sweep.CoveredTarget;
import org.antevid.core.lay.sweep.FellingMethod;
import org.antevid.core.lay.sweep.Getaway;
import org.antevid.core.lay.sweep.GuyPull;
import org.antevid.core.lay.sweep.HingeWood;
import org.antevid.core.lay.sweep.JudgedLay;
import org.antevid.core.lay.sweep.LyingTree;
import org.antevid.core.lay.sweep.MeansCapacity;
import org.antevid.core.lay.sweep.Neighbour;
import org.antevid.core.lay.sweep.Sweep;
import org.antevid.core.lay.sweep.SweptTree;
import org.antevid.core.lay.sweep.Weakness;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.retreat.EscapeRoutes;
import org.antevid.core.retreat.FallTime;
import org.antevid.core.site.Feature;
import org.antevid.core.site.Ground;
import org.antevid.core.site.Protection;
import org.antevid.core.site.Site;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Hollow;
import org.antevid.core.stem.Lean;
import org.antevid.core.stem.Probes;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.Tipping;
import org.antevid.core.stem.Wood;
import org.antevid.core.stump.CutCard;
import org.antevid.core.stump.HingeHold;

/**
 * The sweep of a stem as it is recorded, on its place as it is today, by what the leader chose. Errs wide where the
 * crown base was not measured.
 */
public final class StemSweep {
    /**
     * Where nobody measured it the crown is taken to begin this far up; half of what the mass model takes (judgement,
     * wide).
     */
    private static final double CROWN_BASE_SHARE = 0.25;

    private static final double HANG_UP_LIMIT = 0.5;
    /** Old dead and decayed wood breaks instead of bending; no lay is promised on it. */
    private static final double UNRELIABLE_WOOD = 0.3;

    private static final double USUAL_THROW_SHARE = 0.1;
    private static final double LEAST_START_DEG = 1;
    /** No hinge is taken for softer than this share of its wood. */
    private static final double LEAST_BEND = 0.1;

    private StemSweep() {}

    /**
     * @return empty while the lean is not known: no direction is scored with an assumed one
     * @throws RefusedInput {@code NOT_KNOWN} naming what must be measured first
     */
    public static Optional<Sweep> of(StemReading stem, LayChoice choice, Site site, LayPlan.Limits limits) {
        if (!stem.notKnown().isEmpty()) {
            throw new RefusedInput(
                    Message.of(Refusal.NOT_KNOWN).with("missing", Arg.terms(stem.notKnown())), stem.label());
        }
        if (stem.lean().isEmpty()) {
            return Optional.empty();
        }
        StemMass mass = stem.mass(choice.cutHeightM()).orElseThrow();
        Tipping tips = Tipping.of(stem, mass, choice.cutHeightM(), site.today());
        Lean lean = stem.lean().get();
        double height = stem.height().orElseThrow().value();
        double weight = tips.weightN();
        double crownBase = stem.more().crownBaseM().filter(b -> b < height).orElse(CROWN_BASE_SHARE * height);
        RecordedHinge hinge = new RecordedHinge(stem, choice, mass);
        SweptTree tree = new SweptTree(
                stem.height().get(),
                choice.cutHeightM(),
                stem.crownRadiusM().orElseThrow(),
                crownBase,
                mass.dCutM(),
                stem.dbh().orElseThrow().value(),
                stem.greenWood(),
                choice.cuts().wood(mass.dCutM(), choice.layDeg()),
                choice.cuts().flare(choice.cutHeightM()),
                hinge,
                weight / StemMass.G,
                tips.weightHighN() / StemMass.G,
                mass.cgM(),
                weight * tips.offsetEastM(),
                weight * tips.offsetNorthM(),
                weight * tips.sigmaM(),
                Tipping.sigmaMassRel(mass),
                lean.offsetM(height, 90),
                lean.offsetM(height, 0),
                Weakness.of(stem));
        Lines lines = new Lines(stem, choice, mass, tips, hinge, site);
        FellingMethod method = new FellingMethod(
                choice.school(),
                choice.cuts(),
                choice.barM(),
                choice.means().movedBy(),
                LaySpread.Cutter.of(choice.skill(), choice.before()),
                lines,
                guyed(stem, choice, site),
                lines,
                Tipping.windNm(stem, choice.cutHeightM(), site.today().designGustMs()),
                Tipping.windNm(stem, choice.cutHeightM(), site.today().judgedGustMs()),
                Sweep.PUSH_NM,
                USUAL_THROW_SHARE,
                HANG_UP_LIMIT,
                EscapeRoutes.Footing.today(site.today().ground()),
                limits.soundSigmaDeg(),
                UNRELIABLE_WOOD,
                limits.leastAwayM());
        return Optional.of(new Sweep(tree, method, around(stem, site, tree, mass)));
    }

    /**
     * The hinge's wood as recorded, probed, and seen in the opened face. What a face showed holds for the lay it was
     * cut for, and errs safely for others.
     */
    private record RecordedHinge(
            StemReading stem, LayChoice choice, StemMass mass, Map<Double, StemReading.Corners> known)
            implements HingeWood {
        private RecordedHinge(StemReading stem, LayChoice choice, StemMass mass) {
            this(stem, choice, mass, new ConcurrentHashMap<>());
        }

        private StemReading.Corners corners(double layDeg) {
            return known.computeIfAbsent(layDeg, stem::corners);
        }

        @Override
        public Condition at(double layDeg) {
            return opened(corners(layDeg).hinge());
        }

        @Override
        public Condition worst(double layDeg) {
            return opened(corners(layDeg).worse());
        }

        private Condition opened(Condition recorded) {
            return choice.cuts()
                    .opened()
                    .map(o -> Wood.worst(o.wood(), recorded))
                    .orElse(recorded);
        }

        @Override
        public double bendShare(double layDeg, CutCard card) {
            double strength = at(layDeg).factor();
            double there = Math.min(
                    choice.cuts().opened().map(o -> o.of(card).woodShare()).orElse(1.0),
                    hollow(layDeg, card).map(Hollow::hingeWoodShare).orElse(1.0));
            // of wood nobody can rely on nothing is known: it may be as stiff as any
            return (strength > 0 ? strength : 1)
                    * Math.max(LEAST_BEND, there)
                    * corners(layDeg).bendShare();
        }

        private Optional<Hollow> hollow(double layDeg, CutCard card) {
            return Probes.hollow(
                    stem.more().walls(),
                    layDeg,
                    card.dLayM(),
                    card.depthM(),
                    card.hingeThickM(),
                    mass.massHighKg(),
                    0,
                    stem.greenWood());
        }

        @Override
        public double sideShare(double layDeg, CutCard card) {
            double seen =
                    choice.cuts().opened().map(o -> o.of(card).sideShare()).orElse(1.0);
            double probed = hollow(layDeg, card).map(Hollow::hingeSideShare).orElse(1.0);
            return Math.min(Math.min(seen, probed), corners(layDeg).sideShare());
        }
    }

    private static GuyPull guyed(StemReading stem, LayChoice choice, Site site) {
        return choice.support()
                .guy()
                .<GuyPull>map(g -> (lay, side) -> g.capacityNm(
                        stem.at(), lay, side, stem.height().orElseThrow().high(), choice.cutHeightM(), site))
                .orElse(GuyPull.NONE);
    }

    /**
     * What the chosen means do on each lay: against the backward moment, on the hinge's sides, in the splitting, and to
     * the time he has.
     */
    private record Lines(
            StemReading stem,
            LayChoice choice,
            StemMass mass,
            Tipping tips,
            RecordedHinge wood,
            Site site,
            Map<Double, Means> known)
            implements MeansCapacity, Getaway {
        private Lines(StemReading stem, LayChoice choice, StemMass mass, Tipping tips, RecordedHinge wood, Site site) {
            this(stem, choice, mass, tips, wood, site, new ConcurrentHashMap<>());
        }

        private Means aimed(double layDeg) {
            return !choice.means().isLine()
                    ? choice.means()
                    : known.computeIfAbsent(layDeg, d -> choice.means().aimed(stem.at(), d, choice.cutHeightM(), site));
        }

        /** The hinge as it must be bent, with the wood that is there. */
        private HingeHold hinge(double layDeg, CutCard card) {
            return HingeHold.of(stem.greenWood(), Condition.SOUND, card, 1, 0, 0, 0)
                    .bending(wood.bendShare(layDeg, card));
        }

        @Override
        public Optional<Double> nm(double layDeg, CutCard card, double backHighNm) {
            return aimed(layDeg)
                    .capacityNm(
                            mass,
                            tips.leveredKg(backHighNm, layDeg, card.hingeOffsetM()),
                            backHighNm / tips.weightHighN() - card.hingeOffsetM(),
                            card,
                            hinge(layDeg, card),
                            choice.support().wedges());
        }

        @Override
        public double sideNm(double layDeg, CutCard card, double backHighNm) {
            Means aimed = aimed(layDeg);
            return aimed.offLayDeg() == 0
                    ? 0
                    : needed(aimed, layDeg, card, backHighNm).map(aimed::sideNm).orElse(0.0);
        }

        private Optional<Double> needed(Means aimed, double layDeg, CutCard card, double backHighNm) {
            return aimed.neededN(
                    backHighNm + hinge(layDeg, card).forwardHoldNm(),
                    mass,
                    backHighNm / tips.weightHighN() - card.hingeOffsetM(),
                    card.hingeOffsetM());
        }

        @Override
        public double forwardNm(double layDeg, CutCard card, double backHighNm) {
            Means aimed = aimed(layDeg);
            if (!aimed.isLine()) {
                return 0;
            }
            Optional<Double> pull = aimed.rig().when() == Rig.PullBegin.KERF_OPENS
                    ? aimed.fullPullN()
                    : needed(aimed, layDeg, card, backHighNm);
            return pull.flatMap(n -> aimed.armM(
                                    mass, backHighNm / tips.weightHighN() - card.hingeOffsetM(), card.hingeOffsetM())
                            .map(arm -> n * arm))
                    .orElse(0.0);
        }

        @Override
        public EscapeRoutes.Clock at(
                double layDeg, CutCard card, boolean strapped, double forwardNm, double backHighNm) {
            return fall(layDeg, card, forwardNm, backHighNm)
                    .map(f -> new EscapeRoutes.Clock(
                            Optional.of(Math.min(60, FallTime.fastestS(f, strapped))),
                            strapped ? EscapeRoutes.Clock.READY_S : EscapeRoutes.Clock.REACT_S))
                    .orElse(EscapeRoutes.Clock.NOT_KNOWN);
        }

        /**
         * The fall along this lay with whatever is pulled while he still stands there; empty where a pull counts that
         * nobody measured.
         */
        Optional<FallTime.Fall> fall(double layDeg, CutCard card, double forwardNm, double backHighNm) {
            Means aimed = aimed(layDeg);
            double pullNm = 0;
            if (aimed.isLine() && !choice.leavesBefore()) {
                Optional<Double> arm =
                        aimed.armM(mass, backHighNm / tips.weightHighN() - card.hingeOffsetM(), card.hingeOffsetM());
                Optional<Double> pull =
                        aimed.fullPullN().or(() -> needed(aimed, layDeg, card, Math.max(0, backHighNm)));
                if (arm.isEmpty() || pull.isEmpty()) {
                    return Optional.empty();
                }
                pullNm = pull.get() * arm.get();
            }
            double weightCg = mass.massKg() * StemMass.G * mass.cgM();
            double lean = Math.toDegrees(Math.atan(forwardNm / weightCg));
            double slope = site.groundAt(stem.at()).alongDeg(layDeg);
            double start = Math.max(LEAST_START_DEG, Math.min(Math.min(60, 89 + slope), lean));
            double startNm = forwardNm - mass.massKg() * StemMass.G * card.hingeOffsetM() + pullNm;
            double mostNm = weightCg * Math.sin(Math.toRadians(Math.min(60, 89 + slope)));
            return Optional.of(FallTime.Fall.fastest(
                    mass,
                    start,
                    slope,
                    Math.max(1, stem.height().orElseThrow().high() - choice.cutHeightM()),
                    Optional.of(Math.min(mostNm, startNm))));
        }
    }

    /** @return the fall that times the cutter on the chosen lay; empty while lean or line is not known */
    static Optional<FallTime.Fall> fall(StemReading stem, LayChoice choice, StemMass mass, Site site, JudgedLay row) {
        Tipping tips = Tipping.of(stem, mass, choice.cutHeightM(), site.today());
        return new Lines(stem, choice, mass, tips, new RecordedHinge(stem, choice, mass), site)
                .fall(
                        choice.layDeg(),
                        row.cuts().card(),
                        row.lean().forwardNm(),
                        row.back().highNm());
    }

    private static Around around(StemReading stem, Site site, SweptTree tree, StemMass mass) {
        LyingTree lying = Sweep.lying(tree);
        double restitution = LayPlan.restitution(stem);
        double tipSpeed = lying.lengthM() * Math.sqrt(2 * mass.k2s2());
        LyingTree thrown = lying.longer(Math.min(
                200,
                lying.lengthM()
                        + Math.max(
                                USUAL_THROW_SHARE * lying.lengthM(),
                                Math.pow(restitution * tipSpeed, 2) / StemMass.G)));
        List<CoveredTarget> targets = site.targets()
                .filter(Feature::mustNotBeHit)
                .map(f -> new CoveredTarget(
                        f.id(),
                        f.worthNow(),
                        mitigable(f),
                        lying.covering(f.shape(), stem.at()),
                        f.worthNow() >= 3 ? thrown.covering(f.shape(), stem.at()) : Arcs.NONE))
                .toList();
        Ground ground = site.groundAt(stem.at());
        return new Around(
                ground,
                targets,
                neighbours(stem, site),
                Obstacles.around(site, stem),
                stem.height().orElseThrow().high());
    }

    private static List<Neighbour> neighbours(StemReading stem, Site site) {
        return site.trees().stream()
                .filter(t -> !t.label().equals(stem.label()))
                .map(t -> new Neighbour(
                        t.label(),
                        t.at().eastM() - stem.at().eastM(),
                        t.at().northM() - stem.at().northM(),
                        t.heightM(),
                        t.crownRadiusM(),
                        t.dbhM()))
                .toList();
    }

    /** A protection that is planned, not done, and will make it no target any more. */
    static boolean mitigable(Feature f) {
        return f.mustNotBeHit()
                && !f.protectionDone()
                && f.protection() != Protection.NONE
                && f.protection() != Protection.EMPTY
                && f.protection() != Protection.CLOSE;
    }
}
