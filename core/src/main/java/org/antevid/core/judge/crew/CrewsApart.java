package org.antevid.core.judge.crew;

import static org.antevid.core.judge.Severity.STOP;
import static org.antevid.core.message.Dimension.LENGTH;

import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Step;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;
import org.antevid.core.site.Spot;

/** Two lengths between crews: whoever works on another stem at the same time is outside this one's ring. */
public final class CrewsApart implements Rule {
    @Override
    public Stream<Finding> check(Situation s) {
        return s.fellsAhead().flatMap(a -> s.laid(a).flatMap(f -> s.steps().stream()
                .filter(b -> !b.done() && !b.id().equals(a.id()) && a.overlaps(b))
                .flatMap(b -> b.posts().stream()
                        .flatMap(p ->
                                where(s, b, p)
                                        .filter(at -> f.ring()
                                                .filter(r -> r.takesIn(at))
                                                .isPresent())
                                        .stream()
                                        .map(at -> Finding.of(RuleId.CREWS_TOO_NEAR, STOP, a, b.id(), p.personId())
                                                .with("otherTurn", Arg.count(b.turn()))
                                                .with("role", Arg.term(p.role()))
                                                .with(
                                                        "away",
                                                        Arg.down(
                                                                LENGTH,
                                                                at.distanceTo(f.reading()
                                                                        .at())))
                                                .with("worked", Arg.name(f.label())))))));
    }

    private static Optional<Spot> where(Situation s, Step st, Step.Post p) {
        return p.stand()
                .or(() -> p.role() == Role.CUTTER
                        ? st.stem().flatMap(s::stem).map(f -> f.reading().at())
                        : Optional.empty());
    }
}
