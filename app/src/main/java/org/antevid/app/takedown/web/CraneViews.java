package org.antevid.app.takedown.web;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.app.reader.Speech;
import org.antevid.app.takedown.Cranes;
import org.antevid.core.judge.Severity;
import org.antevid.core.judge.takedown.CranePicks;
import org.antevid.core.judge.takedown.NextOfCrane;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.message.Shown;
import org.antevid.core.message.Side;
import org.antevid.core.site.Spot;
import org.antevid.core.takedown.Finding;
import org.antevid.core.takedown.crane.Balance;
import org.antevid.core.takedown.crane.PadPressure;
import org.antevid.core.takedown.crane.Pick;
import org.antevid.core.takedown.crane.PretensionWindow;
import org.antevid.core.takedown.crane.SlewWay;
import org.antevid.core.takedown.crane.SlingLegs;
import org.antevid.core.takedown.picks.ChartFile;
import org.antevid.core.takedown.picks.CranePlan;
import org.antevid.core.takedown.picks.CraneRemark;
import org.antevid.core.takedown.picks.LoadGroup;
import org.antevid.core.takedown.picks.Pad;
import org.antevid.core.takedown.picks.PadCheck;
import org.antevid.core.takedown.picks.PickPlan;
import org.antevid.core.takedown.picks.SetUp;
import org.antevid.core.takedown.picks.Stands;

/** What is answered of a crane: its set-up, each pad, each pick, what was read. */
final class CraneViews {
    private CraneViews() {}

    record CraneWord(CraneRemark remark, Severity severity, String words) {}

    /**
     * What to do next.
     *
     * @param number of the pad or the pick it is about
     * @param because what stands against it
     */
    record CraneNext(NextOfCrane.Kind kind, Optional<Integer> number, Optional<String> because) {}

    /** One matter and the picks it concerns. */
    record PickMatter(CraneRemark remark, Severity severity, List<Integer> picks, String words) {}

    record SoilChoice(PadPressure.Soil value, String words) {}

    /** A line of the chart's head. */
    record ChartHead(ChartFile.Head head, String called, String words) {}

    record ChartRow(
            @Shown(in = Dimension.LENGTH, to = Side.NEAREST) double radiusM,
            @Shown(in = Dimension.MASS, to = Side.DOWN) double capacityKg) {}

    /** @param lines of the file, to be sent with the set-up */
    record ChartView(List<ChartHead> head, List<ChartRow> rows, List<List<String>> lines) {}

    /** A pad and what it presses. */
    record PadView(
            int number,
            Spot at,
            Optional<PadPressure.Soil> soil,
            @Shown(in = Dimension.LENGTH, to = Side.NEAREST) double sideM,
            double footM,
            Optional<Double> thickM,
            Optional<Double> enteredEdgeM,
            Optional<Double> edgeDepthM,
            Optional<Boolean> hollow,
            @Shown(in = Dimension.FORCE, to = Side.UP) Optional<Double> loadN,
            @Shown(in = Dimension.SHARE, to = Side.UP) Optional<Double> share,
            @Shown(in = Dimension.LENGTH, to = Side.UP) Optional<Double> sideNeededM,
            Severity severity,
            List<CraneWord> remarks) {}

