package org.antevid.app.crew.store;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** A step the plan asks for and the leader does not want; gone when it is wanted after all. */
@Entity
@Table(name = "step_not_wanted")
public class StepNotWantedEntity {
    @Id
    public String id;

    public String jobId;
    public String stepKey;
    public String reason;
    public String saidBy;
    public Instant saidAt;
}
