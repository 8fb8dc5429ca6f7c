package org.antevid.app.judgement.store;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** A second opinion as it was taken; never changed. */
@Entity
@Table(name = "opinion")
public class OpinionEntity {
    @Id
    public String id;

    public String jobId;
    public String findingKey;
    public String takerId;
    public boolean byTelephone;
    public String phone;
    public String shown;

    @Nullable
    public Instant calledAt;

    public String readBack;
    public String signInId;
    public String enteredBy;
    public Instant takenAt;
}
