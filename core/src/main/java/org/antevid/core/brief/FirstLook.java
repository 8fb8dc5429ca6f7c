package org.antevid.core.brief;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.core.judge.Situation;
import org.antevid.core.judge.verdict.Verdicts;
import org.antevid.core.lay.LayChoice;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.Means;
import org.antevid.core.lay.dial.Dial;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.quantity.Compass;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.site.Feature;
import org.antevid.core.site.FeatureKind;
import org.antevid.core.site.Site;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Defect;
import org.antevid.core.stem.Lean;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.Verdict;

/**
 * The first two minutes on a stem: a headline and a dial from what is known so far, and the one measurement that would
 * change them most. The headline is judged with the best values as if they were measured; what only the 95 % side
 * stands against names the measurement. The next measurement is found by moving each estimate to either of its 95 %
 * ends, the lean along each axis, and counting the degrees of lays that change between free and blocked; a change of
 * the headline outweighs any number of degrees. Nothing is left standing for a number nobody took.
 *
 * @param headline what to do
 * @param because the lay and what speaks for it, or what stands against it
 * @param layDeg best lay as things look; empty where none is free
 * @param pullN pull in the line that it takes, reserve in it; empty where it goes without or none was asked for
 * @param nextMeasurement what to measure next and from where; empty when nothing would change
 */
