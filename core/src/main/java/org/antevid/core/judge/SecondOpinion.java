package org.antevid.core.judge;

import java.util.Set;
import java.util.stream.Collectors;
import org.antevid.core.crew.Competence;
import org.antevid.core.crew.Person;
import org.antevid.core.quantity.RefusedInput;

/**
 * Who may take a second opinion: a named person competent for the matter, neither planner nor cutter (practice rule).
 */
public final class SecondOpinion {
    private SecondOpinion() {}

    /** @throws RefusedInput saying why this person cannot take it */
    public static void require(Situation s, Finding finding, Person taker) {
        if (finding.severity() != Severity.SECOND_OPINION) {
            throw new RefusedInput(
                    "BAD_CHOICE", "findingKey", "is no second opinion; a stop is cleared by changing the plan");
        }
        Competence needed = finding.rule().competence();
        if (!taker.competences().contains(needed)) {
            throw new RefusedInput(
                    "NOT_COMPETENT", "personId", taker.name() + " is not competent for " + needed.words());
        }
        if (taker.id().equals(s.planner())) {
            throw new RefusedInput("PLANNER", "personId", taker.name() + " planned this; it takes someone else");
        }
        if (handlers(s, finding.subject()).contains(taker.id())) {
            throw new RefusedInput("CUTTER", "personId", taker.name() + " cuts or winches it; it takes someone else");
        }
    }

    private static Set<String> handlers(Situation s, Subject subject) {
        return s.ahead(subject.id())
                .flatMap(st -> st.posts().stream())
                .filter(p -> p.role().handlesTheTree())
                .map(p -> p.personId())
                .collect(Collectors.toSet());
    }
}
