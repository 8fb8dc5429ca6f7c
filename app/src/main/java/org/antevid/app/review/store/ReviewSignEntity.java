package org.antevid.app.review.store;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import org.antevid.app.people.SaidByEntity;

/** That a job was reviewed, with what was missing then. */
@Entity
@Table(name = "review_sign")
@SuppressWarnings("NullAway.Init")
public class ReviewSignEntity extends SaidByEntity {
    public String jobId;

    /** Messages, as they are kept everywhere. */
    public String missing;
}
