package org.antevid.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import org.antevid.core.lay.Dial;
import org.antevid.core.lay.LayChoice;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.Means;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.site.Site;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.DefectKind;
import org.antevid.core.stem.Lean;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.StemState;

/**
 * The first two minutes on a stem: a provisional verdict and dial from estimates by eye, and the one measurement that would
 * change the dial most. That is found by moving each estimate to either of its 95 % ends and counting the degrees of lays
 * that change between open and blocked.
 *
 * @param nextMeasurement what to measure next, with the degrees it could change; empty when nothing would change
 */
public record FirstLook(Verdict verdict, String because, Optional<Dial> dial, Optional<Next> nextMeasurement) {
    public static final double EYE_DIAMETER = 0.10;
    public static final double EYE_HEIGHT = 0.15;

    /** A measurement and how many degrees of the dial it could change. */
    public record Next(String words, double degrees) {
    }

    /** @throws org.antevid.core.quantity.RefusedInput when diameter, height or crown is not given at all */
    public static FirstLook of(StemReading stem, LayChoice choice, Site site, LayPlan.Limits limits) {
        Optional<DefectKind> forbids = stem.defects().stream().map(d -> d.kind()).filter(FirstLook::machineOnly).findFirst();
        boolean hung = stem.state() == StemState.HUNG;
        Dial dial = Dial.of(stem, choice, site, limits);
        Optional<Next> next = next(stem, choice, site, limits, dial);
        if (hung || forbids.isPresent()) {
            return new FirstLook(Verdict.MACHINE_ONLY, hung ? "it hangs in another tree" : forbids.get().words() + ": no hinge can be relied on",
                Optional.of(dial), next);
        }
        double free = dial.degrees(Dial.State.OPEN) + dial.degrees(Dial.State.COSTLY);
        if (free <= 0) {
            String worst = dial.runs().stream().max(Comparator.comparingDouble(r -> r.toDeg() - r.fromDeg())).map(Dial.Run::reason).orElse("");
            return new FirstLook(Verdict.NO_OPEN_LAY, "every direction is blocked, most often by: " + worst, Optional.of(dial), next);
        }
        boolean pull = choice.means().kind() == Means.Kind.HAND_LINE || choice.means().kind() == Means.Kind.MACHINE_LINE;
        return new FirstLook(pull ? Verdict.FELL_WITH_PULL : Verdict.FELL_FROM_GROUND, Math.round(free) + "° of lays are not blocked",
            Optional.of(dial), next);
    }

    private static boolean machineOnly(DefectKind kind) {
        return kind.atTheHinge().filter(c -> c == Condition.UNRELIABLE).isPresent();
    }

    private static Optional<Next> next(StemReading stem, LayChoice choice, Site site, LayPlan.Limits limits, Dial now) {
        List<Next> candidates = new ArrayList<>();
        BiFunction<StemReading, String, Next> changed = (moved, words) -> new Next(words, difference(now, Dial.of(moved, choice, site, limits)));
        stem.height().ifPresent(h -> candidates.add(worse(changed, "height, two angles from the side of the lean",
            with(stem, stem.dbh(), Optional.of(exact(h.low())), stem.lean()), with(stem, stem.dbh(), Optional.of(exact(h.high())), stem.lean()))));
        stem.dbh().ifPresent(d -> candidates.add(worse(changed, "girth at 1.3 m",
            with(stem, Optional.of(exact(d.low())), stem.height(), stem.lean()), with(stem, Optional.of(exact(d.high())), stem.height(), stem.lean()))));
        if (stem.lean().isPresent()) {
            Lean l = stem.lean().get();
            double less = Math.max(0, l.deg() - Estimate.Z95 * l.sigmaDeg());
            candidates.add(worse(changed, "lean, plumbed from two sides",
                with(stem, stem.dbh(), stem.height(), Optional.of(new Lean(less, l.azimuthDeg(), 0.3))),
                with(stem, stem.dbh(), stem.height(), Optional.of(new Lean(l.deg() + Estimate.Z95 * l.sigmaDeg(), l.azimuthDeg(), 0.3)))));
        } else {
            candidates.add(new Next("lean, seen from two sides", 360));
        }
        return candidates.stream().filter(c -> c.degrees > 0).max(Comparator.comparingDouble(Next::degrees));
    }

    private static Next worse(BiFunction<StemReading, String, Next> changed, String words, StemReading low, StemReading high) {
        Next a = changed.apply(low, words);
        Next b = changed.apply(high, words);
        return a.degrees >= b.degrees ? a : b;
    }

    private static Estimate exact(double value) {
        return new Estimate(value, 0.02 * value);
    }

    private static StemReading with(StemReading s, Optional<Estimate> dbh, Optional<Estimate> height, Optional<Lean> lean) {
        return new StemReading(s.label(), s.species(), s.state(), s.at(), dbh, height, lean, s.crownRadiusM(), s.wood(), s.shape(), s.crown(),
            s.defects(), s.toBeKept());
    }

    private static double difference(Dial a, Dial b) {
        double changed = 0;
        for (int deg = 0; deg < 360; deg += Dial.STEP_DEG) {
            changed += blocked(a, deg) == blocked(b, deg) ? 0 : Dial.STEP_DEG;
        }
        return changed;
    }

    private static boolean blocked(Dial d, double deg) {
        return d.runs().stream().anyMatch(r -> r.fromDeg() <= deg && deg < r.toDeg() && r.state() == Dial.State.BLOCKED);
    }
}
