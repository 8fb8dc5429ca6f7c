package org.antevid.app.review.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface OutcomeRepository extends JpaRepository<OutcomeEntity, String> {
    @Query("select e from OutcomeEntity e where e.jobId = :jobId order by e.at")
    List<OutcomeEntity> findByJobIdOrderByAt(String jobId);

    @Query("select e from OutcomeEntity e where e.jobId = :jobId and e.stem = :stem")
    List<OutcomeEntity> findByJobIdAndStem(String jobId, String stem);
}
