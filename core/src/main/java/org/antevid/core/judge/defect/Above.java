package org.antevid.core.judge.defect;

import java.util.Optional;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Severity;

/** Nothing is tied above wood that may part. */
final class Above {
    private Above() {}

    /** @return a stop when the planned line is tied above the fault */
    static Optional<Finding> tied(Case c) {
        return c.ropeM()
                .filter(r -> r > c.defect().fromM())
                .map(r -> c.says(
                        Severity.STOP,
                        "the line is tied above it, at " + Case.metres(r),
                        "a cracked stem parts where it is pulled",
                        "practice rule",
                        "tie the line below it, or choose other means"));
    }
}