    /**
     * A pick.
     *
     * @param kind what it is of, by words
     * @param share of the chart
     * @param showFromKg what the display must show before the cut, rig included, to {@code showToKg}
     * @param slings where it is slung, from the cut
     */
    record PickView(
            int number,
            LoadGroup group,
            String kind,
            @Shown(in = Dimension.TIMES, to = Side.UP) double factor,
            @Shown(in = Dimension.MASS, to = Side.DOWN) double lowKg,
            @Shown(in = Dimension.MASS, to = Side.NEAREST) double bestKg,
            @Shown(in = Dimension.MASS, to = Side.UP) double highKg,
            @Shown(in = Dimension.LENGTH, to = Side.UP) Optional<Double> radiusPickM,
            @Shown(in = Dimension.LENGTH, to = Side.UP) Optional<Double> radiusLandM,
            @Shown(in = Dimension.LENGTH, to = Side.UP) Optional<Double> governingM,
            Optional<String> turn,
            @Shown(in = Dimension.MASS, to = Side.DOWN) Optional<Double> limitKg,
            @Shown(in = Dimension.SHARE, to = Side.UP) Optional<Double> share,
            @Shown(in = Dimension.MASS, to = Side.UP) Optional<Double> showFromKg,
            @Shown(in = Dimension.MASS, to = Side.DOWN) Optional<Double> showToKg,
            @Shown(in = Dimension.MASS, to = Side.NEAREST) Optional<Double> showKg,
            List<Sling> slings,
            @Shown(in = Dimension.LENGTH, to = Side.NEAREST) double comM,
            Optional<String> lowEnd,
            @Shown(in = Dimension.SECTOR, to = Side.UP) Optional<Double> tiltDeg,
            @Shown(in = Dimension.SHARE, to = Side.UP) Optional<Double> slingShare,
            Severity severity) {}

    /** A sling, from the cut. */
    record Sling(
            @Shown(in = Dimension.LENGTH, to = Side.NEAREST) double fromCutM) {}

    record ReadingView(
            String id,
            int piece,
            String kind,
            @Shown(in = Dimension.MASS, to = Side.NEAREST) double estKg,
            @Shown(in = Dimension.MASS, to = Side.NEAREST) double weighedKg,
            boolean free,
            Optional<String> why,
            String who,
            Optional<String> foundBy) {}

    record LandingView(Spot at, double lengthM, double widthM) {}

    record GripView(double leastM, double mostM) {}

    /**
     * A crane.
     *
     * @param id of the set-up that is kept; sent back with the next one
     * @param machines names of the cranes that are on the job
     * @param oddId of the reading nobody found the reason of; nothing is picked before
     * @param changed it is another set-up than the one that is kept
     */
    record CraneView(
            Optional<String> id,
            String label,
            Optional<ChartView> chart,
            boolean confirmed,
            Optional<Spot> at,
            double massKg,
            Optional<Double> makersN,
            List<PadView> pads,
            double hookKg,
            double slingsKg,
            double attachmentKg,
            double hookLineM,
            double marginM,
            Optional<Double> windLimitMs,
            double legM,
            Optional<Double> slingN,
            boolean tagLine,
            Optional<GripView> grip,
            Optional<LandingView> landing,
            Stands stands,
            List<String> machines,
            List<PickView> picks,
            List<PickMatter> matters,
            List<ReadingView> readings,
            Optional<String> oddId,
            Severity severity,
            List<CraneWord> remarks,
            List<SoilChoice> soils,
            boolean changed,
            CraneNext next) {}

    static ChartView chart(ChartFile c) {
        return new ChartView(
                Stream.of(ChartFile.Head.values())
                        .map(h -> new ChartHead(h, Speech.words().term(h), c.of(h)))
                        .toList(),
                c.chart().rows().stream()
                        .map(r -> new ChartRow(r.radiusM(), r.capacityKg()))
                        .toList(),
                c.lines());
    }

