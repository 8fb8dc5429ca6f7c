package org.antevid.core.judge.takedown;

import static org.antevid.core.judge.Severity.SECOND_OPINION;

import java.util.stream.Stream;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;

/** Who may be up there follows from the records; the leader tightens it alone, and loosens it with a climber only. */
public final class AloftLoosened implements Rule {
    @Override
    public Stream<Finding> check(Situation s) {
        return s.place().takenDown().stream()
                .filter(t ->
                        t.reckoned().allowed().stricterThan(t.plan().aloft().allowed()))
                .map(t -> Finding.of(RuleId.ALOFT_LOOSENED, SECOND_OPINION, t.label())
                        .with("reckoned", Arg.term(t.reckoned().allowed()))
                        .with("said", Arg.term(t.plan().aloft().allowed())));
    }
}
