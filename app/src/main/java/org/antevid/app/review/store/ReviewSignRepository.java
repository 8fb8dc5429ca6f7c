package org.antevid.app.review.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface ReviewSignRepository extends JpaRepository<ReviewSignEntity, String> {
    @Query("select e from ReviewSignEntity e where e.jobId = :jobId order by e.at")
    List<ReviewSignEntity> findByJobIdOrderByAt(String jobId);
}
