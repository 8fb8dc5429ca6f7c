package org.antevid.core.judge;

import static org.antevid.core.judge.Severity.CAUTION;
import static org.antevid.core.judge.Severity.SECOND_OPINION;
import static org.antevid.core.judge.Severity.STOP;

import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Step;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.Means;
import org.antevid.core.lay.Zone;
import org.antevid.core.quantity.Rounding;
import org.antevid.core.site.FeatureKind;
import org.antevid.core.site.Spot;

/**
 * Whoever stands anywhere is checked against every zone of every step: by a line, by a moved plate, beside another
 * crew's tree. Practice rules.
 */
final class ZoneRules {
    static final List<Rule> ALL = List.of(
            ZoneRules::inAZone,
            ZoneRules::things,
            ZoneRules::otherCrew,
            ZoneRules::machineInReach,
            ZoneRules::plate,
            ZoneRules::bed);
    private static final double ANCHOR_LENGTHS = 1.1;
    private static final double PULLER_LENGTHS = 2;
    private static final double OPERATOR_M = 4;
    private static final Set<FeatureKind> PLACES =
            EnumSet.of(FeatureKind.MACHINE_STAND, FeatureKind.WORK_POSITION, FeatureKind.MEETING_POINT);

    private ZoneRules() {}

    private static Stream<Step> fells(Situation s) {
        return s.steps().stream().filter(st -> !st.done() && st.kind() == Step.Kind.FELL);
    }

    private static Stream<Situation.StemFacts> facts(Situation s, Step st) {
        return st.stem().flatMap(s::stem).stream().filter(f -> f.lay().isPresent());
    }

    /** @return the ring as the leader clipped it, or nothing where no lay is chosen */
    static Optional<Zone> ring(Situation.StemFacts f) {
        return f.zones().stream().filter(z -> z.kind() == Zone.Kind.RING).findFirst();
    }

    /** A clipped ring lets people stand where a smaller zone may still reach: each zone is asked on its own. */
    private static Stream<Finding> inAZone(Situation s) {
        return fells(s).flatMap(st -> facts(s, st).flatMap(f -> f.zones().stream()
                .filter(z -> z.kind() != Zone.Kind.RING)
                .flatMap(z -> st.posts().stream()
                        .filter(p -> p.role() != Role.CUTTER
                                && p.stand().filter(z::takesIn).isPresent()
                                && !(z.kind() == Zone.Kind.LINE
                                        && p.role() == Role.WINCH
                                        && atTheEnd(f, p.stand().get())))
                        .map(p -> Finding.of(
                                "zone:" + z.kind() + ":" + st.id() + ":" + p.personId(),
                                STOP,
                                6,
                                st.id(),
                                "step " + st.turn() + ": the " + p.role().words() + " would stand in the "
                                        + z.kind().words() + " of "
                                        + f.reading().label(),
                                why(z.kind()),
                                "practice rule",
                                "stand clear of it")))));
    }

    private static String why(Zone.Kind kind) {
        return switch (kind) {
            case RING -> "nobody but the named people is inside the ring while the saw runs";
            case DROP -> "the stem comes down there";
            case BUTT -> "the butt kicks back, lifts or slides there";
            case LINE -> "a line that parts whips along itself and into the angle it is redirected in";
            case PLATE -> "a moved root plate tears out, stands up or drops back";
        };
    }

    /**
     * Machines, work positions and the meeting point as they are drawn on the plan. The machine that pulls stands at
     * its line's end.
     */
    private static Stream<Finding> things(Situation s) {
        return fells(s).flatMap(st -> facts(s, st).flatMap(f -> s.site().features().stream()
                .filter(x -> PLACES.contains(x.kind()))
                .filter(x -> !(x.kind() == FeatureKind.MACHINE_STAND
                        && atTheEnd(f, x.shape().mark())))
                .flatMap(x -> f.zones().stream()
                        .filter(z -> z.area().distanceTo(x.shape()) <= 0)
                        .limit(1)
                        .map(z -> Finding.of(
                                "place:" + st.id() + ":" + x.id(),
                                CAUTION,
                                6,
                                st.id(),
                                "step " + st.turn() + ": the "
                                        + x.kind().words() + " "
                                        + x.name() + " lies in the "
                                        + z.kind().words() + " of "
                                        + f.reading().label(),
                                why(z.kind()),
                                "practice rule",
                                "move it, turn the lay or the "
                                        + "line, or acknowledge that nobody goes there in this step")))));
    }

