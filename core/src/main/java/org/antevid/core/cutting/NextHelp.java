package org.antevid.core.cutting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.antevid.core.assist.Lever;
import org.antevid.core.assist.Wedges;
import org.antevid.core.lay.LayChoice;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.Means;
import org.antevid.core.lay.Support;
import org.antevid.core.lay.Sweep;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Rounding;
import org.antevid.core.site.Site;

/**
 * What comes next where wedges are not enough, each tried on this stem and lay. A thinner hinge stays within the rule
 * and still has to hold the side lean. The order is how little it takes; what does it stands before what does not.
 *
 * @param enough it brings the stem over at its 95 % side
 */
public record NextHelp(Kind kind, String words, boolean enough) {
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
            if (p.card().dLayM() <= Lever.MOST_DIAMETER_M) {
                tried(p, site, on.by(Means.of(Means.Kind.LEVER)))
                        .ifPresent(t ->
                                all.add(new NextHelp(Kind.LEVER, "felling lever, both hands and legs", t.enough())));
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
                .filter(t -> t.row.use() < MOST_SIDE_USE)
                .map(t -> new NextHelp(
                        Kind.THINNER_HINGE,
                        String.format(
                                Locale.ROOT,
                                "hinge %.0f mm instead of %.0f, within the rule: %s; it then takes %.0f %% to the side",
                                MM * thin,
                                MM * p.card().hingeThickM(),
                                each(p, t, site),
                                Math.ceil(100 * t.row.use())),
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
                                String.format(
                                        Locale.ROOT,
                                        "%d wedges side by side instead of %d: %s",
                                        room,
                                        now,
                                        each(p, t, site)),
                                t.enough()));
    }

    private static NextHelp line(Means m, Tried t) {
        boolean hand = m.kind() == Means.Kind.HAND_LINE;
        String where = String.format(
                Locale.ROOT,
                "%s tied %.1f m up, %.0f m out (proposed)",
                m.kind().words(),
                m.ropeHeightM().orElse(0.0),
                m.anchorDistM().orElse(0.0));
        return new NextHelp(
                hand ? Kind.HAND_LINE : Kind.MACHINE_LINE,
                where
                        + t.plan.control()
                                .neededN()
                                .map(n -> ": needs " + Rounding.pull(n))
                                .orElse("")
                        + m.tensionN()
                                .map(n -> ", gives " + Rounding.pullDown(n))
                                .orElse(", its pull is not known"),
                t.enough());
    }

    private static String each(CutPlan p, Tried t, Site site) {
        return CutPlan.of(t.plan, site)
                .wedges()
                .map(w -> String.format(
                        Locale.ROOT,
                        "%.1f kN on each, %.1f before",
                        Rounding.up(Wedges.SAFETY * w.forcePerWedgeN() / MM, 1),
                        Rounding.up(Wedges.SAFETY * p.wedges().orElseThrow().forcePerWedgeN() / MM, 1)))
                .orElse("");
    }

    private record Tried(LayPlan plan, Sweep.Row row) {
        boolean enough() {
            return row.enough();
        }
    }

    private static Optional<Tried> tried(CutPlan p, Site site, LayChoice choice) {
        try {
            LayPlan plan = LayPlan.of(p.lay().stem(), choice, site, p.lay().limits());
            return plan.row().map(r -> new Tried(plan, r));
        } catch (RefusedInput e) {
            return Optional.empty();
        }
    }
}
