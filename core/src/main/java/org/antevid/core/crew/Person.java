package org.antevid.core.crew;

import java.util.Set;

/** A person as the crew rules see them. */
public record Person(String id, String name, Set<Competence> competences) {
    public Person {
        competences = Set.copyOf(competences);
    }
}
