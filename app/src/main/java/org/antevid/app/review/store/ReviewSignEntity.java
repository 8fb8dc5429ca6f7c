package org.antevid.app.review.store;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** That a job was reviewed, with what was missing then. Lines are added, never changed. */
@Entity
@Table(name = "review_sign")
@SuppressWarnings("NullAway.Init")
public class ReviewSignEntity {
    @Id
    public String id;

    public String jobId;

    /** Messages, as they are kept everywhere. */
    public String missing;

    public Instant at;
    public String byId;
    public String byName;
}
