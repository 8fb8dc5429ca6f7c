package org.antevid.app.people.store;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalLong;
import org.antevid.core.crew.Competence;
import org.antevid.core.crew.Proof;
import org.jspecify.annotations.Nullable;

/** Proof of one competence, with who confirmed it and when. */
@Embeddable
public class ProofPart {
    @Enumerated(EnumType.STRING)
    public Competence competence;

    @Nullable
    public LocalDate validTo;

    @Nullable
    public Double maxDiameterM;

    public boolean trainee;
    public String proof;
    public String confirmedBy;
    public Instant confirmedAt;

    /** @return whether it says the same as another, whoever confirmed it */
    public boolean says(ProofPart o) {
        return competence == o.competence
                && Objects.equals(validTo, o.validTo)
                && Objects.equals(maxDiameterM, o.maxDiameterM)
                && trainee == o.trainee
                && proof.equals(o.proof);
    }

    Proof forCore() {
        return new Proof(
                competence,
                validTo == null ? OptionalLong.empty() : OptionalLong.of(validTo.toEpochDay()),
                Optional.ofNullable(maxDiameterM),
                trainee);
    }
}
