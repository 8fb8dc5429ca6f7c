package org.antevid.app.lessons.store;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.antevid.core.learn.LessonState;

/** What somebody decided of a lesson. Lines are added, never changed. */
@Entity
@Table(name = "lesson_decision")
@SuppressWarnings("NullAway.Init")
public class LessonDecisionEntity {
    @Id
    public String id;

    public String lessonId;

    @Enumerated(EnumType.STRING)
    public LessonState.Decision decision;

    public String reason;
    public Instant at;
    public String byId;
    public String byName;
}
