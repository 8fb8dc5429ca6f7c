package org.antevid.core.judge;

import java.util.stream.Stream;

/** One rule: looks at the plan as it stands and says what it finds. Never throws for a bad plan. */
@FunctionalInterface
public interface Rule {
    Stream<Finding> check(Situation situation);
}
