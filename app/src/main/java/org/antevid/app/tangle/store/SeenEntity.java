package org.antevid.app.tangle.store;

import jakarta.persistence.Id;
import jakarta.persistence.MappedSuperclass;
import java.time.Instant;
import java.util.UUID;

/** Something that somebody saw of a stem, dated and signed; a newer look is a row of its own. */
@MappedSuperclass
public abstract class SeenEntity {
    @Id
    public String id;

    public String jobId;
    public String stemId;
    public String who;
    public Instant at;

    /** Who saw it when. */
    public void seen(String job, String stem, String name, Instant seenAt) {
        id = UUID.randomUUID().toString();
        jobId = job;
        stemId = stem;
        who = name;
        at = seenAt;
    }
}
