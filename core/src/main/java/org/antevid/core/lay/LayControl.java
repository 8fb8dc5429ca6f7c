package org.antevid.core.lay;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.antevid.core.cut.CutCard;
import org.antevid.core.cut.HingeHold;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Hollow;
import org.antevid.core.stem.Probes;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.Tipping;

/**
 * Whether hinge and means can be shown to govern the lay, and how far it then spreads. Not proven means: every direction
 * counts. Stricter than the dial in one thing: the means must beat the backward moment at its 95 % side. Sources: geometry (a hinge
 * keeps the sideways offset of the tip), mechanics (hinge yield turns the plane of fall), practice rule (two degrees for wedges,
 * reserve on lines).
 *
 * @param reasons   why it is not proven, empty when it is
 * @param biasDeg   expected turn off the lay, right positive; empty when not proven
 * @param sigmaDeg  spread about it; empty when not proven
 * @param lostChance chance that control is lost altogether, by the wood of the hinge; 1 when not proven
 * @param backNm    backward moment with its 95 % margin, N m; empty when the lean is not known
 * @param meansNm   what the means can put against it; empty when not known
 * @param neededN   pull needed in the line, with its reserve
 * @param standsGustMs gust from the worst side that hinge and means stand beside all that; empty when not proven. Wind is not in the other numbers.
 */
public record LayControl(List<String> reasons, Optional<Double> biasDeg, Optional<Double> sigmaDeg, double lostChance, Optional<HingeHold> hold,
                         Optional<Double> backNm, Optional<Double> meansNm, Optional<Double> neededN, double forwardLeanDeg,
                         Optional<Double> standsGustMs) {

    private static final double STRONGEST_GUST_MS = 45;
    private static final LayControl LEAN_NOT_KNOWN = new LayControl(List.of("the lean is not known"), Optional.empty(), Optional.empty(), 1, Optional.empty(), Optional.empty(),
        Optional.empty(), Optional.empty(), 0, Optional.empty());

    /** @param row what the sweep says of this lay; empty while the lean is not known */
    public static LayControl of(StemReading stem, LayChoice choice, StemMass mass, Optional<Sweep.Row> row) {
        return row.map(r -> known(stem, choice, mass, r)).orElse(LEAN_NOT_KNOWN);
    }

    private static LayControl known(StemReading stem, LayChoice choice, StemMass mass, Sweep.Row row) {
        List<String> reasons = new ArrayList<>();
        Condition wood = row.wood();
        CutCard card = row.card();
        hollow(stem, choice, card, mass).filter(h -> h.result().compareTo(Hollow.Result.RAISE_CUT_OR_MACHINE_ASSIST) >= 0).ifPresent(h -> reasons.add(String.format(Locale.ROOT,
            "the probes leave %.0f cm of wood at the left hinge corner, %.0f cm at the right", Math.floor(100 * h.cornerLeftM()), Math.floor(100 * h.cornerRightM()))));
        choice.cuts().opened().map(o -> o.of(card)).filter(o -> o.result().compareTo(Hollow.Result.RAISE_CUT_OR_MACHINE_ASSIST) >= 0).ifPresent(o -> reasons.add(String.format(Locale.ROOT,
            "the opened face shows %.0f cm of wood at the left hinge corner, %.0f cm at the right", Math.floor(100 * o.leftM()), Math.floor(100 * o.rightM()))));
        if (!row.controlled() && row.use() < 1) {
            reasons.add("no hinge of " + wood.key().replace('_', ' ') + " wood is relied on to steer");
        }
        if (row.use() >= 1) {
            reasons.add("the side lean asks more of the hinge than it holds");
        }
        Means means = choice.means().aimed(stem.at(), choice.layDeg());
        double weight = stem.lean().isEmpty() ? 0 : mass.massHighKg() * StemMass.G;
        double designBackM = row.backHighNm() / weight - card.hingeOffsetM();
        if (row.backHighNm() > 0) {
            if (row.capacityNm().isEmpty()) {
                reasons.add("height, anchor or pull of the " + means.kind().words() + " is not known");
            } else if (row.backHighNm() > row.capacityNm().get()) {
                reasons.add(String.format(Locale.ROOT, "%s %.1f kN m, it may need %.1f kN m", means.kind() == Means.Kind.WEDGES ? "wedges give" : means.kind().words() + " gives",
                    Math.floor(row.capacityNm().get() / 100) / 10, Math.ceil(row.backHighNm() / 100) / 10));
            }
        }
        Optional<Double> needed = row.backHighNm() <= 0 ? means.neededN(0, mass, designBackM, card.hingeOffsetM())
            : means.neededN(row.backHighNm() + row.hold().forwardHoldNm(), mass, designBackM, card.hingeOffsetM());
        double forwardLean = Math.toDegrees(Math.atan(row.forwardNm() / (weight * mass.cgM())));
        if (!reasons.isEmpty()) {
            return new LayControl(List.copyOf(reasons), Optional.empty(), Optional.empty(), 1, Optional.of(row.hold()), Optional.of(row.backHighNm()), row.capacityNm(),
                needed, forwardLean, Optional.empty());
        }
        return new LayControl(List.of(), row.spread().biasDeg(), Optional.of(row.sigmaDeg()), row.spread().lostChance(), Optional.of(row.hold()), Optional.of(row.backHighNm()),
            row.capacityNm(), needed, forwardLean, Optional.of(standsGust(stem, choice, row.hold(), row.guyNm(), row.backHighNm(), row.capacityNm().orElse(0.0))));
    }

    /** Bisection: the moment of the wind only grows with the gust. */
    private static double standsGust(StemReading stem, LayChoice choice, HingeHold hold, double guyNm, double backNm, double capacityNm) {
        double low = 0;
        double high = STRONGEST_GUST_MS;
        for (int i = 0; i < 30; i++) {
            double gust = (low + high) / 2;
            double wind = Tipping.windNm(stem, choice.cutHeightM(), gust);
            boolean stands = hold.designNm() - guyNm + wind < hold.capacityNm() && (backNm + wind <= 0 || backNm + wind <= capacityNm);
            low = stands ? gust : low;
            high = stands ? high : gust;
        }
        return low;
    }

    /** @return what probed walls leave of this lay's hinge; empty for fewer than three probes */
    public static Optional<Hollow> hollow(StemReading stem, LayChoice choice, CutCard card, StemMass mass) {
        return Probes.hollow(stem.more().walls(), choice.layDeg(), card.dLayM(), card.depthM(), card.hingeThickM(), mass.massHighKg(), 0, stem.species());
    }

    public boolean proven() {
        return reasons.isEmpty();
    }

    /** @return bias at its larger 95 % side, degrees, for what must be aimed off */
    public Optional<Double> worstOffDeg() {
        return biasDeg.flatMap(b -> sigmaDeg.map(s -> Math.abs(b) + Estimate.Z95 * s));
    }
}
