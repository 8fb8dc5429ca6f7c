package org.antevid.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.core.lay.Dial;
import org.antevid.core.lay.LayChoice;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.Means;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.rule.Situation;
import org.antevid.core.rule.Verdicts;
import org.antevid.core.site.Feature;
import org.antevid.core.site.FeatureKind;
import org.antevid.core.site.Site;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Defect;
import org.antevid.core.stem.Lean;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.Verdict;

/**
 * The first two minutes on a stem: a provisional verdict and dial from what is known so far, and the one measurement that would
 * change them most. That is found by moving each estimate to either of its 95 % ends, the lean along each axis, and counting the
 * degrees of lays that change between free and blocked; a change of the verdict outweighs any number of degrees.
 *
 * @param nextMeasurement what to measure next and from where; empty when nothing would change
 */
public record FirstLook(Verdict verdict, String because, Dial dial, Optional<Next> nextMeasurement) {
    /** Step of the dials that are only compared, degrees. */
    private static final int COARSE_DEG = 6;
    private static final double CROWN_SHARE = 0.2;
    private static final double SEEN_FROM_MOST_M = 60;
    private static final double SEEN_FROM_WITHIN_DEG = 30;

    /** A measurement, how many degrees of the dial it could change, and whether the verdict itself hangs on it. */
    public record Next(String words, double degrees, boolean verdictToo) {
        private double weight() {
            return degrees + (verdictToo ? 360 : 0);
        }
    }

    private record Seen(Dial dial, Verdict verdict) {
    }

    /** @throws org.antevid.core.quantity.RefusedInput when diameter, height or crown is not given at all */
    public static FirstLook of(StemReading stem, LayChoice choice, Situation s, LayPlan.Limits limits) {
        Dial dial = Dial.of(stem, choice, s.site(), limits);
        Verdicts verdicts = verdicts(stem, choice, s, dial);
        Verdict offered = verdicts.offered();
        Optional<Next> next = next(stem, choice, s, limits);
        return new FirstLook(offered, because(verdicts, line(choice) ? Verdict.FELL_WITH_PULL : Verdict.FELL_FROM_GROUND, dial), dial, next);
    }

    private static Situation.StemFacts facts(StemReading stem) {
        return new Situation.StemFacts(stem, Optional.empty(), false, Optional.empty());
    }

    /** Without a line only felling by hand is looked at, with one only felling with a pull. */
    private static Verdicts verdicts(StemReading stem, LayChoice choice, Situation s, Dial dial) {
        Dial none = new Dial(List.of());
        return Verdicts.of(facts(stem), s, Optional.of(line(choice) ? none : dial), Optional.of(line(choice) ? dial : none));
    }

    private static boolean line(LayChoice choice) {
        return choice.means().kind() == Means.Kind.HAND_LINE || choice.means().kind() == Means.Kind.MACHINE_LINE;
    }

    /** What speaks for or against felling it by the means that are there. */
    private static String because(Verdicts v, Verdict felling, Dial dial) {
        double free = dial.free();
        if (v.offered() == felling) {
            return Math.round(free) + "° of lays are not blocked";
        }
        String against = v.options().stream().filter(o -> o.verdict() == felling).flatMap(o -> o.against().stream()).reduce((a, b) -> a + "; " + b).orElse("");
        String worst = free > 0 ? "" : dial.runs().stream().max(Comparator.comparingDouble(r -> r.toDeg() - r.fromDeg())).map(r -> "; most often blocked by: " + r.reason()).orElse("");
        return against + worst;
    }

    private static Seen seen(StemReading stem, LayChoice choice, Situation s, LayPlan.Limits limits) {
        Dial dial = Dial.of(stem, choice, s.site(), limits, COARSE_DEG);
        return new Seen(dial, verdicts(stem, choice, s, dial).offered());
    }

