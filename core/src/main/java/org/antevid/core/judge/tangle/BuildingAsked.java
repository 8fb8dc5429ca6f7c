package org.antevid.core.judge.tangle;

import static org.antevid.core.judge.Severity.STOP;

import java.util.stream.Stream;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.judge.Subject;
import org.antevid.core.message.Arg;

/** Before anything is lifted off a building, a vehicle or a fence: people out, seen from inside, gas and power off. */
public final class BuildingAsked implements Rule {
    @Override
    public Stream<Finding> check(Situation s) {
        return s.place().tangle().stream()
                .flatMap(p -> p.struck().stream())
                .filter(b -> !b.open().isEmpty())
                .map(b -> Finding.of(RuleId.BUILDING_NOT_ASKED, STOP, new Subject.Place(b.id(), b.name()))
                        .with("place", Arg.name(b.name()))
                        .with("open", Arg.terms(b.open())));
    }
}
