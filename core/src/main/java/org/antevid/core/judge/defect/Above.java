package org.antevid.core.judge.defect;

import static org.antevid.core.judge.Severity.STOP;
import static org.antevid.core.message.Dimension.HEIGHT;

import java.util.Optional;
import org.antevid.core.judge.Finding;
import org.antevid.core.message.Arg;

/** Nothing is tied above wood that has parted: it parts where it is pulled. */
final class Above {
    private Above() {}

    /** @return a stop when the planned line is tied above the fault */
    static Optional<Finding> tied(Case c) {
        return c.ropeM().filter(r -> r > c.defect().fromM()).map(r -> c.says(STOP, Consequence.TIED_ABOVE)
                .with("tie", Arg.of(HEIGHT, r)));
    }
}
