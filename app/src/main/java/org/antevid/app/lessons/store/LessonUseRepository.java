package org.antevid.app.lessons.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface LessonUseRepository extends JpaRepository<LessonUseEntity, String> {
    @Query("select e from LessonUseEntity e order by e.at")
    List<LessonUseEntity> findAllByOrderByAt();
}
