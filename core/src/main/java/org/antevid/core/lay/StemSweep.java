package org.antevid.core.lay;

import java.util.List;
import java.util.Optional;
import org.antevid.core.cut.CutCard;
import org.antevid.core.cut.HingeHold;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.retreat.EscapeRoutes;
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

/** The sweep of a stem as it is recorded, on its place as it is today, by what the leader chose. Errs wide where the crown base was not measured. */
final class StemSweep {
    /** Where nobody measured it the crown is taken to begin this far up; half of what the mass model takes (judgement, wide). */
    private static final double CROWN_BASE_SHARE = 0.25;
    private static final double HANG_UP_LIMIT = 0.5;
    /** Old dead and decayed wood breaks instead of bending; no lay is promised on it. */
    private static final double UNRELIABLE_WOOD = 0.3;
    private static final double USUAL_THROW_SHARE = 0.1;

    private StemSweep() {
    }

    /**
     * @return empty while the lean is not known: no direction is scored with an assumed one
     * @throws RefusedInput {@code NOT_KNOWN} naming what must be measured first
     */
    static Optional<Sweep> of(StemReading stem, LayChoice choice, Site site, LayPlan.Limits limits) {
        if (!stem.notKnown().isEmpty()) {
            throw new RefusedInput("NOT_KNOWN", stem.label(), "measure first: " + String.join(", ", stem.notKnown()));
        }
        if (stem.lean().isEmpty()) {
            return Optional.empty();
        }
        StemMass mass = stem.mass(choice.cutHeightM()).orElseThrow();
        Tipping tips = Tipping.of(stem, mass, choice.cutHeightM(), site.today());
        Lean lean = stem.lean().get();
        double height = stem.height().orElseThrow().value();
        double weight = tips.weightHighN();
        double sigmaNm = weight * tips.sigmaM();
        Sweep.Felled tree = new Sweep.Felled(stem.height().get(), choice.cutHeightM(), stem.crownRadiusM().orElseThrow(), CROWN_BASE_SHARE * height, mass.dCutM(),
            stem.dbh().orElseThrow().value(), stem.species(), choice.cuts().wood(mass.dCutM(), choice.layDeg()), new RecordedHinge(stem, choice, mass), weight / StemMass.G, mass.cgM(), weight * tips.offsetEastM(), weight * tips.offsetNorthM(), sigmaNm,
            lean.offsetM(height, 90), lean.offsetM(height, 0), Sweep.Weakness.of(stem));
        Sweep.Method method = new Sweep.Method(choice.school(), choice.cuts(), choice.barM(), choice.means().movedBy(), LaySpread.Cutter.of(choice.skill()), capacity(stem, choice, mass, weight, sigmaNm), guyed(stem, choice),
            Optional.empty(), USUAL_THROW_SHARE, HANG_UP_LIMIT, EscapeRoutes.Footing.today(site.today().ground()), limits.soundSigmaDeg(), UNRELIABLE_WOOD);
        return Optional.of(new Sweep(tree, method, around(stem, site, tree, mass)));
    }

    /** The hinge's wood as recorded, probed, and seen in the opened face. What a face showed holds for the lay it was cut for, and errs safely for others. */
    private record RecordedHinge(StemReading stem, LayChoice choice, StemMass mass) implements Sweep.HingeWood {
        @Override
        public Condition at(double layDeg) {
            return choice.cuts().opened().map(o -> Wood.worst(o.wood(), stem.hingeWood(layDeg))).orElseGet(() -> stem.hingeWood(layDeg));
        }

        @Override
        public double sideShare(double layDeg, CutCard card) {
            double seen = choice.cuts().opened().map(o -> o.of(card).sideShare()).orElse(1.0);
            double probed = Probes.hollow(stem.more().walls(), layDeg, card.dLayM(), card.depthM(), card.hingeThickM(), mass.massHighKg(), 0, stem.species()).map(Hollow::hingeSideShare).orElse(1.0);
            return Math.min(seen, probed);
        }
    }

    private static Sweep.Guyed guyed(StemReading stem, LayChoice choice) {
        return choice.support().guy().<Sweep.Guyed>map(g -> (lay, side) -> g.capacityNm(stem.at(), lay, side, stem.height().orElseThrow().high())).orElse(Sweep.Guyed.NONE);
    }

    private static Sweep.Capacity capacity(StemReading stem, LayChoice choice, StemMass mass, double weightN, double sigmaNm) {
        Means means = choice.means();
        return new Sweep.Capacity() {
            @Override
            public Optional<Double> nm(double layDeg, CutCard card, double nominalBackNm) {
                double back = (nominalBackNm + Estimate.Z95 * sigmaNm) / weightN - card.hingeOffsetM();
                return means.aimed(stem.at(), layDeg).capacityNm(mass, back, card, hinge(card), choice.support().wedges());
            }

            @Override
            public double sideNm(double layDeg, CutCard card, double backHighNm) {
                Means aimed = means.aimed(stem.at(), layDeg);
                if (aimed.offLayDeg() == 0) {
                    return 0;
                }
                return aimed.neededN(backHighNm + hinge(card).forwardHoldNm(), mass, backHighNm / weightN - card.hingeOffsetM(), card.hingeOffsetM()).map(aimed::sideNm).orElse(0.0);
            }

            private HingeHold hinge(CutCard card) {
                return HingeHold.of(stem.species(), Condition.SOUND, card, 1, 0, 0, 0);
            }
        };
    }

    private static Sweep.Around around(StemReading stem, Site site, Sweep.Felled tree, StemMass mass) {
        LyingTree lying = Sweep.lying(tree);
        double restitution = LayPlan.restitution(stem);
        double tipSpeed = lying.lengthM() * Math.sqrt(2 * mass.k2s2());
        LyingTree thrown = lying.longer(Math.min(200, lying.lengthM() + Math.max(USUAL_THROW_SHARE * lying.lengthM(), Math.pow(restitution * tipSpeed, 2) / StemMass.G)));
        List<Sweep.Target> targets = site.targets().filter(Feature::mustNotBeHit)
            .map(f -> new Sweep.Target(f.id(), f.worth(), mitigable(f), lying.covering(f.shape(), stem.at()), f.worth() >= 3 ? thrown.covering(f.shape(), stem.at()) : Arcs.NONE)).toList();
        Ground ground = site.groundAt(stem.at());
        return new Sweep.Around(ground, targets, neighbours(stem, site), LayPlan.obstacles(site, stem.at()), stem.height().orElseThrow().high());
    }

    private static List<Neighbour> neighbours(StemReading stem, Site site) {
        return site.trees().stream().filter(t -> !t.label().equals(stem.label()))
            .map(t -> new Neighbour(t.label(), t.at().eastM() - stem.at().eastM(), t.at().northM() - stem.at().northM(), t.heightM(), t.crownRadiusM(), t.dbhM())).toList();
    }

    /** A protection that is planned, not done, and will make it no target any more. */
    static boolean mitigable(Feature f) {
        return f.mustNotBeHit() && !f.protectionDone() && f.protection() != Protection.NONE && f.protection() != Protection.EMPTY && f.protection() != Protection.CLOSE;
    }
}