public record FirstLook(
        Headline headline,
        Verdict verdict,
        Message because,
        Optional<Double> layDeg,
        Optional<Double> pullN,
        Dial dial,
        Optional<Next> nextMeasurement) {
    /** Step of the dials that are only compared, degrees. */
    private static final int COARSE_DEG = 6;

    private static final double CROWN_SHARE = 0.2;
    private static final double SEEN_FROM_MOST_M = 60;
    private static final double SEEN_FROM_WITHIN_DEG = 30;

    /** What is said first. */
    public enum Headline {
        FELL,
        FELL_ONCE_MEASURED,
        FELL_WITH_LINE,
        NOT_BY_HAND
    }

    /** A measurement, how many degrees of the dial it could change, and whether the headline itself hangs on it. */
    public record Next(Message says, double degrees, boolean verdictToo) {
        private double weight() {
            return degrees + (verdictToo ? 360 : 0);
        }
    }

    /** @return the headline as it is said: what to do, with what it waits for or takes */
    public Message says() {
        return switch (headline) {
            case FELL -> Message.of(LookRemark.FELL);
            case FELL_ONCE_MEASURED ->
                Message.of(LookRemark.FELL_ONCE_MEASURED).with("next", nextMeasurement.map(n -> Arg.said(n.says())));
            case FELL_WITH_LINE ->
                Message.of(LookRemark.FELL_WITH_LINE).with("pull", pullN.map(n -> Arg.up(Dimension.PULL, n)));
            case NOT_BY_HAND -> Message.of(LookRemark.NOT_BY_HAND);
        };
    }

    /**
     * @param plan the lay it is felled by
     * @return lay, means and hinge in one line, with what is to be measured before
     */
    public Message inOneLine(LayPlan plan) {
        return Message.of(LookRemark.IN_ONE_LINE)
                .with("lay", Arg.azimuth(plan.choice().layDeg()))
                .with(
                        "means",
                        Optional.of(plan.choice().means().kind())
                                .filter(k -> k != Means.Kind.NOTHING)
                                .map(Arg::term))
                .with("hinge", Arg.up(Dimension.SAWN, plan.card().hingeThickM()))
                .with(
                        "first",
                        nextMeasurement
                                .filter(n -> headline == Headline.FELL_ONCE_MEASURED)
                                .map(n -> Arg.said(n.says())));
    }

    private record DialAndHeadline(Dial dial, Headline headline) {}

    /** @throws org.antevid.core.quantity.RefusedInput when diameter, height or crown is not given at all */
    public static FirstLook of(StemReading stem, LayChoice choice, Situation s, LayPlan.Limits limits) {
        Dial dial = Dial.of(stem, choice, s.site(), limits);
        Dial best = Dial.of(stem.asIfMeasured(), choice, s.site(), limits);
        Verdict felling = choice.means().isLine() ? Verdict.FELL_WITH_PULL : Verdict.FELL_FROM_GROUND;
        List<Message> never = Verdicts.against(felling, facts(stem), s);
        Optional<Next> next = next(stem, choice, s, limits);
        Headline headline = headline(never, dial, best, rough(stem));
        Optional<Dial.Lay> lay = lay(headline == Headline.FELL ? dial : best, headline);
        return new FirstLook(
                headline,
                headline == Headline.NOT_BY_HAND
                        ? Verdicts.of(
                                        facts(stem),
                                        s,
                                        Optional.of(new Dial(List.of())),
                                        Optional.of(new Dial(List.of())))
                                .notByHand()
                        : headline == Headline.FELL_WITH_LINE ? Verdict.FELL_WITH_PULL : felling,
                because(headline, never, best, lay),
                lay.map(Dial.Lay::deg),
                lay.map(Dial.Lay::pullN).filter(n -> n > 0),
                dial,
                next);
    }

    private static Headline headline(List<Message> never, Dial dial, Dial best, boolean rough) {
        if (!never.isEmpty()) {
            return Headline.NOT_BY_HAND;
        }
        if (best.free() <= 0 && dial.free() <= 0) {
            return best.lays().isEmpty()
                    ? Headline.FELL_ONCE_MEASURED
                    : best.degrees(Dial.State.OPEN_WITH_PULL) > 0 ? Headline.FELL_WITH_LINE : Headline.NOT_BY_HAND;
        }
        return dial.free() > 0
                        && (!rough
                                || dial.lays().stream()
                                        .anyMatch(l -> l.sure() && l.state().compareTo(Dial.State.OPEN_WITH_GUY) >= 0))
                ? Headline.FELL
                : Headline.FELL_ONCE_MEASURED;
    }

    /** A lean that was looked at, not measured: what is enough only as expected is measured first. */
    private static boolean rough(StemReading stem) {
        return stem.lean().filter(l -> l.sigmaDeg() <= Dial.ROUGH_DEG).isEmpty();
    }

    /** The best free lay, or the one that takes the least pull. */
    private static Optional<Dial.Lay> lay(Dial dial, Headline headline) {
        return switch (headline) {
            case FELL, FELL_ONCE_MEASURED ->
                dial.picks().stream()
                        .findFirst()
                        .flatMap(p -> dial.lays().stream()
                                .filter(l -> l.deg() == p.deg())
                                .findFirst())
                        .or(() -> dial.lays().stream()
                                .filter(l -> l.state().compareTo(Dial.State.OPEN_WITH_GUY) >= 0)
                                .max(Comparator.comparingDouble(Dial.Lay::score)));
            case FELL_WITH_LINE ->
                dial.lays().stream()
                        .filter(l -> l.state() == Dial.State.OPEN_WITH_PULL && l.pullN() > 0)
                        .min(Comparator.comparingDouble(Dial.Lay::pullN));
            case NOT_BY_HAND -> Optional.empty();
        };
    }

    private static Message because(Headline headline, List<Message> never, Dial best, Optional<Dial.Lay> lay) {
        return switch (headline) {
            case FELL, FELL_ONCE_MEASURED ->
                lay.map(l -> Message.of(LookRemark.BEST_TO)
                                .with("lay", Arg.azimuth(l.deg()))
                                .with("first", l.first().stream().findFirst().map(Arg::said))
                                .with("free", Arg.down(Dimension.SECTOR, best.free()))
                                .with("any", Arg.flag(best.anyAsGood())))
                        .orElse(Message.of(LookRemark.NO_LEAN_AT_ALL));
            case FELL_WITH_LINE ->
                lay.map(l -> Message.of(LookRemark.PULLED_TO)
                                .with("lay", Arg.azimuth(l.deg()))
                                .with("free", Arg.down(Dimension.SECTOR, best.degrees(Dial.State.OPEN_WITH_PULL))))
                        .orElse(Message.of(LookRemark.LINE_FROM_THE_FRONT));
            case NOT_BY_HAND ->
                never.isEmpty()
                        ? best.closed()
                                .map(c -> Message.of(LookRemark.CLOSED)
                                        .with("most", Arg.said(c.mostFrequent()))
                                        .with(
                                                "opens",
                                                c.opens().isEmpty()
                                                        ? Optional.empty()
                                                        : Optional.of(Arg.all(c.opens()))))
                                .orElse(Message.of(LookRemark.NO_LAY_FREE))
                        : Message.of(LookRemark.NEVER).with("because", Arg.all(never));
        };
    }

    private static Situation.StemFacts facts(StemReading stem) {
        return new Situation.StemFacts(stem, Optional.empty(), false, Optional.empty());
    }

    private static DialAndHeadline seen(StemReading stem, LayChoice choice, Situation s, LayPlan.Limits limits) {
        Dial dial = Dial.of(stem, choice, s.site(), limits, COARSE_DEG);
        return new DialAndHeadline(
                dial,
                headline(
                        Verdicts.against(
                                choice.means().isLine() ? Verdict.FELL_WITH_PULL : Verdict.FELL_FROM_GROUND,
                                facts(stem),
                                s),
                        dial,
                        dial,
                        rough(stem)));
    }

    private static Optional<Next> next(StemReading stem, LayChoice choice, Situation s, LayPlan.Limits limits) {
        DialAndHeadline now = seen(stem, choice, s, limits);
        List<Next> candidates = new ArrayList<>();
        stem.height()
                .ifPresent(h -> candidates.add(change(
                        Message.of(MeasureNext.HEIGHT).with("from", acrossTheLean(stem, s.site())),
                        now,
                        choice,
                        s,
                        limits,
                        Stream.of(h.low(), h.high())
                                .map(v -> stem.with(
                                        stem.dbh(),
                                        Optional.of(exact(Math.max(2, v))),
                                        stem.lean(),
                                        stem.crownRadiusM())))));
        stem.dbh()
                .ifPresent(d -> candidates.add(change(
                        Message.of(MeasureNext.GIRTH),
                        now,
                        choice,
                        s,
                        limits,
                        Stream.of(d.low(), d.high())
                                .map(v -> stem.with(
                                        Optional.of(exact(Math.max(0.05, v))),
                                        stem.height(),
                                        stem.lean(),
                                        stem.crownRadiusM())))));
        stem.crownRadiusM()
                .ifPresent(r -> candidates.add(change(
                        Message.of(MeasureNext.CROWN_RADIUS),
                        now,
                        choice,
                        s,
                        limits,
                        Stream.of(1 - CROWN_SHARE, 1 + CROWN_SHARE)
                                .map(v -> stem.with(
                                        stem.dbh(), stem.height(), stem.lean(), Optional.of(Math.min(25, r * v)))))));
        if (stem.lean().isPresent()) {
            for (double axis = 0; axis < 180; axis += 45) {
                double along = axis;
                candidates.add(change(
                        Message.of(MeasureNext.LEAN).with("from", Arg.said(from(axis, stem, s.site()))),
                        now,
                        choice,
                        s,
                        limits,
                        Stream.of(-1.0, 1.0)
                                .map(side -> stem.with(
                                        stem.dbh(),
                                        stem.height(),
                                        Optional.of(moved(stem.lean().get(), along, side)),
                                        stem.crownRadiusM()))));
            }
        } else {
            candidates.add(new Next(Message.of(MeasureNext.LEAN_TWO_SIDES), 360, true));
        }
        if (suspect(stem)) {
            StemReading sound = new StemReading(
                    stem.label(),
                    stem.species(),
                    stem.state(),
                    stem.at(),
                    stem.dbh(),
                    stem.height(),
                    stem.lean(),
                    stem.crownRadiusM(),
                    stem.wood(),
                    stem.shape(),
                    stem.crown(),
                    stem.defects().stream().filter(d -> !decays(d)).toList(),
                    stem.toBeKept(),
                    stem.more());
            candidates.add(change(Message.of(MeasureNext.WALL), now, choice, s, limits, Stream.of(sound)));
        }
        return candidates.stream().filter(c -> c.weight() > 0).max(Comparator.comparingDouble(Next::weight));
    }

    private static boolean suspect(StemReading stem) {
        return stem.more().walls().size() < 3 && stem.defects().stream().anyMatch(FirstLook::decays);
    }

    private static boolean decays(Defect d) {
        return d.atTheHinge()
                && !d.tellsGood()
                && d.kind().atTheHinge().filter(c -> c == Condition.DECAYED).isPresent();
    }

    private static Next change(
            Message says,
            DialAndHeadline now,
            LayChoice choice,
            Situation s,
            LayPlan.Limits limits,
            Stream<StemReading> moved) {
        return moved.map(m -> {
                    DialAndHeadline then = seen(m, choice, s, limits);
                    return new Next(says, difference(now.dial, then.dial), then.headline != now.headline);
                })
                .max(Comparator.comparingDouble(Next::weight))
                .orElseThrow();
    }

    /** The lean moved to a 95 % end along one axis, then known as well as two plumbed views would make it. */
    private static Lean moved(Lean l, double axisDeg, double side) {
        double by = side * Math.tan(Math.toRadians(Estimate.Z95 * l.sigmaDeg()));
        double east = l.offsetM(1, 90) + by * Math.sin(Math.toRadians(axisDeg));
        double north = l.offsetM(1, 0) + by * Math.cos(Math.toRadians(axisDeg));
        return new Lean(Math.min(60, Math.toDegrees(Math.atan(Math.hypot(east, north)))), Azimuth.of(east, north), 0.3);
    }

    private static Optional<Arg> acrossTheLean(StemReading stem, Site site) {
        return stem.lean().map(l -> Arg.said(from(l.azimuthDeg(), stem, site)));
    }

    /** Where to stand to see a lean along an axis: square to it, on a way where there is one. */
    private static Message from(double axisDeg, StemReading stem, Site site) {
        return site.features().stream()
                .filter(f -> f.kind() == FeatureKind.PATH
                        || f.kind() == FeatureKind.ROAD
                        || f.kind() == FeatureKind.SURFACE
                        || f.kind() == FeatureKind.FOOTBRIDGE)
                .filter(f -> Stream.of(90.0, -90.0).anyMatch(side -> reaches(f, stem, axisDeg + side)))
                .min(Comparator.comparingDouble(f -> f.shape().distanceTo(stem.at())))
                .map(f -> Message.of(MeasureNext.FROM_WAY).with("way", Arg.name(f.name())))
                .orElseGet(() -> Message.of(MeasureNext.FROM_SIDES)
                        .with("one", Arg.term(Compass.of(axisDeg + 90)))
                        .with("other", Arg.term(Compass.of(axisDeg - 90))));
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
        return d.runs().stream()
                .anyMatch(r ->
                        r.fromDeg() <= deg && deg < r.toDeg() && r.state().compareTo(Dial.State.OPEN_WITH_GUY) < 0);
    }
}
