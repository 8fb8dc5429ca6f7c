package org.antevid.app.run.store;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.antevid.core.run.watch.WatchKind;
import org.jspecify.annotations.Nullable;

/** An instrument that watches a job, from when to when. */
@Entity
@Table(name = "instrument_in_use")
public class InstrumentEntity {
    @Id
    public String id;

    public String jobId;

    @Enumerated(EnumType.STRING)
    public WatchKind kind;

    public String number;

    @Nullable
    public String personId;

    public String putBy;
    public Instant putAt;

    @Nullable
    public String awayBy;

    @Nullable
    public Instant awayAt;

    @Nullable
    public String awayReason;
}
