package org.antevid.core.cutting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.antevid.core.assist.Lever;
import org.antevid.core.assist.Rig;
import org.antevid.core.assist.SideGuy;
import org.antevid.core.assist.Wedges;
import org.antevid.core.lay.Guy;
import org.antevid.core.lay.LayChoice;
import org.antevid.core.lay.LayControl;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.Means;
import org.antevid.core.lay.sweep.JudgedLay;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.site.Site;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.Tipping;
import org.antevid.core.stump.BackCut;
import org.antevid.core.stump.CutCard;
import org.antevid.core.stump.CutChoice;
import org.antevid.core.stump.HingeHold;
import org.antevid.core.stump.OpenedFace;
import org.antevid.core.stump.School;
import org.antevid.core.stump.SplitRisk;
import org.antevid.core.stump.StrapHold;

/**
 * Everything that follows for the saw from one lay of one stem. What depends on the lean is empty while the lean is not
 * known; a line that cannot be computed says why. Winds are those at the limit at which work stops.
 *
 * @param byTheRule card with nothing the leader set himself
 * @param strap against the lean at its 95 % side, the wind that is there now and the pretension; empty when no strap is
 *     left or the lean is not known
 * @param strapFull the same should somebody pull in full before the release
 * @param wedges whatever the means: what they could do in still air, as the dial has it
 * @param wedgesInWind the same with the wind against them
 * @param refused why a line that was chosen cannot be computed
 * @param opened what is left of the hinge as the opened face showed it
 * @param reread the wood is suspect: the face is read when it is open
 */
