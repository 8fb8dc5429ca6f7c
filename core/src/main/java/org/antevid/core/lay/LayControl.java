package org.antevid.core.lay;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.antevid.core.assist.Wedges;
import org.antevid.core.lay.sweep.JudgedLay;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Estimate;
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
 * @param doubts why it is not proven, empty when it is
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
        List<Doubt> doubts,
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
    /** More times than this is told as this. */
    private static final double MOST_TIMES = 99;

    private static final LayControl LEAN_NOT_KNOWN = new LayControl(
            List.of(Doubt.of(LayDoubt.LEAN_NOT_KNOWN)),
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

    /** One thing that keeps control from being proven, with its numbers. */
    public record Doubt(Why why, Message message) {
        private static Doubt of(LayDoubt what) {
            return new Doubt(what.why(), Message.of(what));
        }

        private Doubt with(String name, Arg arg) {
            return new Doubt(why, message.with(name, arg));
        }
    }

    /**
     * @return whether it is only the uncertainty that stands against it: the means beat what is expected and nothing
     *     else is missing
     */
    public boolean asExpected(Optional<JudgedLay> judged) {
        return !doubts.isEmpty()
                && doubts.stream().allMatch(u -> u.why == Why.MEANS)
                && judged.filter(r -> r.back().enoughAsExpected()).isPresent();
    }

    /** @param judged what the sweep says of this lay; empty while the lean is not known */
    public static LayControl of(
            StemReading stem, LayChoice choice, StemMass mass, Optional<JudgedLay> judged, Site site) {
        return judged.map(r -> known(stem, choice, mass, r, site)).orElse(LEAN_NOT_KNOWN);
    }

    private static LayControl known(StemReading stem, LayChoice choice, StemMass mass, JudgedLay judged, Site site) {
        List<Doubt> reasons = new ArrayList<>();
        CutCard card = judged.cuts().card();
        hollow(stem, choice, card, mass)
                .filter(h -> h.result().compareTo(Hollow.Result.RAISE_CUT_OR_MACHINE_ASSIST) >= 0)
                .ifPresent(h -> reasons.add(corners(LayDoubt.PROBED_CORNERS, h.cornerLeftM(), h.cornerRightM())));
        choice.cuts()
                .opened()
                .map(o -> o.of(card))
                .filter(o -> o.result().compareTo(Hollow.Result.RAISE_CUT_OR_MACHINE_ASSIST) >= 0)
                .ifPresent(o -> reasons.add(corners(LayDoubt.OPENED_CORNERS, o.leftM(), o.rightM())));
        if (judged.control().use() >= 1 && !judged.control().wood().rotten()) {
            reasons.add(Doubt.of(LayDoubt.SIDE_LEAN)
                    .with("side", Arg.up(Dimension.ANGLE, sideDeg(judged, mass)))
                    .with("right", Arg.flag(judged.lean().sideNm() >= 0))
                    .with(
                            "times",
                            Arg.up(
                                    Dimension.TIMES,
                                    Math.min(MOST_TIMES, judged.control().use())))
                    .with("guyed", Arg.flag(judged.control().guyNm() > 0)));
        } else if (!judged.control().governed()) {
            reasons.add(Doubt.of(LayDoubt.HINGE_WOOD)
                    .with("wood", Arg.term(stem.corners(choice.layDeg()).worse())));
        }
        Means means = choice.means().aimed(stem.at(), choice.layDeg(), choice.cutHeightM(), site);
        double weight = mass.massHighKg() * StemMass.G;
        double designBackM = judged.back().highNm() / weight - card.hingeOffsetM();
        Optional<Double> needed = judged.back().highNm() <= 0
                ? means.neededN(0, mass, designBackM, card.hingeOffsetM())
                : means.neededN(
                        judged.back().highNm() + judged.control().hold().forwardHoldNm(),
                        mass,
                        designBackM,
                        card.hingeOffsetM());
        double levered = Tipping.of(stem, mass, choice.cutHeightM(), site.today())
                .leveredKg(judged.back().highNm(), choice.layDeg(), card.hingeOffsetM());
        if (!judged.back().enough()) {
            reasons.add(
                    judged.back().capacityNm().isEmpty()
                            ? Doubt.of(LayDoubt.MEANS_NOT_KNOWN).with("line", Arg.term(means.kind()))
                            : tooWeak(choice, means, mass.cgM(), levered, judged, needed));
        }
        boolean proven = reasons.isEmpty();
        return new LayControl(
                List.copyOf(reasons),
                proven ? judged.control().spread().biasDeg() : Optional.empty(),
                proven ? Optional.of(judged.control().sigmaDeg()) : Optional.empty(),
                proven ? judged.control().spread().lostChance() : 1,
                Optional.of(judged.control().hold()),
                Optional.of(judged.back().highNm()),
                judged.back().capacityNm(),
                needed,
                judged.lean().deg(),
                proven ? Optional.of(standsGust(stem, choice, judged)) : Optional.empty(),
                levered);
    }

    private static Doubt corners(LayDoubt what, double leftM, double rightM) {
        return Doubt.of(what)
                .with("left", Arg.down(Dimension.REACH, leftM))
                .with("right", Arg.down(Dimension.REACH, rightM));
    }

    /** @return the lean across the lay, degrees, the pull of a line off the lay in it */
    static double sideDeg(JudgedLay judged, StemMass mass) {
        return Math.toDegrees(Math.atan(Math.abs(judged.lean().sideNm()) / (mass.massKg() * StemMass.G * mass.cgM())));
    }

    /** What is missing, in what is read on site: millimetres of lift, kilograms on the rope. */
    private static Doubt tooWeak(
            LayChoice choice, Means means, double cgM, double leveredKg, JudgedLay judged, Optional<Double> needed) {
        double perNm = judged.cuts().card().behindHingeM() / (leveredKg * StemMass.G * cgM);
        return switch (means.kind()) {
            case NOTHING ->
                Doubt.of(LayDoubt.SITS_BACK)
                        .with("behind", Arg.up(Dimension.REACH, judged.back().highNm() / (leveredKg * StemMass.G)));
            case LEVER ->
                Doubt.of(LayDoubt.LEVER_LIFTS_LESS)
                        .with(
                                "lift",
                                Arg.down(
                                        Dimension.SHORT,
                                        perNm * judged.back().capacityNm().orElse(0.0)))
                        .with(
                                "need",
                                Arg.up(Dimension.SHORT, perNm * judged.back().highNm()));
            case WEDGES ->
                wedges(wedges(
                        choice.support().wedges(), cgM, leveredKg, judged.cuts().card(), judged, 0));
            case HAND_LINE, MACHINE_LINE -> {
                Doubt line = Doubt.of(needed.isPresent() ? LayDoubt.LINE_WEAK : LayDoubt.LINE_PULLS_DOWN)
                        .with("line", Arg.term(means.kind()))
                        .with("gives", Arg.down(Dimension.PULL, means.tensionN().orElse(0.0)));
                yield needed.map(n -> line.with("need", Arg.up(Dimension.PULL, n)))
                        .orElse(line);
            }
        };
    }

    /** @return what wedges do against the backward moment of a lay at its 95 % side, with a wind against them */
    public static Wedges wedges(
            Wedges.Set set, double cgM, double leveredKg, CutCard card, JudgedLay judged, double windNm) {
        double back = judged.back().highNm() / (leveredKg * StemMass.G);
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
                        judged.control().hold().bendNm(turned) / Wedges.SAFETY),
                set);
    }

    private static Doubt wedges(Wedges w) {
        if (w.reasons().contains(Wedges.Short.FORCE) && !w.reasons().contains(Wedges.Short.LIFT)) {
            return Doubt.of(LayDoubt.WEDGE_FORCE)
                    .with("gets", Arg.up(Dimension.FORCE, Wedges.SAFETY * w.forcePerWedgeN()))
                    .with("carries", Arg.down(Dimension.FORCE, Wedges.FORCE_CAP_N));
        }
        return w.reasons().equals(List.of(Wedges.Short.BACK_LEAN))
                ? Doubt.of(LayDoubt.WEDGES_BACK_LEAN).with("back", Arg.up(Dimension.ANGLE, w.backAngleDeg()))
                : Doubt.of(LayDoubt.WEDGES_LIFT_LESS)
                        .with("lift", Arg.down(Dimension.SHORT, w.liftAvailableM()))
                        .with("need", Arg.up(Dimension.SHORT, w.liftDesignM()));
    }

    /**
     * Bisection: the moment of the wind only grows with the gust. Lean and gust are not at their worst together: their
     * margins join in quadrature.
     */
    private static double standsGust(StemReading stem, LayChoice choice, JudgedLay judged) {
        double low = 0;
        double high = STRONGEST_GUST_MS;
        double side =
                Math.max(0, Math.abs(judged.lean().sideNm()) - judged.control().guyNm());
        double sideMargin =
                judged.control().hold().designNm() - Math.abs(judged.lean().sideNm());
        double backMargin = judged.back().highNm() - judged.back().nm();
        double means = judged.back().capacityNm().orElse(0.0);
        for (int i = 0; i < 30; i++) {
            double gust = (low + high) / 2;
            double wind = Tipping.windNm(stem, choice.cutHeightM(), gust);
            double back = judged.back().nm() + Math.hypot(backMargin, wind);
            boolean stands = side + Math.hypot(sideMargin, wind)
                            < judged.control().hold().capacityNm()
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
                stem.greenWood());
    }

    public boolean proven() {
        return doubts.isEmpty();
    }

    /** @return why it is not proven, in words */
    public List<Message> reasons() {
        return doubts.stream().map(Doubt::message).toList();
    }

    public boolean failsBy(Why why) {
        return doubts.stream().anyMatch(u -> u.why == why);
    }

    /** Standard deviations to each side that hold 95 in 100 falls. */
    private static final double NINETY_FIVE = 1.96;

    /** @return half of the sector about the expected lay that holds 95 in 100 falls; empty when not proven */
    public Optional<Double> within95Deg() {
        return sigmaDeg.map(s -> NINETY_FIVE * s);
    }

    /** @return bias at its larger 95 % side, degrees, for what must be aimed off */
    public Optional<Double> worstOffDeg() {
        return biasDeg.flatMap(b -> sigmaDeg.map(s -> Math.abs(b) + Estimate.Z95 * s));
    }
}
