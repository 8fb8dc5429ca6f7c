package org.antevid.core.lay;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.antevid.core.assist.Wedges;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.quantity.Rounding;
import org.antevid.core.site.Site;
import org.antevid.core.stem.Hollow;
import org.antevid.core.stem.Probes;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.Tipping;
import org.antevid.core.stump.CutCard;
import org.antevid.core.stump.HingeHold;

/**
 * Whether hinge and means can be shown to govern the lay, and how far it then spreads. Not proven means: every
 * direction counts. Stricter than the dial in one thing: the means must beat the backward moment at its 95 % side.
 * Sources: geometry (a hinge keeps the sideways offset of the tip), mechanics (hinge yield turns the plane of fall),
 * practice rule (two degrees for wedges, reserve on lines).
 *
 * @param unproven why it is not proven, empty when it is
 * @param biasDeg expected turn off the lay, right positive; empty when not proven
 * @param sigmaDeg spread about it; empty when not proven
 * @param lostChance chance that control is lost altogether, by the wood of the hinge; 1 when not proven
 * @param backNm backward moment with its 95 % margin, N m; empty when the lean is not known
 * @param meansNm what the means can put against it; empty when not known
 * @param neededN pull needed in the line, with its reserve
 * @param standsGustMs gust from the worst side that the hinge, and the line where one pulls, stand beside all that;
 *     empty when not proven. Wedges wait for a lull. Wind is not in the other numbers.
 * @param leveredKg mass that goes with {@code backNm} where its angle counts, as for lift; 0 when the lean is not known
 */