public record CutPlan(
        LayPlan lay,
        CutCard byTheRule,
        BackCut backCut,
        Optional<HingeHold> hinge,
        Optional<StrapHold> strap,
        Optional<StrapHold> strapFull,
        Optional<Splitting> splitting,
        Passes passes,
        Optional<Wedges> wedges,
        Optional<Wedges> wedgesInWind,
        Optional<Lever> lever,
        Optional<Pull> pull,
        Optional<Pull> fallback,
        List<Message> refused,
        Optional<SideGuy> guy,
        CutHeights heights,
        Optional<OpenedFace.WoodLeft> opened,
        boolean reread,
        double windNm,
        double gustMs,
        InWind inWind) {

    /**
     * What holds in the wind that is there now and would not at the limit.
     *
     * @param strapHolds at the limit
     * @param splits more readily at the limit than now
     */
    public record InWind(boolean strapHolds, boolean splits) {}

    /**
     * Moment of the line while it is cut: all that is pulled when it is drawn as the kerf opens, else what it needs.
     */
    private static double pulledNm(LayPlan p, Optional<Pull> pull) {
        boolean all = p.choice().means().rig().when() == Rig.PullBegin.KERF_OPENS;
        return pull.map(l -> Math.max(
                                l.still().tensionN(),
                                all ? l.means().fullPullN().orElse(0.0) : 0)
                        * l.still().armM())
                .orElse(0.0);
    }

    /** The gust limit at which work stops comes from {@code site.today()}. */
    public static CutPlan of(LayPlan p, Site site) {
        CutChoice cuts = p.choice().cuts();
        CutCard card = p.card();
        CutCard rule = rule(p);
        BackCut back = p.backCut();
        StemReading stem = p.stem();
        double gust = site.today().designGustMs();
        double wind = Tipping.windNm(stem, p.choice().cutHeightM(), gust);
        List<Message> refused = new ArrayList<>();
        Optional<Pull> pull = p.judged()
                .flatMap(r -> pull(p, r, p.choice().means(), gust, wind, CutRemark.LINE_REFUSED, refused, site));
        Optional<Pull> fallback = p.judged().flatMap(r -> p.choice()
                .support()
                .fallback()
                .flatMap(m -> pull(p, r, m, gust, wind, CutRemark.FALLBACK_REFUSED, refused, site)));
        double windNow =
                Tipping.windNm(stem, p.choice().cutHeightM(), site.today().judgedGustMs());
        double pretension = pull.map(l -> l.pretensionN() * l.still().armM()).orElse(0.0);
        Optional<StrapHold> strap = p.judged()
                .filter(r -> back == BackCut.BORE_STRAP)
                .flatMap(r -> p.strapAgainst(r.forwardHighNm() + windNow + pretension));
        boolean strapAtLimit = p.judged()
                .filter(r -> back == BackCut.BORE_STRAP)
                .flatMap(r -> p.strapAgainst(r.forwardHighNm() + wind + pretension))
                .map(StrapHold::holds)
                .orElse(true);
        Optional<StrapHold> full = strap.flatMap(
                s -> pull.flatMap(l -> p.strapAgainst(p.judged().orElseThrow().forwardHighNm()
                        + wind
                        + l.atLimit().tensionN() * l.atLimit().armM())));
        Optional<Splitting> splitting = p.judged()
                .filter(r -> card.depthM() + card.hingeThickM() < card.dLayM())
                .map(r -> {
                    double pulled = pulledNm(p, pull);
                    return Splitting.of(p, r, back, Math.max(0, r.forwardHighNm() + pulled), pulled);
                });
        boolean splitsInWind = splitting
                .filter(x -> x.risk().result().compareTo(SplitRisk.Level.HIGH) < 0)
                .map(x -> Splitting.level(p, p.judged().orElseThrow(), back, x.forwardNm() + wind)
                                .compareTo(SplitRisk.Level.HIGH)
                        >= 0)
                .orElse(false);
        double slope = site.groundAt(stem.at()).slopeDeg();
        return new CutPlan(
                p,
                rule,
                back,
                p.judged().map(r -> r.control().hold()),
                strap,
                full,
                splitting,
                Passes.of(p, back),
                p.judged().map(r -> wedges(p, r, 0)),
                p.judged().map(r -> wedges(p, r, wind)),
                p.judged().map(r -> lever(p, r)),
                pull,
                fallback,
                List.copyOf(refused),
                p.judged().flatMap(r -> guy(p, r, site)),
                CutHeights.of(p, slope),
                cuts.opened().map(o -> o.of(card)),
                suspect(p),
                wind,
                gust,
                new InWind(strapAtLimit, splitsInWind));
    }

    /** A hinge that mechanics wants this much thicker than practice is none: something else is wrong (judgement). */
    private static final double FAR_MORE = 1.5;

    /** @return which of practice and mechanics decides how thick the hinge is */
    public HingeBy hingeBy() {
        double practice = byTheRule.ruleHingeM();
        return mechanicsHingeM()
                .map(m -> m > FAR_MORE * practice
                        ? HingeBy.ASKS_FAR_MORE
                        : m > practice ? HingeBy.MECHANICS : HingeBy.PRACTICE)
                .orElse(HingeBy.NO_HINGE_WOOD);
    }

    /** @return whether the stem is thin enough at the cut for a felling lever */
    public boolean leverFits() {
        return Lever.fits(card().dLayM());
    }

    /** @return whether a lever alone beats the backward moment at its 95 % side */
    public boolean leverEnough() {
        double back = lay.judged().map(r -> r.back().highNm()).orElse(0.0);
        return leverFits()
                && lever.filter(l -> l.capacityNm() >= Math.max(0, back)).isPresent();
    }

    private static final double LEAST_BEHIND_M = 0.02;

    /** @return how far the tip moves for each metre that wedges lift the back */
    public double tipPerLift() {
        return lay.zone().lengthM() / Math.max(LEAST_BEHIND_M, card().behindHingeM());
    }

    private static CutCard rule(LayPlan p) {
        CutChoice by = p.choice().cuts().measuresByTheRule();
        double slope = p.zone().slopeAlongDeg();
        Condition wood = p.judged()
                .map(r -> r.control().wood())
                .orElseGet(() -> p.stem().corners(p.choice().layDeg()).worse());
        return CutCard.of(by.stump(
                p.choice().school(),
                by.wood(p.mass().dCutM(), p.choice().layDeg()),
                p.choice().layDeg(),
                wood,
                p.control().forwardLeanDeg(),
                slope,
                CutChoice.bar(p.choice().barM()),
                p.choice().means().movedBy(),
                by.flare(p.choice().cutHeightM())));
    }

    private static Optional<Pull> pull(
            LayPlan p,
            JudgedLay r,
            Means m,
            double gust,
            double wind,
            CutRemark which,
            List<Message> refused,
            Site site) {
        if (!m.isLine()) {
            return Optional.empty();
        }
        if (!m.measured()) {
            refused.add(Message.of(which).with("because", Arg.said(Message.of(CutRemark.LINE_NOT_MEASURED))));
            return Optional.empty();
        }
        try {
            return Optional.of(Pull.of(p, r, m, gust, wind, site));
        } catch (RefusedInput e) {
            refused.add(
                    Message.of(which).with("because", Arg.said(e.faults().get(0).says())));
            return Optional.empty();
        }
    }

    private static Wedges wedges(LayPlan p, JudgedLay r, double windNm) {
        return LayControl.wedges(
                p.choice().support().wedges(), p.mass().cgM(), p.control().leveredKg(), p.card(), r, windNm);
    }

    private static Lever lever(LayPlan p, JudgedLay r) {
        return Lever.of(
                p.control().leveredKg(),
                p.mass().cgM(),
                p.card().behindHingeM(),
                r.control().hold().forwardHoldNm(),
                r.control().hold().bendPerRadNm(),
                p.card().dLayM());
    }

    private static Optional<SideGuy> guy(LayPlan p, JudgedLay r, Site site) {
        return p.choice().support().guy().flatMap((Guy g) -> g.on(
                        p.stem().at(),
                        p.choice().layDeg(),
                        r.lean().sideNm() >= 0,
                        p.stem().height().orElseThrow().high(),
                        p.choice().cutHeightM(),
                        site)
                .flatMap(at -> {
                    try {
                        return Optional.of(SideGuy.of(
                                at,
                                SideGuy.Load.all(
                                        r.control().hold().designNm(), g.rope().map(x -> x.mbsN()))));
                    } catch (RefusedInput e) {
                        return Optional.empty();
                    }
                }));
    }

    /**
     * Recorded decay, a fault at the cut or a doubtful condition: nobody knows the hinge before the face is open
     * (practice rule).
     */
    private static boolean suspect(LayPlan p) {
        StemReading s = p.stem();
        return p.choice().cuts().opened().isPresent()
                || s.corners(p.choice().layDeg()).worse() != Condition.SOUND
                || s.wood().core() != Condition.SOUND
                || s.brash()
                || s.defects().stream()
                        .anyMatch(d -> d.atTheHinge() && d.kind().atTheHinge().isPresent());
    }

    public CutCard card() {
        return lay.card();
    }

    /** @return loose wood above: no wedge is driven beneath it, whatever the sums say (practice rule) */
    public List<Message> looseAbove() {
        return lay.stem().defects().stream()
                .filter(d -> d.kind().loose())
                .map(d -> Message.of(CutRemark.LOOSE_ABOVE)
                        .with("kind", Arg.term(d.kind()))
                        .with("at", Arg.of(Dimension.DISTANCE, d.fromM())))
                .toList();
    }

    public boolean strapLeft() {
        return backCut == BackCut.BORE_STRAP && card().borePossible();
    }

    public List<CutStep> steps() {
        return CutSteps.of(this);
    }

    /** @return every type of cut on this stem by its rule; one that cannot be cut here is left out */
    public List<TypeOfCut> types(Site site) {
        LayChoice by = lay.choice().by(lay.choice().cuts().measuresByTheRule());
        return Arrays.stream(School.values())
                .flatMap((School s) -> {
                    try {
                        return java.util.stream.Stream.of(
                                TypeOfCut.of(LayPlan.of(lay.stem(), by.by(s), site, lay.limits())));
                    } catch (RefusedInput e) {
                        return java.util.stream.Stream.empty();
                    }
                })
                .toList();
    }

    /**
     * @param lines that could be rigged here, as proposed
     * @return what comes next where wedges are not enough, what does it first; empty where they are
     */
    public List<NextHelp> next(Site site, List<Means> lines) {
        return NextHelp.of(this, site, lines);
    }

    /** @return forward lean that bends the hinge over by itself, degrees, counted with the light mass */
    public Optional<Double> bendsDeg() {
        return hinge.map(h -> bendsDeg(h.forwardHoldNm()));
    }

    /** @return the same for the hinge of another type of cut */
    public double bendsDeg(double holdNm) {
        return Tipping.asLeanDeg(
                holdNm, lay.mass().massLowKg() * StemMass.G, lay.mass().cgM());
    }

    /** @return where a moment puts the centre of gravity behind the hinge, metres; only where the lean is known */
    public double asOffsetM(double momentNm) {
        return momentNm / (lay.control().leveredKg() * StemMass.G);
    }

    /** @return causes of a stem that does not move, with an uncut band of this size */
    public List<DoesNotMove> doesNotMove(DoesNotMove.Uncut uncut) {
        return DoesNotMove.of(lay, pull, uncut);
    }

    /**
     * @return wood that is left where the hinge stands thicker at the end the side lean pulls at; empty while nothing
     *     asks for it
     */
    public Optional<Taper> taper() {
        return lay.judged().flatMap(r -> byRuleHold(r)
                .filter(h -> h.utilisation() >= 0.15 && Double.isFinite(h.utilisation()) && byTheRule.hingeThickM() > 0)
                .map(h -> r.lean().sideNm() >= 0
                        ? new Taper(h.tensionSideM(), h.leanSideM())
                        : new Taper(h.leanSideM(), h.tensionSideM())));
    }

    /** Hinge thickness offered at both ends, metres. */
    public record Taper(double leftM, double rightM) {}

    private Optional<HingeHold> byRuleHold(JudgedLay r) {
        return Optional.of(HingeHold.of(
                lay.stem().greenWood(),
                r.control().wood(),
                byTheRule,
                1,
                r.lean().sideNm(),
                r.lean().sigmaSideNm(),
                r.lean().forwardNm()));
    }

    /** @return thickness by the mechanics for three tenths of use, beside the rule's; empty while not known */
    public Optional<Double> mechanicsHingeM() {
        return lay.judged().flatMap(r -> byRuleHold(r).flatMap(HingeHold::neededThickM));
    }

    /** @return all measures in the order in which they are cut */
    public List<Measure> measures() {
        return Measures.of(this);
    }
}
