package org.antevid.app.briefing.store;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** A read-back that was wrong; never changed. */
@Entity
@Table(name = "read_back_try")
public class ReadBackTryEntity {
    @Id
    public String id;

    public String briefingId;
    public String personId;
    /** How many answers. */
    public int wrong;

    public Instant at;
}