public record LayControl(
        List<Unproven> unproven,
        Optional<Double> biasDeg,
        Optional<Double> sigmaDeg,
        double lostChance,
        Optional<HingeHold> hold,
        Optional<Double> backNm,
        Optional<Double> meansNm,
        Optional<Double> neededN,
        double forwardLeanDeg,
        Optional<Double> standsGustMs,
        double leveredKg) {

    private static final double STRONGEST_GUST_MS = 45;
    private static final LayControl LEAN_NOT_KNOWN = new LayControl(
            List.of(new Unproven(Why.LEAN_NOT_KNOWN, "the lean is not known: measure it, seen from two sides")),
            Optional.empty(),
            Optional.empty(),
            1,
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            0,
            Optional.empty(),
            0);

    /** What control of a lay fails by. */
    public enum Why {
        LEAN_NOT_KNOWN,
        SIDE_LEAN,
        HINGE_WOOD,
        CORNERS,
        MEANS_NOT_KNOWN,
        MEANS
    }

    /** One thing that keeps control from being proven, in words with its numbers. */
    public record Unproven(Why why, String words) {}

    /**
     * @return whether it is only the uncertainty that stands against it: the means beat what is expected and nothing
     *     else is missing
     */
    public boolean asExpected(Optional<Sweep.Row> row) {
        return !unproven.isEmpty()
                && unproven.stream().allMatch(u -> u.why == Why.MEANS)
                && row.filter(Sweep.Row::enoughAsExpected).isPresent();
    }

    /** @param row what the sweep says of this lay; empty while the lean is not known */
    public static LayControl of(StemReading stem, LayChoice choice, StemMass mass, Optional<Sweep.Row> row, Site site) {
        return row.map(r -> known(stem, choice, mass, r, site)).orElse(LEAN_NOT_KNOWN);
    }

    private static LayControl known(StemReading stem, LayChoice choice, StemMass mass, Sweep.Row row, Site site) {
        List<Unproven> reasons = new ArrayList<>();
        CutCard card = row.card();
        hollow(stem, choice, card, mass)
                .filter(h -> h.result().compareTo(Hollow.Result.RAISE_CUT_OR_MACHINE_ASSIST) >= 0)
                .ifPresent(h -> reasons.add(corners("the probes leave", h.cornerLeftM(), h.cornerRightM())));
        choice.cuts()
                .opened()
                .map(o -> o.of(card))
                .filter(o -> o.result().compareTo(Hollow.Result.RAISE_CUT_OR_MACHINE_ASSIST) >= 0)
                .ifPresent(o -> reasons.add(corners("the opened face shows", o.leftM(), o.rightM())));
        if (row.use() >= 1 && !row.wood().rotten()) {
            reasons.add(new Unproven(
                    Why.SIDE_LEAN,
                    String.format(
                            Locale.ROOT,
                            "it leans %.1f° to the %s of this lay, %s times what hinge%s",
                            sideDeg(row, mass),
                            row.sideNm() >= 0 ? "right" : "left",
                            Rounding.upText(Math.min(99, row.use())),
                            row.guyNm() > 0 ? " and guy hold" : " holds")));
        } else if (!row.controlled()) {
            reasons.add(new Unproven(
                    Why.HINGE_WOOD,
                    "no hinge of " + stem.corners(choice.layDeg()).worse().words() + " wood is relied on to steer"));
        }
        Means means = choice.means().aimed(stem.at(), choice.layDeg(), choice.cutHeightM(), site);
        double weight = mass.massHighKg() * StemMass.G;
        double designBackM = row.backHighNm() / weight - card.hingeOffsetM();
        Optional<Double> needed = row.backHighNm() <= 0
                ? means.neededN(0, mass, designBackM, card.hingeOffsetM())
                : means.neededN(row.backHighNm() + row.hold().forwardHoldNm(), mass, designBackM, card.hingeOffsetM());
        double levered = Tipping.of(stem, mass, choice.cutHeightM(), site.today())
                .leveredKg(row.backHighNm(), choice.layDeg(), card.hingeOffsetM());
        if (!row.enough()) {
            reasons.add(
                    row.capacityNm().isEmpty()
                            ? new Unproven(
                                    Why.MEANS_NOT_KNOWN,
                                    "height, anchor or pull of the "
                                            + means.kind().words() + " is not known")
                            : tooWeak(choice, means, mass.cgM(), levered, row, needed));
        }
        boolean proven = reasons.isEmpty();
        return new LayControl(
                List.copyOf(reasons),
                proven ? row.spread().biasDeg() : Optional.empty(),
                proven ? Optional.of(row.sigmaDeg()) : Optional.empty(),
                proven ? row.spread().lostChance() : 1,
                Optional.of(row.hold()),
                Optional.of(row.backHighNm()),
                row.capacityNm(),
                needed,
                row.leanDeg(),
                proven ? Optional.of(standsGust(stem, choice, row)) : Optional.empty(),
                levered);
    }

    private static Unproven corners(String who, double leftM, double rightM) {
        return new Unproven(
                Why.CORNERS,
                String.format(
                        Locale.ROOT,
                        "%s %.0f cm of wood at the left hinge corner, %.0f cm at the right",
                        who,
                        Math.floor(100 * leftM),
                        Math.floor(100 * rightM)));
    }

    /** @return the lean across the lay, degrees, the pull of a line off the lay in it */
    static double sideDeg(Sweep.Row row, StemMass mass) {
        return Math.toDegrees(Math.atan(Math.abs(row.sideNm()) / (mass.massKg() * StemMass.G * mass.cgM())));
    }

    /** What is missing, in what is read on site: millimetres of lift, kilograms on the rope. */
    private static Unproven tooWeak(
            LayChoice choice, Means means, double cgM, double leveredKg, Sweep.Row row, Optional<Double> needed) {
        double perNm = 1000 * row.card().behindHingeM() / (leveredKg * StemMass.G * cgM);
        return new Unproven(
                Why.MEANS,
                switch (means.kind()) {
                    case NOTHING ->
                        String.format(
                                Locale.ROOT,
                                "it may sit back: its weight may stand %.0f cm behind the hinge, and nothing "
                                        + "brings it over",
                                Math.ceil(100 * row.backHighNm() / (leveredKg * StemMass.G)));
                    case LEVER ->
                        String.format(
                                Locale.ROOT,
                                "the lever is good for %.0f mm of lift, it may need %.0f mm",
                                Math.floor(perNm * row.capacityNm().orElse(0.0)),
                                Math.ceil(perNm * row.backHighNm()));
                    case WEDGES -> wedges(wedges(choice.support().wedges(), cgM, leveredKg, row.card(), row, 0));
                    case HAND_LINE, MACHINE_LINE ->
                        "the " + means.kind().words() + " gives "
                                + Rounding.pullDown(means.tensionN().orElse(0.0))
                                + needed.map(n -> ", it may need " + Rounding.pull(n))
                                        .orElse(" and pulls down more than over");
                });
    }

    /** @return what wedges do against the backward moment of a lay at its 95 % side, with a wind against them */
    public static Wedges wedges(
            Wedges.Set set, double cgM, double leveredKg, CutCard card, Sweep.Row row, double windNm) {
        double back = row.backHighNm() / (leveredKg * StemMass.G);
        double turned = Math.atan(Math.max(0, back) / cgM);
        double offset = card.hingeOffsetM();
        return Wedges.of(
                Wedges.Load.usual(
                        leveredKg,
                        Math.max(-10, back - offset),
                        cgM,
                        offset,
                        Math.max(0.02, card.behindHingeM()),
                        windNm,
                        row.hold().bendNm(turned) / Wedges.SAFETY),
                set);
    }

    private static String wedges(Wedges w) {
        return w.reasons().contains(Wedges.Short.FORCE) && !w.reasons().contains(Wedges.Short.LIFT)
                ? String.format(
                        Locale.ROOT,
                        "each wedge may get %.0f kN and carries %.0f",
                        Math.ceil(Wedges.SAFETY * w.forcePerWedgeN() / 1000),
                        Wedges.FORCE_CAP_N / 1000)
                : w.reasons().equals(List.of(Wedges.Short.BACK_LEAN))
                        ? String.format(
                                Locale.ROOT,
                                "it may lean back %.1f°, more than wedges are tried on",
                                Math.ceil(10 * w.backAngleDeg()) / 10)
                        : String.format(
                                Locale.ROOT,
                                "the wedges lift %.0f mm, it may need %.0f mm",
                                Math.floor(1000 * w.liftAvailableM()),
                                Math.ceil(1000 * w.liftDesignM()));
    }

    /**
     * Bisection: the moment of the wind only grows with the gust. Lean and gust are not at their worst together: their
     * margins join in quadrature.
     */
    private static double standsGust(StemReading stem, LayChoice choice, Sweep.Row row) {
        double low = 0;
        double high = STRONGEST_GUST_MS;
        double side = Math.max(0, Math.abs(row.sideNm()) - row.guyNm());
        double sideMargin = row.hold().designNm() - Math.abs(row.sideNm());
        double backMargin = row.backHighNm() - row.backNm();
        double means = row.capacityNm().orElse(0.0);
        for (int i = 0; i < 30; i++) {
            double gust = (low + high) / 2;
            double wind = Tipping.windNm(stem, choice.cutHeightM(), gust);
            double back = row.backNm() + Math.hypot(backMargin, wind);
            boolean stands = side + Math.hypot(sideMargin, wind) < row.hold().capacityNm()
                    && (!choice.means().isLine() || back <= 0 || back <= means);
            low = stands ? gust : low;
            high = stands ? high : gust;
        }
        return low;
    }

    /** @return what probed walls leave of this lay's hinge; empty for fewer than three probes */
    public static Optional<Hollow> hollow(StemReading stem, LayChoice choice, CutCard card, StemMass mass) {
        return Probes.hollow(
                stem.more().walls(),
                choice.layDeg(),
                card.dLayM(),
                card.depthM(),
                card.hingeThickM(),
                mass.massHighKg(),
                0,
                stem.species());
    }

    public boolean proven() {
        return unproven.isEmpty();
    }

    /** @return why it is not proven, in words */
    public List<String> reasons() {
        return unproven.stream().map(Unproven::words).toList();
    }

    public boolean failsBy(Why why) {
        return unproven.stream().anyMatch(u -> u.why == why);
    }

    /** @return bias at its larger 95 % side, degrees, for what must be aimed off */
    public Optional<Double> worstOffDeg() {
        return biasDeg.flatMap(b -> sigmaDeg.map(s -> Math.abs(b) + Estimate.Z95 * s));
    }
}
