package org.antevid.app.lessons.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface LessonDecisionRepository extends JpaRepository<LessonDecisionEntity, String> {
    @Query("select e from LessonDecisionEntity e order by e.at")
    List<LessonDecisionEntity> findAllByOrderByAt();

    @Query("select e from LessonDecisionEntity e where e.lessonId = :lessonId order by e.at")
    List<LessonDecisionEntity> findByLessonIdOrderByAt(String lessonId);
}
