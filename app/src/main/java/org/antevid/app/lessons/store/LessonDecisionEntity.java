package org.antevid.app.lessons.store;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import org.antevid.app.people.SaidByEntity;
import org.antevid.core.learn.LessonState;

/** What somebody decided of a lesson. */
@Entity
@Table(name = "lesson_decision")
@SuppressWarnings("NullAway.Init")
public class LessonDecisionEntity extends SaidByEntity {
    public String lessonId;

    @Enumerated(EnumType.STRING)
    public LessonState.Decision decision;

    public String reason;
}
