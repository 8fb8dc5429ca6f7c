package org.antevid.app.lessons.store;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import org.antevid.app.people.SaidByEntity;

/** Whether a lesson helped on a job. */
@Entity
@Table(name = "lesson_use")
@SuppressWarnings("NullAway.Init")
public class LessonUseEntity extends SaidByEntity {
    public String lessonId;
    public String jobId;
    public boolean helped;
}
