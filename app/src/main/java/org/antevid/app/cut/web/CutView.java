package org.antevid.app.cut.web;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.antevid.app.reader.Speech;
import org.antevid.core.assist.SideGuy;
import org.antevid.core.assist.Wedges;
import org.antevid.core.brief.CutPart;
import org.antevid.core.cutting.CutPlan;
import org.antevid.core.cutting.NextHelp;
import org.antevid.core.cutting.Pull;
import org.antevid.core.cutting.Splitting;
import org.antevid.core.cutting.TypeOfCut;
import org.antevid.core.cutting.WedgeSet;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.message.Shown;
import org.antevid.core.message.Side;
import org.antevid.core.quantity.Rounding;
import org.antevid.core.site.Site;
import org.antevid.core.stump.School;
import org.antevid.core.stump.SplitRisk;

/** The cut card as the leader's screen shows it. Needs and loads are rounded up, capacities down, before they leave. */
public record CutView(
        CutPart card,
        double cutHeightM,
        boolean controlProven,
        List<String> controlReasons,
        List<String> warnings,
        Optional<HingeView> hinge,
        Optional<StrapCardView> strap,
        Optional<SplitView> splitting,
        WedgesView wedges,
        Optional<LineView> line,
        Optional<LineView> fallback,
        List<String> refused,
        Optional<GuyView> guy,
        Optional<NeedView> need,
        List<String> heights,
        @Shown(in = Dimension.HEIGHT, to = Side.UP) Optional<Double> suggestedHeightM,
        String insteadOfHeight,
        boolean reread,
        Optional<OpenedView> opened,
        List<TypeView> types,
        String orderMakesEasier) {

    /**
     * Two answers for the hinge, the worse decides.
     *
     * @param practiceM by the type of cut
     * @param mechanicsM for three tenths of use; empty for wood that is no hinge
     * @param taperLeftM offered where the side lean asks for it
     * @param sidePercent what the side lean takes of what it holds, 95 %, up
     * @param guyPercent what a guy takes of the side lean, down
     * @param bendsDeg forward lean that bends it over by itself, up
     */
    record HingeView(
            @Shown(in = Dimension.SHORT, to = Side.UP) double practiceM,
            @Shown(in = Dimension.SHORT, to = Side.UP) Optional<Double> mechanicsM,
            String decides,
            @Shown(in = Dimension.SAWN, to = Side.UP) Optional<Double> taperLeftM,
            @Shown(in = Dimension.SAWN, to = Side.UP) Optional<Double> taperRightM,
            Optional<Double> sidePercent,
            double guyPercent,
            double bendsDeg,
            boolean movesAlone) {}

    /** @param fullRatio should somebody pull in full before the release */
    record StrapCardView(
            @Shown(in = Dimension.TIMES, to = Side.DOWN) Optional<Double> ratio,
            boolean holds,
            @Shown(in = Dimension.SHORT, to = Side.UP) Optional<Double> neededM,
            @Shown(in = Dimension.TIMES, to = Side.DOWN) Optional<Double> fullRatio,
            double tensionN,
            String wood) {}

    record ChangeView(String words, Optional<SplitRisk.Level> level) {}

    record SplitView(
            SplitRisk.Level level,
            SplitRisk.Level practice,
            double index,
            SplitRisk.Level mechanics,
            double ratio,
            Map<String, Double> points,
            double movesAtM,
            boolean movesEarly,
            List<ChangeView> changes,
            List<String> likely) {}

    /**
     * @param forceInWind each, with the wind at {@code gustMs} against them
     * @param tipPerMmM what one millimetre of lift moves the tip
     */
    record WedgesView(
            boolean known,
            String set,
            GaugeView lift,
            GaugeView force,
            GaugeView forceInWind,
            double gustMs,
            String gust,
            @Shown(in = Dimension.FORCE, to = Side.UP) double driveN,
            @Shown(in = Dimension.REACH, to = Side.UP) double tipPerMmM,
            Optional<Integer> levels,
            List<String> reasons,
            boolean enough,
            List<NextView> next,
            boolean leverFits,
            boolean leverEnough,
            List<String> looseAbove) {}

    /** What comes next where the wedges are not enough. */
    record NextView(NextHelp.Kind kind, String words, boolean enough) {}

    record CheckView(String key, String words, Optional<Boolean> ok, boolean lookAgain) {}

    /**
     * @param available empty where nobody knows it
     * @param sideDeg lean to the right that a pull off the lay stands for
     */
    record LineView(
            String kind,
            GaugeView still,
            GaugeView now,
            @Shown(in = Dimension.SPEED, to = Side.UP) double nowMs,
            GaugeView atLimit,
            Optional<String> available,
            double gustMs,
            String gust,
            @Shown(in = Dimension.SECTOR, to = Side.NEAREST) double angleDeg,
            @Shown(in = Dimension.LENGTH, to = Side.DOWN) double armM,

            @Shown(in = Dimension.ANGLE, to = Side.UP, unsigned = true)
            double sideDeg,

            Optional<Integer> people,
            String pretension,
            @Shown(in = Dimension.LENGTH, to = Side.UP) double travelTieM,
            @Shown(in = Dimension.LENGTH, to = Side.UP) double travelHaulM,
            @Shown(in = Dimension.DISTANCE, to = Side.UP) double personDistM,
            boolean enough,
            List<CheckView> checks,
            List<String> signal) {}

    /** @param takesPercent what it takes of the side lean, down */
    record GuyView(String tension, List<LengthChange> changes, double takesPercent, List<String> warnings) {}

    /** How much longer the guy would have to be when the stem has turned by so many degrees; shorter is negative. */
    record LengthChange(
            int deg,
            @Shown(in = Dimension.HEIGHT, to = Side.UP) double changeM,
            boolean longer) {}

    /**
     * How far behind the hinge the weight sits at its 95 % side, how far the means bring it over, and what the wind at
     * its limit adds; metres at the centre of gravity.
     */
    record NeedView(
            @Shown(in = Dimension.REACH, to = Side.UP) double backM,
            @Shown(in = Dimension.REACH, to = Side.DOWN) Optional<Double> meansM,
            @Shown(in = Dimension.REACH, to = Side.UP) double windM) {}

    private static final double CM = 100;
    /** Lengths on the card are said in whole steps of this. */
    private static final double STEP_M = 0.005;
    /** Side use of what is no hinge at all. */
    private static final double NOT_A_HINGE = 99;

    private static final GaugeView NOTHING = GaugeView.of(0, 0, Dimension.SHORT);

    public record OpenedView(
            @Shown(in = Dimension.SHORT, to = Side.DOWN) double soundLeftM,
            @Shown(in = Dimension.SHORT, to = Side.DOWN) double soundRightM,
            String wood,
            String note,
            String who,
            Instant at,
            boolean holds,
            @Shown(in = Dimension.SHARE, to = Side.DOWN) Optional<Double> woodShare,
            Optional<String> result) {}

    /** One type of cut on this stem. Figures of its own rule. */
    record TypeView(
            School school,
            String words,
            String firstCut,

            @Shown(in = Dimension.OPENING, to = Side.NEAREST)
            double faceDeg,

            @Shown(in = Dimension.SAWN, to = Side.NEAREST) double depthM,
            @Shown(in = Dimension.SAWN, to = Side.UP) double hingeM,
            @Shown(in = Dimension.SAWN, to = Side.DOWN) double hingeLengthM,
            @Shown(in = Dimension.SAWN, to = Side.NEAREST) double stepM,
            Optional<Double> sidePercent,
            double bendsDeg,
            boolean bored,
            String whenClosed,
            String goodFor,
            String disagree,
            List<String> contradictions,
            boolean house) {}

    public static CutView of(
            CutPlan p, CutPart.Hands hands, Site site, List<NextHelp> next, School house, Optional<OpenedView> opened) {
        LayPlan lay = p.lay();
        return new CutView(
                CutPart.of(p, hands),
                lay.choice().cutHeightM(),
                lay.control().proven(),
                Speech.words().say(lay.control().reasons()),
                Speech.words().terms(p.card().warnings()),
                p.hinge().map(h -> hinge(p)),
                strap(p),
                p.splitting().map(CutView::splitting),
                wedges(p, next),
                p.pull().map(l -> line(p, l, hands)),
                p.fallback().map(l -> line(p, l, hands)),
                Speech.words().say(p.refused()),
                p.guy().map(g -> guy(p, g)),
                lay.judged()
                        .map(r -> new NeedView(
                                p.asOffsetM(r.back().highNm()),
                                r.back().capacityNm().map(p::asOffsetM),
                                p.asOffsetM(p.windNm()))),
                p.heights().reasons().stream()
                        .map(r -> Speech.words().say(r.says()))
                        .toList(),
                p.heights().suggested(),
                Speech.words().say(p.heights().instead()),
                p.reread(),
                opened,
                p.types(site).stream().map(t -> type(p, t, house)).toList(),
                Speech.words().term(lay.choice().cuts().faceOrder()) + ": "
                        + Speech.words().term(lay.choice().cuts().faceOrder(), "easier"));
    }

    private static HingeView hinge(CutPlan p) {
        var h = p.hinge().orElseThrow();
        return new HingeView(
                p.byTheRule().ruleHingeM(),
                p.mechanicsHingeM(),
                Speech.words().say(Message.of(p.hingeBy())),
                p.taper().map(t -> sawn(t.leftM())),
                p.taper().map(t -> sawn(t.rightM())),
                p.lay()
                        .judged()
                        .map(r -> r.control().use())
                        .filter(u -> u < NOT_A_HINGE)
                        .map(u -> Rounding.up(CM * u, 0)),
                guyPercent(p),
                Rounding.up(p.bendsDeg().orElseThrow(), 1),
                h.movesAlone());
    }

    private static Optional<StrapCardView> strap(CutPlan p) {
        return p.strap()
                .map(s -> new StrapCardView(
                        s.ratio().map(r -> Rounding.down(r, 1)),
                        s.holds(),
                        s.neededM().map(n -> Rounding.up(n, 3)),
                        p.strapFull().flatMap(f -> f.ratio()).map(r -> Rounding.down(r, 1)),
                        Rounding.up(s.tensionN(), -2),
                        Speech.words()
                                .term(p.lay()
                                        .stem()
                                        .wood()
                                        .strap(p.lay().choice().layDeg()))));
    }

    private static SplitView splitting(Splitting s) {
        Map<String, Double> points = s.risk().points().entrySet().stream()
                .filter(e -> e.getValue() != 0)
                .collect(Collectors.toMap(
                        Map.Entry::getKey, Map.Entry::getValue, (a, b) -> a, java.util.LinkedHashMap::new));
        return new SplitView(
                s.risk().result(),
                s.risk().practice(),
                Rounding.up(s.risk().index(), 0),
                s.risk().mechanics(),
                Rounding.up(s.risk().ratio(), 2),
                points,
                Rounding.up(s.risk().movesAtM(), 3),
                s.risk().movesEarly(),
                s.changes().stream()
                        .map(c -> new ChangeView(Speech.words().say(c.says()), c.level()))
                        .toList(),
                Speech.words().say(s.likely()));
    }

    private static double guyPercent(CutPlan p) {
        return p.lay()
                .judged()
                .map(r -> Rounding.down(CM * r.control().guyShare(), 0))
                .orElse(0.0);
    }

    private static WedgesView wedges(CutPlan p, List<NextHelp> next) {
        Wedges.Set set = p.lay().choice().support().wedges();
        String name = Speech.words()
                .say(Message.of(WedgeSet.SET)
                        .with("name", Arg.name(set.name()))
                        .with("stacked", Arg.flag(set.stack() > 1))
                        .with("beside", Arg.count(set.beside())));
        if (p.wedges().isEmpty()) {
            return new WedgesView(
                    false,
                    name,
                    NOTHING,
                    NOTHING,
                    NOTHING,
                    0,
                    "",
                    0,
                    0,
                    Optional.empty(),
                    List.of(),
                    false,
                    List.of(),
                    false,
                    false,
                    Speech.words().say(p.looseAbove()));
        }
        Wedges w = p.wedges().get();
        return new WedgesView(
                true,
                name,
                GaugeView.of(w.liftDesignM(), w.liftAvailableM(), Dimension.SHORT),
                force(w),
                force(p.wedgesInWind().orElseThrow()),
                p.gustMs(),
                gust(p.gustMs()),
                Rounding.up(w.drivePerWedgeN(), -2),
                p.tipPerLift() / 1000,
                w.levels(),
                Speech.words().terms(w.reasons()),
                w.enough(),
                next.stream()
                        .map(n -> new NextView(n.kind(), Speech.words().say(n.says()), n.enough()))
                        .toList(),
                p.leverFits(),
                p.leverEnough(),
                Speech.words().say(p.looseAbove()));
    }

    private static GaugeView force(Wedges w) {
        return GaugeView.of(Wedges.SAFETY * w.forcePerWedgeN(), Wedges.FORCE_CAP_N, Dimension.FORCE);
    }

    private static LineView line(CutPlan p, Pull l, CutPart.Hands hands) {
        return new LineView(
                Speech.words().term(l.means().kind()),
                GaugeView.of(l.still().tensionN(), l.availableN().orElse(0.0), Dimension.PULL),
                GaugeView.of(l.now().tensionN(), l.availableN().orElse(0.0), Dimension.PULL),
                l.nowMs(),
                GaugeView.of(l.atLimit().tensionN(), l.availableN().orElse(0.0), Dimension.PULL),
                l.availableN().map(n -> Speech.words().show(Arg.down(Dimension.PULL, n))),
                l.gustMs(),
                gust(l.gustMs()),
                l.still().ropeAngleDeg(),
                Rounding.down(l.still().armM(), 1),
                Math.signum(l.still().sideNm())
                        * Rounding.up(Math.abs(p.bendsDeg(l.still().sideNm())), 1),
                Optional.of(l.now().people())
                        .filter(n -> l.means().kind() == org.antevid.core.lay.Means.Kind.HAND_LINE),
                Speech.words().show(Arg.up(Dimension.PULL, l.pretensionN())),
                Rounding.up(l.travel().tieM(), 1),
                Rounding.up(l.travel().haulM(), 1),
                Rounding.up(l.still().minPersonDistM(), 0),
                l.enough(),
                l.checks().stream()
                        .map(c -> new CheckView(c.piece().key(), Speech.words().say(c.says()), c.ok(), c.lookAgain()))
                        .toList(),
                Speech.words().say(CutPart.signal(l.means(), hands)));
    }

    /** A hinge in whole steps of the tape, never thinner. */
    private static double sawn(double metres) {
        return Rounding.up(metres / STEP_M, 0) * STEP_M;
    }

    private static String gust(double ms) {
        return Speech.words().show(Arg.of(Dimension.SPEED, ms));
    }

    private static GuyView guy(CutPlan p, SideGuy g) {
        List<LengthChange> change = g.lengthChangeM().entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .map(e -> new LengthChange(e.getKey(), e.getValue(), e.getValue() >= 0))
                .toList();
        return new GuyView(
                Speech.words().show(Arg.up(Dimension.PULL, g.tensionN())),
                change,
                guyPercent(p),
                Speech.words().terms(g.warnings()));
    }

    private static TypeView type(CutPlan p, TypeOfCut t, School house) {
        return new TypeView(
                t.school(),
                Speech.words().term(t.school()),
                Speech.words().term(t.school(), "firstCut"),
                t.card().faceDeg(),
                t.card().depthM(),
                t.card().hingeThickM(),
                Rounding.down(t.card().hingeLengthM() / STEP_M, 0) * STEP_M,
                t.card().backCutStepM(),
                t.use().filter(u -> u < NOT_A_HINGE).map(u -> Rounding.up(CM * u, 0)),
                Rounding.up(p.bendsDeg(t.holdNm()), 1),
                t.card().borePossible(),
                Speech.words().say(t.whenClosed()),
                Speech.words().term(t.school(), "goodFor"),
                Speech.words().term(t.school(), "disagree"),
                Speech.words().say(t.contradictions()),
                t.school() == house);
    }
}
