package org.antevid.app.tangle.store;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** A part of a stem nobody could see; ended when somebody looked. */
@Entity
@Table(name = "hidden_part")
public class HiddenPartEntity {
    @Id
    public String id;

    public String jobId;
    public String stemId;
    public double fromM;
    public double toM;

    @Nullable
    public String endedBy;

    @Nullable
    public Instant endedAt;

    public String who;
    public Instant at;
}
