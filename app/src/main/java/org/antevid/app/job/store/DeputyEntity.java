package org.antevid.app.job.store;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** Somebody who was asked to be the leader's deputy, and how it went on. */
@Entity
@Table(name = "deputy")
public class DeputyEntity {
    @Id
    public String id;

    public String jobId;
    public String personId;
    public String offeredBy;
    public Instant offeredAt;

    @Nullable
    public Instant acceptedAt;

    @Nullable
    public Instant endedAt;

    @Nullable
    public String endedBy;
}