    static CraneView view(Cranes.Reckoned r) {
        SetUp s = r.setUp();
        boolean odd = r.plan()
                .filter(p -> p.remarks().contains(CraneRemark.ODD_READING))
                .isPresent();
        return new CraneView(
                r.id(),
                r.label(),
                s.chart().map(CraneViews::chart),
                s.confirmed(),
                s.at(),
                s.massKg(),
                s.makersN(),
                r.plan()
                        .map(p -> p.pads().stream().map(CraneViews::pad).toList())
                        .orElse(List.of()),
                s.hookKg(),
                s.slingsKg(),
                s.attachmentKg(),
                s.hookLineM(),
                s.marginM(),
                s.windLimitMs(),
                s.legM(),
                s.slingN(),
                s.tagLine(),
                s.grip().map(g -> new GripView(g.leastM(), g.mostM())),
                s.landing().map(l -> new LandingView(l.at(), l.lengthM(), l.widthM())),
                s.stands(),
                r.machines(),
                r.plan()
                        .map(p -> p.picks().stream().map(CraneViews::pick).toList())
                        .orElse(List.of()),
                r.plan()
                        .map(p -> CranePicks.matters(p).stream()
                                .map(m -> new PickMatter(
                                        m.remark(),
                                        Severity.of(m.remark().level()),
                                        m.picks(),
                                        Speech.words().say(m.says())))
                                .toList())
                        .orElse(List.of()),
                r.readings().stream().map(CraneViews::reading).toList(),
                Optional.of(r.readings()).filter(x -> odd).flatMap(x -> x.stream()
                        .filter(k -> k.weighing().free())
                        .reduce((a, b) -> b)
                        .map(Cranes.Kept::id)),
                Severity.of(r.plan().map(CranePlan::level).orElse(Finding.NONE)),
                r.plan()
                        .map(p -> p.remarks().stream()
                                .map(x -> word(x, CranePicks.said(x, p)))
                                .toList())
                        .orElse(List.of()),
                Stream.of(PadPressure.Soil.values())
                        .map(x -> new SoilChoice(x, Speech.words().term(x)))
                        .toList(),
                r.changed(),
                next(NextOfCrane.of(s, r.plan(), r.changed())));
    }

    private static CraneNext next(NextOfCrane n) {
        return new CraneNext(n.kind(), n.number(), n.because().map(Speech.words()::say));
    }

    private static PadView pad(PadCheck p) {
        Pad pad = p.pad();
        return new PadView(
                p.number(),
                pad.at(),
                pad.soil(),
                pad.sideM(),
                pad.footM(),
                pad.thickM(),
                pad.edgeM(),
                pad.edgeDepthM(),
                pad.hollow(),
                p.loadN(),
                p.share(),
                p.sideNeededM(),
                Severity.of(p.level()),
                p.remarks().stream().map(x -> word(x, CranePicks.said(x, p))).toList());
    }

    private static PickView pick(PickPlan p) {
        Optional<PretensionWindow> window =
                p.window().filter(w -> w.pretensionKg().isPresent());
        double rig = p.pick().map(Pick::deductionsKg).orElse(0.0);
        return new PickView(
                p.number(),
                p.group(),
                Speech.words().term(p.group()),
                p.factor(),
                p.lowKg(),
                p.bestKg(),
                p.highKg(),
                p.way().map(SlewWay::radiusPickM),
                p.way().map(SlewWay::radiusLandM),
                p.pick().map(Pick::governingRadiusM),
                p.way().flatMap(SlewWay::way).map(Speech.words()::term),
                p.pick().map(Pick::massLimitKg),
                p.pick().flatMap(Pick::util),
                window.map(w -> w.minKg() + rig),
                window.map(w -> w.maxKg() + rig),
                window.flatMap(PretensionWindow::showKg),
                p.slings().stream().map(Sling::new).toList(),
                p.comM(),
                p.balance().map(Balance::lowEnd).map(Speech.words()::term),
                p.balance().map(b -> Math.abs(b.tiltDeg())),
                p.legs().flatMap(SlingLegs::util),
                Severity.of(p.level()));
    }

    private static ReadingView reading(Cranes.Kept k) {
        return new ReadingView(
                k.id(),
                k.weighing().piece(),
                Speech.words().term(k.weighing().group()),
                k.weighing().estKg(),
                k.weighing().weighedKg(),
                k.weighing().free(),
                k.weighing().why(),
                k.who(),
                k.foundBy());
    }

    private static CraneWord word(CraneRemark r, Message said) {
        return new CraneWord(r, Severity.of(r.level()), Speech.words().say(said));
    }
}
