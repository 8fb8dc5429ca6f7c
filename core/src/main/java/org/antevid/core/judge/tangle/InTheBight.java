package org.antevid.core.judge.tangle;

import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.site.Shape;
import org.antevid.core.tangle.picture.Member;

/** Nobody stands inside the bend of a line that is redirected: it strikes there when block or line gives. */
public final class InTheBight implements Rule {
    @Override
    public Stream<Finding> check(Situation s) {
        return s.place().tangle().stream().flatMap(p -> p.members().stream()).flatMap(m -> bight(m).stream()
                .flatMap(ground -> StandsIn.of(s, m, ground, RuleId.STANDS_IN_BIGHT)));
    }

    private static Optional<Shape> bight(Member m) {
        return m.dragLine()
                .flatMap(l -> l.bight(
                        m.pose().map(p -> p.butt().at()).orElse(m.reading().at())));
    }
}
