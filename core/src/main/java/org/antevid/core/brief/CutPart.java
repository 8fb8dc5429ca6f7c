package org.antevid.core.brief;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.antevid.core.assist.Wedges;
import org.antevid.core.cutting.CutPlan;
import org.antevid.core.cutting.CutStep;
import org.antevid.core.cutting.Measure;
import org.antevid.core.cutting.Passes;
import org.antevid.core.cutting.Pull;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.Means;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.message.Shown;
import org.antevid.core.message.Side;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.quantity.Rounding;
import org.antevid.core.retreat.EscapeRoutes;
import org.antevid.core.stump.BackCut;
import org.antevid.core.stump.CutCard;
import org.antevid.core.stump.School;

/**
 * The cut card as it is frozen into a briefing, drawn on screen and printed. Metres inside the bark; left and right as
 * seen looking along the lay. What people cut by is in {@code measures}, already whole steps on the safe side.
 *
 * @param stand side on which the cutter stands for the last cut
 * @param soundLeftM what the opened face showed, from the bark inward; empty while it is not open
 * @param walls probed walls near the cut: the sound shell
 * @param help wedges, line, guy and signal
 */
public record CutPart(
        String stem,
        School school,
        boolean slopingFromBelow,
        BackCut backCut,
        boolean strapLeft,
        @Shown(in = Dimension.REACH, to = Side.NEAREST) double cutHeightM,
        @Shown(in = Dimension.SHORT, to = Side.NEAREST) double dAlongM,
        @Shown(in = Dimension.SHORT, to = Side.NEAREST) double dAcrossM,
        Optional<Double> barkM,
        double depthM,
        double faceDeg,
        Optional<Double> mouthM,
        @Shown(in = Dimension.SAWN, to = Side.DOWN) double hingeLengthM,
        double hingeLeftM,
        double hingeRightM,
        double stepM,
        double strapM,
        Optional<Double> boreLengthM,
        double boreFromM,
        @Shown(in = Dimension.REACH, to = Side.NEAREST) double barM,
        CutCard.BarReach barReach,
        @Shown(in = Dimension.SHORT, to = Side.DOWN) Optional<Double> overlapM,
        double layDeg,
        List<CardMeasure> measures,
        List<Pass> passes,
        EscapeRoutes.Side stand,
        Message standsBecause,
        List<Way> ways,
        List<CutStep> steps,
        Optional<Double> soundLeftM,
        Optional<Double> soundRightM,
        List<Wall> walls,
        boolean wedges,
        boolean keepOpen,
        List<Message> help) {

    /** A probe this far above or below the cut still speaks for it. */
    private static final double NEAR_THE_CUT_M = 0.5;

    /**
     * A measure, to whole steps on its safe side when it is shown.
     *
     * @param value metres; degrees for the face
     * @param outside from the outside of the bark; empty where bark does not matter
     * @param rule what the rule says, where the leader set it himself
     * @param off what a centimetre off does; empty where nothing is known
     */
    public record CardMeasure(
            Measure.Key key,
            double value,
            Arg.Amount shown,
            Optional<Arg.Amount> outside,
            Optional<Arg.Amount> rule,
            boolean own,
            Optional<Message> off) {
        static CardMeasure of(Measure m) {
            return new CardMeasure(
                    m.key(),
                    m.value(),
                    m.shown(),
                    m.shownOutside(),
                    Optional.of(m.shownRule()).filter(r -> m.own()),
                    m.own(),
                    m.off());
        }
    }

    /** One pass of the bar, metres behind the front of the wood. */
    public record Pass(
            Message says,
            EscapeRoutes.Side entry,
            double fromM,
            double toM,
            double inM,
            boolean bored,
            boolean throughFace) {}

    /** A way out as an angle from the lay, right positive. */
    public record Way(String name, double relDeg, boolean best) {}

    /** Sound wood from the outside in, probed on a side given as an angle from the lay, right positive. */
    public record Wall(double relDeg, double soundM) {}

    /** Who cuts and who pulls, by name; empty while nobody is named. */
    public record Hands(Optional<String> cutter, Optional<String> puller) {
        public static final Hands NOBODY = new Hands(Optional.empty(), Optional.empty());
    }

    public CutPart {
        walls = walls == null ? List.of() : List.copyOf(walls);
        measures = List.copyOf(measures);
        passes = List.copyOf(passes);
        ways = List.copyOf(ways);
        steps = List.copyOf(steps);
        help = List.copyOf(help);
    }

    public static CutPart of(CutPlan p, Hands hands) {
        LayPlan lay = p.lay();
        CutCard c = p.card();
        Passes passes = p.passes();
        return new CutPart(
                lay.stem().label(),
                lay.choice().school(),
                lay.choice().school() == School.HUMBOLDT,
                p.backCut(),
                p.strapLeft(),
                lay.choice().cutHeightM(),
                c.dLayM(),
                c.dAcrossM(),
                lay.choice().cuts().barkM(),
                c.depthM(),
                c.faceDeg(),
                c.mouthM(),
                c.hingeLengthM(),
                c.hingeLeftM(),
                c.hingeRightM(),
                c.backCutStepM(),
                c.strapM(),
                c.boreLengthM(),
                c.boreFrontM(),
                lay.choice().barM(),
                c.barReach(),
                passes.overlapM(),
                lay.choice().layDeg(),
                p.measures().stream().map(CardMeasure::of).toList(),
                passes.passes().stream()
                        .map(x ->
                                new Pass(x.says(), x.entry(), x.fromM(), x.toM(), x.inM(), x.bored(), x.throughFace()))
                        .toList(),
                passes.stand(),
                passes.standsBecause(),
                lay.escape().routes().stream()
                        .filter(r -> r.open())
                        .map(r -> new Way(
                                r.side().wayName(),
                                (r.side() == EscapeRoutes.Side.RIGHT ? 1 : -1)
                                        * r.way().orElseThrow().relDeg(),
                                lay.escape()
                                        .best()
                                        .filter(b -> b.side() == r.side())
                                        .isPresent()))
                        .toList(),
                p.steps(),
                lay.choice().cuts().opened().map(o -> o.soundLeftM()),
                lay.choice().cuts().opened().map(o -> o.soundRightM()),
                walls(lay),
                lay.choice().means().kind() == Means.Kind.WEDGES,
                lay.choice().support().keepOpen(),
                help(p, hands));
    }

    private static List<Wall> walls(LayPlan lay) {
        return lay.stem().more().walls().stream()
                .filter(w -> Math.abs(w.heightM() - lay.choice().cutHeightM()) <= NEAR_THE_CUT_M)
                .map(w -> new Wall(
                        Azimuth.turn(lay.choice().layDeg(), w.azimuthDeg()),
                        Rounding.down(w.thicknessM().value(), 2)))
                .sorted(Comparator.comparingDouble(Wall::relDeg))
                .toList();
    }

    private static List<Message> help(CutPlan p, Hands hands) {
        List<Message> all = new ArrayList<>();
        Means means = p.lay().choice().means();
        if (means.kind() == Means.Kind.WEDGES) {
            p.wedges().ifPresent(w -> all.add(wedges(w)));
        }
        p.pull().ifPresent(l -> {
            all.add(line(HelpLine.LINE, l)
                    .with("still", Arg.up(Dimension.PULL, l.still().tensionN()))
                    .with("gust", Arg.of(Dimension.SPEED, l.gustMs()))
                    .with("pretension", Arg.up(Dimension.PULL, l.pretensionN()))
                    .with("travel", Arg.up(Dimension.LENGTH, l.travel().haulM())));
            all.addAll(signal(means, hands));
        });
        p.fallback().ifPresent(l -> all.add(line(HelpLine.FALLBACK, l)));
        p.guy()
                .ifPresent(g -> all.add(Message.of(HelpLine.GUY)
                        .with("pull", Arg.up(Dimension.PULL, g.tensionN()))
                        .with("long", Arg.up(Dimension.LENGTH, g.ropeLengthM()))));
        return all;
    }

    private static Message wedges(Wedges w) {
        return Message.of(HelpLine.WEDGES)
                .with("lift", Arg.up(Dimension.SHORT, w.liftDesignM()))
                .with("lifts", Arg.down(Dimension.SHORT, w.liftAvailableM()))
                .with("each", Arg.up(Dimension.FORCE, Wedges.SAFETY * w.forcePerWedgeN()))
                .with("bears", Arg.down(Dimension.FORCE, Wedges.FORCE_CAP_N))
                .with("enough", Arg.flag(w.enough()));
    }

    private static Message line(HelpLine says, Pull l) {
        return Message.of(says)
                .with("kind", Arg.term(l.means().kind()))
                .with("tied", Arg.of(Dimension.LENGTH, l.means().ropeHeightM().orElseThrow()))
                .with("out", Arg.of(Dimension.DISTANCE, l.means().anchorDistM().orElseThrow()))
                .with("wind", Arg.up(Dimension.PULL, l.atLimit().tensionN()));
    }

    /**
     * Who gives the signal to pull, who acts, what is read back, what "it does not move" means. Practice rule; the
     * crew's own agreement outranks it.
     */
    public static List<Message> signal(Means means, Hands hands) {
        boolean machine = means.kind() == Means.Kind.MACHINE_LINE;
        return List.of(
                Message.of(HelpLine.SIGNAL_GIVEN).with("cutter", hands.cutter().map(Arg::name)),
                Message.of(HelpLine.SIGNAL_READ_BACK)
                        .with("puller", hands.puller().map(Arg::name))
                        .with("machine", Arg.flag(machine)),
                Message.of(HelpLine.SIGNAL_PULL)
                        .with("when", Arg.term(means.rig().when())),
                Message.of(HelpLine.SIGNAL_NOT_MOVING));
    }
}
