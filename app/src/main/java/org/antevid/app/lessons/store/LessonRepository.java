package org.antevid.app.lessons.store;

import java.util.List;
import org.antevid.core.learn.Becomes;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface LessonRepository extends JpaRepository<LessonEntity, String> {
    @Query("select e from LessonEntity e order by e.at desc")
    List<LessonEntity> findAllByOrderByAtDesc();

    @Query("select e from LessonEntity e where e.becomes = :becomes")
    List<LessonEntity> findByBecomes(Becomes becomes);
}
