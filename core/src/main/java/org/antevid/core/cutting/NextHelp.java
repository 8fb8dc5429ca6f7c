package org.antevid.core.cutting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.antevid.core.assist.Lever;
import org.antevid.core.assist.Wedges;
import org.antevid.core.lay.LayChoice;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.Means;
import org.antevid.core.lay.Support;
import org.antevid.core.lay.sweep.JudgedLay;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.site.Site;

/**
 * What comes next where wedges are not enough, each tried on this stem and lay. A thinner hinge stays within the rule
 * and still has to hold the side lean. The order is how little it takes; what does it stands before what does not.
 *
 * @param enough it brings the stem over at its 95 % side
 */
public record NextHelp(Kind kind, Message says, boolean enough) {
    /** Hinges are thinned to this share of the rule's measure at most (judgement). */
    private static final double THINNED = 0.8;

    private static final double MOST_SIDE_USE = 1;
    private static final double MM = 1000;

    /** Least effort first. */
    public enum Kind {
        THINNER_HINGE,
        MORE_WEDGES,
        LEVER,
        HAND_LINE,
        MACHINE_LINE
    }

    /** @param lines that could be rigged, none measured yet */
    static List<NextHelp> of(CutPlan p, Site site, List<Means> lines) {
        if (p.wedges().isEmpty() || p.wedges().get().enough() && p.looseAbove().isEmpty()) {
            return List.of();
        }
        List<NextHelp> all = new ArrayList<>();
        LayChoice on = p.lay().choice().by(Means.of(Means.Kind.WEDGES));
        if (p.looseAbove().isEmpty()) {
            thinner(p, site, on).ifPresent(all::add);
            more(p, site, on).ifPresent(all::add);
            if (Lever.fits(p.card().dLayM())) {
                tried(p, site, on.by(Means.of(Means.Kind.LEVER)))
                        .ifPresent(t -> all.add(new NextHelp(Kind.LEVER, Message.of(HelpWords.LEVER), t.enough())));
            }
        }
        lines.forEach(m -> tried(p, site, on.by(m)).ifPresent(t -> all.add(line(m, t))));
        return all.stream()
                .sorted(Comparator.comparing((NextHelp h) -> !h.enough).thenComparing(NextHelp::kind))
                .toList();
    }

    private static Optional<NextHelp> thinner(CutPlan p, Site site, LayChoice on) {
        double thin =
                Math.max(on.school().hinge().leastM(), THINNED * p.byTheRule().hingeThickM());
        if (thin >= p.card().hingeThickM() - 1 / MM) {
            return Optional.empty();
        }
        return tried(p, site, on.hinge(thin))
                .filter(t -> t.row.control().use() < MOST_SIDE_USE)
                .map(t -> new NextHelp(
                        Kind.THINNER_HINGE,
                        each(
                                Message.of(HelpWords.THINNER_HINGE)
                                        .with("thin", Arg.of(Dimension.SHORT, thin))
                                        .with(
                                                "now",
                                                Arg.of(Dimension.SHORT, p.card().hingeThickM()))
                                        .with(
                                                "side",
                                                Arg.up(
                                                        Dimension.SHARE,
                                                        t.row.control().use())),
                                p,
                                t,
                                site),
                        t.enough()));
    }

    private static Optional<NextHelp> more(CutPlan p, Site site, LayChoice on) {
        int now = p.lay().choice().support().wedges().beside();
        int room = Support.roomFor(p.card().dAcrossM());
        return now >= room
                ? Optional.empty()
                : tried(p, site, on.by(on.support().beside(room)))
                        .map(t -> new NextHelp(
                                Kind.MORE_WEDGES,
                                each(
                                        Message.of(HelpWords.MORE_WEDGES)
                                                .with("room", Arg.count(room))
                                                .with("now", Arg.count(now)),
                                        p,
                                        t,
                                        site),
                                t.enough()));
    }

    private static NextHelp line(Means m, Trial t) {
        boolean hand = m.kind() == Means.Kind.HAND_LINE;
        return new NextHelp(
                hand ? Kind.HAND_LINE : Kind.MACHINE_LINE,
                Message.of(HelpWords.LINE)
                        .with("line", Arg.term(m.kind()))
                        .with("tied", Arg.of(Dimension.LENGTH, m.ropeHeightM().orElse(0.0)))
                        .with("out", Arg.of(Dimension.DISTANCE, m.anchorDistM().orElse(0.0)))
                        .with("needs", t.plan.control().neededN().map(n -> Arg.up(Dimension.PULL, n)))
                        .with("gives", m.tensionN().map(n -> Arg.down(Dimension.PULL, n))),
                t.enough());
    }

    private static Message each(Message says, CutPlan p, Trial t, Site site) {
        return says.with("then", CutPlan.of(t.plan, site).wedges().map(NextHelp::each))
                .with("before", Optional.of(each(p.wedges().orElseThrow())));
    }

    private static Arg each(Wedges w) {
        return Arg.up(Dimension.FORCE, Wedges.SAFETY * w.forcePerWedgeN());
    }

    private record Trial(LayPlan plan, JudgedLay row) {
        boolean enough() {
            return row.back().enough();
        }
    }

    private static Optional<Trial> tried(CutPlan p, Site site, LayChoice choice) {
        try {
            LayPlan plan = LayPlan.of(p.lay().stem(), choice, site, p.lay().limits());
            return plan.judged().map(r -> new Trial(plan, r));
        } catch (RefusedInput e) {
            return Optional.empty();
        }
    }
}
