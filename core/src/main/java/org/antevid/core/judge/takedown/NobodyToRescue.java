package org.antevid.core.judge.takedown;

import static org.antevid.core.judge.Severity.STOP;

import java.util.stream.Stream;
import org.antevid.core.crew.Competence;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.takedown.pieces.Aloft;

/** Whoever is aloft is fetched down by somebody who stands on the ground and can. */
public final class NobodyToRescue implements Rule {
    @Override
    public Stream<Finding> check(Situation s) {
        return s.place().takenDown().stream()
                .filter(t ->
                        t.plan().coming().stream().anyMatch(p -> p.cut().way().aloft()))
                .filter(t -> t.plan().aloft().allowed().compareTo(Aloft.Allowed.NOBODY) < 0)
                .filter(t -> s.people().stream()
                        .noneMatch(p -> p.competences().contains(Competence.RESCUE)
                                && !t.climber().filter(p.id()::equals).isPresent()))
                .map(t -> Finding.of(RuleId.NO_RESCUER, STOP, t.label()));
    }
}
