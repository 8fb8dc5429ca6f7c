package org.antevid.app.lessons.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface LessonDecisionRepository extends JpaRepository<LessonDecisionEntity, String> {
    List<LessonDecisionEntity> findAllByOrderByAt();

    List<LessonDecisionEntity> findByLessonIdOrderByAt(String lessonId);
}
