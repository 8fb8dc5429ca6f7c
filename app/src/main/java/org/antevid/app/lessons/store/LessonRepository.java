package org.antevid.app.lessons.store;

import java.util.List;
import org.antevid.core.learn.Becomes;
import org.springframework.data.jpa.repository.JpaRepository;

public interface LessonRepository extends JpaRepository<LessonEntity, String> {
    List<LessonEntity> findAllByOrderByAtDesc();

    List<LessonEntity> findByBecomes(Becomes becomes);
}
