package org.antevid.core.judge.lay;

import static org.antevid.core.judge.Severity.SECOND_OPINION;

import java.util.stream.Stream;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.lay.zone.Zone;

/** What holds the tree is no longer known: lay and cuts do not cover a moved root plate. */
public final class MovedPlate implements Rule {
    @Override
    public Stream<Finding> check(Situation s) {
        return s.stems().stream()
                .filter(f -> f.lay().isPresent() && Zone.movedPlate(f.reading()))
                .map(f -> Finding.of(RuleId.MOVED_PLATE, SECOND_OPINION, f.label()));
    }
}
