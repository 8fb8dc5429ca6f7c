package org.antevid.app.takedown.store;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** Who hangs in the tree said No. */
@Entity
@Table(name = "climbers_no")
public class ClimbersNoEntity {
    @Id
    public String id;

    public String jobId;
    public String stemId;
    public String climberId;
    public double atM;

    /** Who entered it: the climber, or who saw the sign. */
    public String who;

    public Instant at;

    @Nullable
    public String endedBy;

    @Nullable
    public Instant endedAt;
}
