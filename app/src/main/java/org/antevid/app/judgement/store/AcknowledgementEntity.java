package org.antevid.app.judgement.store;

import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.antevid.core.message.Grounds;
import org.jspecify.annotations.Nullable;

/** A caution somebody has taken note of, with its words at that time; never changed. */
@Entity
@Table(name = "acknowledgement")
public class AcknowledgementEntity {
    @Id
    public String id;

    public String jobId;
    public String findingKey;
    public String words;

    /** What it rested on; empty for those older than it was kept: they hold no longer. */
    @Nullable
    @Convert(converter = GroundsColumn.class)
    public Grounds grounds;

    public String who;
    public Instant at;
}