    /** The winch's own operator stands at the far end of the line, behind the machine. */
    private static boolean atTheEnd(Situation.StemFacts f, Spot stand) {
        LayPlan p = f.lay().orElseThrow();
        return p.choice()
                .means()
                .end(p.stem().at(), p.choice().layDeg())
                .filter(e -> e.distanceTo(stand) <= OPERATOR_M)
                .isPresent();
    }

    /** Two lengths between crews: whoever works on another stem at the same time is outside this one's ring. */
    private static Stream<Finding> otherCrew(Situation s) {
        return fells(s).flatMap(a -> facts(s, a).flatMap(f -> s.steps().stream()
                .filter(b -> !b.done() && !b.id().equals(a.id()) && a.overlaps(b))
                .flatMap(b -> b.posts().stream()
                        .flatMap(p ->
                                where(s, b, p)
                                        .filter(at -> ring(f).filter(r -> r.takesIn(at))
                                                .isPresent())
                                        .stream()
                                        .map(at -> Finding.of(
                                                "apart:" + a.id() + ":" + b.id() + ":" + p.personId(),
                                                STOP,
                                                6,
                                                a.id(),
                                                "step " + b.turn() + ": the "
                                                        + p.role().words() + " works "
                                                        + Rounding.downText(at.distanceTo(
                                                                f.reading().at())) + " m from "
                                                        + f.reading().label() + " while step " + a.turn() + " fells it",
                                                "two tree lengths between crews",
                                                "practice rule",
                                                "do one after the other, or work outside the ring"))))));
    }

    private static Optional<Spot> where(Situation s, Step st, Step.Post p) {
        return p.stand()
                .or(() -> p.role() == Role.CUTTER
                        ? st.stem().flatMap(s::stem).map(f -> f.reading().at())
                        : Optional.empty());
    }

    /** People and machine that pull stand out of the stem's reach, or the line is redirected. */
    private static Stream<Finding> machineInReach(Situation s) {
        return s.stems().stream()
                .flatMap(f -> f.lay().stream())
                .filter(p -> p.choice().means().isLine())
                .flatMap(p -> {
                    Means m = p.choice().means();
                    boolean hand = m.kind() == Means.Kind.HAND_LINE;
                    double needed =
                            (hand ? PULLER_LENGTHS : ANCHOR_LENGTHS) * p.zone().lengthM();
                    Optional<Double> distance = m.puller()
                            .or(m::stand)
                            .map(at -> at.distanceTo(p.stem().at()))
                            .or(m::anchorDistM);
                    return distance.filter(d -> d < needed).stream()
                            .map(d -> Finding.of(
                                    "puller:" + p.stem().label(),
                                    STOP,
                                    3,
                                    p.stem().label(),
                                    p.stem().label() + ": "
                                            + (hand ? "the people pulling stand " : "the machine stands ")
                                            + Rounding.downText(d) + " m away, " + Rounding.upText(needed)
                                            + " m are needed",
                                    hand
                                            ? "two lengths for whoever pulls by hand"
                                            : "a machine that pulls a tree onto itself",
                                    "practice rule",
                                    "a longer line, or a block and the pull from aside"));
                });
    }

    private static Stream<Finding> plate(Situation s) {
        return s.stems().stream()
                .filter(f -> f.lay().isPresent() && Zone.movedPlate(f.reading()))
                .map(f -> Finding.of(
                        "plate:" + f.reading().label(),
                        SECOND_OPINION,
                        3,
                        f.reading().label(),
                        f.reading().label()
                                + ": lay and cuts do not cover a moved root plate: it tears out, stands up "
                                + "or drops back",
                        "what holds the tree is no longer known",
                        "mechanics",
                        "a machine from outside its zone, or a second opinion"));
    }

    private static Stream<Finding> bed(Situation s) {
        return s.stems().stream().flatMap(f -> f.lay().stream()).flatMap((LayPlan p) -> p.landing().contacts().stream()
                .filter(c -> c.lifts())
                .limit(1)
                .map(c -> Finding.of(
                        "bed:" + p.stem().label() + ":" + c.id(),
                        CAUTION,
                        3,
                        p.stem().label(),
                        String.format(
                                Locale.ROOT,
                                "%s: lands on the %s at %.1f m, inside two thirds of its length; the butt rises "
                                        + "%.1f times the height of it",
                                p.stem().label(),
                                c.name(),
                                c.atM(),
                                Math.ceil(10 * p.landing().buttLiftShare().orElse(1.0)) / 10),
                        "a stem that lands short of its centre of percussion throws up its butt",
                        "mechanics",
                        "turn the lay, move the bed beyond two thirds, or acknowledge and keep clear of the butt")));
    }
}
