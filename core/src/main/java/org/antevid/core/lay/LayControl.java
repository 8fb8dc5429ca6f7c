package org.antevid.core.lay;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.antevid.core.cut.CutCard;
import org.antevid.core.cut.HingeHold;
import org.antevid.core.stem.Condition;
import org.antevid.core.site.Today;
import org.antevid.core.stem.Hollow;
import org.antevid.core.stem.Lean;
import org.antevid.core.stem.Probes;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.Tipping;

/**
 * Whether hinge and means can be shown to govern the lay, and how far it then spreads. Not proven means: every direction
 * counts. Sources: geometry (a hinge keeps the sideways offset of the tip), mechanics (hinge yield turns the plane of fall),
 * practice rule (two degrees for wedges, reserve on lines); the spread of sound wood is a house rule.
 *
 * @param reasons   why it is not proven, empty when it is
 * @param biasDeg   expected turn off the lay, right positive; empty when not proven
 * @param sigmaDeg  spread about it; empty when not proven
 * @param backNm    backward moment with its 95 % margin, N m; empty when the lean is not known
 * @param meansNm   what the means can put against it; empty when not known
 * @param neededN   pull needed in the line, with its reserve
 * @param standsGustMs gust from the worst side that hinge and means stand beside all that; empty when not proven. Wind is not in the other numbers.
 */
public record LayControl(List<String> reasons, Optional<Double> biasDeg, Optional<Double> sigmaDeg, Optional<HingeHold> hold,
                         Optional<Double> backNm, Optional<Double> meansNm, Optional<Double> neededN, double forwardLeanDeg,
                         Optional<Double> standsGustMs) {

    private static final double STRONGEST_GUST_MS = 45;

    /** @param soundSigmaDeg spread of sound wood by the house rules, degrees */
    public static LayControl of(StemReading stem, LayChoice choice, CutCard card, StemMass mass, double soundSigmaDeg, Today today) {
        List<String> reasons = new ArrayList<>();
        Condition wood = stem.hingeWood(choice.layDeg());
        hollow(stem, choice, card, mass).filter(h -> h.result().compareTo(Hollow.Result.RAISE_CUT_OR_MACHINE_ASSIST) >= 0).ifPresent(h -> reasons.add(String.format(Locale.ROOT,
            "the probes leave %.0f cm of wood at the left hinge corner, %.0f cm at the right", Math.floor(100 * h.cornerLeftM()), Math.floor(100 * h.cornerRightM()))));
        if (wood != Condition.SOUND) {
            reasons.add("spread is not known for " + wood.key().replace('_', ' ') + " wood at the hinge");
        }
        if (stem.lean().isEmpty()) {
            reasons.add("the lean is not known");
            return new LayControl(List.copyOf(reasons), Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(),
                Optional.empty(), Optional.empty(), 0, Optional.empty());
        }
        Lean lean = stem.lean().get();
        double cg = mass.cgM();
        Tipping tips = Tipping.of(stem, mass, choice.cutHeightM(), today);
        double sigma = tips.sigmaM();
        double side = tips.alongM(choice.layDeg() + 90);
        double back = -tips.alongM(choice.layDeg());
        double weight = tips.weightHighN();
        HingeHold hold = HingeHold.of(stem.species(), wood, card.hingeLengthM(), card.hingeThickM(), weight * side, weight * sigma);
        if (hold.utilisation() >= 1) {
            reasons.add("the side lean asks more of the hinge than it holds");
        }
        double designBack = Means.designBackM(back, sigma);
        double backNm = weight * (designBack + card.hingeOffsetM());
        Optional<Double> capacity = choice.means().capacityNm(mass, designBack, card.hingeOffsetM(), card.behindHingeM());
        if (backNm > 0) {
            if (capacity.isEmpty()) {
                reasons.add("height, anchor or pull of the " + choice.means().kind().words() + " is not known");
            } else if (backNm > capacity.get()) {
                reasons.add(String.format(Locale.ROOT, "%s gives %.1f kN m, it may need %.1f kN m", choice.means().kind().words(),
                    Math.floor(capacity.get() / 100) / 10, Math.ceil(backNm / 100) / 10));
            }
        }
        Optional<Double> needed = choice.means().neededN(backNm, mass, designBack, card.hingeOffsetM());
        double forwardLean = Math.toDegrees(Math.atan(-back / cg));
        if (!reasons.isEmpty()) {
            return new LayControl(List.copyOf(reasons), Optional.empty(), Optional.empty(), Optional.of(hold), Optional.of(backNm), capacity,
                needed, forwardLean, Optional.empty());
        }
        double length = stem.height().orElseThrow().value();
        double geometry = Math.toDegrees(Math.asin(Math.max(-1, Math.min(1, lean.offsetM(length, choice.layDeg() + 90) / length))));
        double yield = Math.signum(side) * hold.driftDeg();
        double spread = Math.sqrt(soundSigmaDeg * soundSigmaDeg + Math.pow(0.5 * yield, 2) + Math.pow(0.3 * geometry, 2));
        return new LayControl(List.of(), Optional.of(geometry + yield), Optional.of(spread), Optional.of(hold), Optional.of(backNm),
            capacity, needed, forwardLean, Optional.of(standsGust(stem, choice, hold, backNm, capacity.orElse(0.0))));
    }

    /** Bisection: the moment of the wind only grows with the gust. */
    private static double standsGust(StemReading stem, LayChoice choice, HingeHold hold, double backNm, double capacityNm) {
        double low = 0;
        double high = STRONGEST_GUST_MS;
        for (int i = 0; i < 30; i++) {
            double gust = (low + high) / 2;
            double wind = Tipping.windNm(stem, choice.cutHeightM(), gust);
            boolean stands = hold.designNm() + wind < hold.capacityNm() && (backNm + wind <= 0 || backNm + wind <= capacityNm);
            low = stands ? gust : low;
            high = stands ? high : gust;
        }
        return low;
    }

    /** @return what probed walls leave of this lay's hinge; empty for fewer than three probes */
    public static Optional<Hollow> hollow(StemReading stem, LayChoice choice, CutCard card, StemMass mass) {
        return Probes.hollow(stem.more().walls(), choice.layDeg(), mass.dCutM(), card.depthM(), card.hingeThickM(), mass.massHighKg(), 0, stem.species());
    }

    public boolean proven() {
        return reasons.isEmpty();
    }
}
