package org.antevid.app.briefing.store;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** A person's signature under a briefing, given after the read-back; never changed. */
@Entity
@Table(name = "signature")
public class SignatureEntity {
    @Id
    public String id;

    public String briefingId;
    public String personId;
    public Instant signedAt;
    /** Of the briefing as it was signed. */
    public String hash;
}
