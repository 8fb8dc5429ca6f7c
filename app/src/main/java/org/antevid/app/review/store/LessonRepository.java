package org.antevid.app.review.store;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface LessonRepository extends JpaRepository<LessonEntity, String> {
    List<LessonEntity> findByJobIdOrderByAt(String jobId);

    List<LessonEntity> findByJobIdInOrderByAtDesc(Collection<String> jobIds);
}
