package org.antevid.core.judge.takedown;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Severity;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.takedown.crane.Pick;
import org.antevid.core.takedown.crane.SlewWay;
import org.antevid.core.takedown.picks.CranePlan;
import org.antevid.core.takedown.picks.CraneRemark;
import org.antevid.core.takedown.picks.PadCheck;
import org.antevid.core.takedown.picks.PickPlan;

/** What stands against a crane, its pads and its picks: each matter once, with the picks it concerns. */
public final class CranePicks implements Rule {
    @Override
    public Stream<Finding> check(Situation s) {
        return s.place().takenDown().stream().flatMap(t -> t.crane().stream()
                .map(c -> c.after(t.plan().down()))
                .filter(c -> !c.picks().isEmpty())
                .flatMap(c -> Stream.of(whole(t.label(), c), pads(t.label(), c), picks(t.label(), c))
                        .flatMap(x -> x)));
    }

    private static Stream<Finding> whole(String label, CranePlan c) {
        return c.remarks().stream().map(r -> Finding.of(RuleId.CRANE, Severity.of(r.level()), label, r.name())
                .with("what", Arg.said(Message.of(r))));
    }

    private static Stream<Finding> pads(String label, CranePlan c) {
        return c.pads().stream().flatMap(p -> p.remarks().stream().map(r -> Finding.of(
                        RuleId.CRANE_PAD, Severity.of(r.level()), label, String.valueOf(p.number()), r.name())
                .with("number", Arg.count(p.number()))
                .with("what", Arg.said(said(r, p)))));
    }

    /** One matter and all picks it concerns, the worst of them said. */
    public record Matter(CraneRemark remark, List<Integer> picks, Message says) {}

    /** @return each matter once, the worst first */
    public static List<Matter> matters(CranePlan c) {
        Map<CraneRemark, List<PickPlan>> by = new TreeMap<>();
        c.picks().forEach(p -> p.remarks()
                .forEach(r -> by.computeIfAbsent(r, x -> new ArrayList<>()).add(p)));
        return by.entrySet().stream()
                .map(e -> new Matter(
                        e.getKey(),
                        e.getValue().stream().map(PickPlan::number).toList(),
                        said(e.getKey(), worst(e.getValue()), c)))
                .toList();
    }

    private static Stream<Finding> picks(String label, CranePlan c) {
        return matters(c).stream().map(m -> Finding.of(
                        RuleId.PICK, Severity.of(m.remark.level()), label, m.remark.name())
                .with("count", Arg.count(m.picks.size()))
                .with("pieces", Arg.several(m.picks.stream().map(Arg::count).toList()))
                .with("what", Arg.said(m.says)));
    }

    private static Optional<Double> nearest(PickPlan p) {
        return p.way().map(w -> Math.min(w.radiusPickM(), w.radiusLandM()));
    }

    private static PickPlan worst(List<PickPlan> all) {
        return all.stream()
                .max(Comparator.comparingDouble(
                        p -> p.pick().flatMap(Pick::util).orElse(0.0)))
                .orElseThrow();
    }

    /** @return what is said of a set-up as a whole */
    public static Message said(CraneRemark r, CranePlan c) {
        return Message.of(r)
                .with("why", c.keptOut().stream().findFirst().map(Arg::said))
                .with("tilt", c.setUp().stands().outOfLevelDeg().map(d -> Arg.up(Dimension.ANGLE, d)));
    }

    /** @return what is said of a pad, the quantity first */
    public static Message said(CraneRemark r, PadCheck p) {
        return Message.of(r)
                .with("share", p.share().map(x -> Arg.up(Dimension.SHARE, x)))
                .with("side", p.sideNeededM().map(x -> Arg.up(Dimension.LENGTH, x)))
                .with("edge", p.edge().map(Arg::name))
                .with("away", p.edgeM().map(x -> Arg.down(Dimension.LENGTH, x)))
                .with("buried", p.buried().map(Arg::name))
                .with("on", p.on().map(Arg::name));
    }

    /** @return what is said of a pick, the quantity first and the smallest change with it */
    public static Message said(CraneRemark r, PickPlan p, CranePlan c) {
        boolean sling = r == CraneRemark.SLING_OVER || r == CraneRemark.SLING_NEAR;
        Optional<Double> share =
                sling ? p.legs().flatMap(l -> l.util()) : p.pick().flatMap(Pick::util);
        return Message.of(r)
                .with("share", share.map(x -> Arg.up(Dimension.SHARE, x)))
                .with(
                        "radius",
                        p.pick()
                                .map(Pick::governingRadiusM)
                                .or(() -> p.way().map(SlewWay::radiusUsedM))
                                .map(m -> Arg.up(Dimension.LENGTH, m)))
                .with("limit", p.pick().map(x -> Arg.down(Dimension.MASS, x.massLimitKg())))
                .with("mass", Arg.up(Dimension.MASS, p.highKg()))
                .with("near", nearest(p).map(m -> Arg.down(Dimension.LENGTH, m)))
                .with("over", Optional.of(Arg.names(p.over())).filter(x -> !p.over()
                        .isEmpty()))
                .with("blocked", Optional.of(Arg.names(p.blockedBy())).filter(x -> !p.blockedBy()
                        .isEmpty()))
                .with("com", Arg.of(Dimension.LENGTH, p.comM()))
                .with("tilt", p.balance().map(b -> Arg.up(Dimension.SECTOR, Math.abs(b.tiltDeg()))))
                .with("low", p.balance().map(b -> Arg.term(b.lowEnd())))
                .with("thick", Arg.of(Dimension.DIAMETER, p.thickM()))
                .with("tag", Arg.flag(c.setUp().tagLine()));
    }
}
