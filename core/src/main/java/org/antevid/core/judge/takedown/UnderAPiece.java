package org.antevid.core.judge.takedown;

import static org.antevid.core.judge.Severity.STOP;
import static org.antevid.core.message.Dimension.LENGTH;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.core.crew.Step;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.judge.crew.PieceSteps;
import org.antevid.core.message.Arg;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Spot;
import org.antevid.core.takedown.step.PiecePart;

/**
 * Nobody but whoever cuts stands where a piece can end while it comes down, a line or none; neither does anybody whose
 * own step runs at the same time. Practice rule.
 */
public final class UnderAPiece implements Rule {
    @Override
    public Stream<Finding> check(Situation s) {
        return s.steps().stream()
                .filter(st -> !st.done() && st.takesPieces())
                .flatMap(st -> PieceSteps.briefed(s, st).stream().flatMap(p -> at(s, st, p)));
    }

    private static Stream<Finding> at(Situation s, Step st, PiecePart piece) {
        List<Shape> zones = piece.zone().stream().map(Shape::polygon).toList();
        Optional<Spot> foot = st.stem().flatMap(s::stem).map(f -> f.reading().at());
        return s.steps().stream()
                .filter(o -> !o.done() && (o.id().equals(st.id()) || o.overlaps(st)))
                .flatMap(o -> o.posts().stream().filter(p -> !p.role().cuts()).flatMap(p -> p
                        .stand()
                        .filter(at -> zones.stream().anyMatch(z -> z.distanceTo(at) <= 0)
                                || !o.id().equals(st.id()) && near(piece, foot, at))
                        .stream()
                        .map(at -> found(s, st, piece, p, foot.map(at::distanceTo)))));
    }

    /** Who has no part in it keeps off as far as it can end should the line go. */
    private static boolean near(PiecePart piece, Optional<Spot> foot, Spot at) {
        return foot.filter(
                        f -> piece.keepOffM().filter(m -> f.distanceTo(at) >= m).isEmpty())
                .isPresent();
    }

    private static Finding found(Situation s, Step st, PiecePart piece, Step.Post p, Optional<Double> awayM) {
        return Finding.of(RuleId.UNDER_PIECE, STOP, st, p.personId())
                .with("person", Arg.name(name(s, p)))
                .with("role", Arg.term(p.role()))
                .with("away", awayM.map(m -> Arg.down(LENGTH, m)))
                .with("ring", piece.keepOffM().map(m -> Arg.up(LENGTH, m)))
                .with("stem", st.stem().map(Arg::name));
    }

    private static String name(Situation s, Step.Post p) {
        return s.people().stream()
                .filter(x -> x.id().equals(p.personId()))
                .findFirst()
                .map(x -> x.name())
                .orElseGet(p::personId);
    }
}
