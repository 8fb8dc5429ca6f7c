package org.antevid.core.crew;

import java.util.Optional;
import java.util.OptionalLong;
import org.antevid.core.quantity.Require;

/**
 * Proof that somebody is competent.
 *
 * @param validToDay last day it is good, days since 1970-01-01; empty is not known
 * @param maxDiameterM thickest cut it allows, 0.03 to 5 m; empty is not known
 * @param trainee works under somebody only
 */
public record Proof(Competence competence, OptionalLong validToDay, Optional<Double> maxDiameterM, boolean trainee) {
    public Proof {
        maxDiameterM.ifPresent(d -> Require.within(d, 0.03, 5, "maxDiameterM"));
    }
}
