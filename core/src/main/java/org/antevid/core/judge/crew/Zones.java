package org.antevid.core.judge.crew;

import static org.antevid.core.judge.Severity.CAUTION;
import static org.antevid.core.judge.Severity.STOP;

import java.util.EnumSet;
import java.util.Set;
import java.util.stream.Stream;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Step;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.zone.Zone;
import org.antevid.core.message.Arg;
import org.antevid.core.site.FeatureKind;
import org.antevid.core.site.Spot;

/** Who and what stands in the ground that is kept clear while a stem is felled. */
public final class Zones implements Rule {
    private static final double OPERATOR_M = 4;
    private static final Set<FeatureKind> PLACES =
            EnumSet.of(FeatureKind.MACHINE_STAND, FeatureKind.WORK_POSITION, FeatureKind.MEETING_POINT);

    @Override
    public Stream<Finding> check(Situation s) {
        return s.fellsAhead().flatMap(st -> s.laid(st)
                .flatMap(f -> Stream.of(people(st, f), things(s, st, f)).flatMap(x -> x)));
    }

    /** A clipped ring lets people stand where a smaller zone may still reach: each zone is asked on its own. */
    private static Stream<Finding> people(Step st, Situation.StemFacts f) {
        return f.zones().stream().filter(z -> z.kind() != Zone.Kind.RING).flatMap(z -> st.posts().stream()
                .filter(p -> p.role() != Role.CUTTER
                        && p.stand().filter(z::takesIn).isPresent()
                        && !(z.kind() == Zone.Kind.LINE
                                && p.role() == Role.WINCH
                                && atTheEnd(f, p.stand().get())))
                .map(p -> Finding.of(RuleId.STANDS_IN_ZONE, STOP, st, z.kind().name(), p.personId())
                        .with("role", Arg.term(p.role()))
                        .with("zone", Arg.term(z.kind()))
                        .with("worked", Arg.name(f.label()))));
    }

    /**
     * Machines, work positions and the meeting point as they are drawn on the plan. The machine that pulls stands at
     * its line's end.
     */
    private static Stream<Finding> things(Situation s, Step st, Situation.StemFacts f) {
        return s.site().features().stream()
                .filter(x -> PLACES.contains(x.kind()))
                .filter(x -> !(x.kind() == FeatureKind.MACHINE_STAND
                        && atTheEnd(f, x.shape().mark())))
                .flatMap(x -> f.zones().stream()
                        .filter(z -> z.area().distanceTo(x.shape()) <= 0)
                        .limit(1)
                        .map(z -> Finding.of(RuleId.PLACE_IN_ZONE, CAUTION, st, x.id())
                                .with("kind", Arg.term(x.kind()))
                                .with("place", Arg.name(x.name()))
                                .with("zone", Arg.term(z.kind()))
                                .with("worked", Arg.name(f.label()))));
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
}
