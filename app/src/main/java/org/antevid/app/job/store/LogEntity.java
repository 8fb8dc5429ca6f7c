package org.antevid.app.job.store;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

@Entity
@Table(name = "log_entry")
public class LogEntity {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    public String jobId;
    public String who;
    /** A message as it is kept; what was written before there were messages stands there as it was said. */
    public String says;

    public Instant at;
}
