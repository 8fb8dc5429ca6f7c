package org.antevid.core.judge.takedown;

import static org.antevid.core.judge.Severity.CAUTION;

import java.util.EnumSet;
import java.util.Set;
import java.util.stream.Stream;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.stem.Verdict;

/** Chosen to come down in pieces, and none is planned yet. */
public final class PiecesNotPlanned implements Rule {
    private static final Set<Verdict> IN_PIECES = EnumSet.of(Verdict.DISMANTLE, Verdict.CRANE);

    @Override
    public Stream<Finding> check(Situation s) {
        return s.toBeWorked()
                .map(Situation.StemFacts::label)
                .filter(l -> IN_PIECES.contains(s.place().chosen().getOrDefault(l, Verdict.FELL_FROM_GROUND)))
                .filter(l -> s.place().takenDown().stream()
                        .noneMatch(
                                t -> t.label().equals(l) && !t.plan().pieces().isEmpty()))
                .map(l -> Finding.of(RuleId.NO_PIECES, CAUTION, l));
    }
}
