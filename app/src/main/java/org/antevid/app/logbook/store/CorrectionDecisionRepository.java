package org.antevid.app.logbook.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface CorrectionDecisionRepository extends JpaRepository<CorrectionDecisionEntity, String> {
    @Query("select e from CorrectionDecisionEntity e where e.jobId = :jobId order by e.at")
    List<CorrectionDecisionEntity> findByJobIdOrderByAt(String jobId);

    @Query("select distinct d.jobId from CorrectionDecisionEntity d")
    List<String> jobs();
}
