package org.antevid.core.brief;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.antevid.core.assist.Wedges;
import org.antevid.core.cutting.CutPlan;
import org.antevid.core.cutting.CutStep;
import org.antevid.core.cutting.Measure;
import org.antevid.core.cutting.Passes;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.Means;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.quantity.Gauge;
import org.antevid.core.quantity.Rounding;
import org.antevid.core.retreat.EscapeRoutes;
import org.antevid.core.stump.CutCard;
import org.antevid.core.stump.School;

/**
 * The cut card as it is frozen into a briefing, drawn on screen and printed. Metres inside the bark; left and right as
 * seen looking along the lay. What people cut by is in {@code measures}, already whole steps on the safe side.
 *
 * @param stand side on which the cutter stands for the last cut
 * @param soundLeftM what the opened face showed, from the bark inward; empty while it is not open
 * @param walls probed walls near the cut: the sound shell
 * @param help wedges, line, guy and signal in sentences
 */
public record CutPart(
        String stem,
        String school,
        boolean slopingFromBelow,
        String backCut,
        boolean strapLeft,
        double cutHeightM,
        double dAlongM,
        double dAcrossM,
        Optional<Double> barkM,
        double depthM,
        double faceDeg,
        Optional<Double> mouthM,
        double hingeLengthM,
        double hingeLeftM,
        double hingeRightM,
        double stepM,
        double strapM,
        Optional<Double> boreLengthM,
        double boreFromM,
        double barM,
        String barReach,
        Optional<Double> overlapM,
        double layDeg,
        List<Said> measures,
        List<Pass> passes,
        String stand,
        String standsBecause,
        List<Way> ways,
        List<CutStep> steps,
        Optional<Double> soundLeftM,
        Optional<Double> soundRightM,
        List<Wall> walls,
        boolean wedges,
        boolean keepOpen,
        List<String> help) {

    /** A probe this far above or below the cut still speaks for it. */
    private static final double NEAR_THE_CUT_M = 0.5;

    /**
     * A measure as it is said.
     *
     * @param metric "50 mm", rounded to the safe side
     * @param inches "2 in", the same
     * @param outside from the outside of the bark, in both; empty where bark does not matter
     * @param rule what the rule says, where the leader set it himself
     * @param safe "up", "down" or blank
     * @param off what a centimetre off does; blank where nothing is known
     */
    public record Said(
            String key,
            String words,
            double value,
            String metric,
            String inches,
            Optional<String> outside,
            Optional<String> outsideInches,
            Optional<String> rule,
            String safe,
            boolean own,
            String off) {}

    /** One pass of the bar, metres behind the front of the wood. */
    public record Pass(
            String words, String entry, double fromM, double toM, double inM, boolean bored, boolean throughFace) {}

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
                lay.choice().school().words(),
                lay.choice().school() == School.HUMBOLDT,
                p.backCut().words(),
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
                c.barReach().key().replace('_', ' '),
                passes.overlapM(),
                lay.choice().layDeg(),
                p.measures().stream().map(CutPart::said).toList(),
                passes.passes().stream()
                        .map(x -> new Pass(
                                x.words(), x.entry().key(), x.fromM(), x.toM(), x.inM(), x.bored(), x.throughFace()))
                        .toList(),
                passes.stand().key(),
                passes.standsBecause(),
                lay.escape().routes().stream()
                        .filter(r -> r.open())
                        .map(r -> new Way(
                                r.side() == EscapeRoutes.Side.RIGHT ? "E1" : "E2",
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

    private static Said said(Measure m) {
        boolean angle = m.key().equals("face");
        return new Said(
                m.key(),
                m.words(),
                m.value(),
                angle ? degrees(m.value()) : Measure.metric(m.value(), m.safe()),
                angle ? degrees(m.value()) : Measure.inches(m.value(), m.safe()),
                m.outside().map(v -> Measure.metric(v, m.safe())),
                m.outside().map(v -> Measure.inches(v, m.safe())),
                Optional.of(angle ? degrees(m.rule()) : Measure.metric(m.rule(), m.safe()))
                        .filter(r -> m.own()),
                m.safe() == Measure.Safe.NONE ? "" : m.safe().name().toLowerCase(Locale.ROOT),
                m.own(),
                m.off().orElse(""));
    }

    private static String degrees(double deg) {
        return String.format(Locale.ROOT, "%.0f°", deg);
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

    private static final double MM = 1000;

    private static List<String> help(CutPlan p, Hands hands) {
        List<String> all = new ArrayList<>();
        Means means = p.lay().choice().means();
        if (means.kind() == Means.Kind.WEDGES) {
            p.wedges()
                    .ifPresent(w -> all.add(String.format(
                            Locale.ROOT,
                            "Wedges: %s, %s%s",
                            Gauge.of(MM * w.liftDesignM(), MM * w.liftAvailableM(), "mm lift")
                                    .words(),
                            Gauge.of(Wedges.SAFETY * w.forcePerWedgeN() / MM, Wedges.FORCE_CAP_N / MM, "kN on each")
                                    .words(),
                            w.enough() ? "" : ": NOT ENOUGH")));
        }
        p.pull().ifPresent(l -> {
            all.add(String.format(
                    Locale.ROOT,
                    "Line, %s: %.1f m above the cut, %.0f m out; %s, %s with wind at %.0f m/s; pretension %s; "
                            + "it travels %.1f m",
                    means.kind().words(),
                    means.ropeHeightM().orElseThrow(),
                    l.means().anchorDistM().orElseThrow(),
                    Rounding.pull(l.still().tensionN()),
                    Rounding.pull(l.atLimit().tensionN()),
                    l.gustMs(),
                    Rounding.pull(l.pretensionN()),
                    Rounding.up(l.travel().haulM(), 1)));
            all.addAll(signal(means, hands));
        });
        p.fallback()
                .ifPresent(l -> all.add(String.format(
                        Locale.ROOT,
                        "Fallback, %s: %.1f m above the cut, %.0f m out; %s with wind",
                        l.means().kind().words(),
                        l.means().ropeHeightM().orElseThrow(),
                        l.means().anchorDistM().orElseThrow(),
                        Rounding.pull(l.atLimit().tensionN()))));
        p.guy()
                .ifPresent(g -> all.add(String.format(
                        Locale.ROOT,
                        "Guy: %s, %.1f m long",
                        Rounding.pull(g.tensionN()),
                        Rounding.up(g.ropeLengthM(), 1))));
        return all;
    }

    /**
     * Who gives the signal to pull, who acts, what is read back, what "it does not move" means. Practice rule; the
     * crew's own agreement outranks it.
     */
    public static List<String> signal(Means means, Hands hands) {
        String puller = hands.puller()
                .orElse(
                        means.kind() == Means.Kind.MACHINE_LINE
                                ? "whoever runs the winch"
                                : "the first of those who pull");
        String cutter = hands.cutter().map(n -> n + ", who cuts,").orElse("the cutter");
        return List.of(
                "Signal to pull: " + cutter
                        + " gives it and nobody else, one arm swung to the lay, from the end of his way out",
                "It is read back by " + puller + " with the same arm before anything moves; no answer, no pull",
                "Pull " + means.rig().when().words() + ", steadily",
                "\"It does not move\", arms crossed overhead: hold the line as it is, nobody goes back to the stump");
    }
}
