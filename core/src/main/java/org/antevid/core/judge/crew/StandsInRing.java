package org.antevid.core.judge.crew;

import static org.antevid.core.judge.Severity.STOP;
import static org.antevid.core.message.Dimension.LENGTH;

import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Step;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Margin;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Spot;
import org.antevid.core.tangle.GuardRing;
import org.antevid.core.tangle.Pile;
import org.antevid.core.tangle.picture.Picture;

/**
 * While the saw runs only the cutter is inside the ring; while a stem that hangs or is tied is severed, cut or brought
 * down, only those who handle it are.
 */
public final class StandsInRing implements Rule {
    /** How far nobody comes near, and what from. */
    private record Ring(double radiusM, ToDoubleFunction<Spot> away, Predicate<Spot> takesIn) {}

    @Override
    public Stream<Finding> check(Situation s) {
        return s.steps().stream().filter(st -> !st.done()).flatMap(st -> st.stem().flatMap(s::stem).stream()
                .flatMap(f -> of(s, st, f)));
    }

    private static Stream<Finding> of(Situation s, Step st, Situation.StemFacts f) {
        List<Step.Post> stands = st.posts().stream()
                .filter(p -> !p.role().handlesTheTree() || st.kind() == Step.Kind.FELL)
                .filter(p -> p.role() != Role.CUTTER && p.stand().isPresent())
                .toList();
        if (stands.isEmpty()) {
            return Stream.empty();
        }
        Optional<Ring> ring = ring(s, st, f);
        return ring.stream().flatMap(r -> stands.stream()
                .filter(p -> r.takesIn.test(p.stand().orElseThrow()))
                .map(p -> said(st, f, r, p)));
    }

    private static Finding said(Step st, Situation.StemFacts f, Ring ring, Step.Post p) {
        double away = ring.away.applyAsDouble(p.stand().orElseThrow());
        return Finding.of(RuleId.STANDS_IN_RING, STOP, st, p.personId())
                .with("role", Arg.term(p.role()))
                .with("away", Arg.down(LENGTH, away))
                .with("worked", Arg.name(f.label()))
                .with("ring", Arg.up(LENGTH, ring.radiusM))
                .with(Margin.atLeast(LENGTH, away, ring.radiusM));
    }

    private static Optional<Ring> ring(Situation s, Step st, Situation.StemFacts f) {
        ToDoubleFunction<Spot> foot = at -> at.distanceTo(f.reading().at());
        return switch (st.kind()) {
            case FELL ->
                f.lay()
                        .map(l -> new Ring(l.zone().exclusionM(), foot, at -> f.ring()
                                .filter(z -> z.takesIn(at))
                                .isPresent()));
            case CLEAR, ALOFT -> Optional.empty();
            case RELEASE, CROSSCUT, PREPARE ->
                s.hangs().stream()
                        .filter(h -> h.hung().equals(f.label()))
                        .map(Situation.Hang::keepOutM)
                        .max(Double::compare)
                        .map(m -> new Ring(m, foot, at -> foot.applyAsDouble(at) < m))
                        .or(() -> tied(s, f));
        };
    }

    /** A lying stem that is tied jumps as far as what it is tied to lets it; one that only lies does not. */
    private static Optional<Ring> tied(Situation s, Situation.StemFacts f) {
        Optional<Picture> picture = s.place().tangle().filter(p -> bound(p, f.label()));
        Optional<GuardRing> ring =
                picture.flatMap(p -> Optional.ofNullable(s.rings().get(f.label())));
        return picture.flatMap(p -> p.member(f.label())
                .flatMap(m -> ring.map(r -> {
                    Shape closed = p.closed(m, r, Situation.Hang.WHOLE_SLOPE_M);
                    return new Ring(
                            r.reachM().orElse(Situation.Hang.WHOLE_SLOPE_M),
                            Shape.line(m.axis())::distanceTo,
                            at -> closed.distanceTo(at) <= 0);
                })));
    }

    private static boolean bound(Picture p, String label) {
        return p.allRelations().stream()
                .anyMatch(r -> r.type() == Pile.Type.BOUND && (r.a().equals(label) || r.b().equals(label)));
    }
}
