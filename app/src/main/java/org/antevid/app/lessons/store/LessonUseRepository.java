package org.antevid.app.lessons.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface LessonUseRepository extends JpaRepository<LessonUseEntity, String> {
    List<LessonUseEntity> findAllByOrderByAt();
}
