package org.antevid.core.judge.stem;

import static org.antevid.core.judge.Severity.NOTE;

import java.util.stream.Stream;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;

/** Who is on the job may see what the leader did not. */
public final class CrewSightings implements Rule {
    @Override
    public Stream<Finding> check(Situation s) {
        return s.toBeWorked()
                .map(Situation.StemFacts::reading)
                .filter(r -> r.more().waiting() > 0)
                .map(r -> Finding.of(RuleId.CREW_SIGHTINGS_WAIT, NOTE, r.label())
                        .with("waiting", Arg.count(r.more().waiting())));
    }
}
