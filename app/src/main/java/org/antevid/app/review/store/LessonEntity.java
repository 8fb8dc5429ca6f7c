package org.antevid.app.review.store;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** Never changed. */
@Entity
@Table(name = "lesson")
public class LessonEntity {
    @Id
    public String id;

    public String jobId;
    public String words;
    public String who;
    public Instant at;
}
