package org.antevid.app.crew.store;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface StepNotWantedRepository extends JpaRepository<StepNotWantedEntity, String> {
    @Query("select e from StepNotWantedEntity e where e.jobId = :jobId")
    List<StepNotWantedEntity> findByJobId(String jobId);

    @Query("select e from StepNotWantedEntity e where e.jobId = :jobId and e.stepKey = :stepKey")
    Optional<StepNotWantedEntity> findByJobIdAndStepKey(String jobId, String stepKey);
}
