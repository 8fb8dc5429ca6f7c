package org.antevid.core.crew.roster;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;
import java.util.Set;

/**
 * Somebody who can be given a slot.
 *
 * @param fromMin on site from this minute
 * @param toMin gone from this minute on; empty for the whole day
 * @param certs proof of competences; read with field rules
 */
public record Hand(String id, Set<String> competences, int fromMin, OptionalInt toMin, List<Cert> certs) {
    /**
     * Proof of one competence.
     *
     * @param validToDay last day it is good, days since 1970-01-01; empty is not known
     * @param maxDiameterM thickest cut it allows; empty is not known
     * @param trainee works under somebody only
     */
    public record Cert(String competence, OptionalLong validToDay, Optional<Double> maxDiameterM, boolean trainee) {}

    public Hand {
        competences = Set.copyOf(competences);
        certs = List.copyOf(certs);
    }

    Optional<Cert> cert(String competence) {
        return certs.stream().filter(c -> c.competence.equals(competence)).findFirst();
    }

    boolean onSite(int t) {
        return t >= fromMin && (toMin.isEmpty() || t < toMin.getAsInt());
    }
}
