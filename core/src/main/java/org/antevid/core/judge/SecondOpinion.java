package org.antevid.core.judge;

import java.util.Set;
import java.util.stream.Collectors;
import org.antevid.core.crew.Competence;
import org.antevid.core.crew.Person;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;

/**
 * Who may take a second opinion: a named person competent for the matter, neither planner nor cutter (practice rule).
 */
public final class SecondOpinion {
    private SecondOpinion() {}

    /** @throws RefusedInput saying why this person cannot take it */
    public static void require(Situation s, Finding finding, Person taker) {
        if (finding.severity() != Severity.SECOND_OPINION) {
            throw new RefusedInput(Refusal.NO_SECOND_OPINION, "findingKey");
        }
        Competence needed = finding.rule().competence();
        if (!taker.competences().contains(needed)) {
            throw new RefusedInput(
                    Message.of(Refusal.NOT_COMPETENT)
                            .with("who", Arg.name(taker.name()))
                            .with("competence", Arg.term(needed)),
                    "personId");
        }
        if (taker.id().equals(s.planner())) {
            throw new RefusedInput(Message.of(Refusal.PLANNER).with("who", Arg.name(taker.name())), "personId");
        }
        if (handlers(s, finding.subject()).contains(taker.id())) {
            throw new RefusedInput(Message.of(Refusal.CUTTER).with("who", Arg.name(taker.name())), "personId");
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