    private static Optional<Next> next(StemReading stem, LayChoice choice, Situation s, LayPlan.Limits limits) {
        Seen now = seen(stem, choice, s, limits);
        List<Next> candidates = new ArrayList<>();
        stem.height().ifPresent(h -> candidates.add(change("height, two angles " + acrossTheLean(stem, s.site()), now, choice, s, limits,
            Stream.of(h.low(), h.high()).map(v -> stem.with(stem.dbh(), Optional.of(exact(Math.max(2, v))), stem.lean(), stem.crownRadiusM())))));
        stem.dbh().ifPresent(d -> candidates.add(change("girth at 1.3 m", now, choice, s, limits,
            Stream.of(d.low(), d.high()).map(v -> stem.with(Optional.of(exact(Math.max(0.05, v))), stem.height(), stem.lean(), stem.crownRadiusM())))));
        stem.crownRadiusM().ifPresent(r -> candidates.add(change("crown radius, taped on all sides", now, choice, s, limits,
            Stream.of(1 - CROWN_SHARE, 1 + CROWN_SHARE).map(v -> stem.with(stem.dbh(), stem.height(), stem.lean(), Optional.of(Math.min(25, r * v)))))));
        if (stem.lean().isPresent()) {
            for (double axis = 0; axis < 180; axis += 45) {
                double along = axis;
                candidates.add(change("lean, seen " + from(axis, stem, s.site()), now, choice, s, limits,
                    Stream.of(-1.0, 1.0).map(side -> stem.with(stem.dbh(), stem.height(), Optional.of(moved(stem.lean().get(), along, side)), stem.crownRadiusM()))));
            }
        } else {
            candidates.add(new Next("lean, seen from two sides", 360, true));
        }
        if (suspect(stem)) {
            StemReading sound = new StemReading(stem.label(), stem.species(), stem.state(), stem.at(), stem.dbh(), stem.height(), stem.lean(), stem.crownRadiusM(), stem.wood(), stem.shape(),
                stem.crown(), stem.defects().stream().filter(d -> !decays(d)).toList(), stem.toBeKept(), stem.more());
            candidates.add(change("the wall, probed in three directions with both hinge corners", now, choice, s, limits, Stream.of(sound)));
        }
        return candidates.stream().filter(c -> c.weight() > 0).max(Comparator.comparingDouble(Next::weight));
    }

    private static boolean suspect(StemReading stem) {
        return stem.more().walls().size() < 3 && stem.defects().stream().anyMatch(FirstLook::decays);
    }

    private static boolean decays(Defect d) {
        return d.atTheHinge() && !d.tellsGood() && d.kind().atTheHinge().filter(c -> c == Condition.DECAYED).isPresent();
    }

    private static Next change(String words, Seen now, LayChoice choice, Situation s, LayPlan.Limits limits, Stream<StemReading> moved) {
        return moved.map(m -> {
            Seen then = seen(m, choice, s, limits);
            return new Next(words, difference(now.dial, then.dial), then.verdict != now.verdict);
        }).max(Comparator.comparingDouble(Next::weight)).orElseThrow();
    }

    /** The lean moved to a 95 % end along one axis, then known as well as two plumbed views would make it. */
    private static Lean moved(Lean l, double axisDeg, double side) {
        double by = side * Math.tan(Math.toRadians(Estimate.Z95 * l.sigmaDeg()));
        double east = l.offsetM(1, 90) + by * Math.sin(Math.toRadians(axisDeg));
        double north = l.offsetM(1, 0) + by * Math.cos(Math.toRadians(axisDeg));
        return new Lean(Math.min(60, Math.toDegrees(Math.atan(Math.hypot(east, north)))), Azimuth.of(east, north), 0.3);
    }

    private static String acrossTheLean(StemReading stem, Site site) {
        return stem.lean().map(l -> from(l.azimuthDeg(), stem, site)).orElse("from a distance of its height");
    }

    /** Where to stand to see a lean along an axis: square to it, on a way where there is one. */
    private static String from(double axisDeg, StemReading stem, Site site) {
        return site.features().stream().filter(f -> f.kind() == FeatureKind.PATH || f.kind() == FeatureKind.ROAD || f.kind() == FeatureKind.SURFACE || f.kind() == FeatureKind.FOOTBRIDGE)
            .filter(f -> Stream.of(90.0, -90.0).anyMatch(side -> reaches(f, stem, axisDeg + side))).min(Comparator.comparingDouble(f -> f.shape().distanceTo(stem.at())))
            .map(f -> "from the " + f.name()).orElseGet(() -> "from the " + compass(axisDeg + 90) + " or the " + compass(axisDeg - 90));
    }

    private static boolean reaches(Feature f, StemReading stem, double bearingDeg) {
        for (double turn = -SEEN_FROM_WITHIN_DEG; turn <= SEEN_FROM_WITHIN_DEG; turn += SEEN_FROM_WITHIN_DEG / 2) {
            for (double out = 10; out <= SEEN_FROM_MOST_M; out += 2.5) {
                if (f.shape().distanceTo(stem.at().at(bearingDeg + turn, out)) < 1.5) {
                    return true;
                }
            }
        }
        return false;
    }

    private static String compass(double deg) {
        return List.of("north", "north-east", "east", "south-east", "south", "south-west", "west", "north-west").get((int) Math.round(Azimuth.normal(deg) / 45) % 8);
    }

    private static Estimate exact(double value) {
        return new Estimate(value, 0.02 * value);
    }

    private static double difference(Dial a, Dial b) {
        double changed = 0;
        for (int deg = 0; deg < 360; deg += COARSE_DEG) {
            changed += blocked(a, deg) == blocked(b, deg) ? 0 : COARSE_DEG;
        }
        return changed;
    }

    private static boolean blocked(Dial d, double deg) {
        return d.runs().stream().anyMatch(r -> r.fromDeg() <= deg && deg < r.toDeg() && r.state().compareTo(Dial.State.OPEN_WITH_GUY) < 0);
    }
}
