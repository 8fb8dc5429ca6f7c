package org.antevid.core.crew;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;

/**
 * A person as the crew rules see them.
 *
 * @param proofs of competences, one each at most; a competence without one is held and its proof not known
 */
public record Person(String id, String name, Set<Competence> competences, List<Proof> proofs, Presence presence) {
    /**
     * When somebody is on site, minutes from the start of work.
     *
     * @param toMin gone from this minute on; empty for the whole day
     */
    public record Presence(int fromMin, OptionalInt toMin) {
        public static final Presence WHOLE_DAY = new Presence(0, OptionalInt.empty());

        public Presence {
            Require.within(fromMin, 0, 1440, "fromMin");
            toMin.ifPresent(to -> Require.within(to, 1, 1440, "toMin"));
            if (toMin.isPresent() && toMin.getAsInt() <= fromMin) {
                throw new RefusedInput(
                        Message.of(Refusal.ENDS_BEFORE_START).with("start", Arg.count(fromMin)), "toMin");
            }
        }
    }

    public Person {
        competences = Set.copyOf(competences);
        proofs = List.copyOf(proofs);
    }

    /** Somebody of whom no proof is recorded, here for the whole day. */
    public Person(String id, String name, Set<Competence> competences) {
        this(id, name, competences, List.of(), Presence.WHOLE_DAY);
    }

    public Person here(Presence when) {
        return new Person(id, name, competences, proofs, when);
    }

    public Optional<Proof> proof(Competence of) {
        return proofs.stream().filter(p -> p.competence() == of).findFirst();
    }
}
