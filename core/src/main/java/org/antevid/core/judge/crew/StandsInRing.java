package org.antevid.core.judge.crew;

import static org.antevid.core.judge.Severity.STOP;
import static org.antevid.core.message.Dimension.LENGTH;

import java.util.stream.Stream;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Step;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Margin;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;
import org.antevid.core.site.Spot;

/**
 * While the saw runs only the cutter is inside the ring; while a hung stem is brought down only the winch's operator is
 * named.
 */
public final class StandsInRing implements Rule {
    @Override
    public Stream<Finding> check(Situation s) {
        return s.steps().stream().filter(st -> !st.done()).flatMap(st -> st.posts().stream()
                .filter(p -> !p.role().handlesTheTree() || st.kind() == Step.Kind.FELL)
                .filter(p -> p.role() != Role.CUTTER && p.stand().isPresent())
                .flatMap(p -> st.stem().flatMap(s::stem).stream()
                        .filter(f -> inside(s, st, f, p.stand().get()))
                        .map(f -> said(s, st, f, p))));
    }

    private static Finding said(Situation s, Step st, Situation.StemFacts f, Step.Post p) {
        double away = p.stand().orElseThrow().distanceTo(f.reading().at());
        return Finding.of(RuleId.STANDS_IN_RING, STOP, st, p.personId())
                .with("role", Arg.term(p.role()))
                .with("away", Arg.down(LENGTH, away))
                .with("worked", Arg.name(f.label()))
                .with("ring", Arg.up(LENGTH, ringM(s, st, f)))
                .with(Margin.atLeast(LENGTH, away, ringM(s, st, f)));
    }

    private static boolean inside(Situation s, Step st, Situation.StemFacts f, Spot stand) {
        return st.kind() == Step.Kind.FELL
                ? f.ring().filter(z -> z.takesIn(stand)).isPresent()
                : stand.distanceTo(f.reading().at()) < ringM(s, st, f);
    }

    private static double ringM(Situation s, Step st, Situation.StemFacts f) {
        return switch (st.kind()) {
            case FELL -> f.lay().map(l -> l.zone().exclusionM()).orElse(0.0);
            case RELEASE ->
                s.hangs().stream()
                        .filter(h -> h.hung().equals(f.label()))
                        .mapToDouble(Situation.Hang::keepOutM)
                        .max()
                        .orElse(0);
            case CROSSCUT, CLEAR, PREPARE -> 0;
        };
    }
}
