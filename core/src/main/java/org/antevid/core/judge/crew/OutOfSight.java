package org.antevid.core.judge.crew;

import static org.antevid.core.judge.Severity.CAUTION;

import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.core.crew.Person;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Step;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;
import org.antevid.core.site.Feature;
import org.antevid.core.site.SightLine;
import org.antevid.core.site.Spot;

/**
 * Whoever gives a sign and whoever acts on it see each other where they stand, or speak by radio: the cutter and the
 * lookout, the cutter and whoever pulls; at a tangle the lookout and whoever works at it. What stands on the outline of
 * something one cannot look through, and the ground between them, are asked. Practice rule; leaves and haze are not
 * seen.
 */
public final class OutOfSight implements Rule {
    private record Placed(Step.Post post, Spot at) {}

    @Override
    public Stream<Finding> check(Situation s) {
        if (s.place().day().radioChannel().isPresent()) {
            return Stream.empty();
        }
        return s.steps().stream().filter(st -> !st.done() && st.gated()).flatMap(st -> of(s, st));
    }

    private static Stream<Finding> of(Situation s, Step st) {
        Role giver = st.kind() == Step.Kind.FELL ? Role.CUTTER : Role.LOOKOUT;
        return placed(s, st, giver).limit(1).flatMap(from -> Stream.of(Role.values())
                .filter(r -> r != giver && actsOn(s, st, r))
                .flatMap(r -> placed(s, st, r))
                .flatMap(to -> between(s, st, from, to).stream()));
    }

    private static boolean actsOn(Situation s, Step st, Role r) {
        return st.kind() == Step.Kind.FELL
                ? r == Role.LOOKOUT
                        || AtTheLine.puller(s, st).filter(p -> p == r).isPresent()
                : r == Role.WINCH || r == Role.CUTTER;
    }

    private static Stream<Placed> placed(Situation s, Step st, Role role) {
        return st.posts().stream()
                .filter(p -> p.role() == role)
                .flatMap(p -> p.stand().or(() -> atStem(s, st, role)).map(at -> new Placed(p, at)).stream());
    }

    private static Optional<Spot> atStem(Situation s, Step st, Role role) {
        return role == Role.CUTTER
                ? st.stem().flatMap(s::stem).map(f -> f.reading().at())
                : Optional.empty();
    }

    private static Optional<Finding> between(Situation s, Step st, Placed from, Placed to) {
        if (from.post.personId().equals(to.post.personId())) {
            return Optional.empty();
        }
        SightLine line = new SightLine(from.at, to.at);
        Optional<Feature> hides = line.hiddenBy(s.site());
        boolean ground = hides.isEmpty() && line.groundBetween(s.site());
        return hides.isPresent() || ground
                ? Optional.of(Finding.of(RuleId.OUT_OF_SIGHT, CAUTION, st, to.post.personId())
                        .with("from", name(s, from))
                        .with("to", name(s, to))
                        .with("thing", hides.map(f -> Arg.name(f.name()))))
                : Optional.empty();
    }

    private static Arg name(Situation s, Placed p) {
        return s.people().stream()
                .filter(x -> x.id().equals(p.post.personId()))
                .findFirst()
                .map(Person::name)
                .map(Arg::name)
                .orElseGet(() -> Arg.term(p.post.role()));
    }
}
