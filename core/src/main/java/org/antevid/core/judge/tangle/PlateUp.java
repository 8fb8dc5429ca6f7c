package org.antevid.core.judge.tangle;

import static org.antevid.core.judge.Severity.SECOND_OPINION;

import java.util.stream.Stream;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.stem.StemState;

/** A plate that is up may stand up again when the stem is shortened: it is held before. */
public final class PlateUp implements Rule {
    @Override
    public Stream<Finding> check(Situation s) {
        return s.place().tangle().stream()
                .flatMap(p -> p.members().stream())
                .filter(m -> m.rootPlate() && m.reading().state() == StemState.LYING)
                .map(m -> Finding.of(RuleId.PLATE_UP, SECOND_OPINION, m.label())
                        .with(
                                "behind",
                                java.util.Optional.ofNullable(s.rings().get(m.label()))
                                        .flatMap(r -> r.plateM())
                                        .map(x -> Arg.up(Dimension.DISTANCE, x))));
    }
}
