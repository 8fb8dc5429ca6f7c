package org.antevid.app.lessons.store;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** Whether a lesson helped on a job. Lines are added, never changed. */
@Entity
@Table(name = "lesson_use")
@SuppressWarnings("NullAway.Init")
public class LessonUseEntity {
    @Id
    public String id;

    public String lessonId;
    public String jobId;
    public boolean helped;
    public Instant at;
    public String byId;
    public String byName;
}
